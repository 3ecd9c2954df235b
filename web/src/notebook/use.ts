import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type NotebookChoices, problemOf, type RateKind } from '../api/client';
import { tellBad } from '../ui/toasts';

/** What records can be about and which kinds of rates there are; the same for every notebook. */
export function useChoices(): NotebookChoices | undefined {
  return useQuery({
    queryKey: ['notebook-choices'],
    queryFn: api.notebookChoices,
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
}

/** What a subject, or a material, is called. */
export function useNames(): (of: string) => string {
  const choices = useChoices();
  return (of) => {
    const [subject, paste] = of.split('@') as [string, string | undefined];
    const name = choices?.subjects.find((s) => s.subject === subject)?.name ?? subject;
    return paste === undefined ? name : `${name}, ${paste}`;
  };
}

/** After a change: whatever rests on the notebook is asked anew, plans with it. */
export function useNotebookChanged() {
  const client = useQueryClient();
  return async () => {
    await Promise.all(
      ['notebook', 'job', 'rates', 'bench'].map((key) => client.invalidateQueries({ queryKey: [key] })),
    );
  };
}

/** Does something to the notebook and shows what follows; what is refused is told. */
export function useDoing() {
  const changed = useNotebookChanged();
  return async (run: () => Promise<unknown>): Promise<boolean> => {
    try {
      await run();
      await changed();
      return true;
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
      return false;
    }
  };
}

export const rateName = (kind: RateKind, of: string) => `${kind.toUpperCase()} ${of}`;
