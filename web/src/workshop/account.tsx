import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type AccountView, api, problemOf } from '../api/client';
import { Button } from '../ui/button';
import { tell, tellBad } from '../ui/toasts';
import { WordsBox } from '../ui/words-box';
import { useMe } from '../units/names';
import { AccountFields } from './account-fields';
import { useSend, Wrong } from './outside';
import { ROLES } from './roles';
import { moment } from './when';

const KEY = ['account'];

/** What was read of plans for a time without a connection goes with whoever signs out. */
async function forget(): Promise<void> {
  try {
    await caches.delete('sectorum-data-1');
  } catch {
    // A browser without caches kept nothing.
  }
  window.location.replace('/sign-in');
}

/** One's own account: name, password, where it is signed in. */
export function Account() {
  const me = useMe();
  const client = useQueryClient();
  const { data, error } = useQuery({ queryKey: KEY, queryFn: api.account });
  const hold = (view: AccountView) => {
    client.setQueryData(KEY, view);
    void client.invalidateQueries({ queryKey: ['names'] });
  };
  if (data === undefined) {
    return error ? <Wrong words={problemOf(error).detail} /> : <p className="note">One moment</p>;
  }
  const out = async (everywhere: boolean) => {
    try {
      await (everywhere ? api.endAllDevices() : api.signOut());
      await forget();
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <div className="grid max-w-3xl gap-8">
      <section aria-label="Signed in">
        <h2 className="heading mb-2">
          {data.name}
          {me ? `, ${ROLES[me.role].label.toLowerCase()}` : ''}
        </h2>
        {data.signIn === undefined ? (
          <p className="mb-3">
            {me?.demo ? 'This is the demo: all in it is made up. ' : ''}You are in without a password, because
            you sit at this machine. Others are invited once you have one.
          </p>
        ) : (
          <p className="mb-3">Signs in as {data.signIn}.</p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => void out(false)}>Sign out</Button>
          <Button onClick={() => void out(true)}>Sign out everywhere</Button>
        </div>
      </section>
      {data.signIn === undefined ? null : <Name data={data} hold={hold} />}
      <Password data={data} hold={hold} />
      <section aria-label="Devices">
        <h2 className="heading mb-2">Signed in on</h2>
        <ul>
          {data.devices.map((d) => (
            <li
              key={d.id}
              className="flex min-h-12 flex-wrap items-center justify-between gap-3 border-t border-dotted border-ink/30 py-1"
            >
              <span>
                {d.device}
                {d.here ? ', this one' : ''}
                <span className="note block">
                  since {moment(d.since)}, last used {moment(d.seen)}
                </span>
              </span>
              {d.here ? null : (
                <Button
                  onClick={() =>
                    void api.endDevice(d.id).then(hold, (thrown) => tellBad(problemOf(thrown).detail))
                  }
                >
                  Sign out there
                </Button>
              )}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

interface Part {
  data: AccountView;
  hold: (view: AccountView) => void;
}

function Name({ data, hold }: Part) {
  const [name, setName] = useState(data.name);
  const { onSubmit, busy, wrong } = useSend(async () => {
    hold(await api.rename(name));
    tell('You are called so from now on.');
  });
  return (
    <form onSubmit={onSubmit} className="flex max-w-md flex-wrap items-end gap-3">
      <div className="min-w-56 flex-1">
        <WordsBox
          label="Your name, as others see it"
          value={name}
          onWords={setName}
          problem={wrong('name')}
        />
      </div>
      <Button type="submit" disabled={busy || name === data.name}>
        Keep the name
      </Button>
      <Wrong words={wrong()} />
    </form>
  );
}

function Password({ data, hold }: Part) {
  const fresh = data.signIn === undefined;
  const [old, setOld] = useState('');
  const [typed, setTyped] = useState({ name: data.name, signIn: data.signIn ?? '', password: '' });
  const { onSubmit, busy, wrong } = useSend(async () => {
    hold(await api.changePassword({ ...typed, ...(fresh ? {} : { old }) }));
    setOld('');
    setTyped({ ...typed, password: '' });
    tell(
      fresh ? 'This workshop is yours now.' : 'The new password holds. You were signed out everywhere else.',
    );
  });
  return (
    <form onSubmit={onSubmit} className="grid max-w-md gap-4">
      <h2 className="heading">{fresh ? 'Make it yours' : 'Another password'}</h2>
      {fresh ? (
        <AccountFields typed={typed} set={setTyped} wrong={wrong} />
      ) : (
        <>
          <WordsBox
            label="The password so far"
            type="password"
            value={old}
            onWords={setOld}
            autoComplete="current-password"
            problem={wrong('old')}
          />
          <WordsBox
            label="The new one"
            type="password"
            value={typed.password}
            onWords={(password) => setTyped({ ...typed, password })}
            autoComplete="new-password"
            note="15 signs or more. Four words that have nothing to do with one another do well."
            problem={wrong('password')}
          />
        </>
      )}
      <Wrong words={wrong()} />
      <div>
        <Button look="main" type="submit" disabled={busy || typed.password === ''}>
          {fresh ? 'Set the password' : 'Change it'}
        </Button>
      </div>
    </form>
  );
}
