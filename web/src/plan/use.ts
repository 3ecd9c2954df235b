import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api, type Plan } from '../api/client';
import { tellBad } from '../ui/toasts';
import { useBench } from '../units/preferences';
import { useOpen } from './context';
import type { Edit } from './edit';

export function usePlanId(): number {
  return Number(useParams().id);
}

/** An edit whose refusal is told. */
export function useEdit() {
  const { editor } = useOpen();
  return async (edit: Edit) => {
    const refused = await editor.edit(edit);
    if (refused) {
      tellBad(refused.detail);
    }
    return refused;
  };
}

/** How the stack carries itself. */
export function useBuild(plan: Plan) {
  const { data: bench } = useBench();
  return useQuery({
    queryKey: ['build', plan, bench],
    queryFn: () => api.build(plan, bench!),
    enabled: bench !== undefined,
    placeholderData: (before) => before,
  });
}

/** The plan's own pieces, worked out. */
export function usePieces(plan: Plan) {
  const id = usePlanId();
  const { data: bench } = useBench();
  const bodies = plan.tiers.map((t) => [t.id, t.outline, t.height, t.coats, t.readings]);
  return useQuery({
    // Where they stand depends on the tiers, too.
    queryKey: ['pieces', id, plan.pieces, plan.table?.humidity, bodies, plan.stand, bench],
    queryFn: () => api.pieces(plan, bench!),
    enabled: plan.pieces.length > 0 && bench !== undefined,
    placeholderData: (before) => before,
  });
}
