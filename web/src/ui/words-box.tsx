import { type InputHTMLAttributes, useId } from 'react';

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> {
  label: string;
  value: string;
  onWords: (words: string) => void;
  /** Beneath the box. */
  note?: string | undefined;
  problem?: string | undefined;
}

/** A line of words in a form that is sent as a whole. */
export function WordsBox({ label, value, onWords, note, problem, ...rest }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block text-[0.92rem] text-soft">
        {label}
      </label>
      <input
        {...rest}
        id={id}
        value={value}
        aria-invalid={problem !== undefined}
        aria-describedby={note || problem ? `${id}-note` : undefined}
        onChange={(e) => onWords(e.currentTarget.value)}
        className={`min-h-11 w-full rounded-md border bg-sheet px-3 text-[1.05rem] ${problem ? 'border-2 border-stop' : 'border-ink/45'}`}
      />
      {problem || note ? (
        <p
          id={`${id}-note`}
          className={problem ? 'mt-1 text-stop' : 'note mt-0.5'}
          role={problem ? 'alert' : undefined}
        >
          {problem ?? note}
        </p>
      ) : null}
    </div>
  );
}
