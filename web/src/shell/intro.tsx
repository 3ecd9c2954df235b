import { useState } from 'react';
import { Button } from '../ui/button';
import { HELP } from './help-texts';
import { IntroPicture } from './intro-picture';
import type { StageKey } from './stages';

const KEY = 'sectorum.introduced';

function introduced(): string[] {
  try {
    return (localStorage.getItem(KEY) ?? '').split(' ');
  } catch {
    return [];
  }
}

/** What a stage is for, the first time it is seen. */
export function Intro({ stage }: { stage: StageKey }) {
  const [known, setKnown] = useState(introduced);
  const text = HELP.find((h) => h.key === stage);
  if (text === undefined || known.includes(stage) || known.includes('all')) {
    return null;
  }
  const close = (what: string) => {
    const now = [...known, what];
    setKnown(now);
    try {
      localStorage.setItem(KEY, now.join(' ').trim());
    } catch {
      // Then it is said again the next time.
    }
  };
  return (
    <aside
      aria-label={text.title}
      className="flex items-center gap-5 border-b border-ink/25 bg-wash px-5 py-2 max-md:flex-col max-md:items-start print:hidden"
    >
      <IntroPicture stage={stage} />
      <p className="max-w-3xl min-w-0 flex-1">{text.sentences.join(' ')}</p>
      <div className="flex flex-wrap gap-2">
        <Button look="main" onClick={() => close(stage)}>
          Understood
        </Button>
        <Button onClick={() => close('all')}>No more of these</Button>
      </div>
    </aside>
  );
}
