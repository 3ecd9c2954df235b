import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { api, type BenchState, type BenchStep, type Plan, problemOf, Refusal } from '../api/client';
import { listen } from '../plan/live';
import { type Journal, linesOf, openJournal } from './journal';
import { deviceStore } from './store';

const open = new Map<number, { journal: Journal; users: number }>();

/** The journal of a plan, the same for all who look at it in this window. */
export function useJournal(id: number, onRevision: (revision: number) => void): Journal {
  const [journal] = useState(() => {
    const known = open.get(id);
    if (known) {
      return known.journal;
    }
    const fresh = openJournal(id);
    open.set(id, { journal: fresh, users: 0 });
    return fresh;
  });
  const told = useRef(onRevision);
  told.current = onRevision;
  useEffect(() => {
    const entry = open.get(id) ?? { journal, users: 0 };
    open.set(id, entry);
    entry.users++;
    const stop = listen(id, (far) => {
      journal.heard(far.place);
      told.current(far.revision);
    });
    return () => {
      stop();
      entry.users--;
      // Whoever goes from one stage to another comes back to it within a moment.
      setTimeout(() => {
        if (entry.users === 0 && open.get(id) === entry) {
          open.delete(id);
          journal.close();
        }
      }, 1000);
    };
  }, [id, journal]);
  return journal;
}

/** The steps of a plan: as the server tells them now, else as it told them last. */
export function useSteps(
  id: number,
  plan: Plan,
): { steps: BenchStep[] | undefined; old: boolean; error: unknown } {
  const [kept, setKept] = useState<BenchStep[] | null>(null);
  useEffect(() => {
    void deviceStore.steps(id).then(setKept, () => undefined);
  }, [id]);
  const { data, error, isPlaceholderData, failureReason } = useQuery({
    queryKey: ['bench-steps', id, plan],
    queryFn: async () => {
      const steps = await api.benchSteps(id, plan);
      void deviceStore.keepSteps(id, steps).catch(() => undefined);
      return steps;
    },
    placeholderData: (before) => before,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const away = failureReason instanceof Refusal && failureReason.unreachable;
  return {
    steps: data ?? (away ? (kept ?? undefined) : undefined),
    old: away && (isPlaceholderData || data === undefined),
    error: error ?? (away && kept === null ? failureReason : null),
  };
}

const NO_STEPS: BenchStep[] = [];

/** Where the job stands by its journal; the newest question wins. */
export function useBenchState(journal: Journal, steps: BenchStep[] = NO_STEPS): BenchState | null {
  const kept = useStore(journal.state, (s) => s.kept);
  const waiting = useStore(journal.state, (s) => s.waiting);
  const ready = useStore(journal.state, (s) => s.ready);
  const [state, setState] = useState<{ of: BenchStep[]; state: BenchState } | null>(null);
  const asked = useRef(0);
  useEffect(() => {
    if (!ready) {
      return;
    }
    const mine = ++asked.current;
    api.benchState({ steps: steps.map((s) => s.key), journal: linesOf({ kept, waiting }) }).then(
      (answer) => {
        if (mine === asked.current) {
          setState({ of: steps, state: answer });
        }
      },
      (thrown) => console.warn(problemOf(thrown).detail),
    );
  }, [ready, steps, kept, waiting]);
  // Told anew after an edit, steps are mostly the same ones: then what stood stands until the answer has come.
  const fits =
    state !== null &&
    (state.of === steps ||
      (state.of.length === steps.length && steps.every((s, i) => s.key.id === state.of[i]!.key.id)));
  return fits ? state.state : null;
}
