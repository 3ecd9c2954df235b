import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, problemOf, type Version } from '../api/client';
import { useOpen } from '../plan/context';
import { Button } from '../ui/button';
import { tell, tellBad } from '../ui/toasts';
import { WordsBox } from '../ui/words-box';

/** What is done with an earlier version: a name, with which it stays, and going back to it. */
export function VersionActions({ id, version }: { id: number; version: Version }) {
  const client = useQueryClient();
  const { editor } = useOpen();
  const [name, setName] = useState(version.name ?? '');
  const tried = async (task: () => Promise<unknown>) => {
    try {
      await task();
      await client.invalidateQueries({ queryKey: ['versions', id] });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <section aria-label="This version" className="grid gap-3">
      <p className="note">{version.who ? `Saved by ${version.who}.` : ''}</p>
      <WordsBox label="Its name" value={name} onWords={setName} note="What has a name is kept." />
      <div className="flex flex-wrap gap-2">
        <Button
          disabled={name.trim() === (version.name ?? '')}
          onClick={() =>
            void tried(async () => {
              await api.callVersion(id, version.revision, name);
              tell(name.trim() === '' ? 'It has no name any more.' : `It is called ${name.trim()}.`);
            })
          }
        >
          Keep the name
        </Button>
        <Button
          look="main"
          onClick={() =>
            void tried(async () => {
              await api.goBack(id, version.revision);
              await editor.follow();
              tell('This is the plan now. What it was before is kept as a version.');
            })
          }
        >
          Go back to it
        </Button>
      </div>
      <p className="note">
        All versions of a week are kept, then the last of each hour, after thirty days the last of each day.
      </p>
    </section>
  );
}
