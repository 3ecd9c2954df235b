import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
import { Button } from '../ui/button';
import { WordsBox } from '../ui/words-box';
import { AccountFields, NOTHING_TYPED } from './account-fields';
import { Outside, onwards, useSend, Wrong } from './outside';

/** The first page for whoever is not signed in: the demo, a workshop of one's own, or one's account. */
export function SignIn() {
  const { data: welcome } = useQuery({ queryKey: ['welcome'], queryFn: api.welcome });
  const [way, setWay] = useState<'sign-in' | 'begin' | 'code' | null>(null);
  const shown = way ?? (welcome === undefined ? null : welcome.first ? 'begin' : 'sign-in');
  return (
    <Outside
      title={shown === 'begin' ? 'Begin your workshop' : shown === 'code' ? 'Set a new password' : 'Sign in'}
    >
      {welcome?.enter ? <Enter demo={welcome.demo} /> : null}
      {shown === 'begin' ? <Begin /> : shown === 'code' ? <Reset /> : shown === 'sign-in' ? <Known /> : null}
      <div className="mt-6 flex flex-wrap gap-x-5 gap-y-1">
        {shown === 'sign-in' ? null : <Way onPress={() => setWay('sign-in')}>I have an account</Way>}
        {welcome?.open && shown !== 'begin' ? (
          <Way onPress={() => setWay('begin')}>Begin a workshop of my own</Way>
        ) : null}
        {shown === 'code' ? null : <Way onPress={() => setWay('code')}>I have a code for a new password</Way>}
        <Link to="/join" className="inline-flex min-h-11 items-center font-semibold text-pin">
          I was invited
        </Link>
      </div>
    </Outside>
  );
}

function Way({ onPress, children }: { onPress: () => void; children: string }) {
  return (
    <button type="button" onClick={onPress} className="min-h-11 font-semibold text-pin underline">
      {children}
    </button>
  );
}

/** One press, at this machine alone. */
function Enter({ demo }: { demo: boolean }) {
  const { onSubmit, busy, any } = useSend(async () => {
    await api.enter();
    onwards();
  });
  return (
    <form onSubmit={onSubmit} className="mb-7 border-b border-ink/25 pb-6">
      <p className="mb-3">
        {demo
          ? 'Look around first: a made-up workshop with five orders, its cupboard and a full notebook. All people, places and numbers in it are invented.'
          : 'The workshop on this machine has no password yet: whoever sits here may go on in it.'}
      </p>
      <Wrong words={any} />
      <Button type="submit" disabled={busy}>
        {demo ? 'Enter the demo' : 'Go on without a password'}
      </Button>
    </form>
  );
}

function Known() {
  const [signIn, setSignIn] = useState('');
  const [password, setPassword] = useState('');
  const [stay, setStay] = useState(true);
  const { onSubmit, busy, any } = useSend(async () => {
    await api.signIn({ signIn, password, stay });
    onwards();
  });
  return (
    <form onSubmit={onSubmit} className="grid gap-4">
      <WordsBox
        label="Name to sign in with"
        value={signIn}
        onWords={setSignIn}
        autoComplete="username"
        autoCapitalize="none"
        spellCheck={false}
      />
      <WordsBox
        label="Password"
        type="password"
        value={password}
        onWords={setPassword}
        autoComplete="current-password"
      />
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5"
          checked={stay}
          onChange={(e) => setStay(e.currentTarget.checked)}
        />
        Stay signed in on this device
      </label>
      <Wrong words={any} />
      <div>
        <Button look="main" type="submit" disabled={busy || signIn === '' || password === ''}>
          Sign in
        </Button>
      </div>
    </form>
  );
}

function Begin() {
  const [workshop, setWorkshop] = useState('');
  const [typed, setTyped] = useState(NOTHING_TYPED);
  const { onSubmit, busy, wrong } = useSend(async () => {
    await api.begin({ workshop, ...typed });
    onwards();
  });
  return (
    <form onSubmit={onSubmit} className="grid gap-4">
      <WordsBox
        label="What your workshop is called"
        value={workshop}
        onWords={setWorkshop}
        problem={wrong('workshop')}
      />
      <AccountFields typed={typed} set={setTyped} wrong={wrong} />
      <Wrong words={wrong()} />
      <div>
        <Button look="main" type="submit" disabled={busy}>
          Begin
        </Button>
      </div>
    </form>
  );
}

function Reset() {
  const [code, setCode] = useState('');
  const [signIn, setSignIn] = useState('');
  const [password, setPassword] = useState('');
  const { onSubmit, busy, wrong } = useSend(async () => {
    await api.reset({ code, password, ...(signIn === '' ? {} : { signIn }) });
    onwards();
  });
  return (
    <form onSubmit={onSubmit} className="grid gap-4">
      <p>
        An owner of your workshop makes the code, under People. At the machine itself it is made by ./start
        --reset-owner.
      </p>
      <WordsBox
        label="Code"
        value={code}
        onWords={setCode}
        autoComplete="one-time-code"
        autoCapitalize="characters"
      />
      <WordsBox
        label="Name to sign in with, if you have none yet"
        value={signIn}
        onWords={setSignIn}
        autoComplete="username"
        autoCapitalize="none"
        problem={wrong('signIn')}
      />
      <WordsBox
        label="New password"
        type="password"
        value={password}
        onWords={setPassword}
        autoComplete="new-password"
        note="15 signs or more. Four words that have nothing to do with one another do well."
        problem={wrong('password')}
      />
      <Wrong words={wrong()} />
      <div>
        <Button look="main" type="submit" disabled={busy || code === ''}>
          Set it and sign in
        </Button>
      </div>
    </form>
  );
}
