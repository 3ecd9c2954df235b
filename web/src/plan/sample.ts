import type { Bench, Form, Plan } from '../api/client';

export const sampleBench: Bench = { tape: { divisionMm: 1 }, hand: 'right', shelf: [] };

/** A plan for tests of the screens: what it computes is core's business, so its numbers need not agree. */
export const samplePlan = (): Plan => ({
  format: 'sectorum-plan',
  version: 1,
  name: 'Sample',
  brief: { client: '', place: '', allergies: '', notes: '' },
  palette: [],
  pieces: [],
  dressings: [],
  art: [],
  tiers: [
    {
      id: 'top',
      name: 'Top tier',
      outline: { kind: 'round', sizes: { diameter: 215 } },
      height: 110,
      dummy: false,
      coats: [],
      readings: [{ what: 'foot', mm: 731, spot: 0 }],
      borders: [],
      divisions: [{ id: 'marks', count: 5, front: 'section', liked: 'any', corners: true, locked: [] }],
      dressings: [
        {
          id: 'swags',
          technique: 'swag',
          division: 'marks',
          aside: false,
          covers: false,
          colours: [],
          settings: { drop: 48 },
        },
      ],
    },
  ],
});

/** A square of 100 on its side, front at the bottom, with its places every 50 mm. */
export function squareForm(): Form {
  const known = (mm: number) => ({ mm, nominalMm: mm, readings: 0, spreadMm: 0 });
  const xy: [number, number][] = [
    [0, 50],
    [-50, 50],
    [-50, 0],
    [-50, -50],
    [0, -50],
    [50, -50],
    [50, 0],
    [50, 50],
  ];
  return {
    foot: known(400),
    top: known(400),
    height: known(100),
    taper: 0,
    heights: [],
    outline: xy.map(([x, y], i) => ({ s: i * 50, x, y })),
    hole: [],
    corners: [50, 150, 250, 350],
    width: 100,
    depth: 100,
    across: 400 / Math.PI,
    surfaces: [],
  };
}
