import type { Divided, Dressing, Worn } from '../api/client';
import type { BandScale } from '../band/band';
import { Grip } from '../band/grip';
import { useOpen, useTier } from '../plan/context';
import { count, setting, zoneEdge } from '../plan/edits';
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
  scale: BandScale;
}

/** All that can be taken hold of: the chosen course's own handles, its zone's edges, and how many sections there are. */
export function Holds({ worn, dressing, divided, section, scale }: Props) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit, tapeMm } = usePreferences();
  const { form } = worked;
  const standing = divided.marks[section]!.s + divided.sections[section]!.arc;
  const counting = {
    x: scale.x(standing > form.foot.mm ? standing - form.foot.mm : standing),
    y: scale.y(0) + 13,
  };
  const placed = worn.handles.flatMap((handle) => {
    const field = worn.fields.find((f) => f.name === handle.field);
    const grip = handle.grips[section];
    return field && grip
      ? [{ handle, field, x: scale.x(grip.s), y: scale.y(grip.z), at: scale.x(grip.s) }]
      : [];
  });
  const own = apart(
    [...placed].sort((a, b) => a.x - b.x),
    [counting],
  ).map(({ handle, field, x, y, at }) => {
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
            const now = editor
              .newest()
              .tiers.find((t) => t.id === tier.id)
              ?.dressings.find((d) => d.id === dressing.id);
            return Number(now?.settings[handle.field] ?? field.fallback);
          }}
          perMm={handle.perMm}
          stepMm={field.kind === 'length' ? tapeMm : field.kind === 'angle' ? DEGREE : 1}
          min={handle.least}
          max={Math.max(handle.most, value)}
          along={handle.way === 'along'}
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
          pxPerMm={scale.k}
          around={form.foot.mm}
        />
      ) : null}
      <ZoneEdges worn={worn} dressing={dressing} scale={scale} />
    </>
  );
}

/** The zone's two edges, right of the band, where nothing else is. */
function ZoneEdges({ worn, dressing, scale }: { worn: Worn; dressing: Dressing; scale: BandScale }) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit, tapeMm } = usePreferences();
  const { form } = worked;
  const high = form.height.mm;
  const x = scale.x(form.foot.mm) + 12;
  const others = [
    0,
    high,
    ...worked.borders.flatMap((b) => [b.zone.foot, b.zone.top]),
    ...worked.dressings.filter((w) => w.id !== worn.id).flatMap((w) => [w.zone.foot, w.zone.top]),
  ];
  // A zone too low for both grips has them beyond its edges.
  const push = Math.max(0, 28 - (scale.y(worn.zone.foot) - scale.y(worn.zone.top))) / 2;
  const edges = [
    {
      edge: 'from' as const,
      z: worn.zone.foot,
      label: 'Lower edge of its zone',
      min: 0,
      max: worn.zone.top - 1,
    },
    {
      edge: 'to' as const,
      z: worn.zone.top,
      label: 'Upper edge of its zone',
      min: worn.zone.foot + 1,
      max: high,
    },
  ];
  return (
    <>
      <path
        d={`M${x - 6} ${scale.y(worn.zone.foot)}h6V${scale.y(worn.zone.top)}h-6`}
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
              const spec = editor
                .newest()
                .tiers.find((t) => t.id === tier.id)
                ?.dressings.find((d) => d.id === dressing.id)?.zone?.[edge];
              return spec === undefined ? z : spec.edge === 'foot' ? spec.mm : high - spec.mm;
            }}
            perMm={1}
            stepMm={tapeMm}
            min={min}
            max={max}
            rest={(to) => nearestEdge(to, others, tapeMm)}
            x={x}
            y={scale.y(z) + (edge === 'from' ? push : -push)}
            pxPerMm={scale.k}
            shown={`${length(z, unit)} above the foot`}
            onPreview={(to) => editor.preview(edit(to))}
            onCommit={(to) => void editor.edit(edit(to))}
            onCancel={() => editor.letGo()}
          />
        );
      })}
    </>
  );
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
  at: { x: number; y: number };
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
      x={at.x}
      y={at.y}
      pxPerMm={pxPerMm}
      shown={`${divided.count} sections of ${length(width, unit)}`}
      onPreview={(mm) => editor.preview(counted(mm))}
      onCommit={(mm) => void editor.edit(counted(mm))}
      onCancel={() => editor.letGo()}
    />
  );
}
