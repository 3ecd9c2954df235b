import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Crew, problemOf, type Role } from '../api/client';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { Pick } from '../ui/select';
import { tellBad } from '../ui/toasts';
import { WordsBox } from '../ui/words-box';
import { useSend, Wrong } from './outside';
import { IN_ORDER, ROLES } from './roles';
import { moment } from './when';

const KEY = ['people'];
const CHOICES = IN_ORDER.map((name) => ({ name, label: ROLES[name].label }));

interface Shown {
  title: string;
  code: string;
  until: string;
  words: string;
  link?: string;
}

/** Who works here, and who is invited. */
export function People() {
  const client = useQueryClient();
  const { data: crew, error } = useQuery({ queryKey: KEY, queryFn: api.crew });
  const [shown, setShown] = useState<Shown | null>(null);
  const [going, setGoing] = useState<Crew['people'][number] | null>(null);
  const done = async (task: Promise<Crew>) => {
    try {
      client.setQueryData(KEY, await task);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  if (crew === undefined) {
    return error ? <Wrong words={problemOf(error).detail} /> : <p className="note">One moment</p>;
  }
  const reset = async (id: number, name: string) => {
    try {
      const { code, until } = await api.resetCode(id);
      setShown({
        title: `A code for ${name}`,
        code,
        until,
        words: `Tell it to ${name} and to nobody else. They choose "I have a code for a new password" where they sign in.`,
      });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <div className="grid max-w-4xl gap-8">
      <section aria-label="People">
        <ul>
          {crew.people.map((p) => (
            <li
              key={p.id}
              className="flex min-h-14 flex-wrap items-center justify-between gap-3 border-t border-dotted border-ink/30 py-2"
            >
              <span className="min-w-48">
                <span className="font-semibold">{p.name}</span>
                {p.me ? ', you' : ''}
                <span className="note block">{p.signIn ?? 'no password yet'}</span>
              </span>
              <span className="flex flex-wrap items-center gap-3">
                <Pick
                  label={`What ${p.name} may do`}
                  hideLabel
                  value={p.role}
                  options={CHOICES}
                  onChoice={(role) => void done(api.become(p.id, role as Role))}
                />
                {p.me ? null : (
                  <>
                    <Button onClick={() => void reset(p.id, p.name)}>New password</Button>
                    <Button onClick={() => setGoing(p)}>Take out</Button>
                  </>
                )}
              </span>
            </li>
          ))}
        </ul>
        <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          {IN_ORDER.map((r) => (
            <div key={r} className="contents">
              <dt className="font-semibold">{ROLES[r].label}</dt>
              <dd className="text-soft">{ROLES[r].words}</dd>
            </div>
          ))}
        </dl>
      </section>
      <Invite
        made={(name, code, until) => {
          void client.invalidateQueries({ queryKey: KEY });
          setShown({
            title: `The invitation for ${name}`,
            code,
            until,
            link: `${window.location.origin}/join#${code}`,
            words: 'Give the link or the code to whom it is for. It lets one person in.',
          });
        }}
      />
      {crew.invitations.length === 0 ? null : (
        <section aria-label="Invitations">
          <h2 className="heading mb-2">Invited, and not here yet</h2>
          <ul>
            {crew.invitations.map((i) => (
              <li
                key={i.id}
                className="flex min-h-12 flex-wrap items-center justify-between gap-3 border-t border-dotted border-ink/30 py-1"
              >
                <span>
                  {i.name}, {ROLES[i.role].label.toLowerCase()}
                  <span className="note block">until {moment(i.until)}</span>
                </span>
                <Button onClick={() => void done(api.withdrawInvitation(i.id))}>Withdraw</Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {shown ? <CodeShown shown={shown} close={() => setShown(null)} /> : null}
      {going ? (
        <Dialog title={`Take out ${going.name}?`} open onOpenChange={() => setGoing(null)}>
          <p className="mb-4">
            {going.name} is signed out everywhere at once. What they did stays, and stays under their name.
          </p>
          <div className="flex gap-3">
            <Button
              look="main"
              onClick={() => {
                void done(api.removePerson(going.id));
                setGoing(null);
              }}
            >
              Take out
            </Button>
            <Button onClick={() => setGoing(null)}>Leave</Button>
          </div>
        </Dialog>
      ) : null}
    </div>
  );
}

function Invite({ made }: { made: (name: string, code: string, until: string) => void }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('decorator');
  const { onSubmit, busy, wrong } = useSend(async () => {
    const { code, until } = await api.invite(name, role);
    made(name, code, until);
    setName('');
  });
  return (
    <form onSubmit={onSubmit} aria-label="Invite">
      <h2 className="heading mb-2">Invite somebody</h2>
      <div className="flex flex-wrap items-end gap-3">
        <div className="min-w-56">
          <WordsBox label="Who it is for" value={name} onWords={setName} problem={wrong('name')} />
        </div>
        <Pick label="As" value={role} options={CHOICES} onChoice={(r) => setRole(r as Role)} />
        <Button look="main" type="submit" disabled={busy || name.trim() === ''}>
          Make an invitation
        </Button>
      </div>
      <Wrong words={wrong()} />
    </form>
  );
}

function CodeShown({ shown, close }: { shown: Shown; close: () => void }) {
  return (
    <Dialog title={shown.title} open onOpenChange={close}>
      <p className="mb-2 font-display text-[1.7rem] font-bold tracking-wide">{shown.code}</p>
      {shown.link ? <p className="mb-2 break-all">{shown.link}</p> : null}
      <p className="note mb-4">
        {shown.words} It holds until {moment(shown.until)} and is shown only now.
      </p>
      <div className="flex gap-3">
        <Button look="main" onClick={() => void navigator.clipboard?.writeText(shown.link ?? shown.code)}>
          Copy {shown.link ? 'the link' : 'the code'}
        </Button>
        <Button onClick={close}>Close</Button>
      </div>
    </Dialog>
  );
}
