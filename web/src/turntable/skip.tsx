import { useId, useState } from 'react';

const USUAL = ['Not needed', 'No time', 'Done by somebody else', 'Material is missing'];

/** A step passed over says why: whoever looks later knows it was meant. */
export function Skip({ onSkip }: { onSkip: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  const id = useId();
  return (
    <div className="flex flex-col gap-3">
      <div className="grid grid-cols-2 gap-2">
        {USUAL.map((r) => (
          <button
            key={r}
            type="button"
            onClick={() => onSkip(r)}
            className="min-h-16 rounded-md border-2 border-ink/40 px-3 text-[1.2rem] hover:bg-ink/8"
          >
            {r}
          </button>
        ))}
      </div>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (reason.trim() !== '') {
            onSkip(reason.trim());
          }
        }}
      >
        <label htmlFor={id} className="mb-0.5 block text-soft">
          Another reason
        </label>
        <div className="flex gap-2">
          <input
            id={id}
            maxLength={200}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            className="min-h-14 min-w-0 flex-1 rounded-md border-2 border-ink/45 bg-sheet px-3 text-[1.2rem]"
          />
          <button
            type="submit"
            disabled={reason.trim() === ''}
            className="min-h-14 rounded-md border-2 border-ink px-5 text-[1.2rem] font-semibold disabled:opacity-45"
          >
            Skip
          </button>
        </div>
      </form>
    </div>
  );
}
