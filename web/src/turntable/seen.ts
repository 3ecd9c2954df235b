import type { BenchPlace, BenchState, BenchStep, PieceWorkup, TierWorkup, Worn } from '../api/client';
import { ROW } from '../band/projection';
import type { Now } from './flow';

/** What the turning view shows of the cake at a step. */
export interface OnCake {
  tiers: TierWorkup[];
  pieces: PieceWorkup[];
  /** The next piece, as a dressing of its own, and on which tier. */
  lit: { tier: string; worn: Worn } | null;
}

const PLACE = 'place';

/** Only some rows of a layout. */
export function only(worn: Worn, rows: ReadonlySet<number> | readonly number[]): Worn {
  const { layout } = worn;
  const kept: number[] = [];
  const standing: number[] = [];
  const all = [...rows].sort((a, b) => a - b);
  for (const row of all) {
    for (let i = 0; i < ROW; i++) {
      kept.push(layout.placements[row * ROW + i]!);
    }
    if (layout.standing.length > 0) {
      standing.push(layout.standing[row * 2]!, layout.standing[row * 2 + 1]!);
    }
  }
  return { ...worn, layout: { ...layout, placements: kept, standing } };
}

/** Rows that are guides or tones: they are there as soon as the work on it has begun. */
function groundRows(worn: Worn): number[] {
  const rows: number[] = [];
  const { placements, shapes } = worn.layout;
  for (let row = 0; row * ROW < placements.length; row++) {
    const role = shapes[placements[row * ROW]!]?.role;
    if (role === 'guide' || role === 'tone') {
      rows.push(row);
    }
  }
  return rows;
}

/** How far every dressing is: null for those that are whole, else their steps. */
function isPast(state: BenchState, steps: readonly BenchStep[], index: number): boolean {
  const progress = state.steps[index]?.progress;
  return steps[index] !== undefined && (progress === 'done' || progress === 'skipped');
}

/**
 * Only what is on the cake so far: tiers that stand, or the one that is worked on alone before it is stacked; dressings as far as
 * they are laid; pieces that are set. What is skipped is not there.
 */
export function onCake(
  workup: readonly TierWorkup[],
  pieces: readonly PieceWorkup[],
  steps: readonly BenchStep[],
  state: BenchState,
  now: Now,
  places: readonly BenchPlace[],
): OnCake {
  const done = (index: number) => state.steps[index]?.progress === 'done';
  const of = (kind: string, tier: string) =>
    steps.flatMap((s, i) => (s.told.kind === kind && s.told.tier === tier ? [i] : []));
  const stands = (tier: string) => {
    const stack = of('stack', tier);
    return stack.length === 0 || stack.every((i) => isPast(state, steps, i));
  };
  const { told } = now.step;
  const alone = told.tier !== '' && !stands(told.tier) && told.kind !== 'stack';
  const shown = workup.filter((t) =>
    alone ? t.id === told.tier : stands(t.id) || (told.kind === 'stack' && t.id === told.tier),
  );
  const counted = (i: number) => state.steps[i]?.count ?? 0;
  const tiers = (shown.length > 0 ? shown : workup.slice(0, 1)).map((tier) => ({
    ...tier,
    dressings: tier.dressings.flatMap((worn) => {
      const own = steps.flatMap((s, i) =>
        s.told.kind === 'dress' && s.told.tier === tier.id && s.told.about === worn.id ? [i] : [],
      );
      if (own.length === 0 || own.every(done)) {
        return own.length > 0 ? [worn] : [];
      }
      if (!own.some((i) => done(i) || counted(i) > 0)) {
        return [];
      }
      const at = own.includes(now.index) && now.step.division === '' ? places : [];
      const laid = at.slice(0, now.state.count).flatMap((p) => p.rows);
      return [only(worn, new Set([...groundRows(worn), ...laid]))];
    }),
  }));
  const set = (piece: PieceWorkup) => {
    const index = steps.findIndex((s) => s.told.kind === PLACE && s.told.about === piece.id);
    if (index < 0 || done(index)) {
      return index < 0 ? 0 : piece.places.length;
    }
    return counted(index);
  };
  return {
    tiers,
    pieces: pieces.flatMap((p) => {
      const many = set(p);
      return many > 0 ? [{ ...p, places: p.places.slice(0, many) }] : [];
    }),
    lit: litOf(workup, now, places),
  };
}

function litOf(workup: readonly TierWorkup[], now: Now, places: readonly BenchPlace[]): OnCake['lit'] {
  const next = places[now.state.count];
  const worn = workup
    .find((t) => t.id === now.step.told.tier)
    ?.dressings.find((w) => w.id === now.step.told.about);
  if (next === undefined || worn === undefined || now.step.division !== '' || now.state.progress === 'done') {
    return null;
  }
  return { tier: now.step.told.tier, worn: { ...only(worn, next.rows), id: 'next' } };
}
