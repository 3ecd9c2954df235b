import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useStore } from 'zustand';
import { documentOf, type Problem, problemOf, Refusal } from '../api/client';
import { begin } from '../craft/craft';
import { PinnedPicture } from '../order/pictures';
import { allowedFor } from '../plan/allowed';
import { Beside, OpenPlan, useEditorState, useOpen, usePlan, useTier } from '../plan/context';
import type { Editor } from '../plan/editor';
import { count } from '../plan/edits';
import { openEditor } from '../plan/open-editor';
import { type Shortcut, useShortcuts } from '../ui/keys';
import { Skip, toWork } from '../ui/skip';
import { useTitle } from '../ui/title';
import { useMe } from '../units/names';
import { useBench } from '../units/preferences';
import { EVERYWHERE } from './around';
import { Conflict } from './conflict';
import { GoTo } from './goto';
import { Intro } from './intro';
import { Nowhere } from './nowhere';
import { AlsoHere } from './present';
import { stages } from './screens';
import { StackRail } from './stack-rail';
import { StageLine } from './stage-line';
import { STAGES, type StageKey, TITLES } from './stages';

/** Not while the first picture is still being laid out: on a slow line and processor they would come before it. */
const AHEAD_AFTER_MS = 4000;

/** The other stages come while nobody waits for anything. */
function useFetchedAhead(): void {
  useEffect(() => {
    const later = setTimeout(() => stages.all(), AHEAD_AFTER_MS);
    return () => clearTimeout(later);
  }, []);
}

/** A plan that is only glanced at needs no core; and whoever stays has its picture first. */
const CORE_AFTER_MS = 1500;

/** Core comes once the plan is worked on and nothing else is waited for: it is large, and the server answers until it is here. */
function useCore(): void {
  useEffect(() => {
    const whenIdle = window.requestIdleCallback ?? setTimeout;
    const later = setTimeout(() => whenIdle(() => void begin(documentOf)), CORE_AFTER_MS);
    return () => clearTimeout(later);
  }, []);
}

const Timers = lazy(() =>
  import('../turntable/timers')
    .then((m) => ({ default: m.Timers }))
    // Beside the work: where they do not come the page stands without them, and a reload asks again.
    .catch(() => ({ default: () => null })),
);

/** Timers run over every view; their script comes once the picture stands. */
function LaterTimers({ atBench }: { atBench: boolean }) {
  const [come, setCome] = useState(atBench);
  useEffect(() => {
    const later = setTimeout(() => setCome(true), CORE_AFTER_MS);
    return () => clearTimeout(later);
  }, []);
  return come ? (
    <div className={atBench ? 'at-bench' : ''}>
      <Suspense>
        <Timers />
      </Suspense>
    </div>
  ) : null;
}

export function PlanScreen() {
  useCore();
  const { id: typed, stage: wanted } = useParams();
  const id = Number(typed);
  const known = wanted === undefined || stages.has(wanted);
  const stage: StageKey = known && wanted !== undefined ? (wanted as StageKey) : 'measure';
  const [search, setSearch] = useSearchParams();
  const { data: bench, error: benchless } = useBench();
  const ready = bench !== undefined;
  const [editor, setEditor] = useState<Editor | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const held = useRef(bench);
  const me = useMe();
  const role = useRef(me?.role);
  role.current = me?.role;

  const [again, setAgain] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: opened again when it is tried again
  useEffect(() => {
    let gone = false;
    let opened: Editor | null = null;
    let retry: ReturnType<typeof setTimeout> | undefined;
    setEditor(null);
    setProblem(null);
    if (!ready) {
      return;
    }
    openEditor(
      id,
      () => held.current!,
      (before, after) => allowedFor(role.current, before, after),
    ).then(
      (made) => {
        opened = made;
        if (gone) {
          made.close();
        } else {
          setEditor(made);
        }
      },
      (thrown) => {
        if (gone) {
          return;
        }
        setProblem(problemOf(thrown));
        if (thrown instanceof Refusal && thrown.unreachable) {
          // Recovers by itself: asked again until there is an answer.
          retry = setTimeout(() => setAgain((n) => n + 1), 3000);
        }
      },
    );
    return () => {
      gone = true;
      clearTimeout(retry);
      opened?.close();
    };
  }, [id, ready, again]);

  useEffect(() => {
    if (held.current !== bench) {
      held.current = bench;
      void editor?.rework();
    }
  }, [bench, editor]);

  if (!/^\d+$/.test(typed ?? '')) {
    return <Nowhere />;
  }
  if (!known) {
    return <Nowhere view={wanted} />;
  }
  const wrong = problem ?? (benchless ? problemOf(benchless) : null);
  if (wrong !== null) {
    return <Unopened problem={wrong} />;
  }
  if (editor === null) {
    return <main className="p-10 text-soft">Opening the plan</main>;
  }
  return <Opened id={id} stage={stage} editor={editor} wanted={search.get('tier')} setSearch={setSearch} />;
}

function Unopened({ problem }: { problem: Problem }) {
  useTitle(problem.title);
  return (
    <main className="mx-auto max-w-lg p-10">
      <h1 className="heading mb-2">{problem.title}</h1>
      <p className="mb-5">{problem.detail}</p>
      {problem.status === 0 ? <p className="note mb-5">It is tried again every few seconds.</p> : null}
      <Link to="/" className="inline-flex min-h-11 items-center font-semibold text-pin">
        All orders
      </Link>
    </main>
  );
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
  // A tier that is not there (undone, taken out, a link of another plan) is no choice: then it is the topmost.
  const tierId = useStore(editor.store, ({ history: { present } }) =>
    present.tiers.some((t) => t.id === wanted) ? wanted! : present.tiers.at(-1)!.id,
  );
  const value = useMemo(
    () => ({
      editor,
      tierId,
      chooseTier: (tier: string) =>
        search.current(
          (before) => {
            before.set('tier', tier);
            return before;
          },
          { replace: true },
        ),
    }),
    [editor, tierId],
  );
  return (
    <OpenPlan.Provider value={value}>
      <OpenScreen id={id} stage={stage} />
    </OpenPlan.Provider>
  );
}

/** The plan and the stage in the window's title, the plan's keys, and going to anything in it. */
function AroundPlan({ id, stage }: { id: number; stage: StageKey }) {
  const plan = usePlan();
  usePlanKeys(id);
  useTitle(`${plan.name}, ${TITLES[stage]}`);
  return <GoTo id={id} plan={plan} />;
}

/** Whether this address was come to from another within the page, which the router counts. */
function wentHere(): boolean {
  return Number((window.history.state as { idx?: number } | null)?.idx ?? 0) > 0;
}

function OpenScreen({ id, stage }: { id: number; stage: StageKey }) {
  const { editor } = useOpen();
  const trouble = useEditorState((s) => s.trouble);
  const elsewhere = useEditorState((s) => s.elsewhere);
  const Screen = useMemo(() => stages.screen(stage), [stage]);
  useFetchedAhead();
  // Of a page that was just fetched the keys begin at the top, as anywhere.
  const before = useRef(wentHere() ? null : stage);
  useEffect(() => {
    // Whoever goes to another stage by keys goes on in it, not at the top of the page.
    if (before.current !== stage) {
      before.current = stage;
      toWork();
    }
  }, [stage]);
  if (stage === 'turntable') {
    return (
      <>
        <Suspense fallback={<main className="p-8 text-[1.3rem]">Laying out the steps</main>}>
          <Screen />
        </Suspense>
        <LaterTimers atBench />
        <AlsoHere id={id} stage={stage} />
        <Conflict />
      </>
    );
  }
  return (
    <div className="flex h-dvh flex-col max-md:h-auto print:block print:h-auto">
      <Skip />
      <Beside>
        <StageLine id={id} stage={stage} />
      </Beside>
      <AlsoHere id={id} stage={stage} />
      <Beside>
        <Intro stage={stage} />
      </Beside>
      {trouble ? (
        <p role="alert" className="bg-stop px-5 py-2 text-sheet">
          {trouble.detail}{' '}
          <button type="button" className="min-h-11 font-semibold underline" onClick={() => editor.saveNow()}>
            Try saving again
          </button>
        </p>
      ) : null}
      {elsewhere !== null ? (
        <p role="status" className="flex flex-wrap items-center gap-x-3 bg-look-ground px-5 py-1.5 text-ink">
          This plan was changed in another window.
          <button
            type="button"
            className="min-h-11 font-semibold text-pin underline"
            onClick={() => void editor.follow()}
          >
            Show what it is now
          </button>
        </p>
      ) : null}
      <div className="grid min-h-0 flex-1 grid-cols-[150px_minmax(0,1fr)_288px] max-lg:grid-cols-[128px_minmax(0,1fr)_256px] max-md:grid-cols-1 print:block">
        <Beside>
          <StackRail id={id} />
        </Beside>
        <Suspense
          fallback={
            <main id="work" tabIndex={-1} className="p-6 text-soft outline-none">
              Laying it out
            </main>
          }
        >
          <Screen />
        </Suspense>
      </div>
      <Conflict />
      <LaterTimers atBench={false} />
      <Beside>
        <AroundPlan id={id} stage={stage} />
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
  const step = (by: 1 | -1) =>
    void editor.edit((newest) => {
      // From the count as it is meant by now: every press counts, however far the picture lags behind.
      const now = newest.tiers.find((t) => t.id === tier.id)?.divisions[0]?.count ?? division.count;
      const next =
        by > 0 ? Math.min(...closing.filter((n) => n > now)) : Math.max(...closing.filter((n) => n < now));
      return count(tier.id, division.id, Number.isFinite(next) ? next : Math.max(1, now + by))(newest);
    });
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
    { key: 'b', run: () => void go('turntable') },
    { key: 'z', ctrl: true, shift: false, run: () => void editor.undo() },
    { key: 'z', ctrl: true, shift: true, run: () => void editor.redo() },
    ...EVERYWHERE,
  ];
  useShortcuts(shortcuts);
}
