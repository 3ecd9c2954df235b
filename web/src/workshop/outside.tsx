import { type FormEvent, type ReactNode, useState } from 'react';
import { type Problem, problemOf } from '../api/client';
import { useTitle } from '../ui/title';

/** A page for whoever is not signed in. */
export function Outside({ title, children }: { title: string; children: ReactNode }) {
  useTitle(title);
  return (
    <div className="min-h-dvh">
      <header className="flex min-h-[72px] items-center border-b-[1.5px] border-ink bg-sheet px-5">
        <span className="font-display text-[1.35rem] font-bold">Sectorum</span>
      </header>
      <main id="work" className="mx-auto max-w-xl px-6 py-8 max-[360px]:px-3">
        <h1 className="mb-4 font-display text-[1.9rem] leading-tight font-bold">{title}</h1>
        {children}
      </main>
    </div>
  );
}

/** The page that was asked for before signing in, where it is of this house; a browser reads a backslash as a stroke. */
export function wanted(search: string): string {
  const to = new URLSearchParams(search).get('to') ?? '/';
  return /^\/(?![/\\])/.test(to) ? to : '/';
}

/** On to what was asked for. */
export function onwards(): void {
  window.location.replace(wanted(window.location.search));
}

/** Sends a form once, and holds what was wrong with it; what was typed stays. */
export function useSend(send: () => Promise<void>) {
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const onSubmit = async (e: FormEvent) => {
    e.preventDefault();
    setBusy(true);
    setProblem(null);
    try {
      await send();
    } catch (thrown) {
      setProblem(problemOf(thrown));
    } finally {
      setBusy(false);
    }
  };
  return {
    onSubmit: (e: FormEvent) => void onSubmit(e),
    busy,
    /** Of a field, or of none. */
    wrong: (field?: string) =>
      problem !== null && (field === undefined ? problem.field === undefined : problem.field === field)
        ? problem.detail
        : undefined,
    any: problem?.detail,
  };
}

/** What was wrong with no field of its own. */
export function Wrong({ words }: { words: string | undefined }) {
  return words ? (
    <p role="alert" className="border-l-4 border-stop bg-stop-ground px-4 py-3">
      {words}
    </p>
  ) : null;
}
