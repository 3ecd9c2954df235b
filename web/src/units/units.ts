import type { LengthUnit, Phrase, Quantity } from '../api/client';

/** A number and its unit apart, so that the number can be large and the unit small. */
export interface Shown {
  number: string;
  unit: string;
}

/** At most so many decimals, half up, no trailing zeros. */
function plain(x: number, places: number): string {
  const step = 10 ** places;
  const rounded = Math.floor(x * step + 0.5 + 1e-9) / step;
  const text = Math.abs(rounded).toFixed(places);
  const short = places > 0 ? text.replace(/\.?0+$/, '') : text;
  return rounded < 0 ? `−${short}` : short;
}

function inches(mm: number): string {
  const sixteenths = Math.floor((Math.abs(mm) / 25.4) * 16 + 0.5 + 1e-9);
  const whole = Math.floor(sixteenths / 16);
  let over = sixteenths % 16;
  let under = 16;
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  const sign = mm < 0 && sixteenths > 0 ? '−' : '';
  if (over === 0) {
    return `${sign}${whole}`;
  }
  return `${sign}${whole === 0 ? '' : `${whole} `}${over}/${under}`;
}

export function lengthParts(mm: number, unit: LengthUnit): Shown {
  switch (unit) {
    case 'mm':
      return { number: plain(mm, 1), unit: 'mm' };
    case 'cm':
      return { number: plain(mm / 10, 2), unit: 'cm' };
    case 'inch':
      return { number: inches(mm), unit: '″' };
  }
}

/** A length as core shows it: mm and cm to the tape's last digit, inches in sixteenths. */
export function length(mm: number, unit: LengthUnit): string {
  const parts = lengthParts(mm, unit);
  return unit === 'inch' ? `${parts.number}″` : `${parts.number} ${parts.unit}`;
}

/** Of dust and spirit there is less than a gram: a hundredth of it, or a thousandth, still says something. */
const small = (x: number) => (Math.abs(x) < 0.1 ? 3 : Math.abs(x) < 1 ? 2 : 1);

/** Grams as a scale shows them: whole from ten on. */
export function mass(grams: number): string {
  return `${plain(grams, grams < 10 ? small(grams) : 0)} g`;
}

/** A number as it is typed and shown. */
export function decimal(x: number, places = 2): string {
  return plain(x, places);
}

/** Money in the workshop's own coin. */
export function money(sum: number, coin: string): string {
  const text = (Math.round(sum * 100) / 100).toFixed(2);
  return coin === '' ? text : `${coin} ${text}`;
}

export function hours(minutes: number): string {
  return minutes >= 60
    ? `${Math.floor(Math.round(minutes) / 60)} h ${String(Math.round(minutes) % 60).padStart(2, '0')}`
    : `${plain(minutes, minutes < 10 ? 1 : 0)} min`;
}

export function quantityParts(quantity: Quantity, unit: LengthUnit): Shown {
  const { kind, value } = quantity;
  switch (kind) {
    case 'length':
      return lengthParts(value, unit);
    case 'mass':
      return { number: plain(value, small(value)), unit: 'g' };
    case 'volume':
      return { number: plain(value, small(value)), unit: 'ml' };
    case 'minutes':
      return value >= 60
        ? {
            number: `${Math.floor(value / 60)} h ${String(Math.round(value % 60)).padStart(2, '0')}`,
            unit: '',
          }
        : { number: plain(value, 1), unit: 'min' };
    case 'angle':
      return { number: `${plain((value * 180) / Math.PI, 1)}°`, unit: '' };
    case 'share':
      return { number: plain(value * 100, 1), unit: '%' };
    case 'text':
      return { number: quantity.text ?? '', unit: '' };
    default:
      return { number: plain(value, 3), unit: '' };
  }
}

export function quantity(q: Quantity, unit: LengthUnit): string {
  const parts = quantityParts(q, unit);
  return parts.unit === ''
    ? parts.number
    : parts.unit === '″'
      ? `${parts.number}″`
      : `${parts.number} ${parts.unit}`;
}

/** A sentence from core with its numbers in the reader's unit. */
export function say(phrase: Phrase, unit: LengthUnit): string {
  let next = 0;
  return phrase.template.replace(/\{\}/g, () => {
    const q = phrase.quantities[next++];
    return q ? quantity(q, unit) : '';
  });
}

/** Small counts as words begin a sentence better. */
export function countWord(n: number): string {
  const words = [
    'No',
    'One',
    'Two',
    'Three',
    'Four',
    'Five',
    'Six',
    'Seven',
    'Eight',
    'Nine',
    'Ten',
    'Eleven',
    'Twelve',
  ];
  return words[n] ?? String(n);
}

export function kilos(grams: number): string {
  return decimal(grams / 1000, grams < 9950 ? 2 : 1);
}
