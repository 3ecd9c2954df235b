import type { ReactNode } from 'react';
import { useKeptScroll } from './kept-scroll';

interface Props {
  main: ReactNode;
  ledger: ReactNode;
  /** Nothing in it can be pressed: then the keys reach it itself, to scroll it. */
  still?: boolean;
}

/** A stage's own drawing, and right of it the ledger. */
export function Stage({ main, ledger, still = false }: Props) {
  const region = useKeptScroll<HTMLElement>('main');
  return (
    <>
      <main
        ref={region}
        id="work"
        tabIndex={still ? 0 : -1}
        className={`min-h-0 min-w-0 ${still ? '-outline-offset-2' : 'outline-none'} overflow-x-hidden overflow-y-auto px-6 py-5 max-md:px-4 max-[360px]:px-2.5 print:overflow-visible print:p-0`}
      >
        {main}
      </main>
      <aside
        aria-label="Ledger"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys, too
        tabIndex={0}
        className="flex min-h-0 flex-col gap-4 overflow-y-auto border-l-[1.5px] border-ink bg-sheet px-5 py-5 max-md:border-t max-md:border-l-0 print:mt-3 print:gap-2 print:overflow-visible print:border-t print:border-l-0 print:bg-transparent print:px-0"
      >
        {ledger}
      </aside>
    </>
  );
}
