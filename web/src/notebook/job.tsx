import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { type Asked, api, type JobLine, problemOf, type WorkRecord } from '../api/client';
import { Button } from '../ui/button';
import { FileButton } from '../ui/file-button';
import { NumberField } from '../ui/number';
import { tellBad } from '../ui/toasts';
import { hours } from '../units/units';
import { Lessons } from './lessons';
import { PlannedActual } from './planned-actual';
import { RecordDialog } from './record';
import { useDoing } from './use';

/** One job: what it taught, what nobody knows yet, and planned beside actual, drawn. */
export function Job({ job }: { job: JobLine }) {
  const { data } = useQuery({
    queryKey: ['job', job.plan ?? job.job],
    queryFn: () => api.job(job.plan, job.job),
  });
  const [open, setOpen] = useState<WorkRecord | null>(null);
  const times = job.plain > 0 && job.minutes > 0 ? job.minutes / job.plain : null;
  return (
    <section id="job" aria-label={job.job} className="min-w-0 scroll-mt-4">
      <div className="mb-4 flex flex-wrap items-baseline justify-between gap-x-8 gap-y-2">
        <h2 className="font-display text-[1.5rem] leading-tight font-bold">
          {job.plan === undefined ? job.job : <Link to={`/plan/${job.plan}/days`}>{job.job}</Link>}
        </h2>
        {times === null ? null : (
          <p className="flex items-baseline gap-x-6">
            <span>
              <span className="figure">{hours(job.minutes)}</span> <span className="text-soft">hands</span>
            </span>
            <span>
              <span className="figure">{times.toFixed(2)}</span>
              <span className="text-soft"> × the plain tables’ {hours(job.plain)}</span>
            </span>
          </p>
        )}
      </div>
      {data === undefined ? (
        <p className="note">Reading it</p>
      ) : (
        <>
          {data.lessons.length > 0 ? <Lessons lessons={data.lessons} /> : null}
          {data.asked.length > 0 && job.plan !== undefined ? (
            <Questions plan={job.plan} asked={data.asked} />
          ) : null}
          <PlannedActual records={data.records} open={setOpen} />
          {job.plan === undefined ? null : <Photographs plan={job.plan} />}
        </>
      )}
      {open ? <RecordDialog record={open} close={() => setOpen(null)} /> : null}
    </section>
  );
}

/** How it came out: photographs of the order, kept without the place that a camera writes into them. */
function Photographs({ plan }: { plan: number }) {
  const client = useQueryClient();
  const { data } = useQuery({ queryKey: ['pictures', plan], queryFn: () => api.pictures(plan) });
  const add = async (file: File) => {
    try {
      await api.addPicture(plan, file);
      await client.invalidateQueries({ queryKey: ['pictures', plan] });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <section aria-label="Photographs" className="mt-6">
      <div className="mb-2 flex items-center justify-between gap-3">
        <h3 className="heading">Photographs</h3>
        <FileButton label="A photograph of it" accept="image/*" onFile={(file) => void add(file)}>
          Put one in
        </FileButton>
      </div>
      {data && data.length > 0 ? (
        <ul className="flex flex-wrap gap-3">
          {data.map((p) => (
            <li key={p.id}>
              <img
                src={`/api/pictures/${p.id}`}
                alt={p.caption}
                className="max-h-40 rounded-sm border border-edge bg-sheet"
              />
            </li>
          ))}
        </ul>
      ) : (
        <p className="note">None yet. Where a photograph was taken is not kept with it.</p>
      )}
    </section>
  );
}

/** Stops that nobody told: the minutes are asked for, never guessed. */
function Questions({ plan, asked }: { plan: number; asked: readonly Asked[] }) {
  const doing = useDoing();
  return (
    <section aria-label="How long was it?" className="mb-6 border-l-4 border-look bg-look-ground px-4 py-3">
      <h3 className="mb-1 font-semibold">How long was it?</h3>
      <p className="note mb-2">
        Between two presses lay longer than the work takes. Say the minutes of hands.
      </p>
      <ul className="flex flex-col gap-2">
        {asked.map((a) => (
          <li key={a.step} className="flex flex-wrap items-end gap-x-4 gap-y-1">
            <NumberField
              label={a.name}
              suffix={a.minutes > 0 ? `min of ${hours(a.minutes)}` : 'min'}
              value={null}
              placeholder={String(Math.round(a.planned))}
              mayBeEmpty
              onNumber={async (minutes) => {
                if (minutes !== null) {
                  await doing(() => api.answer({ plan, step: a.step, minutes }));
                }
                return null;
              }}
            />
            <Button onClick={() => void doing(() => api.answer({ plan, step: a.step, minutes: a.planned }))}>
              As planned, {hours(a.planned)}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
