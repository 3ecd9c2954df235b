import { Download } from 'lucide-react';
import { useState } from 'react';
import { problemOf } from '../api/client';
import { Button } from '../ui/button';
import { FileButton } from '../ui/file-button';
import { tell, tellBad } from '../ui/toasts';
import { save } from './use';

interface Props {
  /** What the file is called. */
  file: string;
  /** What a file that is chosen holds. */
  label: string;
  write: () => Promise<Blob>;
  /** Reads a table and says what was put in. */
  read: (file: Blob) => Promise<string>;
  changed: () => Promise<void>;
}

/** All of it out as a table, and a table in; a table that cannot be read says why and stays told. */
export function Tables({ file, label, write, read, changed }: Props) {
  const [wrong, setWrong] = useState<string | null>(null);
  const take = async (chosen: File) => {
    try {
      const said = await read(new Blob([await chosen.arrayBuffer()]));
      setWrong(null);
      tell(said);
      await changed();
    } catch (thrown) {
      setWrong(problemOf(thrown).detail);
    }
  };
  return (
    <>
      <Button
        look="quiet"
        onClick={() =>
          write().then(
            (blob) => save(blob, file),
            (thrown) => tellBad(problemOf(thrown).detail),
          )
        }
      >
        <Download size={17} aria-hidden /> Save as CSV
      </Button>
      <FileButton label={label} accept=".csv,text/csv" onFile={(chosen) => void take(chosen)}>
        Put in a CSV
      </FileButton>
      {wrong ? (
        <p role="alert" className="w-full max-w-2xl rounded-md bg-stop-ground px-3 py-2 text-stop">
          {wrong}
        </p>
      ) : null}
    </>
  );
}
