import type { Divided, Form, Layout, TierWorkup, Worn } from '../api/client';
import { ROW } from './projection';

/**
 * The wall of a ring's hole as a side of its own, unrolled as if seen through the cake: marks and pieces stand where they do on
 * the outer side, every length along it as much shorter as the hole is smaller. Its pieces are as large as they are.
 */
export function innerSide({
  form,
  divisions,
  dressings,
}: Pick<TierWorkup, 'form' | 'divisions' | 'dressings'>) {
  const seen = form.surfaces.find((s) => s.kind === 'inner');
  if (!seen) {
    return null;
  }
  const share = seen.around / form.foot.mm;
  const known = { ...form.foot, mm: seen.around };
  const inner: Form = {
    ...form,
    foot: known,
    top: known,
    height: { ...form.height, mm: seen.depth },
    taper: 0,
    outline: seen.rim.map((p) => ({ ...p, s: p.s * share })),
  };
  return {
    share,
    form: inner,
    divided: (id: string) => shrunk(divisions.find((d) => d.id === id) ?? divisions[0]!, share),
    dressings: dressings.filter((w) => w.surface === 'inner').map((w) => moved(w, share)),
  };
}

function shrunk(divided: Divided, share: number): Divided {
  return {
    ...divided,
    marks: divided.marks.map((m) => ({
      ...m,
      s: m.s * share,
      tape: m.tape * share,
      fromFirst: m.fromFirst * share,
    })),
    sections: divided.sections.map((s) => ({ ...s, arc: s.arc * share })),
  };
}

const layouts = new WeakMap<Layout, Layout>();

/** Kept for a layout, so that what is not changed is not drawn anew. */
export function moved(worn: Worn, share: number): Worn {
  let layout = layouts.get(worn.layout);
  if (!layout) {
    const placements = worn.layout.placements.map((n, i) => (i % ROW === 1 ? n * share : n));
    layout = { ...worn.layout, placements };
    layouts.set(worn.layout, layout);
  }
  return { ...worn, surface: 'side', layout };
}
