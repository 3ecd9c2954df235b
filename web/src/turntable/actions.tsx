import {
  AlarmClock,
  Camera,
  ListOrdered,
  NotebookPen,
  Ruler,
  Scale,
  Settings2,
  SkipForward,
  Smartphone,
  SquareDashed,
} from 'lucide-react';
import type { ReactNode } from 'react';
import { useWorkup } from '../plan/context';
import type { Now } from './flow';
import type { Open } from './opened';

/** What is seldom wanted, and then at once. */
export function Actions({ now, setOpened }: { now: Now; setOpened: (open: Open) => void }) {
  const workup = useWorkup();
  const { told } = now.step;
  const tier = workup.tiers.some((t) => t.id === told.tier);
  return (
    <nav
      aria-label="At this step"
      className="flex gap-1 overflow-x-auto border-t border-ink/25 px-3 py-2 max-md:flex-wrap max-md:justify-center max-md:overflow-visible max-md:border-t-[1.5px] max-md:border-ink max-md:px-2 max-md:pb-4"
    >
      {tier ? (
        <>
          <Act open="came-out" setOpened={setOpened} icon={<Ruler size={24} aria-hidden />}>
            It came out at…
          </Act>
          <Act open="fault" setOpened={setOpened} icon={<SquareDashed size={24} aria-hidden />}>
            Cover a fault
          </Act>
          <Act open="photo" setOpened={setOpened} icon={<Camera size={24} aria-hidden />}>
            Evenness
          </Act>
        </>
      ) : null}
      <Act open="skip" setOpened={setOpened} icon={<SkipForward size={24} aria-hidden />}>
        Skip
      </Act>
      <Act open="jump" setOpened={setOpened} icon={<ListOrdered size={24} aria-hidden />}>
        All steps
      </Act>
      <Act open="used" setOpened={setOpened} icon={<Scale size={24} aria-hidden />}>
        Broken, weighed
      </Act>
      <Act open="note" setOpened={setOpened} icon={<NotebookPen size={24} aria-hidden />}>
        Note
      </Act>
      <Act open="timer" setOpened={setOpened} icon={<AlarmClock size={24} aria-hidden />}>
        Timer
      </Act>
      <Act open="phone" setOpened={setOpened} icon={<Smartphone size={24} aria-hidden />}>
        Phone
      </Act>
      <Act open="settings" setOpened={setOpened} icon={<Settings2 size={24} aria-hidden />}>
        Settings
      </Act>
    </nav>
  );
}

interface ActProps {
  open: Open;
  setOpened: (open: Open) => void;
  icon: ReactNode;
  children: ReactNode;
}

function Act({ open, setOpened, icon, children }: ActProps) {
  return (
    <button
      type="button"
      onClick={() => setOpened(open)}
      className="flex min-h-16 min-w-[60px] flex-1 shrink-0 flex-col items-center justify-center gap-0.5 rounded-md px-1 text-center text-[0.95rem] leading-tight hover:bg-ink/8"
    >
      {icon}
      {children}
    </button>
  );
}
