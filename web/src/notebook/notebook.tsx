import { useQuery } from '@tanstack/react-query';
import { PencilLine, Ruler } from 'lucide-react';
import { useState } from 'react';
import { api, problemOf } from '../api/client';
import { Tables } from '../make/tables';
import { Page } from '../shell/page';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { useKept } from '../ui/kept';
import { Job } from './job';
import { JobList } from './job-list';
import { MeasureDialog } from './measure';
import { RatesView } from './rates';
import { TypeIn } from './type-in';
import { useNotebookChanged } from './use';

type Side = 'jobs' | 'rates';

/** What jobs took, and what the workshop knows of itself by now. */
export function Notebook() {
  const changed = useNotebookChanged();
  const [side, setSide] = useKept<Side>('side', 'jobs');
  const [sought, setSought] = useKept('sought', '');
  const [skipped, setSkipped] = useState(0);
  const [chosen, setChosen] = useKept<string | null>('job', null);
  const [typing, setTyping] = useState(false);
  const [measuring, setMeasuring] = useState(false);
  const { data, error } = useQuery({
    queryKey: ['notebook', sought, skipped],
    queryFn: () => api.notebook(sought, skipped),
    placeholderData: (before) => before,
  });
  const jobs = data?.jobs ?? [];
  const key = (j: { plan?: number; job: string }) => (j.plan === undefined ? `-${j.job}` : String(j.plan));
  const job = jobs.find((j) => key(j) === chosen) ?? jobs[0];
  return (
    <Page
      title="Notebook"
      note="what jobs took; plans are reckoned by it"
      actions={
        <>
          <Choice
            label="Side of the notebook"
            hideLabel
            value={side}
            options={[
              { name: 'jobs', label: 'Jobs' },
              { name: 'rates', label: 'Rates' },
            ]}
            onChoice={setSide}
          />
          <Button onClick={() => setMeasuring(true)}>
            <Ruler size={17} aria-hidden /> Measure something
          </Button>
          <Button onClick={() => setTyping(true)}>
            <PencilLine size={17} aria-hidden /> Type jobs in
          </Button>
          <Tables
            file="notebook.csv"
            label="A CSV of jobs"
            write={api.notebookTable}
            read={async (file) => {
              const { records } = await api.readNotebook(file);
              return records === 1 ? 'One record is put in.' : `${records} records are put in.`;
            }}
            changed={changed}
          />
        </>
      }
    >
      {error ? (
        <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(error).detail}
        </p>
      ) : null}
      {side === 'rates' ? (
        <RatesView />
      ) : data && jobs.length === 0 && sought === '' ? (
        <Empty type={() => setTyping(true)} />
      ) : (
        <div className="grid grid-cols-[300px_minmax(0,1fr)] items-start gap-8 max-lg:grid-cols-1">
          <JobList
            jobs={jobs}
            chosen={job ? key(job) : ''}
            choose={(j) => {
              setChosen(key(j));
              // Where the job stands below the list, the press shows it.
              requestAnimationFrame(() => {
                const job = document.getElementById('job');
                if (job && job.offsetTop > window.innerHeight / 2) {
                  job.scrollIntoView();
                }
              });
            }}
            sought={sought}
            setSought={(words) => {
              setSought(words);
              setSkipped(0);
            }}
            older={data?.more ? () => setSkipped(skipped + jobs.length) : undefined}
            newer={skipped > 0 ? () => setSkipped(0) : undefined}
          />
          {job ? <Job key={key(job)} job={job} /> : <p className="note">No job is called “{sought}”.</p>}
        </div>
      )}
      {measuring ? <MeasureDialog close={() => setMeasuring(false)} /> : null}
      {typing ? <TypeIn close={() => setTyping(false)} /> : null}
    </Page>
  );
}

function Empty({ type }: { type: () => void }) {
  return (
    <div className="max-w-xl border-[1.5px] border-ink bg-sheet px-6 py-5">
      <h2 className="heading mb-2">Nothing is written down yet</h2>
      <p className="mb-2">
        The turntable writes by itself while you work: when you begin, pause and go on, what breaks, what you
        weigh. A job comes in here as soon as one of its tasks is through.
      </p>
      <p className="mb-4">Last year’s jobs can be typed in, a line each, or come from a table.</p>
      <Button look="main" onClick={type}>
        <PencilLine size={17} aria-hidden /> Type jobs in
      </Button>
    </div>
  );
}
