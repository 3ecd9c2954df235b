import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, problemOf, type ShareLink, type ShareMade } from '../api/client';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { CodeSquares } from '../ui/code-squares';
import { Dialog } from '../ui/dialog';
import { tellBad } from '../ui/toasts';
import { WordsBox } from '../ui/words-box';

type Kind = ShareLink['kind'];

const KINDS: { name: Kind; label: string }[] = [
  { name: 'client', label: "Client's sheet" },
  { name: 'handover', label: 'Handover sheet' },
  { name: 'turntable', label: "Turntable, for a helper's phone" },
];

const DAYS = [
  { name: '1', label: 'a day' },
  { name: '14', label: 'two weeks' },
  { name: '90', label: 'three months' },
] as const;

/** A press that opens the links of a plan. */
export function ShareButton({ id, kind }: { id: number; kind: Kind }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Share by a link</Button>
      {open ? <ShareDialog id={id} kind={kind} close={() => setOpen(false)} /> : null}
    </>
  );
}

function ShareDialog({ id, kind: first, close }: { id: number; kind: Kind; close: () => void }) {
  const client = useQueryClient();
  const key = ['shares', id];
  const { data: links } = useQuery({ queryKey: key, queryFn: () => api.shares(id) });
  const [kind, setKind] = useState<Kind>(first);
  const [name, setName] = useState('');
  const [priced, setPriced] = useState('none');
  const [days, setDays] = useState<(typeof DAYS)[number]['name']>('14');
  const [made, setMade] = useState<ShareMade | null>(null);
  const make = async () => {
    try {
      setMade(
        await api.share(id, {
          kind,
          name,
          priced: kind === 'client' && priced === 'shown',
          days: Number(days),
        }),
      );
      await client.invalidateQueries({ queryKey: key });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const withdraw = async (link: number) => {
    try {
      client.setQueryData(key, await api.withdrawShare(id, link));
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const url = made ? (made.door ?? window.location.origin + made.path) : '';
  return (
    <Dialog title="Share by a link" open onOpenChange={close} wide>
      <div className="mb-4 flex flex-wrap items-end gap-4">
        <Choice label="What it opens" value={kind} options={KINDS} onChoice={setKind} />
        {kind === 'client' ? (
          <Choice
            label="Price on it"
            value={priced}
            options={[
              { name: 'none', label: 'None' },
              { name: 'shown', label: 'Shown' },
            ]}
            onChoice={setPriced}
          />
        ) : null}
        <Choice label="It holds for" value={days} options={DAYS} onChoice={setDays} />
        <div className="min-w-56">
          <WordsBox label="Who it is for" value={name} onWords={setName} />
        </div>
        <Button look="main" onClick={() => void make()}>
          Make a link
        </Button>
      </div>
      {made ? (
        <div
          role="status"
          className="mb-5 flex flex-wrap items-center gap-5 border-l-4 border-ink bg-wash px-4 py-3"
        >
          <div className="min-w-0 flex-1">
            <p className="font-semibold break-all">{url}</p>
            <p className="note mb-2">
              Shown only now. Whoever has it sees what was chosen and nothing else.
              {made.door ? '' : ' It works where this page can be reached.'}
            </p>
            <Button onClick={() => void navigator.clipboard?.writeText(url)}>Copy the link</Button>
          </div>
          {made.code ? (
            <div className="w-36">
              <CodeSquares {...made.code} />
            </div>
          ) : null}
        </div>
      ) : null}
      <h3 className="heading mb-1">Links that are open</h3>
      {links?.length === 0 ? <p className="note">None.</p> : null}
      <ul>
        {links?.map((l) => (
          <li
            key={l.id}
            className="flex min-h-12 flex-wrap items-center justify-between gap-3 border-t border-dotted border-ink/30 py-1"
          >
            <span>
              {KINDS.find((k) => k.name === l.kind)?.label}
              {l.name === '' ? '' : `, ${l.name}`}
              <span className="note block">
                until {day(l.until)},{' '}
                {l.opened === 0
                  ? 'not opened yet'
                  : l.opened === 1
                    ? 'opened once'
                    : `opened ${l.opened} times`}
                {l.last ? `, last ${day(l.last)}` : ''}
              </span>
            </span>
            <Button onClick={() => void withdraw(l.id)}>Withdraw</Button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}

const day = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });
