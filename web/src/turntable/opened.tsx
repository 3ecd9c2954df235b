import { lazy, Suspense } from 'react';
import type { BenchPlace, BenchState, BenchStep } from '../api/client';
import { Choice } from '../ui/choice';
import { Dialog } from '../ui/dialog';
import { TypedField } from '../ui/typed';
import type { Now } from './flow';
import { type Journal, READER, who } from './journal';
import { Jump } from './jump';
import { canSpeak } from './say';
import { Skip } from './skip';
import type { Sequence } from './use-now';

/** What lies over the step. */
export type Open =
  | 'jump'
  | 'skip'
  | 'came-out'
  | 'fault'
  | 'photo'
  | 'phone'
  | 'settings'
  | 'note'
  | 'timer'
  | 'used';

const CameOut = lazy(() => import('./came-out').then((m) => ({ default: m.CameOut })));
const CoverFault = lazy(() => import('./cover-fault').then((m) => ({ default: m.CoverFault })));
const Photo = lazy(() => import('./photo').then((m) => ({ default: m.Photo })));
const Notes = lazy(() => import('./notes').then((m) => ({ default: m.Notes })));
const OwnTimer = lazy(() => import('./own-timer').then((m) => ({ default: m.OwnTimer })));
const UsedOrBroken = lazy(() => import('./used').then((m) => ({ default: m.UsedOrBroken })));
const Phone = lazy(() => import('./phone').then((m) => ({ default: m.Phone })));

interface Props {
  what: Open;
  close: () => void;
  now: Now;
  steps: BenchStep[];
  state: BenchState;
  journal: Journal;
  places: readonly BenchPlace[];
  goTo: (step: string) => void;
  skip: (reason: string) => void;
  choices: Choices;
}

interface Choices {
  aloud: boolean;
  setAloud: (aloud: boolean) => void;
  sequence: Sequence | null;
  setSequence: (sequence: Sequence | null) => void;
}

const TITLES: Record<Open, string> = {
  jump: 'All steps',
  skip: 'Skip this step',
  'came-out': 'It came out at…',
  fault: 'Cover a fault',
  photo: 'Evenness from a photograph',
  phone: 'On the phone',
  settings: 'Order and voice',
  note: 'Notes',
  timer: 'A timer',
  used: 'Broken or weighed',
};

export function Opened(props: Props) {
  const { what, close } = props;
  const wide = !['skip', 'phone', 'settings', 'note', 'timer', 'used'].includes(what);
  return (
    <Dialog title={TITLES[what]} open onOpenChange={(open) => (open ? undefined : close())} wide={wide}>
      <Suspense fallback={<p className="text-soft">One moment</p>}>
        <Inside {...props} />
      </Suspense>
    </Dialog>
  );
}

function Inside({ what, close, now, steps, state, journal, places, goTo, skip, choices }: Props) {
  switch (what) {
    case 'jump':
      return (
        <Jump
          steps={steps}
          state={state}
          at={now.index}
          goTo={(id) => {
            goTo(id);
            close();
          }}
        />
      );
    case 'skip':
      return (
        <Skip
          onSkip={(reason) => {
            skip(reason);
            close();
          }}
        />
      );
    case 'used':
      return <UsedOrBroken now={now} journal={journal} close={close} />;
    case 'came-out':
      return <CameOut now={now} places={places} journal={journal} close={close} />;
    case 'fault':
      return <CoverFault now={now} journal={journal} close={close} />;
    case 'photo':
      return <Photo now={now} journal={journal} close={close} />;
    case 'note':
      return <Notes now={now} steps={steps} state={state} journal={journal} />;
    case 'timer':
      return <OwnTimer now={now} journal={journal} close={close} />;
    case 'phone':
      return <Phone />;
    case 'settings':
      return <Settings {...choices} />;
  }
}

function Settings({ aloud, setAloud, sequence, setSequence }: Choices) {
  return (
    <div className="flex flex-col items-start gap-5">
      <Choice
        label="From place to place"
        value={sequence ?? 'usual'}
        options={[
          { name: 'usual', label: 'as the workshop does' },
          { name: 'tape', label: 'as the tape runs' },
          { name: 'alternate', label: 'front, then both sides' },
          { name: 'round', label: 'front, then round' },
        ]}
        onChoice={(s) => setSequence(s === 'usual' ? null : (s as Sequence))}
        stacked
      />
      {canSpeak() ? (
        <Choice
          label="The next mark is read aloud"
          value={aloud ? 'on' : 'off'}
          options={[
            { name: 'off', label: 'only when asked' },
            { name: 'on', label: 'each by itself' },
          ]}
          onChoice={(v) => setAloud(v === 'on')}
        />
      ) : (
        <p className="note">This browser has no voice of its own.</p>
      )}
      <TypedField
        label="Who works at this device"
        shown={who()}
        placeholder="initials"
        onTyped={async (words) => {
          localStorage.setItem(READER, words.slice(0, 12));
          return null;
        }}
      />
      <p className="note">
        A left hand works as a mirror shows it: choose the hand under the units at the top of the plan. Keys:
        Space or → goes on, ← takes back, S says it, D is dark or light, J shows all steps.
      </p>
    </div>
  );
}
