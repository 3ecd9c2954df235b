import type { ReactNode } from 'react';
import { Skip } from '../ui/skip';
import { useTitle } from '../ui/title';
import { Around } from './around';
import { Brand } from './brand';
import { DemoNote } from './demo-note';
import { UnitMenu } from './unit-menu';

interface Props {
  title: string;
  /** What the page is for, in a line. */
  note: string;
  /** What is done with the whole page, at its right. */
  actions?: ReactNode;
  children: ReactNode;
}

/** A page of the workshop, which belongs to no plan. */
export function Page({ title, note, actions, children }: Props) {
  useTitle(title);
  return (
    <div className="min-h-dvh">
      <Skip />
      <header className="flex min-h-[72px] items-center justify-between border-b-[1.5px] border-ink bg-sheet px-5 print:hidden">
        <Brand under="All orders" />
        <UnitMenu />
      </header>
      <DemoNote />
      <main
        id="work"
        tabIndex={-1}
        className="mx-auto max-w-6xl px-6 py-6 outline-none print:max-w-none max-[360px]:px-3"
      >
        <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
          <div>
            <h1 className="font-display text-[1.9rem] leading-tight font-bold">{title}</h1>
            <p className="note max-w-3xl">{note}</p>
          </div>
          {actions ? <div className="flex flex-wrap items-end gap-2 print:hidden">{actions}</div> : null}
        </div>
        {children}
      </main>
      <Around />
    </div>
  );
}
