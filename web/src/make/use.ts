import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type InBook } from '../api/client';
import { usePlan } from '../plan/context';

/** What the open plan puts on the table, kept in sight while a newer one is worked out. */
export function useWorktop() {
  const plan = usePlan();
  return useQuery({
    queryKey: ['worktop', plan],
    queryFn: () => api.worktop(plan),
    placeholderData: (before) => before,
  });
}

export function useWorkshop() {
  return useQuery({ queryKey: ['workshop'], queryFn: api.workshop, staleTime: Number.POSITIVE_INFINITY })
    .data;
}

/** After the cupboard changed: whatever was found from it is asked for again. */
export function useCupboardChanged(): () => Promise<void> {
  const client = useQueryClient();
  return async () => {
    await Promise.all(
      ['cupboard', 'bench', 'worktop', 'workshop'].map((key) =>
        client.invalidateQueries({ queryKey: [key] }),
      ),
    );
  };
}

/** The workshop's recipes and those that ship, the workshop's first. */
export function useRecipes(): InBook[] {
  return useQuery({ queryKey: ['recipes'], queryFn: api.recipes }).data ?? [];
}

/** Asks again for whatever was reckoned by recipes. */
export function useRecipesChanged(): () => Promise<void> {
  const client = useQueryClient();
  return async () => {
    await Promise.all(
      ['recipes', 'recipe', 'worktop', 'days', 'handover'].map((key) =>
        client.invalidateQueries({ queryKey: [key] }),
      ),
    );
  };
}

/** A file the browser keeps. */
export function save(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name.replace(/[\\/:*?"<>|]/g, ' ');
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}
