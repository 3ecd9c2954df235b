import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileUp, Plus, Search } from 'lucide-react';
import { lazy, Suspense, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, type PlanLine, problemOf } from '../api/client';
import { Around } from '../shell/around';
import { Brand } from '../shell/brand';
import { DemoNote } from '../shell/demo-note';
import { HelpButton } from '../shell/help';
import { UnitMenu } from '../shell/unit-menu';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { useKept } from '../ui/kept';
import { Skip, toWork } from '../ui/skip';
import { useTitle } from '../ui/title';
import { tell, tellBad } from '../ui/toasts';
import { may, useMe } from '../units/names';
import { FILTERS, type Filter, fits } from './filter';
import { OrderRow } from './row';

const NameAndDay = lazy(() => import('./name-and-day').then((m) => ({ default: m.NameAndDay })));

/** A plan file is some kilobytes; far past this it is something else, and not worth sending. */
const MOST_BYTES = 4 * 1024 * 1024;

/** The cakes in work by the day they are needed. */
export function Orders() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const plans = useQuery({ queryKey: ['plans'], queryFn: api.plans });
  const me = useMe();
  const plansHere = may(me, 'decorator');
  const [naming, setNaming] = useState<PlanLine | 'new' | null>(null);
  const [typed, setTyped] = useKept('typed', '');
  const [filter, setFilter] = useKept<Filter>('filter', 'open');
  useTitle('Orders');
  const [badFile, setBadFile] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const again = () => client.invalidateQueries({ queryKey: ['plans'] });
  const tried = async (task: () => Promise<unknown>) => {
    try {
      await task();
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
    await again();
  };

  const open = async (chosen: File) => {
    setBadFile(null);
    if (chosen.size > MOST_BYTES && !chosen.name.endsWith('.zip')) {
      setBadFile(
        `${chosen.name} has ${Math.round(chosen.size / 1024 / 1024)} MB; a plan file has at most 4. Choose another file.`,
      );
      return;
    }
    try {
      if (chosen.name.endsWith('.zip')) {
        const report = await api.takeArchive(chosen);
        await client.invalidateQueries();
        tell(`${report.taken.plans ?? 0} plans came in from ${report.workshop}.`);
        return;
      }
      const opened = await api.open(await chosen.text());
      await again();
      navigate(`/plan/${opened.id}/measure`);
    } catch (thrown) {
      const { field, detail } = problemOf(thrown);
      setBadFile(`${chosen.name} was not opened. ${field ? `${field}: ` : ''}${detail}`);
    }
  };

  const demo = () =>
    tried(async () => {
      await api.demo();
      await client.invalidateQueries();
    });
  const outlook = useQuery({
    queryKey: ['outlook', plans.data],
    queryFn: api.outlook,
    enabled: plans.data !== undefined && plans.data.length > 0,
    placeholderData: (before) => before,
    refetchInterval: 60_000,
  });
  const all = plans.data ?? [];
  // Late is what should have been begun, not only what should be over.
  const late = new Set(outlook.data?.filter((o) => o.late > 0).map((o) => o.id));
  const lines = all.filter(
    (p) =>
      fits(p, filter, typed, Date.now()) ||
      (filter === 'late' && late.has(p.id) && fits(p, 'all', typed, Date.now())),
  );
  return (
    <div className="min-h-dvh">
      <Skip />
      <header className="flex min-h-[72px] items-center justify-between border-b-[1.5px] border-ink bg-sheet px-5 print:hidden">
        <Brand under={me?.workshop ?? ''} />
        <div className="flex flex-wrap items-center justify-end">
          {[
            ['/cupboard', 'Cupboard'],
            ['/notebook', 'Notebook'],
            ['/devices', 'Devices'],
            ['/rehearse', 'Rehearse'],
            ['/workshop', 'Workshop'],
          ].map(([to, words]) => (
            <Link
              key={to}
              to={to!}
              className="inline-flex min-h-11 items-center rounded-md px-3 text-ink no-underline hover:bg-ink/8 max-sm:px-1.5"
            >
              {words}
            </Link>
          ))}
          <UnitMenu />
          <HelpButton />
        </div>
      </header>
      <DemoNote />
      <main id="work" tabIndex={-1} className="mx-auto max-w-5xl px-6 py-8 outline-none max-[360px]:px-3">
        <div className="mb-5 flex flex-wrap items-end justify-between gap-3">
          <div>
            <h1 className="font-display text-[1.9rem] leading-tight font-bold">Orders</h1>
            <p className="note">by the day they are needed</p>
          </div>
          <div className={plansHere ? 'flex flex-wrap gap-2.5' : 'hidden'}>
            <Button onClick={() => file.current?.click()}>
              <FileUp size={18} aria-hidden /> Open a plan file
            </Button>
            <input
              ref={file}
              type="file"
              aria-label="Plan file"
              accept=".json,.zip,application/json,application/zip"
              className="sr-only"
              tabIndex={-1}
              onChange={(e) => {
                const chosen = e.currentTarget.files?.[0];
                e.currentTarget.value = '';
                if (chosen) {
                  void open(chosen);
                }
              }}
            />
            <Button look="main" onClick={() => setNaming('new')}>
              <Plus size={18} aria-hidden /> New plan
            </Button>
          </div>
        </div>
        {badFile ? (
          <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
            {badFile}
          </p>
        ) : null}
        {plans.error ? (
          <div role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
            {problemOf(plans.error).detail}{' '}
            <Button look="pin" onClick={() => plans.refetch()}>
              Try again
            </Button>
          </div>
        ) : null}
        {plans.data && all.length === 0 ? (
          <div className="border border-dashed border-ink/40 px-6 py-10 text-center">
            <p className="heading mb-1">No orders yet</p>
            <p className="note mb-5">Begin with one tier: its size, or the tape around it.</p>
            <div className={plansHere ? 'flex flex-wrap justify-center gap-3' : 'hidden'}>
              <Button look="main" onClick={() => setNaming('new')}>
                <Plus size={18} aria-hidden /> New plan
              </Button>
              {may(me, 'owner') ? <Button onClick={demo}>Look at the demo first</Button> : null}
            </div>
          </div>
        ) : null}
        {all.length > 0 ? (
          <div className="mb-4 flex flex-wrap items-center gap-4">
            <label className="relative block">
              <span className="sr-only">Search orders</span>
              <Search size={18} aria-hidden className="absolute top-3 left-3 text-soft" />
              <input
                value={typed}
                onChange={(e) => setTyped(e.currentTarget.value)}
                placeholder="Name, client or place"
                className="min-h-11 w-72 rounded-md border border-ink/45 bg-sheet pr-3 pl-10"
              />
            </label>
            <Choice hideLabel label="Which orders" value={filter} options={FILTERS} onChoice={setFilter} />
          </div>
        ) : null}
        {all.length > 0 && lines.length === 0 ? (
          <p className="note py-6">
            No order fits.{' '}
            <Button
              look="pin"
              onClick={() => {
                setTyped('');
                setFilter('all');
              }}
            >
              Show all
            </Button>
          </p>
        ) : null}
        <ul aria-label="Orders" className="border-t-[1.5px] border-ink">
          {lines.map((line) => (
            <OrderRow
              key={line.id}
              line={line}
              outlook={outlook.data?.find((o) => o.id === line.id)}
              fixed={!plansHere}
              onName={() => setNaming(line)}
              onArchive={() =>
                tried(async () => {
                  await api.archive(line.id, !line.archived);
                  tell(`${line.name} is ${line.archived ? 'back in work' : 'archived'}.`, {
                    label: 'Undo',
                    run: () => void tried(() => api.archive(line.id, line.archived)),
                  });
                })
              }
              onCopy={() =>
                tried(async () => {
                  await api.copy(line.id, `${line.name.slice(0, 113)}, copy`);
                })
              }
              onDelete={() =>
                tried(async () => {
                  await api.remove(line.id);
                  tell(`${line.name} is deleted.`, {
                    label: 'Undo',
                    run: () => void tried(() => api.restore(line.id)),
                  });
                }).then(toWork)
              }
            />
          ))}
        </ul>
        {plans.data ? (
          <p className="mt-4">
            <Link to="/deleted" className="inline-flex min-h-11 items-center font-semibold text-pin">
              Deleted orders
            </Link>{' '}
            <span className="note">can be brought back for thirty days</span>
          </p>
        ) : null}
      </main>
      <Around />
      {naming ? (
        <Suspense>
          <NameAndDay
            line={naming === 'new' ? null : naming}
            onClose={() => setNaming(null)}
            onDone={async (saved) => {
              await again();
              setNaming(null);
              if (naming === 'new') {
                navigate(`/plan/${saved.id}/measure`);
              }
            }}
          />
        </Suspense>
      ) : null}
    </div>
  );
}
