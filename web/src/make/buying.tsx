import { Download } from 'lucide-react';
import { Link } from 'react-router';
import { api, type Buy, problemOf, type Worktop } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { onTable } from '../plan/document-edits';
import { Button } from '../ui/button';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { decimal, length, mass, money } from '../units/units';
import { capital } from '../units/words';
import { save } from './use';

function amount(buy: Buy, of: number): string {
  const grams = ['paste', 'colour', 'pearl', 'supply'].includes(buy.kind);
  return grams ? mass(of) : decimal(of, 0);
}

/** Needs less stock, in packs as sold. */
export function Buying({ top, coin }: { top: Worktop; coin: string }) {
  const plan = usePlan();
  const missing = top.shopping.filter((b) => b.missing > 0);
  const there = top.shopping.filter((b) => b.missing === 0);
  const csv = async () => {
    try {
      save(await api.list('shopping', plan), `${plan.name}, shopping list.csv`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <>
      <div className="mb-2 flex items-center justify-between">
        <p className="note">
          needs less what is in the{' '}
          <Link to="/cupboard" className="font-semibold text-pin">
            cupboard
          </Link>
        </p>
        <Button look="quiet" onClick={csv} disabled={top.shopping.length === 0}>
          <Download size={17} aria-hidden /> Shopping list as CSV
        </Button>
      </div>
      {missing.length === 0 ? <p className="py-3">Nothing is missing.</p> : null}
      <List label="To buy" buys={missing} coin={coin} />
      {there.length > 0 ? (
        <>
          <h2 className="heading mt-7 text-[1.1rem]">All there</h2>
          <List label="All there" buys={there} coin={coin} />
        </>
      ) : null}
    </>
  );
}

function List({ label, buys, coin }: { label: string; buys: readonly Buy[]; coin: string }) {
  const { unit } = usePreferences();
  const { editor } = useOpen();
  if (buys.length === 0) {
    return null;
  }
  return (
    <table className="w-full table-fixed border-t-[1.5px] border-ink text-left" aria-label={label}>
      <thead>
        <tr className="note">
          <th className="w-2/5 py-1 font-normal">What</th>
          <th className="text-right font-normal">Needed</th>
          <th className="text-right font-normal">In stock</th>
          <th className="text-right font-normal">To buy</th>
          <th className="text-right font-normal">Price</th>
        </tr>
      </thead>
      <tbody>
        {buys.map((b, i) => (
          <tr key={i} className="border-t border-ink/20 align-baseline">
            <td className="py-2.5 pr-3">
              <span className="font-semibold">{capital(b.name)}</span>
              {b.colour === '' ? '' : `, ${b.colour}`}
              {b.across > 0 ? `, ${length(b.across, unit)}` : ''}
              {b.coloured.length > 0 ? (
                <span className="note block">
                  to be coloured: {b.coloured.map((c) => `${mass(c.grams)} ${c.colour}`).join(', ')}
                </span>
              ) : null}
            </td>
            <td className="text-right whitespace-nowrap">{amount(b, b.need)}</td>
            <td className="text-right whitespace-nowrap text-soft">{amount(b, b.have)}</td>
            <td className="text-right whitespace-nowrap">
              {b.missing === 0 ? (
                <span className="text-good">nothing</span>
              ) : (
                <b className="font-display text-[1.25rem]">
                  {b.packs > 0 ? `${b.packs} × ${amount(b, b.pack)}` : amount(b, b.missing)}
                </b>
              )}
            </td>
            <td className="text-right whitespace-nowrap">
              {b.price === undefined ? (
                <span className="text-soft">{b.missing > 0 ? 'not known' : ''}</span>
              ) : (
                money(b.price, coin)
              )}
              {b.thing === undefined && b.missing > 0 && !['paste', 'pearl', 'supply'].includes(b.kind) ? (
                <Button
                  look="quiet"
                  className="ml-2 px-2"
                  onClick={() =>
                    editor.edit(onTable((t) => ({ ...t, wanted: t.wanted.filter((w) => w.name !== b.name) })))
                  }
                >
                  Not this
                </Button>
              ) : null}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
