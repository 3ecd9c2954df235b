import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FolderOpen, Trash2 } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { useCallback, useRef, useState } from 'react';
import { api, type Motif, problemOf } from '../api/client';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { tell, tellBad } from '../ui/toasts';
import { Letters } from './letters';
import { MotifPicture } from './motif-picture';
import { Tracing } from './tracing';

const TABS = [
  ['drawing', 'A drawing'],
  ['letters', 'Letters'],
  ['picture', 'From a picture'],
  ['drawer', 'The drawer'],
] as const;

interface Props {
  plan: number;
  words: string;
  open: boolean;
  close: () => void;
  take: (motif: Motif) => void;
}

/** Where art comes from: a file, letters, a picture of the order, the workshop's drawer. */
export function ArtDialog({ plan, words, open, close, take }: Props) {
  const client = useQueryClient();
  const [tab, setTab] = useState<string>('drawing');
  const [art, setArt] = useState<Motif | null>(null);
  const onArt = useCallback((motif: Motif | null) => setArt(motif), []);
  const keep = async (motif: Motif) => {
    try {
      await api.keepMotif(motif);
      await client.invalidateQueries({ queryKey: ['drawer'] });
      tell(`${motif.name}: in the drawer now, for other plans.`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <Dialog title="Bring art in" open={open} onOpenChange={(is) => (is ? undefined : close())} wide>
      <Tabs.Root
        value={tab}
        onValueChange={(to) => {
          setTab(to);
          setArt(null);
        }}
      >
        <Tabs.List
          aria-label="Where it comes from"
          className="mb-4 flex flex-wrap gap-1 border-b border-ink/30"
        >
          {TABS.map(([name, label]) => (
            <Tabs.Trigger
              key={name}
              value={name}
              className="min-h-11 rounded-t-md px-4 data-[state=active]:bg-ink data-[state=active]:text-sheet data-[state=inactive]:hover:bg-wash"
            >
              {label}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <Tabs.Content value="drawing">
          <FromDrawing art={art} onArt={onArt} />
        </Tabs.Content>
        <Tabs.Content value="letters">
          <Letters words={words} onArt={onArt} />
        </Tabs.Content>
        <Tabs.Content value="picture">
          <Tracing plan={plan} onArt={onArt} />
        </Tabs.Content>
        <Tabs.Content value="drawer">
          <FromDrawer art={art} onArt={onArt} />
        </Tabs.Content>
      </Tabs.Root>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button
          look="main"
          disabled={art === null}
          onClick={() => {
            if (art) {
              take(art);
              close();
            }
          }}
        >
          Take it
        </Button>
        {tab === 'drawer' ? null : (
          <Button look="quiet" disabled={art === null} onClick={() => art && void keep(art)}>
            Keep it in the drawer, too
          </Button>
        )}
      </div>
    </Dialog>
  );
}

interface Chosen {
  art: Motif | null;
  onArt: (motif: Motif | null) => void;
}

function FromDrawing({ art, onArt }: Chosen) {
  const input = useRef<HTMLInputElement>(null);
  const [notes, setNotes] = useState<string[]>([]);
  const [said, setSaid] = useState<string | null>(null);
  const read = async (file: File | undefined) => {
    if (!file) {
      return;
    }
    try {
      const { motif, notes: told } = await api.drawing(file);
      onArt(motif);
      setNotes(told);
      setSaid(null);
    } catch (thrown) {
      onArt(null);
      setNotes([]);
      setSaid(problemOf(thrown).detail);
    }
  };
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <div className="flex flex-col items-start gap-3">
        <p>
          An SVG file with filled shapes. Words in it must be paths; scripts, pictures and filters are left
          out.
        </p>
        <Button look="quiet" onClick={() => input.current?.click()}>
          <FolderOpen size={18} aria-hidden /> Choose a file
        </Button>
        <input
          ref={input}
          type="file"
          accept=".svg,image/svg+xml"
          aria-label="SVG file"
          className="sr-only"
          onChange={(e) => {
            void read(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
        {said ? <p className="text-stop">{said}</p> : null}
        {notes.length > 0 ? (
          <ul aria-label="Not read" className="list-disc pl-5">
            {notes.map((n) => (
              <li key={n}>{n}</li>
            ))}
          </ul>
        ) : null}
      </div>
      <div className="min-h-56 rounded-md border border-ink/25 bg-paper p-3">
        {art ? <MotifPicture motif={art} className="h-72 w-full" /> : null}
      </div>
    </div>
  );
}

function FromDrawer({ art, onArt }: Chosen) {
  const client = useQueryClient();
  const kept = useQuery({ queryKey: ['drawer'], queryFn: api.drawer }).data ?? [];
  if (kept.length === 0) {
    return <p>The drawer is empty. What comes in can be kept here for other plans.</p>;
  }
  return (
    <ul aria-label="Drawer" className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      {kept.map(({ id, motif }) => (
        <li key={id} className="relative">
          <button
            type="button"
            aria-pressed={art === motif}
            onClick={() => onArt(motif)}
            className={`w-full rounded-md border p-2 text-left ${art === motif ? 'border-ink ring-2 ring-ink' : 'border-ink/30'}`}
          >
            <MotifPicture motif={motif} className="h-28 w-full" />
            <span className="block truncate">{motif.name}</span>
          </button>
          <button
            type="button"
            aria-label={`Take ${motif.name} out of the drawer`}
            onClick={async () => {
              await api.takeOutMotif(id);
              onArt(null);
              await client.invalidateQueries({ queryKey: ['drawer'] });
            }}
            className="absolute top-1 right-1 grid size-11 place-items-center rounded-md bg-sheet/80 hover:bg-wash"
          >
            <Trash2 size={16} aria-hidden />
          </button>
        </li>
      ))}
    </ul>
  );
}
