import type { Problem } from '../api/client';
import { decimal } from '../units/units';
import { type Takes, TypedField } from './typed';

interface Props {
  label: string;
  value: number | null;
  suffix?: string;
  hideLabel?: boolean;
  placeholder?: string;
  className?: string;
  /** Null where the field was emptied and may be. */
  onNumber: (value: number | null) => Promise<Problem | null>;
  mayBeEmpty?: boolean;
}

/** Grams are weighed; a room's warmth is read off its sensor. */
function takes(suffix: string | undefined, use: Props['onNumber']): { takes?: Takes } {
  const unit = suffix?.split(/[ ,]/)[0];
  return unit === 'g'
    ? { takes: { kind: 'scale', use: (grams) => use(Math.round(grams * 10) / 10) } }
    : unit === '°C'
      ? {
          takes: {
            kind: 'room',
            of: (reading) => reading.celsius,
            use: (warm) => use(Math.round(warm * 10) / 10),
          },
        }
      : {};
}

/** A plain decimal: grams, pieces, money. */
export function NumberField({ value, onNumber, mayBeEmpty, ...rest }: Props) {
  return (
    <TypedField
      {...rest}
      {...takes(rest.suffix, onNumber)}
      inputMode="decimal"
      shown={value === null ? '' : decimal(value)}
      onTyped={async (typed) => {
        if (typed.trim() === '' && mayBeEmpty) {
          return onNumber(null);
        }
        if (!/^-?\d{1,9}(?:[.,]\d{1,6})?$/.test(typed.trim())) {
          const detail = `${rest.label} is a number; this is "${typed.slice(0, 40)}". Type digits, like 12.5.`;
          return { type: 'refused', title: 'Not possible', status: 400, detail };
        }
        return onNumber(Number(typed.trim().replace(',', '.')));
      }}
    />
  );
}
