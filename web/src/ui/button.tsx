import type { ButtonHTMLAttributes } from 'react';

const LOOKS = {
  main: 'bg-ink text-sheet hover:bg-[#2c3e4d] border-ink',
  plain: 'bg-transparent text-ink border-ink/40 hover:border-ink hover:bg-sheet',
  quiet: 'bg-transparent text-ink border-transparent hover:bg-ink/8',
  pin: 'bg-transparent text-pin border-transparent hover:bg-pin/8 font-semibold',
};

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: keyof typeof LOOKS;
}

/** Every press in the house: 44 px high, so that a knuckle finds it; on paper there is nothing to press. */
export function Button({ look = 'plain', className = '', ...rest }: Props) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-md border px-3.5 text-[0.98rem] leading-tight transition-colors disabled:opacity-45 aria-disabled:opacity-45 print:hidden ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}
