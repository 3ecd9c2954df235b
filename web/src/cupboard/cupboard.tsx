import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { api, type Item, problemOf } from '../api/client';
import { Brand } from '../shell/brand';
import { UnitMenu } from '../shell/unit-menu';
import { Button } from '../ui/button';
import { tell, tellBad } from '../ui/toasts';
import { LengthField, WordsField } from '../ui/typed';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

type Kind = Item['kind'];

const KINDS: { kind: Kind; title: string; first: string; name: (across: string) => string }[] = [
  {
    kind: 'board',
    title: 'Boards',
    first: 'Boards draw curves and seat tiers.',
    name: (a) => `Round board ${a}`,
  },
  { kind: 'tin', title: 'Tins', first: 'A tin turned over draws a curve, too.', name: (a) => `Tin ${a}` },
  {
    kind: 'cutter',
    title: 'Cutters',
    first: 'Cutters can be pressed round a side.',
    name: (a) => `Ring cutter ${a}`,
  },
];

/** What the workshop owns, drawn by how wide it is. */
export function Cupboard() {
  const client = useQueryClient();
  const items = useQuery({ queryKey: ['cupboard'], queryFn: api.cupboard });
  const again = async () => {
    await client.invalidateQueries({ queryKey: ['cupboard'] });
    await client.invalidateQueries({ queryKey: ['bench'] });
  };
  const keep = async (item: Item) => {
    try {
      await api.keepItem(item);
      await again();
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  const takeOut = async (item: Item) => {
    try {
      await api.takeOutItem(item.id!);
      const { id: _, ...same } = item;
      tell(`${item.name} is taken out.`, { label: 'Undo', run: () => void keep(same as Item) });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
    await again();
  };
  return (
    <div className="min-h-dvh">
      <header className="flex min-h-[72px] items-center justify-between border-b-[1.5px] border-ink bg-sheet px-5">
        <Brand under="All orders" />
        <UnitMenu />
      </header>
      <main className="mx-auto max-w-5xl px-6 py-8">
        <h1 className="font-display text-[1.9rem] leading-tight font-bold">Cupboard</h1>
        <p className="note mb-6">
          what you own, by how wide it is; curves and pressed cutters are found from it
        </p>
        {items.error ? (
          <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
            {problemOf(items.error).detail}
          </p>
        ) : null}
        <div className="grid grid-cols-3 gap-8 max-lg:grid-cols-1">
          {KINDS.map((k) => (
            <Shelf
              key={k.kind}
              {...k}
              items={(items.data ?? []).filter((i) => i.kind === k.kind)}
              keep={keep}
              takeOut={takeOut}
            />
          ))}
        </div>
      </main>
    </div>
  );
}

interface ShelfProps {
  kind: Kind;
  title: string;
  first: string;
  name: (across: string) => string;
  items: readonly Item[];
  keep: (item: Item) => Promise<ReturnType<typeof problemOf> | null>;
  takeOut: (item: Item) => Promise<void>;
}

function Shelf({ kind, title, first, name, items, keep, takeOut }: ShelfProps) {
  const { unit } = usePreferences();
  const [open, setOpen] = useState<number | null>(null);
  const most = Math.max(120, ...items.map((i) => i.acrossMm));
  const k = 56 / most;
  return (
    <section aria-label={title}>
      <h2 className="heading border-b-[3px] border-ink pb-1">{title}</h2>
      {items.length === 0 ? <p className="note py-2">{first}</p> : null}
      <ul>
        {items.map((item) => (
          <li key={item.id} className="border-b border-ink/20 py-1">
            <div className="flex items-center gap-3">
              <svg width={60} height={16} aria-hidden="true">
                <ellipse
                  cx={30}
                  cy={8}
                  rx={(item.acrossMm * k) / 2}
                  ry={Math.min(6, (item.acrossMm * k) / 9)}
                  fill="var(--color-sheet)"
                  stroke="var(--color-ink)"
                  strokeWidth={1.4}
                />
              </svg>
              <button
                type="button"
                onClick={() => setOpen(open === item.id ? null : item.id!)}
                className="min-h-11 min-w-0 flex-1 truncate text-left hover:text-pin"
              >
                {item.name}
              </button>
              <b>{length(item.acrossMm, unit)}</b>
              <Button
                look="quiet"
                className="px-2"
                aria-label={`Take ${item.name} out`}
                onClick={() => takeOut(item)}
              >
                <Trash2 size={17} aria-hidden />
              </Button>
            </div>
            {open === item.id ? (
              <div className="flex flex-wrap items-start gap-3 pb-2">
                <WordsField
                  label="Called"
                  value={item.name}
                  onWords={(words) => keep({ ...item, name: words })}
                  className="w-44"
                />
                <LengthField
                  label="Across"
                  field="acrossMm"
                  mm={item.acrossMm}
                  onLength={async (mm) => (mm === null ? null : keep({ ...item, acrossMm: mm }))}
                />
              </div>
            ) : null}
          </li>
        ))}
      </ul>
      <div className="mt-3 flex items-end gap-2">
        <LengthField
          label={`One more, across`}
          field="acrossMm"
          mm={null}
          mayBeEmpty
          placeholder={length(100, unit)}
          onLength={async (mm) =>
            mm === null ? null : keep({ kind, name: name(length(mm, unit)), acrossMm: mm, notes: '' })
          }
        />
        <span className="note pb-3">
          <Plus size={15} aria-hidden className="inline" /> Enter puts it in
        </span>
      </div>
    </section>
  );
}
