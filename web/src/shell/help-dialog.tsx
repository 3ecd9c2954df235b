import { useState } from 'react';
import { Choice } from '../ui/choice';
import { Dialog } from '../ui/dialog';
import { setSingleKeys, singleKeysOn } from '../ui/keys';
import { useHelp } from './help-open';
import { HELP } from './help-texts';

const KEYS: [string, string][] = [
  ['[   ]', 'one section fewer, one more'],
  [',   .', 'tier above, tier below'],
  ['1 … 7', 'Measure, Divide, Dress, Ahead, Make, Days, Build'],
  ['P', 'print'],
  ['B', 'the turntable, at the bench; there Space or → goes on and ← takes back'],
  ['↑ ↓', 'move the handle you hold by one division of your tape, ← → along the side; with Shift by five'],
  ['← →', 'turn the cake you hold; with Shift by three times as much; ↑ ↓ tilt it, Home is the front'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['Ctrl K', 'go to anything'],
  ['?', 'these keys'],
];

/** All keys, and whether those without Ctrl are on. */
export function HelpDialog() {
  const { open, about, setOpen } = useHelp();
  const text = HELP.find((h) => h.key === about);
  const [single, setSingle] = useState(singleKeysOn);
  return (
    <Dialog title={text?.title ?? 'Keys'} open={open} onOpenChange={setOpen}>
      {text ? (
        <>
          {text.sentences.map((s) => (
            <p key={s} className="mb-2">
              {s}
            </p>
          ))}
          <h3 className="heading mt-4 mb-2">Keys</h3>
        </>
      ) : null}
      <dl className="mb-4 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
        {KEYS.map(([keys, words]) => (
          <div key={keys} className="contents">
            <dt className="font-semibold whitespace-pre">{keys}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <Choice
        label="Keys without Ctrl"
        value={single ? 'on' : 'off'}
        options={[
          { name: 'on', label: 'on' },
          { name: 'off', label: 'off' },
        ]}
        onChoice={(v) => {
          setSingleKeys(v === 'on');
          setSingle(v === 'on');
        }}
      />
    </Dialog>
  );
}
