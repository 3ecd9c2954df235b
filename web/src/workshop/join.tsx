import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, problemOf } from '../api/client';
import { Button } from '../ui/button';
import { WordsBox } from '../ui/words-box';
import { AccountFields, NOTHING_TYPED } from './account-fields';
import { Outside, useSend, Wrong } from './outside';
import { ROLES } from './roles';

/** Coming in by an invitation; a link carries its code behind the stroke that no server is told. */
export function Join() {
  const [code, setCode] = useState(() => decodeURIComponent(window.location.hash.slice(1)));
  const [asked, setAsked] = useState(code);
  const { data, error } = useQuery({
    queryKey: ['invited', asked],
    queryFn: () => api.invited(asked),
    enabled: asked !== '',
    retry: false,
  });
  return (
    <Outside title="Join a workshop">
      {data === undefined ? (
        <form
          className="grid gap-4"
          onSubmit={(e) => {
            e.preventDefault();
            setAsked(code);
          }}
        >
          <WordsBox
            label="The code of your invitation"
            value={code}
            onWords={setCode}
            autoCapitalize="characters"
          />
          <Wrong words={error ? problemOf(error).detail : undefined} />
          <div>
            <Button look="main" type="submit" disabled={code.trim() === ''}>
              Go on
            </Button>
          </div>
        </form>
      ) : (
        <>
          <p className="mb-5">
            {data.workshop} invites {data.name} as {ROLES[data.role].label.toLowerCase()}:{' '}
            {ROLES[data.role].words}
          </p>
          <Account code={asked} name={data.name} />
        </>
      )}
      <p className="mt-6">
        <Link to="/sign-in" className="inline-flex min-h-11 items-center font-semibold text-pin">
          I have an account
        </Link>
      </p>
    </Outside>
  );
}

function Account({ code, name }: { code: string; name: string }) {
  const [typed, setTyped] = useState({ ...NOTHING_TYPED, name });
  const { onSubmit, busy, wrong } = useSend(async () => {
    await api.join({ code, ...typed });
    window.location.replace('/');
  });
  return (
    <form onSubmit={onSubmit} className="grid gap-4">
      <AccountFields typed={typed} set={setTyped} wrong={wrong} />
      <Wrong words={wrong()} />
      <div>
        <Button look="main" type="submit" disabled={busy}>
          Join
        </Button>
      </div>
    </form>
  );
}
