import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { type Problem, problemOf } from '../api/client';
import { Build } from '../build/build';
import { Compare } from '../compare/compare';
import { DaysStage } from '../days/days';
import { Divide } from '../divide/divide';
import { Dress } from '../dress/dress';
import { Make } from '../make/make';
import { Measure } from '../measure/measure';
import { Order } from '../order/order';
import { Beside, OpenPlan, useEditorState, useOpen, usePlan, useTier } from '../plan/context';
import { type Editor, openEditor } from '../plan/editor';
import { count } from '../plan/edits';
import { Print } from '../print/print';
import { HandoverSheet } from '../steps/handover';
import { Steps } from '../steps/steps';
import { useBench } from '../units/preferences';
import { Conflict } from './conflict';
import { GoTo, useGoTo } from './goto';
import { useHelp } from './help';
import { type Shortcut, useShortcuts } from './keys';
import { PinnedPicture } from './pictures';
import { StackRail } from './stack-rail';
import { StageLine } from './stage-line';
import { STAGES, type StageKey } from './stages';

const SCREENS = {
  measure: Measure,
  divide: Divide,
  dress: Dress,
  make: Make,
  build: Build,
  days: DaysStage,
  steps: Steps,
  handover: HandoverSheet,
  print: Print,
  order: Order,
  compare: Compare,
};

export function PlanScreen() {
  const { id: typed, stage: wanted } = useParams();
  const id = Number(typed);
  const stage: StageKey = wanted !== undefined && wanted in SCREENS ? (wanted as StageKey) : 'measure';
  const [search, setSearch] = useSearchParams();
  const { data: bench, error: benchless } = useBench();
  const ready = bench !== undefined;
  const [editor, setEditor] = useState<Editor | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const held = useRef(bench);

  useEffect(() => {
    let gone = false;
    let opened: Editor | null = null;
    setEditor(null);
    setProblem(null);
    if (!ready) {
      return;
    }
    openEditor(id, () => held.current!).then(
      (made) => {
        opened = made;
        if (gone) {
          made.close();
        } else {
          setEditor(made);
        }
      },
      (thrown) => gone || setProblem(problemOf(thrown)),
    );
    return () => {
      gone = true;
      opened?.close();
    };
  }, [id, ready]);

  useEffect(() => {
    if (held.current !== bench) {
      held.current = bench;
      void editor?.rework();
    }
  }, [bench, editor]);

  const wrong = problem ?? (benchless ? problemOf(benchless) : null);
  if (wrong !== null) {
    return (
      <main className="mx-auto max-w-lg p-10">
        <h1 className="heading mb-2">{wrong.title}</h1>
        <p className="mb-5">{wrong.detail}</p>
        <Link to="/" className="font-semibold text-pin">
          All orders
        </Link>
      </main>
    );
  }
  if (editor === null) {
    return <main className="p-10 text-soft">Opening the plan</main>;
  }
  return <Opened id={id} stage={stage} editor={editor} wanted={search.get('tier')} setSearch={setSearch} />;
}

interface OpenedProps {
  id: number;
  stage: StageKey;
  editor: Editor;
  wanted: string | null;
  setSearch: ReturnType<typeof useSearchParams>[1];
}

function Opened({ id, stage, editor, wanted, setSearch }: OpenedProps) {
  const search = useRef(setSearch);
  search.current = setSearch;
  const value = useMemo(
    () => ({
      editor,
      tierId: wanted ?? editor.store.getState().history.present.tiers.at(-1)!.id,
      chooseTier: (tier: string) => search.current({ tier }, { replace: true }),
    }),
    [editor, wanted],
  );
  return (
    <OpenPlan.Provider value={value}>
      <OpenScreen id={id} stage={stage} />
    </OpenPlan.Provider>
  );
}

/** The plan's name in the window's title, its keys, and going to anything in it. */
function Around({ id }: { id: number }) {
  const plan = usePlan();
  usePlanKeys(id);
  useEffect(() => {
    document.title = `${plan.name} · Sectorum`;
    return () => {
      document.title = 'Sectorum';
    };
  }, [plan.name]);
  return <GoTo id={id} plan={plan} />;
}

function OpenScreen({ id, stage }: { id: number; stage: StageKey }) {
  const { editor } = useOpen();
  const trouble = useEditorState((s) => s.trouble);
  const Screen = SCREENS[stage];
  return (
    <div className="flex h-dvh flex-col max-md:h-auto">
      <Beside>
        <StageLine id={id} stage={stage} />
      </Beside>
      {trouble ? (
        <p role="alert" className="bg-stop px-5 py-2 text-sheet">
          {trouble.detail}{' '}
          <button type="button" className="min-h-11 font-semibold underline" onClick={() => editor.saveNow()}>
            Try saving again
          </button>
        </p>
      ) : null}
      <div className="grid min-h-0 flex-1 grid-cols-[150px_minmax(0,1fr)_288px] max-lg:grid-cols-[128px_minmax(0,1fr)_256px] max-md:grid-cols-1">
        <Beside>
          <StackRail id={id} />
        </Beside>
        <Screen />
      </div>
      <Conflict />
      <Beside>
        <Around id={id} />
      </Beside>
      <PinnedPicture plan={id} />
    </div>
  );
}

function usePlanKeys(id: number): void {
  const { editor, chooseTier } = useOpen();
  const { tier, index, worked } = useTier();
  const plan = usePlan();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const go = (stage: StageKey) => navigate({ pathname: `/plan/${id}/${stage}`, search: search.toString() });
  const division = tier.divisions[0]!;
  const closing = worked.divisions[0]!.ladder.rungs.filter((r) => !r.refused).map((r) => r.n);
  const step = (by: 1 | -1) => {
    const next =
      by > 0
        ? Math.min(...closing.filter((n) => n > division.count))
        : Math.max(...closing.filter((n) => n < division.count));
    void editor.edit(
      count(tier.id, division.id, Number.isFinite(next) ? next : Math.max(1, division.count + by)),
    );
  };
  const other = (by: number) => {
    const there = plan.tiers[index + by];
    if (there) {
      chooseTier(there.id);
    }
  };
  const shortcuts: Shortcut[] = [
    { key: '[', run: () => step(-1) },
    { key: ']', run: () => step(1) },
    { key: ',', run: () => other(1) },
    { key: '.', run: () => other(-1) },
    ...STAGES.map((s, i) => ({ key: String(i + 1), run: () => void go(s.key) })),
    { key: 'p', run: () => void go('print') },
    { key: 'z', ctrl: true, shift: false, run: () => void editor.undo() },
    { key: 'z', ctrl: true, shift: true, run: () => void editor.redo() },
    { key: 'k', ctrl: true, run: () => useGoTo.getState().setOpen(true) },
    { key: '?', run: () => useHelp.getState().setOpen(true) },
  ];
  useShortcuts(shortcuts);
}
