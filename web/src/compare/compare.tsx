import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { api, type Plan, problemOf, type StackWorkup, type Worktop } from '../api/client';
import { Changes, useChanges } from '../plan/changes';
import { useDocument, usePlan, useWorkup } from '../plan/context';
import { cut } from '../plan/cut';
import { Pick } from '../ui/select';
import { Stage } from '../ui/stage';
import { useBench } from '../units/preferences';
import { Difference } from './difference';
import { Side } from './side';
import { TakeOver } from './take-over';
import { VersionActions } from './version-actions';

/** More would not be looked through. */
const VERSIONS = 60;

/** Two versions of this plan, or two plans, side by side from the front; a dressing can be taken over. */
export function Compare() {
  const { id: typed } = useParams();
  const id = Number(typed);
  const plan = usePlan();
  const workup = useWorkup();
  const [wish, setWish] = useState<string | null>(null);
  const plans = useQuery({ queryKey: ['plans'], queryFn: api.plans });
  const versions = useQuery({ queryKey: ['versions', id], queryFn: () => api.versions(id) });
  const others = (plans.data ?? []).filter((p) => p.id !== id);
  const earlier = (versions.data ?? []).slice(1, VERSIONS);
  const options = [
    ...earlier.map((v) => ({
      name: `version ${v.revision}`,
      label: v.name ? `${v.name}, ${moment(v.savedAt)}` : `as of ${moment(v.savedAt)}`,
    })),
    ...others.map((p) => ({ name: `plan ${p.id}`, label: p.name })),
  ];
  const chosen = wish ?? options[0]?.name ?? null;
  const other = useQuery({
    queryKey: ['compared', id, chosen],
    queryFn: async () => {
      const [kind, number] = chosen!.split(' ');
      const saved = kind === 'plan' ? await api.plan(Number(number)) : await api.version(id, Number(number));
      return saved.document;
    },
    enabled: chosen !== null,
  });
  const shown = useMemo(() => (other.data ? cut(other.data) : undefined), [other.data]);
  const theirs = useWhole(shown);
  const document = useDocument();
  const changes = useChanges(other.data, document);
  const version = earlier.find((v) => `version ${v.revision}` === chosen);
  const ours = useTop(plan);
  const name = options.find((o) => o.name === chosen)?.label ?? '';

  const main = (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="heading">Side by side</h1>
          <p className="note">both at one scale, from the front; drag to turn</p>
        </div>
        {options.length > 0 ? (
          <Pick label="Beside it" value={chosen ?? ''} options={options} onChoice={setWish} />
        ) : null}
      </div>
      {other.error ? (
        <p role="alert" className="mb-3 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(other.error).detail}
        </p>
      ) : null}
      {options.length === 0 && versions.data ? (
        <p>There is nothing to compare with yet: this plan has one version, and it is the only plan.</p>
      ) : null}
      {theirs ? (
        <>
          <div className="grid grid-cols-2 gap-6 max-md:grid-cols-1">
            <Side title="Now" plan={plan} workup={workup} beside={theirs.workup} />
            <Side title={name} plan={shown!} workup={theirs.workup} beside={workup} />
          </div>
          <section aria-label="What changed" className="mt-5 max-w-3xl">
            <h2 className="heading mb-1">{version ? 'Since then' : 'This one, beside the other'}</h2>
            {changes ? (
              <Changes changes={changes} none="Nothing is otherwise." />
            ) : (
              <p className="note">Looking</p>
            )}
          </section>
          <TakeOver other={shown!} worked={theirs.workup} name={name} />
        </>
      ) : chosen ? (
        <p className="note">Working it out</p>
      ) : null}
    </>
  );
  const ledger =
    theirs && ours ? (
      <>
        <Difference
          now={{ workup, top: ours }}
          then={{ workup: theirs.workup, top: theirs.top }}
          name={name}
        />
        {version ? <VersionActions key={version.revision} id={id} version={version} /> : null}
      </>
    ) : null;
  return <Stage main={main} ledger={ledger} />;
}

function moment(iso: string): string {
  return new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });
}

function useTop(plan: Plan): Worktop | undefined {
  return useQuery({
    queryKey: ['worktop', plan],
    queryFn: () => api.worktop(plan),
    placeholderData: (before) => before,
  }).data;
}

/** Everything that follows from a plan that is not the open one. */
function useWhole(plan: Plan | undefined): { workup: StackWorkup; top: Worktop } | undefined {
  const { data: bench } = useBench();
  return useQuery({
    queryKey: ['whole', plan, bench],
    queryFn: async () => {
      const [workup, top] = await Promise.all([api.workup(plan!, bench!), api.worktop(plan!)]);
      return { workup, top };
    },
    enabled: plan !== undefined && bench !== undefined,
  }).data;
}
