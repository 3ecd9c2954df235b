import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Preferences } from '../api/client';

const KEY = ['preferences'];
const USUAL: Preferences = { unit: 'cm', tapeMm: 1, handMm: 0.7, hand: 'right' };

export const preferencesQuery = {
  queryKey: KEY,
  queryFn: api.preferences,
  staleTime: Number.POSITIVE_INFINITY,
};

/** How this person thinks of sizes. Loaded before the first screen, so there is always an answer. */
export function usePreferences(): Preferences {
  return useQuery(preferencesQuery).data ?? USUAL;
}

export function usePrefer(): (preferences: Preferences) => Promise<void> {
  const client = useQueryClient();
  return async (preferences) => {
    client.setQueryData(KEY, preferences);
    client.setQueryData(KEY, await api.prefer(preferences));
    await client.invalidateQueries({ queryKey: ['bench'] });
  };
}

const catalogueQuery = {
  queryKey: ['catalogue'],
  queryFn: api.catalogue,
  staleTime: Number.POSITIVE_INFINITY,
};

export const benchQuery = { queryKey: ['bench'], queryFn: api.bench, staleTime: Number.POSITIVE_INFINITY };

/** Tape, hand and shelf, with which every question about a plan is asked. */
export function useBench() {
  return useQuery(benchQuery);
}

export function useCatalogue() {
  return useQuery(catalogueQuery).data;
}

/** The materials there are, and what each is called. */
export function useMaterials() {
  const materials = useCatalogue()?.materials ?? [];
  return {
    words: (material: string) => materials.find((m) => m.material === material)?.words ?? material,
    /** As choices, those of which something holds. */
    choices: (of: 'coats' | 'pieces' | 'dries' | 'fills' | 'made') =>
      materials.filter((m) => m[of]).map((m) => ({ name: m.material as string, label: m.words })),
  };
}
