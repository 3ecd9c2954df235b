import { Disc3, Printer, Redo2, Undo2 } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { useEditorState, useOpen, usePlan } from '../plan/context';
import { Button } from '../ui/button';
import { day } from '../units/days';
import { Brand } from './brand';
import { HelpButton } from './help';
import { STAGES, type StageKey } from './stages';
import { UnitMenu } from './unit-menu';

/** Along the top: the stages as notches of a tape, a pin where this plan is looked at now. */
export function StageLine({ id, stage }: { id: number; stage: StageKey }) {
  const plan = usePlan();
  const { search } = useLocation();
  const under = plan.readyBy ? `${plan.name} · ${day(plan.readyBy)}` : plan.name;
  const steps = STAGES.length;
  const at = STAGES.findIndex((s) => s.key === stage);
  return (
    <>
      <p className="hidden font-display text-[1.1rem] font-bold print:block">{under}</p>
      <header className="grid min-h-[72px] grid-cols-[minmax(150px,264px)_1fr_auto] items-stretch border-b-[1.5px] border-ink bg-sheet max-[1151px]:grid-cols-[1fr_auto] print:hidden">
        <div className="flex min-w-0 items-center py-2 pr-2 pl-5 max-md:pr-1 max-md:pl-4">
          <Brand under={under} />
        </div>
        <nav
          aria-label="Stages"
          className="relative min-w-0 max-[1151px]:order-3 max-[1151px]:col-span-2 max-[1151px]:h-14"
        >
          <svg
            viewBox={`0 0 ${steps * 100} 10`}
            preserveAspectRatio="none"
            className="absolute bottom-0 left-0 h-2.5 w-full"
            aria-hidden="true"
          >
            {Array.from({ length: steps * 10 }, (_, i) => (
              <line
                key={i}
                x1={i * 10}
                x2={i * 10}
                y1={i % 10 === 0 ? 0 : 6}
                y2={10}
                stroke={i <= at * 10 || at < 0 ? 'var(--color-ink)' : 'var(--color-chalk)'}
                strokeWidth={i % 10 === 0 ? 2.4 : 1}
                vectorEffect="non-scaling-stroke"
              />
            ))}
          </svg>
          <ol className="grid h-full auto-cols-fr grid-flow-col max-md:flex max-md:justify-between max-md:pr-1">
            {STAGES.map((s, i) => (
              <li key={s.key} className="relative">
                <Link
                  to={{ pathname: `/plan/${id}/${s.key}`, search }}
                  aria-current={s.key === stage ? 'step' : undefined}
                  title={s.label}
                  className={`flex h-full flex-col justify-center pb-2.5 pl-2.5 no-underline hover:text-ink max-lg:pl-1.5 max-md:pl-1 ${s.key === stage ? 'font-bold text-ink' : 'text-soft'}`}
                >
                  <span aria-hidden className="text-[0.8rem] leading-none text-soft max-md:hidden">
                    {i + 1}
                  </span>
                  <span className="font-display text-[1.05rem] max-md:text-[0.84rem] max-[360px]:text-[0.78rem]">
                    {s.label}
                  </span>
                </Link>
                {s.key === stage ? (
                  <svg
                    width={18}
                    height={24}
                    className="pointer-events-none absolute bottom-0 -left-[9px]"
                    aria-hidden="true"
                  >
                    <path
                      d="M9 23C6 16 1 13.500 1 8.500A8 8 0 0 1 17 8.500C17 13.500 12 16 9 23Z"
                      fill="var(--color-pin)"
                    />
                  </svg>
                ) : null}
              </li>
            ))}
          </ol>
        </nav>
        <div className="flex items-center gap-0.5 pr-3 pl-2 max-md:pr-1 max-md:pl-0">
          <SaveState />
          <HistoryButtons />
          <Link
            to={{ pathname: `/plan/${id}/turntable`, search }}
            className="inline-flex min-h-11 items-center gap-2 rounded-md px-2.5 font-semibold text-pin no-underline hover:bg-pin/8"
            title="At the bench · B"
          >
            <Disc3 size={21} aria-hidden /> <span className="max-[1439px]:sr-only">Turntable</span>
          </Link>
          <Link
            to={{ pathname: `/plan/${id}/print`, search }}
            aria-current={stage === 'print' ? 'step' : undefined}
            className={`inline-flex min-h-11 items-center gap-2 rounded-md px-2.5 text-ink no-underline hover:bg-ink/8 ${stage === 'print' ? 'font-bold' : ''}`}
          >
            <Printer size={19} aria-hidden /> <span className="max-md:sr-only">Print</span>
          </Link>
          <UnitMenu />
          <HelpButton />
        </div>
      </header>
    </>
  );
}

function SaveState() {
  const saving = useEditorState((s) => s.saving);
  const trouble = useEditorState((s) => s.trouble);
  const kept = useEditorState((s) => s.kept);
  const away = saving === 'unreachable';
  const words =
    trouble !== null
      ? 'not saved'
      : away
        ? kept > 0
          ? `no answer · ${kept} kept here`
          : 'no answer · kept here'
        : saving === 'saved' && kept === 0
          ? 'saved'
          : 'saving';
  return (
    <span
      role="status"
      title={
        away ? 'What you do is kept in this browser, reckoned and saved when there is an answer.' : undefined
      }
      className={`px-2 text-[0.92rem] leading-tight max-[1439px]:max-w-24 max-md:px-1 ${words === 'saved' || words === 'saving' ? 'text-soft' : 'font-semibold text-stop'}`}
    >
      {words}
    </span>
  );
}

function HistoryButtons() {
  const { editor } = useOpen();
  const back = useEditorState((s) => s.history.past.length > 0);
  const forth = useEditorState((s) => s.history.future.length > 0);
  return (
    <>
      <Button
        look="quiet"
        disabled={!back}
        onClick={() => editor.undo()}
        aria-label="Undo"
        title="Undo · Ctrl Z"
        className="px-2.5"
      >
        <Undo2 size={20} aria-hidden />
      </Button>
      <Button
        look="quiet"
        disabled={!forth}
        onClick={() => editor.redo()}
        aria-label="Redo"
        title="Redo · Ctrl Shift Z"
        className="px-2.5"
      >
        <Redo2 size={20} aria-hidden />
      </Button>
    </>
  );
}
