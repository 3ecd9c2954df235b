import type { Plan, TierWorkup, Worn } from '../api/client';

/** A colour as it is drawn: its face, and where its edges are gilded what they have. */
export interface Shade {
  fill: string;
  edge?: string;
  /** Of a gilded edge, mm. */
  wide?: number;
}

export const HEX = /^#[0-9a-f]{6}$/i;

/** Between two colours; what is none stays as it is. */
export function mixed(colour: string, to: string, share: number): string {
  if (!HEX.test(colour) || !HEX.test(to)) {
    return colour;
  }
  const part = (of: string, at: number) => Number.parseInt(of.slice(at, at + 2), 16);
  const mix = (at: number) =>
    Math.round(part(colour, at) + (part(to, at) - part(colour, at)) * share)
      .toString(16)
      .padStart(2, '0');
  return `#${mix(1)}${mix(3)}${mix(5)}`;
}

const named = (palette: Plan['palette'], chosen: readonly string[]) =>
  chosen.flatMap((id) => palette.find((c) => c.id === id)?.shade ?? []);

/** The shades a dressing is drawn in: its own in turn, else the palette's first. */
export function shades(palette: Plan['palette'], chosen: readonly string[]): Shade[] {
  const found = named(palette, chosen);
  return found.length > 0 && found.length === chosen.length
    ? found.map((fill) => ({ fill }))
    : [{ fill: palette[0]?.shade ?? '#27375f' }];
}

/** How much of white a full sheen is seen as. */
const GLEAM = 0.16;

/** The shades of a dressing under all that it is finished with, in the order of the work. */
export function shadesOf(
  plan: Plan,
  tier: Pick<TierWorkup, 'id' | 'dressings'>,
  worn: Pick<Worn, 'id'>,
): Shade[] {
  const document = plan.tiers.find((t) => t.id === tier.id);
  const chosen = (id: string) => document?.dressings.find((d) => d.id === id)?.colours ?? [];
  const itself = tier.dressings.find((w) => w.id === worn.id)?.finish?.look;
  const own = chosen(worn.id);
  const plain =
    itself && named(plan.palette, own).length === 0 ? [{ fill: itself.tint }] : shades(plan.palette, own);
  return tier.dressings.reduce((under: Shade[], finish) => {
    const on = finish.finish?.on.find((o) => o.dressing === worn.id);
    if (!on || !finish.finish) {
      return under;
    }
    const { look } = finish.finish;
    const tint = named(plan.palette, chosen(finish.id))[0] ?? look.tint;
    return under.map((shade, turn) => {
      if (on.colours.length > 0 && !on.colours.includes(turn)) {
        return shade;
      }
      return look.edge
        ? { ...shade, edge: tint, wide: look.wide }
        : { ...shade, fill: mixed(mixed(shade.fill, tint, look.dense), '#ffffff', GLEAM * look.sheen) };
    });
  }, plain);
}

/** Two rows of shades that are the same. */
export function keyOf(row: readonly Shade[]): string {
  return row.map((s) => `${s.fill}${s.edge ?? ''}${s.wide ?? ''}`).join();
}
