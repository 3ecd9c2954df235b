import { useState } from 'react';
import type { Part, Worktop } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { onTable } from '../plan/document-edits';
import { Button } from '../ui/button';
import { Pick } from '../ui/select';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { hours, mass, money, say } from '../units/units';
import { capital } from '../units/words';
import { QuickerWays } from './quicker';

/** Each dressing's part: pieces, paste, hands, money; what holds it; what turns it over; quicker ways. */
export function Hours({ top, coin }: { top: Worktop; coin: string }) {
  const plan = usePlan();
  const [slow, setSlow] = useState<Part | null>(null);
  const inOrder = [...top.jobs].sort((a, b) => Number(a.dressing === '') - Number(b.dressing === ''));
  const most = Math.max(1, ...top.jobs.map((j) => j.minutes));
  return (
    <>
      <ul aria-label="Hours by dressing" className="border-t-[1.5px] border-ink">
        {inOrder.map((job) => (
          <Job
            key={`${job.tier}/${job.dressing}`}
            job={job}
            most={most}
            coin={coin}
            where={
              plan.tiers.find((t) => t.id === job.tier)?.name ??
              (job.dressing === '' ? 'Under the cake' : 'made ahead')
            }
            ask={() => setSlow(job)}
          />
        ))}
      </ul>
      {slow ? <QuickerWays part={slow} close={() => setSlow(null)} /> : null}
    </>
  );
}

interface JobProps {
  job: Part;
  most: number;
  coin: string;
  where: string;
  ask: () => void;
}

function Job({ job, most, coin, where, ask }: JobProps) {
  const { unit } = usePreferences();
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-6 border-b border-ink/25 py-3">
      <div className="min-w-0">
        <h2 className="text-[1.08rem] font-semibold">
          {job.name} <span className="note font-normal">{where}</span>
        </h2>
        <p className="note">
          {job.pieces > 0 ? `${job.pieces} pieces and ${job.spares} spare · ` : ''}
          {job.net > 0
            ? `${mass(job.net)} on the cake, ${mass(job.kneaded)} kneaded · ${
                job.materials === undefined
                  ? 'a price is not known'
                  : `materials ${money(job.materials, coin)}`
              }`
            : 'nothing is added'}
          {job.hands === undefined ? '' : ` · hands ${money(job.hands, coin)}`}
        </p>
        {job.minutes > 0 ? (
          <svg
            viewBox="0 0 400 8"
            preserveAspectRatio="none"
            className="mt-1.5 block h-2 w-full max-w-xl"
            aria-hidden="true"
          >
            <rect width={(400 * job.minutes) / most} height={8} fill="var(--color-ink)" />
          </svg>
        ) : null}
        {job.turns.map((turn, i) => (
          <p key={i} className="mt-1.5 text-[0.95rem]">
            {say(turn.contact, unit)}
          </p>
        ))}
        {job.turns.length > 0 ? (
          <p className="text-[0.95rem] font-semibold">
            Turned over {job.turns.length === 1 ? 'once' : `${job.turns.length} times`}: its template is
            printed {job.mirrored ? 'mirrored' : 'as it will be seen'}, with an arrow and the side that goes
            to the cake.
          </p>
        ) : null}
        {job.joint === '' ? null : <Joint job={job} />}
      </div>
      <div className="text-right">
        {job.dressing === '' ? null : (
          <>
            <p className="figure">{hours(job.minutes)}</p>
            {job.tier === '' ? null : (
              <Button look="quiet" onClick={ask}>
                Quicker ways
              </Button>
            )}
          </>
        )}
      </div>
    </li>
  );
}

/** What it is stuck with, by school, with the reason. */
function Joint({ job }: { job: Part }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const key = `${job.tier}/${job.dressing}`;
  return (
    <div className="mt-1.5 flex flex-wrap items-center gap-3 text-[0.95rem]">
      {job.joint.startsWith('none') ? (
        <span>
          {capital(job.joint.replace(/^none: /, ''))}: {job.why}.
        </span>
      ) : (
        <span>
          Held by <b>{job.joint}</b>: {job.why}.
        </span>
      )}
      {job.schools.length > 1 ? (
        <Pick
          label={`What holds ${job.name}`}
          hideLabel
          value={plan.table?.joints[key] ?? 'usual'}
          options={[
            { name: 'usual', label: 'the usual' },
            ...job.schools.map((s) => ({ name: s.adhesive, label: s.words })),
          ]}
          onChoice={async (chosen) => {
            const refused = await editor.edit(
              onTable((t) => {
                const { [key]: _, ...others } = t.joints;
                const joints = chosen === 'usual' ? others : { ...others, [key]: chosen };
                return { ...t, joints: joints as typeof t.joints };
              }),
            );
            if (refused) {
              tellBad(refused.detail);
            }
          }}
        />
      ) : null}
    </div>
  );
}
