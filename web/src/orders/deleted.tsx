import { useQuery, useQueryClient } from '@tanstack/react-query';
import { RotateCcw } from 'lucide-react';
import { Link } from 'react-router';
import { api, type DeletedPlan, problemOf } from '../api/client';
import { Around } from '../shell/around';
import { Brand } from '../shell/brand';
import { Button } from '../ui/button';
import { Skip, toWork } from '../ui/skip';
import { useTitle } from '../ui/title';
import { tell, tellBad } from '../ui/toasts';

const day = (moment: string) =>
  new Date(moment).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** Orders that were deleted: each can be brought back for thirty days. */
export function Deleted() {
  const client = useQueryClient();
  const { data, error } = useQuery({ queryKey: ['deleted'], queryFn: api.deleted });
  useTitle('Deleted orders');
  const back = async (plan: DeletedPlan) => {
    try {
      await api.restore(plan.id);
      tell(`${plan.name} is back among the orders.`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
    await client.invalidateQueries();
    toWork();
  };
  return (
    <div className="min-h-dvh">
      <Skip />
      <header className="flex min-h-[72px] items-center border-b-[1.5px] border-ink bg-sheet px-5 print:hidden">
        <Brand under="" />
      </header>
      <main id="work" tabIndex={-1} className="mx-auto max-w-3xl px-6 py-8 outline-none">
        <h1 className="font-display text-[1.9rem] leading-tight font-bold">Deleted orders</h1>
        <p className="note mb-5">each is kept for thirty days, with its versions and pictures</p>
        {error ? (
          <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
            {problemOf(error).detail}
          </p>
        ) : null}
        {data && data.length === 0 ? (
          <p className="py-6">Nothing was deleted in the last thirty days.</p>
        ) : null}
        <ul aria-label="Deleted orders" className="border-t-[1.5px] border-ink">
          {data?.map((p) => (
            <li
              key={p.id}
              className="flex flex-wrap items-center justify-between gap-x-5 gap-y-1 border-b border-ink/25 py-2"
            >
              <span className="min-w-0">
                <b className="block truncate font-display text-[1.2rem] font-semibold">{p.name}</b>
                <span className="note">
                  deleted on {day(p.deletedAt)} · gone after {day(p.goneAt)}
                </span>
              </span>
              <Button aria-label={`Bring back ${p.name}`} onClick={() => void back(p)}>
                <RotateCcw size={18} aria-hidden /> Bring back
              </Button>
            </li>
          ))}
        </ul>
        <p className="mt-5">
          <Link to="/" className="inline-flex min-h-11 items-center font-semibold text-pin">
            All orders
          </Link>
        </p>
      </main>
      <Around />
    </div>
  );
}
