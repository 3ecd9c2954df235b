import { api, type Batch, type DayItem, type DeviceLabel, type Plan, problemOf } from '../api/client';
import { tell, tellBad } from '../ui/toasts';
import { dayHour } from '../units/time';
import { mass } from '../units/units';

/** What stands on the bowl of a batch: what it is, how much of it, how thick, of what, and for whom. */
export function batchLabels(
  plan: Plan,
  batches: readonly Batch[],
  words: (material: string) => string,
): DeviceLabel[] {
  return batches
    .filter((b) => b.parts.net > 0)
    .map((b) => ({
      title: [words(b.material), b.tint.name].filter(Boolean).join(', '),
      lines: [
        [
          mass(Math.ceil(b.parts.net + b.parts.spare + b.parts.offCuts + b.parts.rounding - b.parts.credit)),
          b.thickness > 0 ? `${b.thickness} mm` : '',
        ]
          .filter(Boolean)
          .join(' · '),
        plan.name,
        'mixed on ________',
      ],
    }));
}

/** What lies on a shelf: what it is, since when, when it is ready and by when it must be gone on with. */
export function dayLabels(items: readonly DayItem[]): DeviceLabel[] {
  return items
    .filter((i) => i.own && i.lying !== undefined && i.state !== 'done')
    .map((i) => ({
      title: i.name,
      lines: [
        `${i.lying!.storage}, from ${dayHour(i.lying!.from)}`,
        `ready ${dayHour(i.lying!.until)}`,
        ...(i.lying!.latest ? [`go on by ${dayHour(i.lying!.latest)}`] : []),
        i.plan,
      ],
    }));
}

/** Sends labels to the printer at this bench. */
export async function printLabels(labels: DeviceLabel[]): Promise<void> {
  if (labels.length === 0) {
    tellBad('There is nothing to print a label for.');
    return;
  }
  try {
    await api.printLabels(labels.slice(0, 200));
    tell(labels.length === 1 ? 'One label is printed.' : `${labels.length} labels are printed.`);
  } catch (thrown) {
    tellBad(problemOf(thrown).detail);
  }
}
