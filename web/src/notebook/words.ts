import type { LearnedRate, RateKind } from '../api/client';

/** A rate as it is read: a factor, a share, or the figure with its unit. */
export function figure(kind: RateKind, value: number): string {
  switch (kind) {
    case 'breakage':
      return `${(value * 100).toFixed(value < 0.095 ? 1 : 0)} %`;
    case 'chilling':
    case 'softening':
      return `${value.toFixed(value < 10 ? 1 : 0)} min`;
    case 'hand':
      return `${value.toFixed(2)} mm`;
    default:
      return `${value.toFixed(2)} ×`;
  }
}

/** How sure a rate is, and where the next job may lie. */
export function sure({ kind, rate, unsure }: LearnedRate): string {
  if (!rate) {
    return '';
  }
  const give = `± ${Math.round(unsure * 100)} %`;
  return kind === 'breakage' || kind === 'density'
    ? give
    : `${give}; next up to ${figure(kind, rate.value * (1 + rate.off))}`;
}

/** What a figure of nobody is. */
export const plain = (kind: RateKind): number | null =>
  kind === 'breakage'
    ? null
    : kind === 'chilling'
      ? 20
      : kind === 'softening'
        ? 5
        : kind === 'hand'
          ? 0.7
          : 1;
