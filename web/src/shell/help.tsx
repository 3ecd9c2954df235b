import { Keyboard } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { Button } from '../ui/button';
import { useHelp } from './help-open';

const HelpDialog = lazy(() => import('./help-dialog').then((m) => ({ default: m.HelpDialog })));

export function HelpButton() {
  const { open, setOpen } = useHelp();
  return (
    <>
      <Button
        look="quiet"
        onClick={() => setOpen(true)}
        aria-label="All keys"
        title="All keys · ?"
        className="px-2.5 max-md:hidden"
      >
        <Keyboard size={20} aria-hidden />
      </Button>
      {open ? (
        <Suspense>
          <HelpDialog />
        </Suspense>
      ) : null}
    </>
  );
}
