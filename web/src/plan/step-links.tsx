import { Link, useLocation } from 'react-router';
import { usePlanId } from './use';

const PAGES = [
  { to: 'turntable', label: 'To the turntable' },
  { to: 'steps', label: 'All steps and cautions' },
  { to: 'handover', label: 'Handover sheet' },
  { to: 'client', label: 'Sheet for the client' },
];

/** To what is told of the whole work, with or without a day. */
export function StepLinks() {
  const id = usePlanId();
  const { search } = useLocation();
  return (
    <>
      {PAGES.map((page) => (
        <Link
          key={page.to}
          to={{ pathname: `/plan/${id}/${page.to}`, search }}
          className="inline-flex min-h-11 items-center font-semibold text-pin"
        >
          {page.label}
        </Link>
      ))}
    </>
  );
}
