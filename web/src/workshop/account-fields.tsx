import { WordsBox } from '../ui/words-box';

export interface Typed {
  name: string;
  signIn: string;
  password: string;
}

export const NOTHING_TYPED: Typed = { name: '', signIn: '', password: '' };

interface Props {
  typed: Typed;
  set: (typed: Typed) => void;
  wrong: (field: string) => string | undefined;
}

/** What every new account asks for. */
export function AccountFields({ typed, set, wrong }: Props) {
  return (
    <>
      <WordsBox
        label="Your name, as others see it"
        value={typed.name}
        onWords={(name) => set({ ...typed, name })}
        autoComplete="name"
        problem={wrong('name')}
      />
      <WordsBox
        label="Name to sign in with"
        value={typed.signIn}
        onWords={(signIn) => set({ ...typed, signIn })}
        autoComplete="username"
        autoCapitalize="none"
        spellCheck={false}
        note="An address or any name without spaces."
        problem={wrong('signIn')}
      />
      <WordsBox
        label="Password"
        type="password"
        value={typed.password}
        onWords={(password) => set({ ...typed, password })}
        autoComplete="new-password"
        note="15 signs or more. Four words that have nothing to do with one another do well."
        problem={wrong('password')}
      />
    </>
  );
}
