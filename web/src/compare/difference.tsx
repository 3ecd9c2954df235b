import type { Finding, StackWorkup, Worktop } from '../api/client';
import { useWorkshop } from '../make/use';
import { hours, mass, money } from '../units/units';

interface Whole {
  workup: StackWorkup;
  top: Worktop;
}

function findings({ workup, top }: Whole): Finding[] {
  return [
    ...workup.tiers.flatMap((t) => [
      ...t.findings,
      ...t.divisions.flatMap((d) => d.findings),
      ...t.dressings.flatMap((w) => w.findings),
    ]),
    ...top.findings.map((f) => f.finding),
  ];
}

function of(whole: Whole, level: Finding['level']): number {
  return findings(whole).filter((f) => f.level === level).length;
}

/** What one takes beside the other: pieces, paste, hours, money, findings. */
export function Difference({ now, then, name }: { now: Whole; then: Whole; name: string }) {
  const coin = useWorkshop()?.coin ?? '';
  const less = then.top.total.minutes - now.top.total.minutes;
  const rows: [string, string, string][] = [
    ['Pieces', String(now.top.total.pieces), String(then.top.total.pieces)],
    ['Spares', String(now.top.total.spares), String(then.top.total.spares)],
    ['On the cake', mass(now.top.total.net), mass(then.top.total.net)],
    ['Kneaded', mass(now.top.total.kneaded), mass(then.top.total.kneaded)],
    ['Hands', hours(now.top.total.minutes), hours(then.top.total.minutes)],
    ['Materials', money(now.top.total.materials, coin), money(then.top.total.materials, coin)],
    ['Stops', String(of(now, 'stop')), String(of(then, 'stop'))],
    ['To look at', String(of(now, 'look')), String(of(then, 'look'))],
    ['Notes', String(of(now, 'note')), String(of(then, 'note'))],
  ];
  return (
    <>
      <div>
        <p className="note">Now it takes</p>
        <p className="figure">{Math.abs(less) < 0.5 ? 'as long' : hours(Math.abs(less))}</p>
        <p className="text-[1.05rem] text-soft">
          {Math.abs(less) < 0.5
            ? 'as the other one'
            : less > 0
              ? 'less than the other'
              : 'more than the other'}
        </p>
      </div>
      <table aria-label="Both in numbers" className="w-full">
        <thead>
          <tr className="note text-right">
            <td />
            <th className="pb-1 font-normal">now</th>
            <th className="max-w-28 pb-1 pl-2 font-normal">{name}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, a, b]) => (
            <tr key={label} className="border-t border-dotted border-ink/30 text-right">
              <th className="py-1.5 text-left font-normal">{label}</th>
              <td className="font-semibold whitespace-nowrap">{a}</td>
              <td className={`pl-2 whitespace-nowrap ${a === b ? 'text-soft' : 'font-semibold text-pin'}`}>
                {b}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
