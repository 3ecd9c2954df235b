/** The stages there are, in the order of the work. */
export const STAGES = [
  { key: 'measure', label: 'Measure' },
  { key: 'divide', label: 'Divide' },
  { key: 'dress', label: 'Dress' },
  { key: 'ahead', label: 'Ahead' },
  { key: 'make', label: 'Make' },
  { key: 'days', label: 'Days' },
  { key: 'build', label: 'Build' },
] as const;

export type StageKey =
  | (typeof STAGES)[number]['key']
  | 'print'
  | 'order'
  | 'compare'
  | 'steps'
  | 'handover'
  | 'client'
  | 'turntable';

/** What a window's title calls each view. */
export const TITLES: Record<StageKey, string> = {
  measure: 'Measure',
  divide: 'Divide',
  dress: 'Dress',
  ahead: 'Made ahead',
  make: 'Make',
  days: 'Days',
  build: 'Build',
  print: 'Print',
  order: 'Order and palette',
  compare: 'Compare',
  steps: 'Steps',
  handover: 'Handover sheet',
  client: 'Sheet for the client',
  turntable: 'Turntable',
};
