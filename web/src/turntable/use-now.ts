import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, type BenchPlace, type PieceWorkup, type Plan } from '../api/client';
import { useBench } from '../units/preferences';
import type { Now } from './flow';

export type Sequence = NonNullable<Parameters<typeof api.places>[0]['sequence']>;

const NONE: BenchPlace[] = [];

/** Where the hand goes in a step: marks, pieces of a dressing, or seats of what was made ahead. */
export function usePlaces(
  plan: Plan,
  now: Now | null,
  pieces: readonly PieceWorkup[],
  sequence: Sequence | undefined,
): readonly BenchPlace[] {
  const { data: bench } = useBench();
  const told = now?.step.told;
  const marks = now?.step.division ?? '';
  const counted = (now?.step.key.count ?? 0) > 0;
  const asked = counted && (marks !== '' || told?.kind === 'dress');
  const { data } = useQuery({
    queryKey: ['places', plan, told?.tier, marks, told?.about, sequence, bench],
    queryFn: () =>
      api.places({
        plan,
        tier: told!.tier,
        ...(marks !== '' ? { division: marks } : { dressing: told!.about }),
        ...(sequence ? { sequence } : {}),
        bench: bench!,
      }),
    enabled: asked && bench !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (asked) {
    return data ?? NONE;
  }
  if (told?.kind === 'place') {
    return seats(pieces.find((p) => p.id === told.about));
  }
  return NONE;
}

function seats(piece: PieceWorkup | undefined): BenchPlace[] {
  return (piece?.places ?? []).map((p, i) => ({
    number: i + 1,
    surface: 'top',
    s: 0,
    z: p.up,
    tape: 0,
    turn: p.angle,
    rows: [],
  }));
}

/** The server's time, once a second: for what is counted down. */
export function useTicking(time: () => number, runs: boolean): number {
  const [at, setAt] = useState(time);
  useEffect(() => {
    if (!runs) {
      return;
    }
    setAt(time());
    const timer = setInterval(() => setAt(time()), 500);
    return () => clearInterval(timer);
  }, [time, runs]);
  return at;
}
