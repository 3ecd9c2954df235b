import { Ruler } from 'lucide-react';
import { Popover } from 'radix-ui';
import type { LengthUnit, Preferences } from '../api/client';
import { Choice } from '../ui/choice';
import { tellBad } from '../ui/toasts';
import { usePrefer, usePreferences } from '../units/preferences';

const UNITS: { name: LengthUnit; label: string }[] = [
  { name: 'mm', label: 'mm' },
  { name: 'cm', label: 'cm' },
  { name: 'inch', label: 'inches' },
];

const TAPES = {
  metric: [
    { name: '1', label: '1 mm' },
    { name: '0.5', label: 'half mm' },
    { name: '5', label: '5 mm' },
  ],
  inch: [
    { name: '1.5875', label: '1/16″' },
    { name: '3.175', label: '1/8″' },
    { name: '6.35', label: '1/4″' },
  ],
};

const HANDS: { name: Preferences['hand']; label: string }[] = [
  { name: 'right', label: 'right' },
  { name: 'left', label: 'left' },
];

const COURSES: { name: NonNullable<Preferences['course']>; label: string }[] = [
  { name: 'alternate', label: 'both sides in turn' },
  { name: 'round', label: 'round and round' },
];

/** The person's own unit and tape: how lengths are shown, and what they are read to. */
export function UnitPopover() {
  const preferences = usePreferences();
  const prefer = usePrefer();
  const change = (next: typeof preferences) => prefer(next).catch((e: unknown) => tellBad(String(e)));
  const tapes = preferences.unit === 'inch' ? TAPES.inch : TAPES.metric;
  return (
    <Popover.Root defaultOpen>
      <Popover.Trigger
        className="inline-flex min-h-11 items-center gap-1.5 rounded-md px-2.5 hover:bg-ink/8"
        title="Units, tape and hand"
      >
        <Ruler size={19} aria-hidden className="max-md:hidden" />{' '}
        {preferences.unit === 'inch' ? 'in' : preferences.unit}
        <span className="sr-only">: units, tape and hand</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Units, tape and hand"
          sideOffset={6}
          align="end"
          className="z-40 flex flex-col gap-3 rounded-lg border border-ink/40 bg-sheet p-4 shadow-[0_6px_24px_rgb(28_42_54/0.2)]"
        >
          <Choice
            label="Lengths in"
            value={preferences.unit}
            options={UNITS}
            onChoice={(unit) =>
              change({
                ...preferences,
                unit,
                tapeMm: unit === 'inch' ? 1.5875 : preferences.unit === 'inch' ? 1 : preferences.tapeMm,
              })
            }
          />
          <Choice
            label="Your tape reads to"
            value={String(preferences.tapeMm)}
            options={tapes}
            onChoice={(tape) => change({ ...preferences, tapeMm: Number(tape) })}
          />
          <Choice
            label="The hand that leads"
            value={preferences.hand}
            options={HANDS}
            onChoice={(hand) => change({ ...preferences, hand })}
          />
          <Choice
            label="Round a tier"
            value={preferences.course ?? 'alternate'}
            options={COURSES}
            onChoice={(course) => change({ ...preferences, course })}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
