import { Link, useLocation, useParams } from 'react-router';
import { problemOf } from '../api/client';
import { useOpen, usePlan, useWorkup } from '../plan/context';
import { mend } from '../plan/edits';
import { batchLabels, printLabels } from '../plan/labels';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Findings } from '../ui/findings';
import { useKept } from '../ui/kept';
import { Lead, Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { tellBad } from '../ui/toasts';
import { useMaterials } from '../units/preferences';
import { hours, mass, money } from '../units/units';
import { Buying } from './buying';
import { Colouring } from './colouring';
import { Cutting } from './cutting';
import { Hours } from './hours';
import { InsideRoom } from './inside';
import { Kneading } from './kneading';
import { LayOutRoom } from './lay-out';
import { PriceBlock } from './price';
import { Recipes } from './recipes';
import { Room } from './room';
import { Sheets } from './sheets';
import { useWorkshop, useWorktop } from './use';

const DRAWERS = [
  { name: 'knead', label: 'Knead' },
  { name: 'inside', label: 'Inside' },
  { name: 'cut', label: 'Cut' },
  { name: 'sheets', label: 'Sheets' },
  { name: 'buy', label: 'Buy' },
  { name: 'recipes', label: 'Recipes' },
  { name: 'colour', label: 'Colour' },
  { name: 'lay', label: 'Lay out' },
  { name: 'hours', label: 'Hours and cost' },
] as const;

type Drawer = (typeof DRAWERS)[number]['name'];

/** From the design to what is on the table: what to knead, roll, cut and buy. */
export function Make() {
  const { editor } = useOpen();
  const plan = usePlan();
  const workup = useWorkup();
  const { words } = useMaterials();
  const { id } = useParams();
  const { search } = useLocation();
  const [drawer, setDrawer] = useKept<Drawer>('drawer', 'knead');
  const { data: top, error } = useWorktop();
  const settings = useWorkshop();
  const coin = settings?.coin ?? '';

  const main = (
    <>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="heading">What is on the table</h1>
          <p className="note">all tiers together, in the order it is rolled, cut and set on</p>
        </div>
        <Choice label="Show" hideLabel value={drawer} options={DRAWERS} onChoice={setDrawer} />
      </div>
      {error ? (
        <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(error).detail}
        </p>
      ) : null}
      {top === undefined ? (
        error ? null : (
          <p className="note">Working it out</p>
        )
      ) : drawer === 'knead' ? (
        <Kneading top={top} />
      ) : drawer === 'cut' ? (
        <Cutting top={top} />
      ) : drawer === 'sheets' ? (
        <Sheets top={top} />
      ) : drawer === 'buy' ? (
        <Buying top={top} coin={coin} />
      ) : drawer === 'recipes' ? (
        <Recipes top={top} />
      ) : drawer === 'inside' ? (
        <InsideRoom top={top} />
      ) : drawer === 'colour' ? (
        <Colouring top={top} />
      ) : drawer === 'lay' ? (
        <LayOutRoom />
      ) : (
        <>
          <PriceBlock />
          <Hours top={top} coin={coin} />
        </>
      )}
    </>
  );

  const own = workup.rates.rates.filter(
    (r) =>
      (r.kind === 'density' || r.kind === 'metre') && (top?.batches ?? []).some((b) => b.material === r.of),
  );
  const missing = top?.shopping.filter((b) => b.missing > 0).length ?? 0;
  const ledger = top ? (
    <>
      <div>
        <p className="note">To knead, mix and buy</p>
        <Lead number={mass(top.total.kneaded).replace(' g', '')} unit="g" words="in all" />
        <p className="note mt-3">To cut and set</p>
        <Lead number={String(top.total.pieces)} unit="" words={`pieces, ${top.total.spares} spare`} />
        <p className="note mt-3">Hands</p>
        <Lead number={hours(top.total.minutes)} unit="" words="" />
        <p className="note">
          {own.length === 0
            ? 'Weights by the plain table, up to 10 % more or less.'
            : `Weights of ${own.map((r) => words(r.of)).join(', ')} by your own; others by the plain table.`}
        </p>
      </div>
      <dl>
        <Row label="On the cake">{mass(top.total.net)}</Row>
        {top.total.baked > 0 ? <Row label="Cake to bake">{mass(top.total.baked)}</Row> : null}
        <Row label="To buy">
          {missing === 0 ? 'nothing' : `${missing} ${missing === 1 ? 'thing' : 'things'}`}
        </Row>
        <Row label="Materials">
          {money(top.total.materials, coin)}
          {top.total.unpriced > 0 ? ' +' : ''}
        </Row>
        {top.total.hands === undefined ? null : <Row label="Hands">{money(top.total.hands, coin)}</Row>}
      </dl>
      {top.total.unpriced > 0 ? (
        <p className="note">
          {top.total.unpriced} {top.total.unpriced === 1 ? 'batch has' : 'batches have'} a part without a
          price. No price is invented: give it in the{' '}
          <Link to="/cupboard" className="font-semibold text-pin">
            cupboard
          </Link>
          .
        </p>
      ) : null}
      <Findings
        findings={top.findings.map((f) => f.finding)}
        onMend={async (finding, press) => {
          const fit = top.findings.find((f) => f.finding === finding)!;
          const refused = await editor.edit(
            mend({ tier: fit.tier, division: fit.division, dressing: fit.dressing }, press),
          );
          if (refused) {
            tellBad(refused.detail);
          }
        }}
      />
      <Room />
      <Button
        look="pin"
        className="-ml-3.5"
        onClick={() => void printLabels(batchLabels(plan, top.batches, words))}
      >
        Labels for the bowls
      </Button>
      <Link
        to={{ pathname: `/plan/${id}/print`, search }}
        className="inline-flex min-h-11 items-center font-semibold text-pin"
      >
        Templates as one pack
      </Link>
      <Link
        to={{ pathname: `/plan/${id}/compare`, search }}
        className="inline-flex min-h-11 items-center font-semibold text-pin"
      >
        Compare with another version
      </Link>
    </>
  ) : null;
  return <Stage main={main} ledger={ledger} />;
}
