import type { ReactNode } from 'react';
import type { Divided, Form, Seen, Worn } from '../api/client';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';
import { DenseLevel, isDense } from './dense';
import { alongOutline } from './geometry';
import { boxOf, type LevelScale, stretch } from './level';
import { LevelPieces } from './pieces';
import type { Shade } from './shades';
import { useWidth } from './size';

/** White round the rim, px: the marks' notches and what is taken hold of. */
const ROOM = 30;
/** What is told of the surface stands beside it, px. */
const WORDS = 150;

interface Props {
  form: Form;
  seen: Seen;
  divided: Divided;
  /** The courses that lie on it. */
  dressings: readonly Worn[];
  colours: (worn: Worn) => readonly Shade[];
  chosen?: string | undefined;
  section?: number | undefined;
  onSection?: ((k: number) => void) | undefined;
  height: number;
  /** Drawn over it, in px. */
  children?: (scale: LevelScale) => ReactNode;
}

const ring = (points: readonly [number, number][], { x, y }: LevelScale, closed: boolean) =>
  points.length === 0
    ? ''
    : `${points.map(([px, py], i) => `${i === 0 ? 'M' : 'L'}${x(px).toFixed(2)} ${y(py).toFixed(2)}`).join('')}${closed ? 'Z' : ''}`;

/** A top, a ledge or the board from above, to scale, front at the bottom, the marks of the side at its rim. */
export function LevelBand(props: Props) {
  const { form, seen, divided, dressings, colours, chosen, section, onSection, height, children } = props;
  const [box, room] = useWidth<HTMLDivElement>(780);
  const { unit } = usePreferences();
  const bounds = boxOf(seen.rim);
  const k = Math.min(
    (height - 2 * ROOM) / (bounds.back - bounds.front),
    (room - 2 * ROOM - (room > 560 ? 2 * WORDS : 0)) / (bounds.right - bounds.left),
  );
  const high = (bounds.back - bounds.front) * k + 2 * ROOM;
  const cx = room / 2 - ((bounds.left + bounds.right) / 2) * k;
  const cy = ROOM + bounds.back * k;
  const scale: LevelScale = { k, x: (mm) => cx + mm * k, y: (mm) => cy - mm * k };
  const around = form.foot.mm;
  const at = alongOutline(seen.rim, around);
  const rim = seen.rim.map((p): [number, number] => [p.x, p.y]);
  const hidden = seen.hidden.map((p): [number, number] => [p.x, p.y]);
  return (
    <div ref={box} className="w-full">
      <svg
        width={room}
        height={high}
        role="group"
        aria-label={`The ${seen.name} from above, front at the bottom`}
        className="block select-none overflow-visible"
      >
        <path
          d={ring(rim, scale, true)}
          fill="var(--color-sheet)"
          stroke="var(--color-ink)"
          strokeWidth={1.6}
        />
        {divided.marks.map((mark, i) => {
          const end = mark.s + divided.sections[i]!.arc;
          const from = at(mark.s);
          const to = at(end);
          const wedge: [number, number][] = [
            [0, 0],
            [from.x, from.y],
            ...stretch(seen.rim, around, mark.s, end),
            [to.x, to.y],
          ];
          return onSection ? (
            <path
              key={mark.number}
              d={ring(wedge, scale, true)}
              fill={section === i ? 'var(--color-wash)' : 'transparent'}
              opacity={0.8}
              onPointerDown={() => onSection(i)}
            />
          ) : null;
        })}
        {divided.marks.map((mark) => {
          const p = at(mark.s);
          const far = Math.hypot(p.x, p.y) || 1;
          return (
            <g key={mark.number} className="pointer-events-none">
              {divided.count <= 60 ? (
                <line
                  x1={scale.x(0)}
                  y1={scale.y(0)}
                  x2={scale.x(p.x)}
                  y2={scale.y(p.y)}
                  stroke="var(--color-chalk)"
                  strokeDasharray={mark.locked ? undefined : '2 5'}
                />
              ) : null}
              <path
                d="M0 0L9 -5.2L9 5.2Z"
                fill={mark.locked ? 'var(--color-pin)' : 'var(--color-ink)'}
                transform={`translate(${scale.x(p.x) + (p.x / far) * 3} ${scale.y(p.y) - (p.y / far) * 3}) rotate(${(-Math.atan2(p.y, p.x) * 180) / Math.PI}) scale(${divided.count > 60 ? 0.5 : 1})`}
              />
            </g>
          );
        })}
        <g className="pointer-events-none" aria-hidden>
          {dressings.map((worn) => {
            const quiet = chosen !== undefined && chosen !== worn.id;
            return isDense(worn) ? (
              <DenseLevel
                key={worn.id}
                worn={worn}
                colours={colours(worn)}
                quiet={quiet}
                k={k}
                cx={cx}
                cy={cy}
                width={room}
                height={high}
              />
            ) : (
              <g key={worn.id} transform={`translate(${cx} ${cy}) scale(${k})`}>
                <LevelPieces layout={worn.layout} colours={colours(worn)} quiet={quiet} k={k} />
              </g>
            );
          })}
        </g>
        {hidden.length > 0 ? (
          // Over the courses: flags of a board go on under the cake.
          <path
            d={ring(hidden, scale, true)}
            fill="var(--color-edge)"
            stroke="var(--color-ink)"
            strokeWidth={1}
            strokeDasharray="4 3"
            className="pointer-events-none"
          />
        ) : null}
        <g className="pointer-events-none">
          <line
            x1={scale.x(0)}
            x2={scale.x(0)}
            y1={scale.y(bounds.front) - 8}
            y2={scale.y(bounds.front) + 14}
            stroke="var(--color-pin)"
            strokeWidth={2}
          />
          <text
            x={scale.x(0) - 6}
            y={scale.y(bounds.front) + 29}
            textAnchor="end"
            className="fill-pin text-[14px] font-semibold"
          >
            front
          </text>
          <text
            x={scale.x(0)}
            y={scale.y(bounds.back) - 16}
            textAnchor="middle"
            className="fill-soft text-[14px]"
          >
            back seam
          </text>
          {room > 560 ? (
            <g className="fill-soft text-[14px]">
              <text x={0} y={high / 2 - 22}>
                {seen.edge}
              </text>
              <text x={0} y={high / 2} className="fill-ink text-[20px] font-semibold">
                {length(seen.around, unit)}
              </text>
              <text x={0} y={high / 2 + 26}>
                {seen.hidden.length > 0 ? `to the ${seen.end}` : 'to its middle'}
              </text>
              <text x={0} y={high / 2 + 48} className="fill-ink text-[20px] font-semibold">
                {length(seen.depth, unit)}
              </text>
            </g>
          ) : null}
        </g>
        {children?.(scale)}
      </svg>
    </div>
  );
}
