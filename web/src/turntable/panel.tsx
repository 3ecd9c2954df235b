import { CheckCheck, ChevronLeft, ChevronRight, TriangleAlert, Volume2 } from 'lucide-react';
import { useState } from 'react';
import type { BenchPlace, BenchStep, Entry } from '../api/client';
import { usePreferences } from '../units/preferences';
import { span } from '../units/time';
import { lengthParts, say } from '../units/units';
import type { Act, Grain, Now } from './flow';
import { canSpeak } from './say';
import { StepPicture } from './step-picture';

interface Props {
  now: Now;
  place: BenchPlace | undefined;
  /** How many places the next press does. */
  many: number;
  meant: Act;
  guarded: boolean;
  steps: BenchStep[];
  go: () => void;
  back: () => void;
  rest: () => void;
  anyway: () => void;
  goTo: (step: string) => void;
  settled: () => void;
  grain: Grain;
  setGrain: (grain: Grain) => void;
  sayIt: () => void;
}

/** A number stays with its unit. */
const whole = (words: string) => words.replace(/(\d) (?=(?:g|kg|mm|cm|min|h|ml|%)(?![a-z]))/g, '$1\u00a0');

const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

/** What the hand needs now and nothing else, large enough to be read from the other end of the bench. */
export function Panel(props: Props) {
  const { now, place, many, meant, guarded, go, back, rest, sayIt } = props;
  const { unit } = usePreferences();
  const { step, state } = now;
  const { told, key } = step;
  const left = key.count - state.count;
  const words =
    meant === 'on'
      ? 'Next step'
      : meant === 'count'
        ? many > 1
          ? `${many} ${step.many}`
          : `${step.one} ${place?.number ?? state.count + 1}`
        : meant === 'look'
          ? 'Done. Look first'
          : meant === 'guard'
            ? 'Cannot be undone'
            : 'Done';
  return (
    <section
      aria-label="This step"
      className="row-span-2 flex min-h-0 flex-col border-l-[1.5px] border-ink bg-sheet max-md:min-h-fit max-md:flex-1 max-md:border-t-[1.5px] max-md:border-l-0"
    >
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: the keys for it are the page's own, and the button beneath says it */}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: a knuckle finds the whole of it */}
      <div
        onClick={(e) => {
          if (meant === 'count' && !(e.target as Element).closest('button')) {
            go();
          }
        }}
        className="flex min-h-0 flex-1 flex-col gap-2.5 overflow-y-auto px-6 pt-3 pb-3 max-md:overflow-visible max-md:px-4 max-md:pt-1"
      >
        <div className="flex items-start gap-2">
          <p className="min-w-0 flex-1 pt-1 text-[1.15rem] text-soft">{told.name}</p>
          {canSpeak() ? (
            <button
              type="button"
              onClick={sayIt}
              aria-label="Say it"
              title="S"
              className="grid size-12 shrink-0 place-items-center rounded-md hover:bg-ink/8"
            >
              <Volume2 size={25} aria-hidden />
            </button>
          ) : null}
        </div>
        <Numbers {...props} />
        <h2 className="font-display text-[clamp(1.5rem,2vw,1.8rem)] leading-[1.16] font-semibold text-balance">
          {whole(say(told.what, unit))}
        </h2>
        {step.told.tier === '' ? null : (
          <div className="md:hidden">
            <StepPicture now={now} place={place} where="among" />
          </div>
        )}
        {guarded && meant === 'guard' ? <Guard {...props} /> : <Details {...props} />}
      </div>
      <div className="grid grid-cols-[96px_1fr] gap-2 border-t-[1.5px] border-ink p-3 max-md:sticky max-md:bottom-0 max-md:z-10 max-md:grid-cols-[72px_1fr] max-md:bg-sheet max-md:p-2">
        <button
          type="button"
          onClick={back}
          aria-label={state.undo === '' ? 'The step before' : 'Take back the last'}
          title="←"
          className="grid min-h-24 place-items-center rounded-lg border-2 border-ink/50 hover:bg-ink/8 max-md:min-h-20"
        >
          <ChevronLeft size={40} aria-hidden />
        </button>
        <button
          type="button"
          onClick={go}
          data-act={meant}
          title="Space"
          className="flex min-h-24 items-center justify-center gap-3 rounded-lg border-2 border-bench bg-bench px-4 font-display text-[clamp(1.6rem,2.4vw,2.1rem)] leading-tight font-bold text-on-bench max-md:min-h-20"
        >
          <span>{words}</span>
          <ChevronRight size={40} aria-hidden className="shrink-0" />
        </button>
        {left > 1 && meant === 'count' ? (
          <button
            type="button"
            onClick={rest}
            className="col-span-2 flex min-h-14 items-center justify-center gap-2 rounded-lg border-2 border-ink/40 text-[1.25rem] hover:bg-ink/8"
          >
            <CheckCheck size={26} aria-hidden /> All {key.count} are done
          </button>
        ) : null}
      </div>
    </section>
  );
}

/** The next mark's reading and how many there are: the largest thing on the screen. */
function Numbers({ now, place, grain, setGrain }: Props) {
  const { unit } = usePreferences();
  const { step, state } = now;
  const { count } = step.key;
  if (count === 0) {
    return null;
  }
  const onTape = place !== undefined && step.told.kind !== 'place' && state.count < count;
  const reading = onTape ? lengthParts(place.tape, unit) : null;
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-0.5">
      {reading ? (
        <div>
          <p className="text-[1.1rem] text-soft">
            {step.one} {place!.number} at
          </p>
          <p
            className="font-display text-[clamp(4rem,7.2vw,5.8rem)] leading-[0.92] font-bold text-pin"
            data-reading
          >
            {reading.number}
            <span className="pl-1.5 text-[1.7rem] font-semibold">{reading.unit}</span>
          </p>
        </div>
      ) : null}
      <div>
        <p className="text-[1.1rem] text-soft">done</p>
        <p
          className="font-display text-[clamp(2.6rem,4.4vw,3.6rem)] leading-none font-bold"
          data-count={state.count}
        >
          {state.count}
        </p>
        <p className="text-[1.25rem] leading-tight font-semibold text-soft">of {count}</p>
      </div>
      {state.count > count ? (
        <p className="text-[1.1rem] font-semibold text-look">
          {state.count - count} more than there are: two counted the same.
        </p>
      ) : null}
      {count > 12 && state.count < count ? (
        <button
          type="button"
          onClick={() => setGrain(grain === 'one' ? 'run' : 'one')}
          className="min-h-11 rounded-md px-1 text-[1.05rem] text-soft underline hover:bg-ink/8"
        >
          {grain === 'one' ? 'by handfuls' : 'one by one'}
        </button>
      ) : null}
    </div>
  );
}

function Details({ now, meant, settled }: Props) {
  const { unit } = usePreferences();
  const { told, window } = now.step;
  const { state } = now;
  const rows: [string, string][] = [
    ['with', told.tool],
    ['stuck with', told.joint],
    ['hands', told.minutes > 0 ? span(Math.max(1, told.minutes)) : ''],
    [
      'then',
      window
        ? `${window.early > 0 ? `wait ${span(window.early)}` : 'go on at once'}${window.late === undefined ? '' : `, at most ${span(window.late)}`}${told.pause?.where ? `, ${told.pause.where}` : ''}`
        : '',
    ],
  ];
  const look = meant === 'tick' && told.checks.length > 0;
  return (
    <>
      {state.apart.length > 0 ? <Apart entries={state.apart} settled={settled} /> : null}
      {state.progress === 'done' ? (
        <p className="text-[1.25rem] font-semibold text-good">
          Done{state.last?.who ? ` by ${state.last.who}` : ''}.
        </p>
      ) : null}
      {state.progress === 'skipped' ? (
        <p className="text-[1.25rem] font-semibold text-look">
          Skipped{state.last?.about ? `: ${lower(state.last.about)}` : ''}.
        </p>
      ) : null}
      {look || (meant === 'on' && told.checks.length > 0) ? (
        <div className="rounded-lg border-2 border-good bg-good-ground px-4 py-3">
          <p className="text-[1.1rem] font-semibold text-good">Before going on, look</p>
          {told.checks.map((c, i) => (
            <p key={i} className="text-[1.4rem] leading-snug">
              {say(c, unit)}
            </p>
          ))}
        </div>
      ) : null}
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-[1.2rem] leading-snug">
        {rows
          .filter(([, words]) => words !== '')
          .map(([label, words]) => (
            <div key={label} className="contents">
              <dt className="text-soft">{label}</dt>
              <dd>{words}</dd>
            </div>
          ))}
      </dl>
      {told.caution ? (
        <p className="flex gap-3 rounded-lg border-l-[6px] border-stop bg-stop-ground px-4 py-2.5 text-[1.15rem] leading-snug">
          <TriangleAlert size={26} aria-hidden className="shrink-0 text-stop" />
          {told.caution}
        </p>
      ) : null}
    </>
  );
}

/** Before what cannot be undone: what is still open. */
function Guard({ now, steps, goTo, anyway }: Props) {
  const [sure, setSure] = useState(false);
  const open = now.state.open.flatMap((task) => {
    const first = steps.find((s) => s.key.task === task);
    return first ? [first] : [];
  });
  return (
    <div
      role="alert"
      className="flex flex-col gap-2 rounded-lg border-2 border-stop bg-stop-ground px-4 py-3"
    >
      <p className="text-[1.3rem] font-semibold text-stop">This cannot be undone. Still open before it:</p>
      {open.map((s) => (
        <button
          key={s.key.task}
          type="button"
          onClick={() => goTo(s.key.id)}
          className="flex min-h-14 items-center justify-between gap-3 rounded-md border border-ink/40 bg-sheet px-4 text-left text-[1.2rem]"
        >
          {s.told.name} <ChevronRight size={24} aria-hidden />
        </button>
      ))}
      <button
        type="button"
        onClick={() => (sure ? anyway() : setSure(true))}
        className="min-h-14 rounded-md border-2 border-stop px-4 text-[1.2rem] font-semibold text-stop"
      >
        {sure ? 'Yes, go on all the same' : 'Go on all the same'}
      </button>
    </div>
  );
}

const DID: Record<string, string> = { tick: 'done', skip: 'skipped', count: 'counted on' };

/** What two did to one step without knowing of each other: both are kept. */
function Apart({ entries, settled }: { entries: readonly Entry[]; settled: () => void }) {
  return (
    <div role="status" className="rounded-lg border-2 border-look bg-look-ground px-4 py-3">
      <p className="text-[1.15rem] font-semibold text-look">Two worked at this step while apart</p>
      {entries.map((e) => (
        <p key={e.id} className="text-[1.15rem]">
          {DID[e.kind] ?? e.kind}
          {e.kind === 'count' ? ` by ${e.amount}` : ''} by {e.who || `device ${e.device.slice(0, 4)}`},{' '}
          {new Date(e.at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}
        </p>
      ))}
      <button
        type="button"
        onClick={settled}
        className="mt-1 min-h-12 rounded-md border border-ink/50 px-4 text-[1.1rem] font-semibold"
      >
        Seen
      </button>
    </div>
  );
}
