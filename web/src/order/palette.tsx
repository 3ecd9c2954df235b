import { Plus, Trash2 } from 'lucide-react';
import type { Plan } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { freeId } from '../plan/edits';
import { Button } from '../ui/button';
import { tellBad } from '../ui/toasts';
import { WordsField } from '../ui/typed';
import { BlendOf, blended, Steps } from './blend';

/** The plan's colours, each bought, coloured, or kneaded from others. */
export function Palette() {
  const { editor } = useOpen();
  const { palette } = usePlan();
  const change = (colours: Plan['palette']) => editor.edit((p) => ({ ...p, palette: colours }));
  const set = (id: string, part: Partial<Plan['palette'][number]>) =>
    change(palette.map((c) => (c.id === id ? { ...c, ...part } : c)));
  return (
    <section aria-labelledby="palette" className="mt-6 max-w-3xl">
      <h2 id="palette" className="heading mb-2 border-b border-ink/30 pb-1">
        Palette
      </h2>
      {palette.length === 0 ? (
        <p className="note">No colours yet. Each is a paste or an icing, named as you name it.</p>
      ) : null}
      <ul className="flex flex-col gap-2">
        {palette.map((c) => (
          <li key={c.id} className="flex flex-wrap items-end gap-3">
            <input
              type="color"
              aria-label={`Shade of ${c.name}`}
              value={c.shade}
              onChange={(e) => void set(c.id, { shade: e.currentTarget.value })}
              className="h-11 w-14 cursor-pointer rounded-md border border-ink/45 bg-sheet p-1"
            />
            <WordsField
              label={`Colour ${palette.indexOf(c) + 1}`}
              value={c.name}
              onWords={(name) => set(c.id, { name })}
              className="w-48"
            />
            <WordsField
              label={`Paste or icing ${palette.indexOf(c) + 1}`}
              value={c.material}
              onWords={(material) => set(c.id, { material })}
              className="w-48"
            />
            <BlendOf
              colour={c}
              palette={palette}
              onBlend={(blend) => change(blended(palette, c.id, blend))}
            />
            <Button
              look="quiet"
              aria-label={`Take ${c.name} out`}
              onClick={async () => {
                const refused = await change(palette.filter((o) => o.id !== c.id));
                if (refused) {
                  tellBad(refused.detail);
                }
              }}
            >
              <Trash2 size={18} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
      <Steps palette={palette} onSteps={(steps) => change([...palette, ...steps])} />
      <Button
        look="pin"
        className="mt-2 px-1"
        disabled={palette.length >= 24}
        onClick={() =>
          change([
            ...palette,
            {
              id: freeId('colour', palette),
              name: `Colour ${palette.length + 1}`,
              shade: '#b98a5a',
              material: 'fondant',
            },
          ])
        }
      >
        <Plus size={17} aria-hidden /> Add a colour
      </Button>
    </section>
  );
}
