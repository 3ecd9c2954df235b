import type { OwnPiece, PieceWorkup } from '../api/client';
import { Reckoned } from '../plan/reckoned';
import { Lead, Row } from '../ui/ledger';
import { restsOn, sparesOn } from '../units/basis';
import { usePreferences } from '../units/preferences';
import { span } from '../units/time';
import { length, mass, say } from '../units/units';

/** The few numbers of a piece that matter, its parts, its spares and its drying. */
export function PieceLedger({ piece, worked }: { piece: OwnPiece; worked: PieceWorkup }) {
  const { unit } = usePreferences();
  const { dries } = worked;
  const waits = worked.waits ?? dries?.high;
  return (
    <>
      <div>
        <p className="note">
          {piece.count > 1 ? `${piece.count} × ` : ''}
          {piece.name}
        </p>
        <Lead
          number={mass(worked.grams).split(' ')[0]!}
          unit={mass(worked.grams).split(' ')[1] ?? ''}
          words="net"
        />
        <Lead number={span(worked.minutes)} unit="" words="of hands" />
        <p className="note">{restsOn(worked.bases.time)}</p>
        {waits !== undefined ? (
          <Lead
            number={waited(waits)}
            unit=""
            words={
              worked.waits === undefined && dries?.until === 'handled'
                ? 'until it may be handled'
                : 'until it is ready'
            }
          />
        ) : null}
      </div>
      {dries ? (
        <p className="note">
          {worked.waits === undefined
            ? ''
            : `All waits of its parts together. Then the whole, ${waited(dries.high)}: `}
          {dried(dries)}
        </p>
      ) : null}
      <dl aria-label="Parts of one">
        {worked.parts.map((p, i) => (
          <Row key={i} label={`${p.each} × ${say(p.what, unit)}`}>
            {p.width > 0 ? `${length(p.width, unit)} × ${length(p.height, unit)}` : ''}
            {p.thickness > 0 ? `, ${length(p.thickness, unit)}` : ''}
            <span className="block font-normal">
              {mass(p.grams)} each{p.former ? `, over ${say(p.former, unit)}` : ''}
            </span>
          </Row>
        ))}
      </dl>
      <Reckoned tier="" piece={piece.id} />
      <dl aria-label="Spares and picks">
        {worked.spares.map((s) => (
          <Row key={s.sure} label={s.sure > 0 ? `Spare, to be ${Math.round(s.sure * 100)} % sure` : 'Spare'}>
            {s.pieces}
            {s.pieces > 0 ? (
              <span className="block font-normal">
                {mass(s.grams)}, {span(s.minutes)}, {sparesOn(worked.bases.spares)}
              </span>
            ) : null}
          </Row>
        ))}
        {worked.picks > 0 ? (
          <Row label="Stuck in">
            {worked.picks}, {length(worked.buried, unit)} deep
          </Row>
        ) : null}
      </dl>
      {piece.sticks.kind === 'wire' && worked.picks > 0 ? (
        <p className="note">Wires never go bare into cake: each into a pick, and every one is to come out.</p>
      ) : null}
      {piece.material === 'sugar' ? (
        <p className="note">Hot sugar burns: gloves and sleeves, no children near, cold water by.</p>
      ) : null}
    </>
  );
}

/** How long until it may be handled and until it is hard, and which of them it waits for. */
function waited(hours: number): string {
  return hours < 2 ? `${Math.round(hours * 60)} min` : `${Math.round(hours)} h`;
}

function dried(d: NonNullable<PieceWorkup['dries']>): string {
  const between =
    d.high < 2
      ? `${Math.round(d.low * 60)} to ${Math.round(d.high * 60)} min`
      : `${Math.round(d.low)} to ${Math.round(d.high)} h`;
  if (d.weighed) {
    const base =
      d.weighed.base > 0
        ? ` In this room 2 mm take ${Math.round(d.weighed.base)} h, by the plain table ${d.weighed.plain}.`
        : '';
    return `By its weighings it may be handled after ${Math.round(d.handled ?? 0)} h and is hard after ${Math.round(d.hard ?? 0)} h, give or take ${Math.round(d.weighed.sure * 100)} %.${base}`;
  }
  if (d.handled === undefined) {
    return d.high < 2 ? `Cools or sets ${between}.` : `Waits ${between}.`;
  }
  const hard = d.hard === undefined ? 'gets firm, never hard' : `hard after about ${Math.round(d.hard)} h`;
  const goal = d.until === 'handled' ? 'may be handled' : d.hard === undefined ? 'is firm' : 'is hard';
  return `May be handled after about ${Math.round(d.handled)} h, ${hard}; it waits until it ${goal}, ${between}, ${restsOn(d.basis)}.`;
}
