import { Link } from 'react-router';
import { useMe } from '../units/names';
import { useTour } from './tour';

/** Says that all of it is made up, where it is. */
export function DemoNote() {
  const me = useMe();
  const go = useTour((s) => s.go);
  return me?.demo ? (
    <p className="bg-look-ground px-5 py-1.5 text-[0.95rem] text-ink print:hidden">
      This is the demo: the workshop, its people and all numbers are made up.{' '}
      <button type="button" className="min-h-8 font-semibold text-pin underline" onClick={() => go(0)}>
        Take the tour
      </button>{' '}
      or{' '}
      <Link to="/sign-in" className="font-semibold text-pin">
        begin your own
      </Link>
    </p>
  ) : null;
}
