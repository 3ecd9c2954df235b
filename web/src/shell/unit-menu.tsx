import { Ruler } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { usePreferences } from '../units/preferences';

const UnitPopover = lazy(() => import('./unit-popover').then((m) => ({ default: m.UnitPopover })));

/** The person's own unit; what it opens is fetched when it is opened. */
export function UnitMenu() {
  const [asked, setAsked] = useState(false);
  const { unit } = usePreferences();
  const closed = (
    <button
      type="button"
      title="Units, tape and hand"
      aria-haspopup="dialog"
      onClick={() => setAsked(true)}
      className="inline-flex min-h-11 items-center gap-1.5 rounded-md px-2.5 hover:bg-ink/8"
    >
      <Ruler size={19} aria-hidden className="max-md:hidden" /> {unit === 'inch' ? 'in' : unit}
      <span className="sr-only">: units, tape and hand</span>
    </button>
  );
  return asked ? (
    <Suspense fallback={closed}>
      <UnitPopover />
    </Suspense>
  ) : (
    closed
  );
}
