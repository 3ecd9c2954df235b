import { describe, expect, it } from 'vitest';

const SOURCES = import.meta.glob<string>(['./**/*.{ts,tsx}', '!./**/*.test.*', '!./**/*.generated.ts'], {
  query: '?raw',
  import: 'default',
  eager: true,
});

type Graph = Map<string, Set<string>>;

function link(graph: Graph, from: string, to: string): void {
  if (from !== to) {
    graph.set(from, (graph.get(from) ?? new Set()).add(to));
  }
}

/** Where an import points, as its file is named here; undefined for a package or a style sheet. */
function target(from: string, written: string): string | undefined {
  const path = new URL(written, `http://x/${from.slice(2)}`).pathname;
  return ['.ts', '.tsx'].map((end) => `.${path}${end}`).find((file) => file in SOURCES);
}

const folder = (file: string) => file.split('/').slice(1, -1).join('/') || 'the page itself';

function graphOf(name: (file: string) => string): Graph {
  const graph: Graph = new Map();
  for (const [file, text] of Object.entries(SOURCES)) {
    for (const found of text.matchAll(/(?:from|import\()\s*'(\.[^']+)'/g)) {
      const to = target(file, found[1]!);
      if (to !== undefined) {
        link(graph, name(file), name(to));
      }
    }
  }
  return graph;
}

/** A way from one back to itself, or nothing. */
function ring(graph: Graph): string[] {
  const done = new Set<string>();
  const walk = (at: string, path: readonly string[]): string[] => {
    if (path.includes(at)) {
      return [...path.slice(path.indexOf(at)), at];
    }
    if (done.has(at)) {
      return [];
    }
    for (const next of graph.get(at) ?? []) {
      const found = walk(next, [...path, at]);
      if (found.length > 0) {
        return found;
      }
    }
    done.add(at);
    return [];
  };
  for (const start of graph.keys()) {
    const found = walk(start, []);
    if (found.length > 0) {
      return found;
    }
  }
  return [];
}

describe('the rooms of the screens', () => {
  it('are all seen here', () => {
    expect(Object.keys(SOURCES).length).toBeGreaterThan(120);
    expect(graphOf(folder).get('dress')).toContain('band');
  });

  it('folders do not import each other in a ring', () => {
    expect(ring(graphOf(folder))).toEqual([]);
  });

  it('nor do files', () => {
    expect(ring(graphOf((file) => file))).toEqual([]);
  });

  it('a ring would be found', () => {
    const graph: Graph = new Map();
    for (const [a, b] of [
      ['a', 'b'],
      ['b', 'c'],
      ['c', 'b'],
    ] as const) {
      link(graph, a, b);
    }
    expect(ring(graph)).toEqual(['b', 'c', 'b']);
  });

  it.each(['craft', 'api', 'ui', 'units', 'band', 'plan'])('%s knows no stage', (low) => {
    const known = [...(graphOf(folder).get(low) ?? [])];
    expect(known.filter((f) => !['craft', 'api', 'ui', 'units', 'band', 'plan'].includes(f))).toEqual([]);
  });
});

describe('what is typed', () => {
  const MARKUP =
    /dangerouslySet|(?:inner|outer)HTML|insertAdjacentHTML|document\.write|srcdoc|\beval\(|new Function\(/;

  it.each(['node.innerHTML = typed', 'eval(typed)', '<p dangerouslySetInnerHTML={{ __html: typed }} />'])(
    'would be seen as markup or a program in %s',
    (written) => expect(written).toMatch(MARKUP),
  );

  it('becomes neither in any source', () => {
    expect(Object.keys(SOURCES).filter((file) => MARKUP.test(SOURCES[file]!))).toEqual([]);
  });
});
