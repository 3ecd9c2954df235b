import { CircleAlert, Eye, OctagonX } from 'lucide-react';
import type { Finding, Mend } from '../api/client';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';

const LEVELS = {
  note: { word: 'Note', Icon: CircleAlert, ground: 'bg-good-ground border-good', word_: 'text-good' },
  look: { word: 'Look', Icon: Eye, ground: 'bg-look-ground border-look', word_: 'text-look' },
  stop: { word: 'Stop', Icon: OctagonX, ground: 'bg-stop-ground border-stop', word_: 'text-stop' },
};

/** Judgements in words, each with the presses that mend it. */
export function Findings({
  findings,
  onMend,
}: {
  findings: readonly Finding[];
  onMend: (finding: Finding, mend: Mend) => void;
}) {
  const { unit } = usePreferences();
  return (
    <ul className="flex flex-col gap-2.5" aria-label="Findings">
      {findings.map((finding) => {
        const { word, Icon, ground, word_ } = LEVELS[finding.level];
        return (
          <li
            key={finding.rule + say(finding.what, 'mm')}
            data-rule={finding.rule}
            className={`border-l-4 px-3.5 py-2.5 ${ground}`}
          >
            <p className="text-[0.97rem] leading-snug">
              <span className={`mr-1 inline-flex items-center gap-1 align-[-1px] font-bold ${word_}`}>
                <Icon size={15} aria-hidden /> {word}
              </span>
              {say(finding.what, unit)}
            </p>
            {finding.mends.length > 0 ? (
              <div className="mt-2 flex flex-wrap gap-2">
                {finding.mends.map((mend) => (
                  <button
                    type="button"
                    key={say(mend.label, 'mm')}
                    onClick={() => onMend(finding, mend)}
                    className="min-h-11 rounded-md bg-ink px-3 text-left text-[0.95rem] font-semibold text-sheet hover:bg-[#2c3e4d]"
                  >
                    {say(mend.label, unit)}
                  </button>
                ))}
              </div>
            ) : null}
          </li>
        );
      })}
    </ul>
  );
}
