import type { Motif, Plan } from '../api/client';
import type { Edit } from '../plan/edit';
import { onDressing } from '../plan/edits';

/** A colour as three numbers, 0 to 255. */
function light(shade: string): number[] {
  return [1, 3, 5].map((i) => Number.parseInt(shade.slice(i, i + 2), 16));
}

/** How far two colours lie apart, as green is seen best and blue least. */
function apart(one: string, other: string): number {
  const [a, b] = [light(one), light(other)];
  return [2, 4, 1].reduce((sum, weight, i) => sum + weight * ((a[i] ?? 0) - (b[i] ?? 0)) ** 2, 0);
}

/** Nearer than this a colour of the palette is taken for the drawing's own. */
const NEAR = 7 * 24 ** 2;
/** A palette holds no more. */
const MOST = 24;

/** The shades of a drawing in the order in which they first come. */
export const shadesOf = (motif: Motif): string[] => [...new Set(motif.parts.map((p) => p.shade))];

/**
 * For each shade of a drawing a colour of the palette: the nearest, or a new one where none is near and there is room.
 */
export function coloured(
  palette: Plan['palette'],
  motif: Motif,
): { palette: Plan['palette']; colours: string[] } {
  let all = palette;
  const colours = shadesOf(motif).map((shade) => {
    const nearest = [...all].sort((a, b) => apart(a.shade, shade) - apart(b.shade, shade))[0];
    if (nearest && (apart(nearest.shade, shade) <= NEAR || all.length >= MOST)) {
      return nearest.id;
    }
    const id = free(
      'art',
      all.map((c) => c.id),
    );
    const made = { id, name: `${motif.name}, ${shade}`.slice(0, 60), shade } as Plan['palette'][number];
    all = [...all, made];
    return id;
  });
  return { palette: all, colours };
}

export function free(wish: string, taken: readonly string[]): string {
  for (let i = 1; ; i++) {
    const id = i === 1 ? wish : `${wish.slice(0, 36)}-${i}`;
    if (!taken.includes(id)) {
      return id;
    }
  }
}

/** A drawing kept with the plan and chosen for a course, in colours of the palette. */
export function takeArt(tier: string, dressing: string, motif: Motif): Edit {
  return (plan) => {
    const art = plan.art ?? [];
    const id = free(
      motif.id,
      art.map((m) => m.id),
    );
    const { palette, colours } = coloured(plan.palette, motif);
    return onDressing(tier, dressing, (d) => ({
      ...d,
      colours,
      settings: { ...d.settings, motif: id },
    }))({ ...plan, palette, art: [...art, { ...motif, id }] });
  };
}

/** Without a drawing; what wore it tells so, and keeps everything else. */
export function dropArt(id: string): Edit {
  return (plan) => ({ ...plan, art: (plan.art ?? []).filter((m) => m.id !== id) });
}
