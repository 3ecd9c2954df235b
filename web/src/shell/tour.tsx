import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { create } from 'zustand';
import { api } from '../api/client';
import { Button } from '../ui/button';
import { STOPS } from './tour-stops';

const KEY = 'sectorum.tour';

function kept(): number | null {
  try {
    const at = sessionStorage.getItem(KEY);
    return at === null ? null : Number(at);
  } catch {
    return null;
  }
}

export const useTour = create<{ at: number | null; go: (at: number | null) => void }>((set) => ({
  at: kept(),
  go: (at) => {
    try {
      if (at === null) {
        sessionStorage.removeItem(KEY);
      } else {
        sessionStorage.setItem(KEY, String(at));
      }
    } catch {
      // A reload ends it then.
    }
    set({ at });
  },
}));

/** A walk through the demo, stop by stop: a press or Enter goes on, Escape ends it. */
export function Tour() {
  const { at, go } = useTour();
  return at === null || STOPS[at] === undefined ? null : <Stop at={at} go={go} />;
}

function Stop({ at, go }: { at: number; go: (at: number | null) => void }) {
  const stop = STOPS[at]!;
  const navigate = useNavigate();
  const plans = useQuery({ queryKey: ['plans'], queryFn: api.plans }).data;
  const next = useRef<HTMLDivElement>(null);
  const plan = stop.plan === undefined ? undefined : plans?.find((p) => p.name === stop.plan);
  const to = stop.plan === undefined ? stop.to : plan ? `/plan/${plan.id}/${stop.to}` : undefined;
  const went = useRef(-1);
  useEffect(() => {
    if (to !== undefined && went.current !== at) {
      went.current = at;
      navigate(to);
    }
    const later = setTimeout(
      () => next.current?.querySelector<HTMLButtonElement>('[data-next]')?.focus(),
      150,
    );
    return () => clearTimeout(later);
  }, [at, to, navigate]);
  return (
    <div
      ref={next}
      role="region"
      aria-label="Tour"
      onKeyDown={(e) => {
        if (e.key === 'Escape') {
          go(null);
        }
      }}
      className="fixed inset-x-0 bottom-0 z-30 flex flex-wrap items-center gap-x-5 gap-y-2 border-t-2 border-pin bg-sheet px-5 py-2.5 shadow-[0_-6px_24px_rgb(28_42_54/0.2)] print:hidden"
    >
      <p className="min-w-0 flex-1 basis-72">
        <span className="note mr-2">
          {at + 1} of {STOPS.length}
        </span>
        <b>{stop.title}.</b> {stop.words}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button disabled={at === 0} onClick={() => go(at - 1)}>
          Back
        </Button>
        <Button look="main" data-next onClick={() => go(at + 1 < STOPS.length ? at + 1 : null)}>
          {at + 1 < STOPS.length ? 'Next' : 'Done'}
        </Button>
        <Button onClick={() => go(null)}>End the tour</Button>
      </div>
    </div>
  );
}
