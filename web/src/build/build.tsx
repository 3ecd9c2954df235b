import { type Built, problemOf, type Standing } from '../api/client';
import { useOpen, usePlan, useTier, useWorkup } from '../plan/context';
import { mend } from '../plan/edits';
import { Reckoned } from '../plan/reckoned';
import { StepLinks } from '../plan/step-links';
import { useBuild } from '../plan/use';
import { Findings } from '../ui/findings';
import { Lead, Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { kilos, length, lengthParts } from '../units/units';
import { Carried } from './carried';
import { Coverings } from './coverings';
import { Elevation } from './elevation';
import { Seat } from './seat';

/** What carries the cake: masses and loads, dowels and where each tier sits. */
export function Build() {
  const plan = usePlan();
  const workup = useWorkup();
  const { tier, index, worked } = useTier();
  const { editor, chooseTier } = useOpen();
  const { data: built, error } = useBuild(plan);
  const standing = built?.tiers[index];
  const fits = built?.tiers.length === plan.tiers.length && standing !== undefined;

  const main = (
    <>
      <h1 className="heading">What carries it</h1>
      <p className="note mb-3">the stack to scale, and the top of the {tier.name.toLowerCase()} from above</p>
      {error ? (
        <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(error).detail}
        </p>
      ) : null}
      {fits ? (
        <>
          <div className="grid grid-cols-2 items-end gap-6 max-md:grid-cols-1">
            <Elevation tiers={workup.tiers} built={built} plan={plan} chosen={tier.id} choose={chooseTier} />
            <Seat
              lower={worked}
              upper={workup.tiers[index + 1]}
              standing={standing}
              shift={built.tiers[index + 1]?.shift}
              across={plan.stand?.rod === 'wood' ? 8 : 12}
              picks={picksIn(built, index)}
            />
          </div>
          <Carried standing={standing} />
          <Coverings />
        </>
      ) : error ? null : (
        <p className="note">Working it out</p>
      )}
    </>
  );
  const ledger = fits ? (
    <>
      <Numbers built={built} standing={standing} name={tier.name} />
      <Reckoned tier={tier.id} carried />
      <Findings
        findings={built.findings}
        onMend={async (_, press) => {
          const refused = await editor.edit(mend({ tier: tier.id, division: '' }, press));
          if (refused) {
            tellBad(refused.detail);
          }
        }}
      />
      <div className="flex flex-col items-start">
        <StepLinks />
      </div>
      <p className="note">
        Loads of dowels are cautious assumptions; the maker's figure wins. Lift a stacked cake by two, and
        tell whoever cuts it where every dowel is.
      </p>
    </>
  ) : null;
  return <Stage main={main} ledger={ledger} />;
}

/** Picks of a tier from its own middle. */
function picksIn(built: Built, index: number) {
  let x = 0;
  let y = 0;
  for (const s of built.tiers.slice(0, index + 1)) {
    x += s.shift.x;
    y += s.shift.y;
  }
  return built.stuck
    .filter((s) => s.kind === 'pick' && s.tier === built.tiers[index]!.id)
    .map((s) => ({ ...s, x0: s.x0 - x, y0: s.y0 - y, x1: s.x1 - x, y1: s.y1 - y }));
}

function Numbers({ built, standing, name }: { built: Built; standing: Standing; name: string }) {
  const { unit } = usePreferences();
  const long = lengthParts(standing.length, unit);
  const least = standing.ledge
    ? Math.min(standing.ledge.front, standing.ledge.back, standing.ledge.left, standing.ledge.right)
    : null;
  return (
    <>
      <div>
        <p className="note">The whole cake</p>
        <Lead number={kilos(built.grams)} unit="kg" words={`${length(built.height, unit)} high`} />
        <p className="note mt-3">On the {name.toLowerCase()}</p>
        <Lead number={kilos(standing.load)} unit="kg" words="to carry" />
        {standing.dowels.length > 0 ? (
          <Lead
            number={`${standing.dowels.length} × ${long.number}`}
            unit={long.unit}
            words="dowels, all alike"
          />
        ) : null}
      </div>
      <dl>
        <Row label={`${name} itself`}>{kilos(standing.own)} kg</Row>
        {standing.dowels.length > 0 ? (
          <>
            <Row label="Dowels for the board above">{standing.bySize}</Row>
            <Row label="Dowels for the load">{standing.byLoad}</Row>
          </>
        ) : null}
        {least === null ? null : (
          <Row label="Fits on the ledge">{least > 0 ? `up to ${length(least, unit)} deep` : 'nothing'}</Row>
        )}
        {built.centre === undefined ? null : <Row label="Centre dowel">{length(built.centre, unit)}</Row>}
        <Row label="Stuck in, to come out">{built.stuck.length}</Row>
        {standing.inner.length > 0 ? (
          <Row label="Inner rods, near the edge">{standing.inner.length}</Row>
        ) : null}
      </dl>
    </>
  );
}
