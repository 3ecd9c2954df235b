import type { Coat } from '../api/client';
import { Pick } from '../ui/select';

const USUAL = 'usual';

const EDGES: { name: string; label: string }[] = [
  { name: USUAL, label: 'as it is scraped' },
  { name: 'drawn', label: 'a lip, chilled and drawn in' },
  { name: 'cut', label: 'a lip, chilled and cut off' },
  { name: 'board', label: 'levelled under a top board' },
];

/** How the upper edge of a coat that is spread is made sharp. */
export function Edge({ coat, change }: { coat: Coat; change: (edge: string | undefined) => void }) {
  return (
    <Pick
      label="Upper edge"
      value={coat.edge ?? USUAL}
      options={EDGES}
      onChoice={(chosen) => change(chosen === USUAL ? undefined : chosen)}
    />
  );
}
