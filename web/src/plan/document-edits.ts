import type { Agenda, OwnPiece, Stand, Table } from '../api/client';
import { type Edit, replaced, withField } from './edit';

const BARE: Table = { ticked: [], made: [], yields: {}, wanted: [], joints: {} };

/** How the plan is made, changed. */
export function onTable(change: (table: Table) => Table): Edit {
  return (plan) => {
    const now = plan.table ?? BARE;
    const next = change(now);
    return next === now ? plan : { ...plan, table: next };
  };
}

const ON_ITS_OWN: Stand = { centre: false, cakes: {}, shifts: {} };

/** What carries the cake, changed. */
export function onStand(change: (stand: Stand) => Stand): Edit {
  return (plan) => ({ ...plan, stand: change(plan.stand ?? ON_ITS_OWN) });
}

/** A piece of one's own changed. */
export function onPiece(id: string, change: (piece: OwnPiece) => OwnPiece): Edit {
  return (plan) => ({ ...plan, pieces: replaced(plan.pieces, (p) => p.id === id, change) });
}

/** A field of a piece by its name in the document, or a setting of its kind: `bow/settings/roll`. */
export function pieceField(path: string, value: unknown): Edit {
  const [piece, name, setting] = path.split('/');
  return onPiece(piece!, (p) =>
    setting === undefined
      ? withField(p, name!, value)
      : { ...p, settings: withField(p.settings ?? {}, setting, value) },
  );
}

export function addPiece(piece: OwnPiece): Edit {
  return (plan) => ({ ...plan, pieces: [...plan.pieces, piece] });
}

export function removePiece(id: string): Edit {
  return (plan) => ({ ...plan, pieces: plan.pieces.filter((p) => p.id !== id) });
}

const UNSETTLED: Agenda = {
  done: {},
  fixed: {},
  split: {},
  own: [],
  waits: {},
  air: [],
  dressFirst: false,
};

/** What is settled about the days, changed. */
export function onAgenda(change: (agenda: Agenda) => Agenda): Edit {
  return (plan) => ({ ...plan, agenda: change(plan.agenda ?? UNSETTLED) });
}

/** One entry of a map set, or taken out where there is no value. */
export function entry<T>(map: Record<string, T>, key: string, value: T | undefined): Record<string, T> {
  const { [key]: _, ...rest } = map;
  return value === undefined ? rest : { ...rest, [key]: value };
}

/** The day and hour it must be ready. */
export function readyBy(moment: string): Edit {
  return (plan) => ({ ...plan, readyBy: moment });
}

/** A line of the cut list done, or not yet. */
export function tick(line: string): Edit {
  return onTable((t) => ({
    ...t,
    ticked: t.ticked.includes(line) ? t.ticked.filter((l) => l !== line) : [...t.ticked, line],
  }));
}
