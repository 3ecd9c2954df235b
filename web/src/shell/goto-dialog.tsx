import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Plan } from '../api/client';
import { Dialog } from '../ui/dialog';
import { useCatalogue, usePreferences } from '../units/preferences';
import { say } from '../units/units';
import { useGoTo } from './goto-open';
import { useHelp } from './help-open';
import { HELP } from './help-texts';
import { STAGES, TITLES } from './stages';

interface Place {
  words: string;
  /** What kind of thing it is, and what tells it apart. */
  kind: string;
  to: string;
  run?: () => void;
}

const KINDS = { plan: 'plan', thing: 'in the cupboard', recipe: 'recipe', drawing: 'in the drawer' } as const;
/** More is not looked through; whoever wants another types more letters. */
const SHOWN = 60;

/** Ctrl K: anything of this plan and of the workshop, by a few letters of its name. */
export function GoToDialog({ id, plan }: { id?: number | undefined; plan?: Plan | undefined }) {
  const { open, setOpen } = useGoTo();
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const help = useHelp();
  const wanted = useDeferredValue(typed.trim());
  const hits = useQuery({
    queryKey: ['search', wanted],
    queryFn: () => api.search(wanted),
    placeholderData: (before) => before,
  }).data;
  const steps = useSteps(id, plan, wanted.length > 1);
  const letters = typed.trim().toLowerCase();
  const fits = (p: Place) => `${p.words} ${p.kind}`.toLowerCase().includes(letters);
  const techniques = useCatalogue()?.techniques ?? [];
  const name = (technique: string) => techniques.find((t) => t.id === technique)?.name ?? technique;
  const places: Place[] = [
    ...(id === undefined || plan === undefined ? [] : withinPlan(id, plan, name)),
    ...WORKSHOP,
    ...(letters === ''
      ? []
      : HELP.map((h) => ({
          words: h.title,
          kind: 'help',
          to: `help ${h.key}`,
          run: () => help.show(h.key),
        }))),
  ]
    .filter(fits)
    .concat(steps.filter(fits))
    .concat(
      (hits ?? [])
        .filter((h) => h.to !== `/plan/${id}/measure`)
        .flatMap((h) => {
          // Recipes and the drawer are opened in a plan.
          const to =
            h.kind === 'recipe' || h.kind === 'drawing'
              ? id === undefined
                ? []
                : [`/plan/${id}/${h.kind === 'recipe' ? 'make' : 'dress'}`]
              : [`${h.to}${h.kind === 'thing' ? `#${encodeURIComponent(h.name)}` : ''}`];
          return to.map((at) => ({
            words: h.name,
            kind: [KINDS[h.kind], h.under].filter(Boolean).join(', '),
            to: at,
          }));
        }),
    )
    .slice(0, SHOWN);
  const chosen = Math.min(at, Math.max(0, places.length - 1));
  const go = (place: Place) => {
    setOpen(false);
    if (place.run) {
      place.run();
    } else {
      navigate(place.to);
    }
  };
  return (
    <Dialog title="Go to" open={open} onOpenChange={setOpen}>
      <input
        role="combobox"
        aria-expanded
        aria-controls="places"
        aria-activedescendant={places.length > 0 ? `place-${chosen}` : undefined}
        aria-label="Where to"
        value={typed}
        onChange={(e) => {
          setTyped(e.currentTarget.value);
          setAt(0);
        }}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault();
            setAt(Math.max(0, Math.min(places.length - 1, chosen + (e.key === 'ArrowDown' ? 1 : -1))));
          } else if (e.key === 'Enter' && places[chosen]) {
            go(places[chosen]);
          }
        }}
        className="mb-2 min-h-11 w-full rounded-md border border-ink/45 px-3"
      />
      <div id="places" role="listbox" aria-label="Places" className="max-h-80 overflow-auto" tabIndex={-1}>
        {places.map((p, i) => (
          <div
            key={`${p.to} ${p.words} ${i}`}
            id={`place-${i}`}
            role="option"
            tabIndex={-1}
            aria-selected={i === chosen}
            onClick={() => go(p)}
            onKeyDown={(e) => (e.key === 'Enter' ? go(p) : undefined)}
            ref={i === chosen ? (row) => row?.scrollIntoView?.({ block: 'nearest' }) : undefined}
            className={`flex min-h-11 cursor-pointer items-center justify-between gap-3 rounded-md px-3 hover:bg-wash ${i === chosen ? 'bg-wash font-semibold' : ''}`}
          >
            <span className="min-w-0 truncate">{p.words}</span>
            <span className="note shrink-0">{p.kind}</span>
          </div>
        ))}
      </div>
      {places.length === 0 ? <p className="note px-3 py-2">Nothing is called that here.</p> : null}
    </Dialog>
  );
}

const WORKSHOP: Place[] = [
  { words: 'All orders', kind: '', to: '/' },
  { words: 'Cupboard', kind: '', to: '/cupboard' },
  { words: 'Notebook', kind: '', to: '/notebook' },
  { words: 'Bench devices', kind: '', to: '/devices' },
  { words: 'Rehearse', kind: '', to: '/rehearse' },
  { words: 'Workshop, people and files', kind: '', to: '/workshop' },
  { words: 'Deleted orders', kind: '', to: '/deleted' },
];

function withinPlan(id: number, plan: Plan, name: (technique: string) => string): Place[] {
  const stages = new Set<string>(STAGES.map((s) => s.key));
  const to = (stage: string, tier: string) => `/plan/${id}/${stage}?tier=${encodeURIComponent(tier)}`;
  return [
    ...Object.entries(TITLES).map(([key, label]) => ({
      words: label,
      kind: stages.has(key) ? 'stage' : 'view',
      to: `/plan/${id}/${key}`,
    })),
    ...plan.tiers.map((t) => ({ words: t.name, kind: 'tier', to: to('measure', t.id) })),
    ...plan.tiers.flatMap((t) =>
      t.dressings.map((d) => ({
        words: name(d.technique),
        kind: `course on ${t.name}`,
        to: to('dress', t.id),
      })),
    ),
    ...plan.pieces.map((p) => ({ words: p.name, kind: 'made ahead', to: `/plan/${id}/ahead` })),
    ...(plan.art ?? []).map((m) => ({ words: m.name, kind: 'drawing', to: `/plan/${id}/dress` })),
  ];
}

/** The steps of the work, once something is typed: they are worked out only then. */
function useSteps(id: number | undefined, plan: Plan | undefined, asked: boolean): Place[] {
  const { unit } = usePreferences();
  const { data } = useQuery({
    queryKey: ['steps', id, plan],
    queryFn: () => api.steps(id!, plan!),
    enabled: asked && id !== undefined && plan !== undefined,
  });
  return (data ?? []).map((s, i) => ({
    words: say(s.what, unit),
    kind: 'step',
    to: `/plan/${id}/steps#step-${i + 1}`,
  }));
}
