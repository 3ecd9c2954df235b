import type { Divided, Dressing, Seen, Worn } from '../api/client';
import type { BandScale } from '../band/band';
import { alongOutline } from '../band/geometry';
import { Grip } from '../band/grip';
import { isLevel, type LevelScale } from '../band/level';
import { useOpen, useTier } from '../plan/context';
import { dressingOf } from '../plan/cut';
import { count, setting, stretchEnd, zoneEdge } from '../plan/edits';
import { usePreferences } from '../units/preferences';
import { length, quantity } from '../units/units';
import { apart, closes, nearestEdge } from './snap';

/** What an angle is set by. */
const DEGREE = Math.PI / 180;

interface Props {
  worn: Worn;
  dressing: Dressing;
  divided: Divided;
  section: number;
  scale: BandScale | LevelScale;
  seen: Seen;
}

/** All that can be taken hold of: the chosen course's own handles, its zone's edges, and how many sections there are. */
export function Holds({ worn, dressing, divided, section, scale, seen }: Props) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit, tapeMm } = usePreferences();
  const { form } = worked;
  const level = isLevel(seen.kind);
  const standing = divided.marks[section]!.s + divided.sections[section]!.arc;
  const counting = level
    ? onRim(seen, form.foot.mm, standing, scale)
    : { x: scale.x(standing > form.foot.mm ? standing - form.foot.mm : standing), y: scale.y(0) + 13 };
  const middle = standing - divided.sections[section]!.arc / 2;
  const placed = worn.handles.flatMap((handle) => {
    const field = worn.fields.find((f) => f.name === handle.field);
    // Part of the way round there are no grips in sections left out; some things are taken hold of in one place.
    const few = worn.stretch || handle.grips.length < divided.count;
    const grip = few ? nearest(handle.grips, middle, form.foot.mm) : handle.grips[section];
    if (!field || !grip) {
      return [];
    }
    const along = handle.way === 'along';
    const x = scale.x(grip.inPlane?.x ?? grip.s);
    const y = scale.y(grip.inPlane?.y ?? grip.z);
    const heading = (grip.inPlane?.angle ?? 0) + (along ? 0 : Math.PI / 2);
    return [{ handle, field, x, y, at: x, along, heading }];
  });
  const own = apart(
    [...placed].sort((a, b) => a.x - b.x),
    [counting],
  ).map(({ handle, field, x, y, at, along, heading }) => {
    const value = Number(dressing.settings[handle.field] ?? field.fallback);
    const edit = (to: number) => setting(tier.id, dressing.id, handle.field, to);
    return (
      <g key={handle.field}>
        {x === at ? null : (
          <line
            x1={at}
            x2={x}
            y1={y}
            y2={y}
            stroke="var(--color-pin)"
            strokeWidth={1.4}
            className="pointer-events-none"
          />
        )}
        <Grip
          label={`${handle.label} of section ${section + 1}: ${field.label.toLowerCase()}`}
          value={value}
          newest={() => {
            const now = dressingOf(editor.newest(), tier.id, dressing.id);
            return Number(now?.settings[handle.field] ?? field.fallback);
          }}
          perMm={handle.perMm}
          stepMm={field.kind === 'length' ? tapeMm : field.kind === 'angle' ? DEGREE : 1}
          min={handle.least}
          max={Math.max(handle.most, value)}
          along={along}
          heading={heading}
          x={x}
          y={y}
          pxPerMm={scale.k}
          shown={quantity({ kind: field.kind, value }, unit)}
          onPreview={(to) => editor.preview(edit(to))}
          onCommit={(to) => void editor.edit(edit(to))}
          onCancel={() => editor.letGo()}
        />
      </g>
    );
  });
  return (
    <>
      {own}
      {divided.count > 0 && tier.divisions.find((d) => d.id === divided.id)?.follows === undefined ? (
        <CountGrip
          divided={divided}
          section={section}
          at={counting}
          pxPerMm={(scale.k * seen.around) / form.foot.mm}
          around={form.foot.mm}
        />
      ) : null}
      <ZoneEdges worn={worn} dressing={dressing} scale={scale} seen={seen} />
      <StretchEnds worn={worn} dressing={dressing} scale={scale} seen={seen} />
    </>
  );
}

/** Where a dressing goes part of the way round, the sections it leaves out have no grips: the nearest serves. */
function nearest<T extends { s: number }>(grips: readonly T[], s: number, around: number): T | undefined {
  const off = (g: T) => Math.abs(((((g.s - s) % around) + 1.5 * around) % around) - around / 2);
  return [...grips].sort((a, b) => off(a) - off(b))[0];
}

/** A place just outside a rim, px, and which way s runs there. */
function onRim(seen: Seen, around: number, s: number, scale: BandScale | LevelScale) {
  const p = alongOutline(seen.rim, around)(s);
  const out = 1 + 15 / scale.k / (Math.hypot(p.x, p.y) || 1);
  return { x: scale.x(p.x * out), y: scale.y(p.y * out), heading: Math.atan2(p.x, -p.y) };
}

/** The zone's two edges: right of the band, where nothing else is, or inwards from the rightmost place of a rim. */
function ZoneEdges({ worn, dressing, scale, seen }: Pick<Props, 'worn' | 'dressing' | 'scale' | 'seen'>) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit, tapeMm } = usePreferences();
  const { form } = worked;
  const level = isLevel(seen.kind);
  const high = seen.depth;
  const rim = seen.rim.reduce((best, p) => (p.x > best.x ? p : best), seen.rim[0] ?? { x: 0, y: 0 });
  const x = scale.x(form.foot.mm) + 12;
  /** Where an edge at z is taken hold of; a zone too narrow for both grips has them beyond its edges. */
  const at = (z: number, beyond: number) =>
    level ? { x: scale.x(rim.x - z) - beyond, y: scale.y(rim.y) } : { x, y: scale.y(z) - beyond };
  const others = [
    0,
    high,
    ...(level ? [] : worked.borders.flatMap((b) => [b.zone.foot, b.zone.top])),
    ...worked.dressings
      .filter((w) => w.id !== worn.id && w.surface === worn.surface)
      .flatMap((w) => [w.zone.foot, w.zone.top]),
  ];
  const push = Math.max(0, 28 - (worn.zone.top - worn.zone.foot) * scale.k) / 2;
  const [start, end] = [at(worn.zone.foot, 0), at(worn.zone.top, 0)];
  const edges = [
    {
      edge: 'from' as const,
      z: worn.zone.foot,
      label: `${level ? 'Outer' : 'Lower'} edge of its zone`,
      min: 0,
      max: worn.zone.top - 1,
    },
    {
      edge: 'to' as const,
      z: worn.zone.top,
      label: `${level ? 'Inner' : 'Upper'} edge of its zone`,
      min: worn.zone.foot + 1,
      max: high,
    },
  ];
  return (
    <>
      <path
        d={level ? `M${start.x} ${start.y - 6}v6H${end.x}v-6` : `M${start.x - 6} ${start.y}h6V${end.y}h-6`}
        fill="none"
        stroke="var(--color-pin)"
        strokeWidth={1.6}
        className="pointer-events-none"
      />
      {edges.map(({ edge, z, label, min, max }) => {
        const edit = (to: number) => zoneEdge(tier.id, dressing.id, edge, to, worn.zone, high);
        return (
          <Grip
            key={edge}
            label={label}
            value={z}
            newest={() => {
              const spec = dressingOf(editor.newest(), tier.id, dressing.id)?.zone?.[edge];
              return spec === undefined ? z : spec.edge === 'foot' ? spec.mm : high - spec.mm;
            }}
            perMm={1}
            stepMm={tapeMm}
            min={min}
            max={max}
            rest={(to) => nearestEdge(to, others, tapeMm)}
            {...at(z, edge === 'from' ? -push : push)}
            {...(level ? { heading: Math.PI } : {})}
            pxPerMm={scale.k}
            shown={`${length(z, unit)} ${seen.from}`}
            onPreview={(to) => editor.preview(edit(to))}
            onCommit={(to) => void editor.edit(edit(to))}
            onCancel={() => editor.letGo()}
          />
        );
      })}
    </>
  );
}

/** Where a dressing that goes part of the way round begins and ends, and the line between. */
function StretchEnds({ worn, dressing, scale, seen }: Pick<Props, 'worn' | 'dressing' | 'scale' | 'seen'>) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { stretch } = worn;
  const told = dressing.stretch;
  if (!stretch || !told) {
    return null;
  }
  const around = worked.form.foot.mm;
  const level = isLevel(seen.kind);
  const wrapped = (s: number) => ((s % around) + around) % around;
  const at = (s: number) =>
    level
      ? onRim(seen, around, wrapped(s), scale)
      : { x: scale.x(wrapped(s)), y: scale.y((worn.zone.foot + worn.zone.top) / 2) };
  const ends = [
    {
      end: 'from' as const,
      s: stretch.from.s,
      label: 'Where it begins',
      min: Math.max(-180, told.to - 359),
      max: Math.min(180, told.to - 1),
    },
    {
      end: 'to' as const,
      s: stretch.from.s + stretch.length,
      label: 'Where it ends',
      min: told.from + 1,
      max: told.from + 359,
    },
  ];
  return (
    <>
      {ends.map(({ end, s, label, min, max }) => {
        const edit = (to: number) => stretchEnd(tier.id, dressing.id, end, to);
        const { x } = at(s);
        return (
          <g key={end}>
            {level ? null : (
              <line
                x1={x}
                x2={x}
                y1={scale.y(worn.zone.foot)}
                y2={scale.y(worn.zone.top)}
                stroke="var(--color-pin)"
                strokeWidth={1.6}
                strokeDasharray="5 4"
                className="pointer-events-none"
              />
            )}
            <Grip
              along
              label={label}
              value={told[end]}
              newest={() => dressingOf(editor.newest(), tier.id, dressing.id)?.stretch?.[end] ?? told[end]}
              perMm={360 / around}
              stepMm={1}
              min={min}
              max={max}
              {...at(s)}
              pxPerMm={scale.k}
              shown={besideFront(told[end])}
              onPreview={(to) => editor.preview(edit(to))}
              onCommit={(to) => void editor.edit(edit(to))}
              onCancel={() => editor.letGo()}
            />
          </g>
        );
      })}
    </>
  );
}

/** An angle from the front, as one says it. */
function besideFront(degrees: number): string {
  const turn = ((((degrees + 180) % 360) + 360) % 360) - 180;
  const off = Math.round(Math.abs(turn) * 10) / 10;
  return off === 0 ? 'at the front' : `${off}° ${turn < 0 ? 'left' : 'right'} of the front`;
}

/** The next mark, drawn along the tape: it comes to rest only on counts that close. */
function CountGrip({
  divided,
  section,
  at,
  pxPerMm,
  around,
}: {
  divided: Divided;
  section: number;
  at: { x: number; y: number; heading?: number };
  pxPerMm: number;
  around: number;
}) {
  const { editor } = useOpen();
  const { tier } = useTier();
  const { unit } = usePreferences();
  const counts = closes(divided);
  const width = divided.sections[section]!.arc;
  const size = (n: number) => around / n;
  const counted = (mm: number) => count(tier.id, divided.id, Math.round(around / mm));
  const rest = (mm: number) =>
    size(
      counts.reduce((best, n) => (Math.abs(size(n) - mm) < Math.abs(size(best) - mm) ? n : best), counts[0]!),
    );
  return (
    <Grip
      along
      label={`Width of section ${section + 1}: how many sections`}
      value={size(divided.count)}
      perMm={1}
      stepMm={1}
      min={size(counts.at(-1)!)}
      max={size(counts[0]!)}
      rest={rest}
      newest={() => {
        const now = editor
          .newest()
          .tiers.find((t) => t.id === tier.id)
          ?.divisions.find((d) => d.id === divided.id);
        return size(now?.count ?? divided.count);
      }}
      next={(mm, up) => {
        const rung = counts.indexOf(Math.round(around / mm)) - up;
        return size(counts[Math.max(0, Math.min(counts.length - 1, rung))]!);
      }}
      {...at}
      pxPerMm={pxPerMm}
      shown={`${divided.count} sections of ${length(width, unit)}`}
      onPreview={(mm) => editor.preview(counted(mm))}
      onCommit={(mm) => void editor.edit(counted(mm))}
      onCancel={() => editor.letGo()}
    />
  );
}
