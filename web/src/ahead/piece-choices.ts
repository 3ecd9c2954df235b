import type { OwnPiece } from '../api/client';

const named = <T extends string>(...names: [T, string][]) => names.map(([name, label]) => ({ name, label }));

export const FORMS = named<OwnPiece['form']>(
  ['plaque', 'plaque'],
  ['round', 'disc'],
  ['dome', 'dome'],
  ['star', 'star'],
  ['pair', 'moulded pair'],
  ['bow', 'bow'],
  ['flower', 'flower'],
  ['figure', 'figure'],
);
export const FACES = named<OwnPiece['resting']['faces']>(
  ['both', 'both faces free'],
  ['turned', 'turned half way'],
  ['former', 'on a former'],
);
export const ON = named<OwnPiece['seat']['on']>(
  ['top', 'on top'],
  ['side', 'on the side'],
  ['ledge', 'on the ledge'],
  ['hole', 'in the hole'],
  ['board', 'on the board'],
);
export const EATEN = named<OwnPiece['eaten']>(
  ['eat', 'eat'],
  ['hard', 'edible but hard'],
  ['out', 'take out'],
);
export const STICKS = named<OwnPiece['sticks']['kind']>(
  ['pick', 'food-safe picks'],
  ['skewer', 'skewers'],
  ['wire', 'wires in picks'],
);
export const UNTIL = named(
  ['place', 'as its place asks'],
  ['handled', 'may be handled'],
  ['hard', 'is hard'],
);
export const YES = named(['no', 'no'], ['yes', 'yes']);
/** No tier's own name has this sign. */
export const TOPMOST = '*';
