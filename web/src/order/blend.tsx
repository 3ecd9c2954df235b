import { useState } from 'react';
import type { Colour, Problem } from '../api/client';
import { freeId } from '../plan/edits';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';

type Blend = NonNullable<Colour['blend']>;

/** How light and of what hue two shades are between them: for the drawing; the hand mixes by mass. */
export function between(one: string, other: string, share: number): string {
  const part = (shade: string, at: number) => Number.parseInt(shade.slice(1 + 2 * at, 3 + 2 * at), 16);
  return `#${[0, 1, 2]
    .map((at) => Math.round(part(one, at) * (1 - share) + part(other, at) * share))
    .map((v) => v.toString(16).padStart(2, '0'))
    .join('')}`;
}

/** The palette with one colour blended so, or no more; its shade follows its parts. */
export function blended(palette: readonly Colour[], id: string, blend: Blend | null): Colour[] {
  return palette.map((c) => {
    if (c.id !== id) {
      return c;
    }
    const { blend: _, ...plain } = c;
    if (blend === null) {
      return plain;
    }
    let sum = 0;
    let shade = c.shade;
    for (const part of blend.parts) {
      const of = palette.find((p) => p.id === part.colour)?.shade ?? c.shade;
      sum += part.share;
      shade = sum === part.share ? of : between(shade, of, part.share / sum);
    }
    return { ...plain, shade, blend };
  });
}

interface BlendProps {
  colour: Colour;
  palette: readonly Colour[];
  onBlend: (blend: Blend | null) => Promise<Problem | null>;
}

/** What a colour is made of: itself, or parts of others by mass, kneaded through or left as marble. */
export function BlendOf({ colour, palette, onBlend }: BlendProps) {
  const plain = palette.filter((c) => c.id !== colour.id && c.blend === undefined);
  const used = palette.some((c) => c.blend?.parts.some((p) => p.colour === colour.id));
  if (plain.length < 2 || used) {
    return null;
  }
  const kind = colour.blend === undefined ? 'plain' : colour.blend.marbled ? 'marbled' : 'kneaded';
  const parts = colour.blend?.parts ?? plain.slice(0, 2).map((c) => ({ colour: c.id, share: 1 }));
  return (
    <>
      <Pick
        label="Made"
        value={kind}
        options={[
          { name: 'plain', label: 'as it is' },
          { name: 'kneaded', label: 'kneaded from others' },
          { name: 'marbled', label: 'marbled from others' },
        ]}
        onChoice={(k) => void onBlend(k === 'plain' ? null : { marbled: k === 'marbled', parts })}
      />
      {kind === 'plain' ? null : (
        <div className="flex basis-full flex-wrap gap-3 pl-17">
          {plain.map((c) => (
            <NumberField
              key={c.id}
              label={`Parts ${c.name}`}
              value={parts.find((p) => p.colour === c.id)?.share ?? null}
              mayBeEmpty
              placeholder="none"
              onNumber={(share) => {
                const others = parts.filter((p) => p.colour !== c.id);
                const next = share === null || share === 0 ? others : [...others, { colour: c.id, share }];
                return onBlend({ marbled: kind === 'marbled', parts: next });
              }}
            />
          ))}
        </div>
      )}
    </>
  );
}

interface StepsProps {
  palette: readonly Colour[];
  onSteps: (steps: Colour[]) => Promise<Problem | null>;
}

/** Colours between two, in even steps of mass, foot to top. */
export function Steps({ palette, onSteps }: StepsProps) {
  const plain = palette.filter((c) => c.blend === undefined);
  const [ends, setEnds] = useState<[string | null, string | null]>([null, null]);
  const [many, setMany] = useState(2);
  if (plain.length < 2) {
    return null;
  }
  const one = plain.find((c) => c.id === ends[0]) ?? plain[0]!;
  const other = plain.find((c) => c.id === ends[1] && c.id !== one.id) ?? plain.find((c) => c.id !== one.id)!;
  const make = async () => {
    const steps: Colour[] = [];
    for (let i = 1; i <= many; i++) {
      steps.push({
        id: freeId('step', [...palette, ...steps]),
        name: `${one.name} to ${other.name} ${i}`,
        shade: between(one.shade, other.shade, i / (many + 1)),
        material: one.material,
        blend: {
          marbled: false,
          parts: [
            { colour: one.id, share: many + 1 - i },
            { colour: other.id, share: i },
          ],
        },
      });
    }
    await onSteps(steps);
  };
  const options = plain.map((c) => ({ name: c.id, label: c.name }));
  return (
    <div className="mt-4 flex flex-wrap items-end gap-3">
      <Pick label="Shade from" value={one.id} options={options} onChoice={(c) => setEnds([c, ends[1]])} />
      <Pick label="to" value={other.id} options={options} onChoice={(c) => setEnds([ends[0], c])} />
      <NumberField
        label="Steps between"
        value={many}
        onNumber={async (n) => {
          setMany(Math.max(1, Math.min(8, Math.round(n ?? 2))));
          return null;
        }}
      />
      <Button onClick={make} disabled={palette.length + many > 24}>
        Add the steps
      </Button>
    </div>
  );
}
