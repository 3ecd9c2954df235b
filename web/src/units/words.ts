import type { Batch, LengthUnit } from '../api/client';
import { length } from './units';

/** What a material is called. */
export type MaterialWords = (material: Batch['material']) => string;

const FORMS: Record<Batch['form'], string> = {
  bake: 'baked',
  fill: 'inside and between',
  coat: 'spread',
  cover: 'rolled to cover',
  rolled: 'rolled and cut',
  shaped: 'shaped',
  bought: 'bought',
  sheet: 'cut from sheets',
};

export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** What a batch is, in the order a hand needs it: paste, colour, thickness. */
export function batchWords(batch: Batch, unit: LengthUnit, words: MaterialWords): string {
  const colour = batch.tint.id === '' ? '' : `, ${batch.tint.name}`;
  const thick = batch.thickness > 0 ? `, ${length(batch.thickness, unit)}` : '';
  return `${capital(words(batch.material))}${colour}${thick}${batch.ahead ? ', made ahead' : ''}`;
}

/** The lid beside a strip, as it is rolled. */
export function lid({ lid: l }: Batch['coverings'][number], unit: LengthUnit): string {
  if (!l) {
    return 'no lid';
  }
  return l.round
    ? `round lid ${length(l.width, unit)} across`
    : `lid of the top's outline, ${length(l.width, unit)} × ${length(l.height, unit)}`;
}

export function formWords(batch: Batch): string {
  return FORMS[batch.form];
}
