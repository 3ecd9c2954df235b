import { Link, useLocation } from 'react-router';
import { useTitle } from '../ui/title';
import { Brand } from './brand';

/** An address that nobody knows: said as such, with a way on. */
export function Nowhere({ view }: { view?: string | undefined }) {
  const { pathname } = useLocation();
  useTitle(view === undefined ? 'No such page' : 'No such view');
  return (
    <div className="min-h-dvh">
      <header className="flex min-h-[72px] items-center border-b-[1.5px] border-ink bg-sheet px-5">
        <Brand under="" />
      </header>
      <main className="mx-auto max-w-lg px-6 py-10">
        <h1 className="font-display text-[1.9rem] leading-tight font-bold">
          There is nothing at this address
        </h1>
        <p className="mt-2 mb-5 break-words">
          {view === undefined
            ? `Nothing is kept under "${pathname.slice(0, 120)}". The link may be old, or a sign of it missing.`
            : `A plan has no view called "${view.slice(0, 60)}": it has Measure, Divide, Dress, Make, Days, Build and Print.`}
        </p>
        <p className="flex flex-wrap gap-5">
          {view === undefined ? null : (
            <Link
              to={pathname.replace(/\/[^/]*$/, '/measure')}
              className="inline-flex min-h-11 items-center font-semibold text-pin"
            >
              To the plan
            </Link>
          )}
          <Link to="/" className="inline-flex min-h-11 items-center font-semibold text-pin">
            All orders
          </Link>
          <Link to="/cupboard" className="inline-flex min-h-11 items-center font-semibold text-pin">
            Cupboard
          </Link>
          <Link to="/deleted" className="inline-flex min-h-11 items-center font-semibold text-pin">
            Deleted orders
          </Link>
        </p>
      </main>
    </div>
  );
}
