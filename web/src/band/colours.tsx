import { Link, useParams } from 'react-router';
import type { Plan } from '../api/client';

interface Props {
  palette: Plan['palette'];
  chosen: readonly string[];
  onColours: (colours: string[]) => void;
}

/** The palette's colours; pressed in order they take turns over the repeats. */
export function Colours({ palette, chosen, onColours }: Props) {
  const { id } = useParams();
  if (palette.length === 0) {
    return (
      <Link to={`/plan/${id}/order`} className="inline-flex min-h-11 items-center font-semibold text-pin">
        Give the plan a palette
      </Link>
    );
  }
  const turn = (colour: string) => chosen.indexOf(colour);
  return (
    <fieldset>
      <legend className="mb-0.5 text-[0.92rem] text-soft">Colours, in turn</legend>
      <div className="flex flex-wrap gap-1.5">
        {palette.map((c) => {
          const at = turn(c.id);
          const first = chosen.length === 0 && c === palette[0];
          return (
            <button
              key={c.id}
              type="button"
              aria-pressed={at >= 0 || first}
              aria-label={at >= 0 ? `${c.name}, turn ${at + 1}` : c.name}
              title={c.name}
              onClick={() => onColours(at >= 0 ? chosen.filter((o) => o !== c.id) : [...chosen, c.id])}
              className={`relative size-11 rounded-md border-2 ${at >= 0 || first ? 'border-ink' : 'border-ink/20'}`}
              style={{ background: c.shade }}
            >
              {at >= 0 ? (
                <span className="absolute -top-1.5 -right-1.5 grid size-5 place-items-center rounded-full bg-ink text-[0.8rem] font-semibold text-sheet">
                  {at + 1}
                </span>
              ) : null}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}

/** The shades a dressing is drawn in: its own in turn, else the palette's first. */
export function shades(palette: Plan['palette'], chosen: readonly string[]): string[] {
  const found = chosen.flatMap((id) => palette.find((c) => c.id === id)?.shade ?? []);
  return found.length > 0 && found.length === chosen.length ? found : [palette[0]?.shade ?? '#27375f'];
}
