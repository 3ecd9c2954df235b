import type {
  Border,
  Coat,
  DivisionSpec,
  Dressing,
  Mend,
  Plan,
  PlanDressing,
  Reading,
  Tier,
} from '../api/client';
import { cut, isOf } from './cut';
import { onAgenda, onStand, onTable, pieceField } from './document-edits';
import { type Edit, replaced, withField } from './edit';

export function onTier(id: string, change: (tier: Tier) => Tier): Edit {
  return (plan) => ({ ...plan, tiers: replaced(plan.tiers, (t) => t.id === id, change) });
}

export function onDivision(tier: string, id: string, change: (spec: DivisionSpec) => DivisionSpec): Edit {
  return onTier(tier, (t) => ({ ...t, divisions: replaced(t.divisions, (d) => d.id === id, change) }));
}

export function onDressing(tier: string, id: string, change: (dressing: Dressing) => Dressing): Edit {
  return (plan) =>
    isShared(plan, tier, id)
      ? {
          ...plan,
          dressings: replaced(plan.dressings, isOf(id), (d) => ({ ...d, dressing: change(d.dressing) })),
        }
      : onTier(tier, (t) => ({ ...t, dressings: replaced(t.dressings, (d) => d.id === id, change) }))(plan);
}

function isShared(plan: Plan, tier: string, id: string): boolean {
  return plan.dressings?.some((d) => isOf(id)(d) && d.tiers.includes(tier)) ?? false;
}

export function setting(tier: string, dressing: string, field: string, value: unknown): Edit {
  return onDressing(tier, dressing, (d) => ({ ...d, settings: { ...d.settings, [field]: value } }));
}

/** Another count frees the marks moved by hand: they belonged to the old one. */
export function count(tier: string, division: string, n: number): Edit {
  return onDivision(tier, division, (d) => (d.count === n ? d : { ...d, count: n, locked: [] }));
}

/** What was read is kept beside what was accepted before, so that what it changes can be looked at. */
function reread(tier: Tier, readings: Reading[]): Tier {
  return { ...tier, readings, accepted: tier.accepted ?? tier.readings };
}

export function addReading(tier: string, reading: Reading): Edit {
  return onTier(tier, (t) => reread(t, [...t.readings, reading]));
}

export function removeReading(tier: string, index: number): Edit {
  return onTier(tier, (t) =>
    reread(
      t,
      t.readings.filter((_, i) => i !== index),
    ),
  );
}

/** What the readings changed was looked at. */
export function acceptReadings(tier: string): Edit {
  return onTier(tier, ({ accepted: _, ...t }) => t);
}

export function addTier(tier: Tier): Edit {
  return (plan) => ({ ...plan, tiers: [...plan.tiers, tier] });
}

export function copyTier(id: string): Edit {
  return (plan) => {
    const at = plan.tiers.findIndex((t) => t.id === id);
    const tier = plan.tiers[at]!;
    const copy = { ...tier, id: freeId('tier', plan.tiers), name: `${tier.name.slice(0, 52)}, copy` };
    return {
      ...plan,
      tiers: [...plan.tiers.slice(0, at + 1), copy, ...plan.tiers.slice(at + 1)],
      // What goes over the tier goes over its copy.
      dressings: (plan.dressings ?? []).map((d) =>
        d.tiers.includes(id) ? { ...d, tiers: [...d.tiers, copy.id] } : d,
      ),
    };
  };
}

export function removeTier(id: string): Edit {
  return (plan) => ({
    ...plan,
    tiers: plan.tiers.filter((t) => t.id !== id),
    dressings: without(plan.dressings ?? [], id),
    // What stood on it stands on the top tier until somebody says where.
    pieces: plan.pieces.some((p) => p.seat.tier === id)
      ? replaced(
          plan.pieces,
          (p) => p.seat.tier === id,
          (p) => ({ ...p, seat: { ...p.seat, tier: '' } }),
        )
      : plan.pieces,
  });
}

/** Puts a tier at a place counted from the foot. */
export function moveTier(id: string, to: number): Edit {
  return (plan) => {
    const tier = plan.tiers.find((t) => t.id === id);
    const rest = plan.tiers.filter((t) => t.id !== id);
    const at = Math.max(0, Math.min(rest.length, to));
    return tier === undefined || plan.tiers[at] === tier
      ? plan
      : { ...plan, tiers: [...rest.slice(0, at), tier, ...rest.slice(at)] };
  };
}

/** Moves a mark by hand; it holds there and the rest spreads between the marks that hold. */
export function lockMark(tier: string, division: string, mark: number, s: number): Edit {
  return onDivision(tier, division, (d) => ({
    ...d,
    locked: [...d.locked.filter((l) => l.mark !== mark), { mark, s }].sort((a, b) => a.mark - b.mark),
  }));
}

/** A further division, standing alone or using the marks of another one again. */
export function addDivision(tier: string, follows?: DivisionSpec['follows']): Edit {
  return onTier(tier, (t) => {
    const base = t.divisions[0]!;
    const id = freeId(follows ? (follows.into === 2 ? 'halves' : 'thirds') : 'marks', t.divisions);
    const { follows: _, items: __, ...alone } = base;
    const spec: DivisionSpec = { ...alone, id, locked: [], ...(follows ? { follows } : {}) };
    return { ...t, divisions: [...t.divisions, spec] };
  });
}

/** A division goes; what hung on it hangs on the first one from then on. */
export function removeDivision(tier: string, id: string): Edit {
  return onTier(tier, (t) => {
    const divisions = t.divisions.filter((d) => d.id !== id && d.follows?.division !== id);
    const first = divisions[0]!.id;
    const has = (name: string) => divisions.some((d) => d.id === name);
    return {
      ...t,
      divisions,
      dressings: t.dressings.map((d) => (has(d.division) ? d : { ...d, division: first })),
    };
  });
}

export function addBorder(tier: string, edge: 'foot' | 'top'): Edit {
  return onTier(tier, (t) => {
    const border: Border = {
      id: freeId('border', t.borders),
      name: edge === 'foot' ? 'Border at the foot' : 'Border at the top',
      zone:
        edge === 'foot'
          ? { from: { edge, mm: 0 }, to: { edge, mm: 12 } }
          : { from: { edge, mm: 12 }, to: { edge, mm: 0 } },
      covers: false,
    };
    return { ...t, borders: [...t.borders, border] };
  });
}

export function onBorder(tier: string, id: string, change: (border: Border) => Border): Edit {
  return onTier(tier, (t) => ({ ...t, borders: replaced(t.borders, (b) => b.id === id, change) }));
}

export function removeBorder(tier: string, id: string): Edit {
  return onTier(tier, (t) => ({ ...t, borders: t.borders.filter((b) => b.id !== id) }));
}

/** A name that nothing in the list has yet: `swag`, `swag-2`, … */
export function freeId(wish: string, taken: readonly { id: string }[]): string {
  const has = (id: string) => taken.some((t) => t.id === id);
  let n = 1;
  while (has(n === 1 ? wish : `${wish}-${n}`)) {
    n++;
  }
  return n === 1 ? wish : `${wish}-${n}`;
}

/** A technique from the tray, on top of the other courses, with what is usual on this tier. */
export function addDressing(
  tier: string,
  technique: string,
  { division, covers = false, surface }: Pick<Partial<Dressing>, 'division' | 'covers' | 'surface'> = {},
): Edit {
  return (plan) => {
    const taken = cut(plan).tiers.find((t) => t.id === tier)?.dressings ?? [];
    return onTier(tier, (t) => ({
      ...t,
      dressings: [
        ...t.dressings,
        {
          id: freeId(technique, taken),
          technique,
          ...(surface && surface !== 'side' ? { surface } : {}),
          division: division ?? t.divisions[0]!.id,
          aside: false,
          covers,
          colours: [],
          settings: {},
        },
      ],
    }))(plan);
  };
}

/** A dressing as it was fitted to this tier, on top of its other courses. */
export function putOn(tier: string, dressing: Dressing): Edit {
  return onTier(tier, (t) => ({ ...t, dressings: [...t.dressings, dressing] }));
}

export function takeOff(tier: string, id: string): Edit {
  return (plan) =>
    isShared(plan, tier, id)
      ? { ...plan, dressings: without(plan.dressings, tier, id) }
      : ownOff(tier, id)(plan);
}

/** Without a tier under what goes over several, or under one of them; over none it is gone. */
function without(dressings: readonly PlanDressing[], tier: string, id?: string): PlanDressing[] {
  return dressings
    .map((d) => (id === undefined || isOf(id)(d) ? { ...d, tiers: d.tiers.filter((t) => t !== tier) } : d))
    .filter((d) => d.tiers.length > 0);
}

/** A tier's own dressing worn by every tier from now on: told once, changed once. */
export function onEveryTier(tier: string, id: string): Edit {
  return (plan) => {
    const dressing = plan.tiers.find((t) => t.id === tier)?.dressings.find((d) => d.id === id);
    if (!dressing) {
      return plan;
    }
    const off = ownOff(tier, id)(plan);
    const taken = [...off.tiers.flatMap((t) => t.dressings), ...off.dressings.map((d) => d.dressing)];
    const over = { dressing: { ...dressing, id: freeId(id, taken) }, tiers: plan.tiers.map((t) => t.id) };
    return { ...off, dressings: [...off.dressings, over] };
  };
}

/** What of a tier's level part a dressing over several tiers goes over, beside their sides. */
export function acrossLedges(id: string, across: PlanDressing['across']): Edit {
  return (plan) => ({
    ...plan,
    dressings: replaced(plan.dressings, isOf(id), ({ across: _, ...d }) => (across ? { ...d, across } : d)),
  });
}

/** What goes over several tiers made this one's own; the others keep it. */
export function onThisTier(tier: string, id: string): Edit {
  return (plan) => {
    const over = plan.dressings.find(isOf(id));
    return over
      ? putOn(tier, {
          ...over.dressing,
          id: freeId(
            `${id}-own`.slice(0, 36),
            plan.tiers.flatMap((t) => t.dressings),
          ),
        })({
          ...plan,
          dressings: without(plan.dressings, tier, id),
        })
      : plan;
  };
}

function ownOff(tier: string, id: string): Edit {
  return onTier(tier, (t) => ({ ...t, dressings: t.dressings.filter((d) => d.id !== id) }));
}

/** Puts a course so many places higher among the others; the edges stop it. */
export function moveDressing(tier: string, id: string, up: number): Edit {
  return (plan) =>
    isShared(plan, tier, id)
      ? { ...plan, dressings: moved(plan.dressings, plan.dressings.findIndex(isOf(id)), up) }
      : onTier(tier, (t) => {
          const from = t.dressings.findIndex((d) => d.id === id);
          const dressings = moved(t.dressings, from, up);
          return dressings === t.dressings ? t : { ...t, dressings };
        })(plan);
}

function moved<T>(list: T[], from: number, up: number): T[] {
  const to = Math.max(0, Math.min(list.length - 1, from + up));
  if (from < 0 || to === from) {
    return list;
  }
  const rest = list.filter((_, i) => i !== from);
  return [...rest.slice(0, to), list[from]!, ...rest.slice(to)];
}

/** One end of the part of the way round that a dressing takes, in degrees from the front. */
export function stretchEnd(tier: string, id: string, end: 'from' | 'to', degrees: number): Edit {
  return onDressing(tier, id, (d) => (d.stretch ? { ...d, stretch: { ...d.stretch, [end]: degrees } } : d));
}

/** One edge of a dressing's zone moved; told from the edge it was told from, the upper one else from the top. */
export function zoneEdge(
  tier: string,
  id: string,
  edge: 'from' | 'to',
  z: number,
  zone: { foot: number; top: number },
  high: number,
): Edit {
  return onDressing(tier, id, (d) => {
    const told = d.zone ?? {
      from: { edge: 'foot' as const, mm: zone.foot },
      to: { edge: 'top' as const, mm: high - zone.top },
    };
    const mm = told[edge].edge === 'foot' ? z : high - z;
    return { ...d, zone: { ...told, [edge]: { ...told[edge], mm: Math.max(0, mm) } } };
  });
}

/** How one coat is made and laid. */
export function coat(tier: string, index: number, change: Partial<Coat>): Edit {
  return onTier(tier, (t) => ({
    ...t,
    coats: t.coats.map((c, i) => (i === index ? { ...c, ...change } : c)),
  }));
}

/** A tier one place up or down from where it is meant to be by now. */
export function stepTier(id: string, by: number): Edit {
  return (plan) => {
    const at = plan.tiers.findIndex((t) => t.id === id) + by;
    return at < 0 || at >= plan.tiers.length ? plan : moveTier(id, at)(plan);
  };
}

/** How a division is marked, and with which cutter where one is pressed. */
export function way(
  tier: string,
  division: string,
  chosen: NonNullable<DivisionSpec['way']>,
  press?: DivisionSpec['press'],
): Edit {
  return onDivision(tier, division, ({ press: _, ...d }) => ({
    ...d,
    way: chosen,
    ...(chosen === 'press' && press ? { press } : {}),
  }));
}

/** Where a mend's changes go: the dressing and the division its finding is about. */
export interface MendPlace {
  tier: string;
  division: string;
  dressing?: string;
}

/** A mend is one edit, whatever number of changes it makes. */
export function mend(place: MendPlace, { changes }: Mend): Edit {
  const edits = changes.map(({ target, field, value }): Edit => {
    switch (target) {
      case 'setting': {
        // What is found for the whole plan says its dressing in the field.
        const [tier, dressing, name] = field.split('/');
        return name === undefined
          ? setting(place.tier, place.dressing ?? '', field, value)
          : setting(tier!, dressing!, name, value);
      }
      case 'piece':
        return pieceField(field, value);
      case 'agenda':
        return onAgenda((a) => withField(a, field, value));
      case 'workshop':
        return (plan) => plan;
      case 'dressing':
        return field === 'place'
          ? moveDressing(place.tier, place.dressing ?? '', Number.POSITIVE_INFINITY)
          : onDressing(place.tier, place.dressing ?? '', (d) => withField(d, field, value));
      case 'division':
        return field === 'count'
          ? count(place.tier, place.division, Number(value))
          : onDivision(place.tier, place.division, (d) => withField(d, field, value));
      case 'table':
        return onTable((t) => withField(t, field, value));
      case 'stand':
        return onStand((t) => withField(t, field, value));
      default: {
        // What is found for the whole plan says its tier in the field.
        const [tier, name] = field.split('/');
        return name === undefined
          ? onTier(place.tier, (t) => withField(t, field, value))
          : onTier(tier!, (t) => withField(t, name, value));
      }
    }
  });
  return (plan) => edits.reduce((changed, edit) => edit(changed), plan);
}
