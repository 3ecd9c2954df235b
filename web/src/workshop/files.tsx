import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, problemOf, type Schemas } from '../api/client';
import { FileButton } from '../ui/file-button';
import { Wrong } from './outside';

const WORDS: Record<string, string> = {
  plans: 'plans',
  versions: 'versions',
  lines: 'lines of journals',
  pictures: 'pictures',
  things: 'things of the cupboard',
  recipes: 'recipes',
  swatches: 'swatches',
  drawings: 'drawings',
  records: 'records of the notebook',
};

/** The workshop as one file, out and in. */
export function Files({ owner }: { owner: boolean }) {
  const client = useQueryClient();
  const [report, setReport] = useState<Schemas['ArchiveReport'] | null>(null);
  const [wrong, setWrong] = useState<string | undefined>();
  const [busy, setBusy] = useState(false);
  const take = async (file: File) => {
    setBusy(true);
    setWrong(undefined);
    setReport(null);
    try {
      setReport(await api.takeArchive(file));
      await client.invalidateQueries();
    } catch (thrown) {
      setWrong(`${file.name}: ${problemOf(thrown).detail}`);
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="grid max-w-3xl gap-8">
      <section aria-label="Out">
        <h2 className="heading mb-2">Out</h2>
        <p className="mb-3">
          One file in an open format: a zip of JSON and pictures, with every plan, its versions and journal,
          the cupboard, recipes, drawer and notebook. No password is in it.
        </p>
        <div className="flex flex-wrap gap-3">
          {owner ? <Out to="/api/archive">The whole workshop</Out> : null}
          <Out to="/api/art/drawer/archive">The drawer</Out>
        </div>
        <p className="note mt-2">A single plan is saved from its row in the orders, with its pictures.</p>
      </section>
      <section aria-label="In">
        <h2 className="heading mb-2">In</h2>
        <p className="mb-3">
          An archive is read and checked wholly before anything is written. It comes beside what is there:
          plans as new ones, other things where they are not here already.
        </p>
        <FileButton label="An archive" accept=".zip,application/zip" onFile={(file) => void take(file)}>
          {busy ? 'Reading it' : 'Take in an archive'}
        </FileButton>
        <Wrong words={wrong} />
        {report ? (
          <div role="status" className="mt-4 border-l-4 border-ink bg-wash px-4 py-3">
            <p className="font-semibold">From {report.workshop}</p>
            <ul>
              {Object.entries(report.taken).map(([kind, many]) => (
                <li key={kind}>
                  {many} {WORDS[kind] ?? kind}
                </li>
              ))}
              {Object.keys(report.taken).length === 0 ? <li>Nothing that is not here already.</li> : null}
            </ul>
            {report.left.map((l) => (
              <p key={l} className="note">
                {l}
              </p>
            ))}
          </div>
        ) : null}
      </section>
      {owner ? (
        <section aria-label="Backup">
          <h2 className="heading mb-2">Backup</h2>
          <p>
            At the machine itself, ./start --backup FILE writes all workshops with their accounts into one
            file, ./start --restore FILE puts them back, and ./start --nightly FOLDER writes one each night
            and keeps seven.
          </p>
        </section>
      ) : null}
    </div>
  );
}

function Out({ to, children }: { to: string; children: string }) {
  return (
    <a
      href={to}
      download
      className="inline-flex min-h-11 items-center rounded-md border border-ink/45 bg-sheet px-4 text-ink no-underline hover:bg-wash"
    >
      {children}
    </a>
  );
}
