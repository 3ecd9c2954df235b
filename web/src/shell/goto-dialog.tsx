import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Plan } from '../api/client';
import { Dialog } from '../ui/dialog';
import { useGoTo } from './goto-open';
import { STAGES } from './stages';

/** Ctrl K: a stage, a tier or another order, by a few letters of its name. */
export function GoToDialog({ id, plan }: { id?: number | undefined; plan?: Plan | undefined }) {
  const { open, setOpen } = useGoTo();
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const plans = useQuery({ queryKey: ['plans'], queryFn: api.plans, enabled: open }).data ?? [];
  const navigate = useNavigate();
  const within =
    id === undefined || plan === undefined
      ? []
      : [
          ...[
            ...STAGES,
            { key: 'print', label: 'Print' },
            { key: 'steps', label: 'Steps' },
            { key: 'handover', label: 'Handover sheet' },
            { key: 'client', label: 'Sheet for the client' },
            { key: 'order', label: 'Order and palette' },
            { key: 'compare', label: 'Compare versions' },
          ].map((s) => ({
            words: s.label,
            to: `/plan/${id}/${s.key}`,
          })),
          ...plan.tiers.map((t) => ({ words: t.name, to: `/plan/${id}/measure?tier=${t.id}` })),
        ];
  const places = [
    ...within,
    { words: 'All orders', to: '/' },
    { words: 'Cupboard', to: '/cupboard' },
    { words: 'Notebook', to: '/notebook' },
    { words: 'Bench devices', to: '/devices' },
    { words: 'Rehearse', to: '/rehearse' },
    { words: 'Deleted orders', to: '/deleted' },
    ...plans.filter((p) => p.id !== id).map((p) => ({ words: p.name, to: `/plan/${p.id}/measure` })),
  ].filter((p) => p.words.toLowerCase().includes(typed.trim().toLowerCase()));
  const go = (to: string) => {
    setOpen(false);
    setTyped('');
    navigate(to);
  };
  return (
    <Dialog title="Go to" open={open} onOpenChange={setOpen}>
      <input
        aria-label="Where to"
        value={typed}
        onChange={(e) => {
          setTyped(e.currentTarget.value);
          setAt(0);
        }}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault();
            setAt((i) => Math.max(0, Math.min(places.length - 1, i + (e.key === 'ArrowDown' ? 1 : -1))));
          } else if (e.key === 'Enter' && places[at]) {
            go(places[at].to);
          }
        }}
        className="mb-2 min-h-11 w-full rounded-md border border-ink/45 px-3"
      />
      <ul className="max-h-80 overflow-auto">
        {places.map((p, i) => (
          <li key={p.to}>
            <button
              type="button"
              onClick={() => go(p.to)}
              className={`min-h-11 w-full rounded-md px-3 text-left hover:bg-wash ${i === at ? 'bg-wash font-semibold' : ''}`}
            >
              {p.words}
            </button>
          </li>
        ))}
        {places.length === 0 ? <li className="note px-3 py-2">Nothing is called that here.</li> : null}
      </ul>
    </Dialog>
  );
}
