import type { Plan, TierWorkup } from '../api/client';

export type Point = readonly [number, number];

/** Where each tier's axis is beside the lowest one's, mm to the right and away from the front; what the upper ones stand on. */
export function axes(plan: Plan): Map<string, Point> {
  let at: Point = [0, 0];
  return new Map(
    plan.tiers.map((t, i) => {
      const shift = i === 0 ? undefined : plan.stand?.shifts?.[t.id];
      at = [at[0] + (shift?.x ?? 0), at[1] + (shift?.y ?? 0)];
      return [t.id, at];
    }),
  );
}

/** How high each tier's foot is above the lowest's, mm. */
export function feet(plan: Plan, tiers: readonly TierWorkup[]): Map<string, number> {
  const board = plan.stand?.board ?? 4;
  let foot = 0;
  return new Map(
    tiers.map((t) => {
      const at = foot;
      foot += t.form.height.mm + board;
      return [t.id, at];
    }),
  );
}

/** Whether a point lies in an outline. */
export function holds(
  outline: readonly { x: number; y: number }[],
  share: number,
  x: number,
  y: number,
): boolean {
  let inside = false;
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    const [ay, by] = [a.y * share, b.y * share];
    if (ay > y !== by > y && x < ((b.x - a.x) * share * (y - ay)) / (by - ay) + a.x * share) {
      inside = !inside;
    }
  });
  return inside;
}

export interface Dropped {
  tier: string;
  on: 'top' | 'ledge' | 'board';
  /** From the front to the right, whole degrees. */
  angle: number;
  /** From the tier's middle, mm. */
  out: number;
}

/** Where something that is let go of at a point would stand: on the topmost tier's top, on a ledge, or on the board. */
export function droppedAt(plan: Plan, tiers: readonly TierWorkup[], x: number, y: number): Dropped {
  const middles = axes(plan);
  for (let i = tiers.length - 1; i >= 0; i--) {
    const { form, id } = tiers[i]!;
    const [ax, ay] = middles.get(id) ?? [0, 0];
    if (holds(form.outline, form.top.mm / form.foot.mm, x - ax, y - ay)) {
      return { tier: id, on: i === tiers.length - 1 ? 'top' : 'ledge', ...polar(x - ax, y - ay) };
    }
  }
  return { tier: tiers[0]!.id, on: 'board', ...polar(x, y) };
}

/** Near enough to the middle is the middle, mm. */
const MIDDLE = 4;

export function polar(x: number, y: number): { angle: number; out: number } {
  const out = Math.round(Math.hypot(x, y));
  return out < MIDDLE
    ? { angle: 0, out: 0 }
    : { angle: Math.round((Math.atan2(x, -y) * 180) / Math.PI), out };
}
