import { X } from 'lucide-react';
import type { Divided } from '../api/client';
import { useOpen, useTier } from '../plan/context';
import { addDivision, removeDivision } from '../plan/edits';
import { Button } from '../ui/button';

interface Props {
  chosen: string;
  choose: (id: string) => void;
}

/** The divisions of a tier; further ones stand alone or use the marks of the first again. */
export function Divisions({ chosen, choose }: Props) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const first = tier.divisions[0]!;
  const full = tier.divisions.length >= 6;
  const shared = (d: Divided) => d.marks.filter((m) => m.shared).length;
  const add = (into?: number) =>
    editor.edit(addDivision(tier.id, into ? { division: first.id, into, every: 1 } : undefined));
  return (
    <div className="mb-1 -ml-1.5 flex flex-wrap items-center gap-1">
      {worked.divisions.length > 1
        ? worked.divisions.map((d, i) => (
            <div
              key={d.id}
              className={`flex items-center rounded-md border ${d.id === chosen ? 'border-ink bg-ink text-sheet' : 'border-ink/40 bg-sheet'}`}
            >
              <button
                type="button"
                aria-pressed={d.id === chosen}
                onClick={() => choose(d.id)}
                className="min-h-11 px-3"
              >
                {d.id} <b>{d.count}</b>
                {i > 0 && shared(d) > 0 ? <span className="opacity-80"> · {shared(d)} shared</span> : null}
              </button>
              {i > 0 ? (
                <button
                  type="button"
                  aria-label={`Take the division ${d.id} off`}
                  onClick={() => {
                    choose(first.id);
                    void editor.edit(removeDivision(tier.id, d.id));
                  }}
                  className="grid size-11 place-items-center"
                >
                  <X size={15} aria-hidden />
                </button>
              ) : null}
            </div>
          ))
        : null}
      {full ? null : (
        <>
          <Button look="pin" className="px-1.5" onClick={() => add(2)}>
            Add halves
          </Button>
          <Button look="pin" className="px-1.5" onClick={() => add(3)}>
            Add thirds
          </Button>
          <Button look="pin" className="px-1.5" onClick={() => add()}>
            Add another
          </Button>
        </>
      )}
    </div>
  );
}
