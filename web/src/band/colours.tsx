import { Link, useParams } from 'react-router';
import type { Plan } from '../api/client';

interface Props {
  palette: Plan['palette'];
  chosen: readonly string[];
  onColours: (colours: string[]) => void;
}

/** A colour has no more turns than this. */
const MOST_TURNS = 6;

/** The colours in the order of their first turns, each with how many it has. */
export function turnsOf(chosen: readonly string[]): [string, number][] {
  const turns = new Map<string, number>();
  for (const id of chosen) {
    turns.set(id, (turns.get(id) ?? 0) + 1);
  }
  return [...turns];
}

const named = (turns: readonly [string, number][]): string[] =>
  turns.flatMap(([id, many]) => Array.from({ length: many }, () => id));

/** The palette's colours; pressed in order they take turns over the repeats, some of them more than others. */
export function Colours({ palette, chosen, onColours }: Props) {
  const { id } = useParams();
  if (palette.length === 0) {
    return (
      <Link to={`/plan/${id}/order`} className="inline-flex min-h-11 items-center font-semibold text-pin">
        Give the plan a palette
      </Link>
    );
  }
  const turns = turnsOf(chosen);
  const turn = (colour: string) => turns.findIndex(([id]) => id === colour);
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
      {turns.length > 1 ? (
        <div className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
          {turns.map(([id, many]) => {
            const name = palette.find((c) => c.id === id)?.name ?? id;
            const set = (to: number) =>
              onColours(named(turns.map(([o, n]): [string, number] => [o, o === id ? to : n])));
            return (
              <span key={id} className="inline-flex items-center gap-1 text-[0.95rem]">
                {name}
                <button
                  type="button"
                  className="grid size-11 place-items-center rounded-md hover:bg-ink/8 disabled:opacity-35"
                  aria-label={`${name}: a part less`}
                  disabled={many <= 1}
                  onClick={() => set(many - 1)}
                >
                  −
                </button>
                <b>{many}</b>
                <button
                  type="button"
                  className="grid size-11 place-items-center rounded-md hover:bg-ink/8 disabled:opacity-35"
                  aria-label={`${name}: a part more`}
                  disabled={many >= MOST_TURNS}
                  onClick={() => set(many + 1)}
                >
                  +
                </button>
              </span>
            );
          })}
          <span className="note self-center">parts of each</span>
        </div>
      ) : null}
    </fieldset>
  );
}
