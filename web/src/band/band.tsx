import { memo, type ReactNode } from 'react';
import type { Divided, Form, TierWorkup, Worn } from '../api/client';
import { usePreferences } from '../units/preferences';
import { lengthParts } from '../units/units';
import { DensePieces, isDense } from './dense';
import { type BandScale, type Label, spaced } from './geometry';
import { onSurface } from './level';
import { Notches } from './notches';
import { Pieces } from './pieces';
import { risen } from './rise';
import type { Shade } from './shades';
import { useWidth } from './size';

/** White on both sides of the band, px: where what hangs over the seam and the notches of the courses go. */
const SIDE = 24;
const TAPE = 36;
const HEAD = 30;

export type { BandScale } from './geometry';

interface Props {
  form: Form;
  divided: Divided;
  dressings: readonly Worn[];
  colours: (worn: Worn) => readonly Shade[];
  chosen?: string | undefined;
  section?: number | undefined;
  onSection?: ((k: number) => void) | undefined;
  /** A mark that can be chosen by pressing its notch. */
  onMark?: ((k: number) => void) | undefined;
  /** Strips that are spoken for. */
  borders?: TierWorkup['borders'];
  /** The courses in order from the foot, each told by its number at the band's edge. */
  onNotch?: ((id: string) => void) | undefined;
  numbers?: boolean;
  mostHeight?: number;
  /** px per mm where the band is drawn at a size of its own and scrolled, as at real size. */
  fixed?: number | undefined;
  /** What is unrolled, where it is not the outer side. */
  name?: string;
  /** Drawn over the band, in px. */
  children?: (scale: BandScale) => ReactNode;
}

/** The side unrolled flat, to scale, and under it the tape that the hand will read. */
export function Band(props: Props) {
  const {
    form,
    divided,
    dressings,
    colours,
    chosen,
    section,
    onSection,
    onMark,
    borders = [],
    onNotch,
    numbers,
    mostHeight = 300,
    fixed,
    name = 'side',
    children,
  } = props;
  const [box, room] = useWidth<HTMLDivElement>(780);
  const around = form.foot.mm;
  const high = form.height.mm;
  const over = risen(dressings, high);
  const k = fixed ?? Math.min((room - 2 * SIDE) / around, mostHeight / (high + over));
  const width = Math.max(room, Math.ceil(around * k + 2 * SIDE));
  const left = (width - around * k) / 2;
  const top = HEAD + over * k;
  const foot = top + high * k;
  const scale: BandScale = { k, x: (s) => left + s * k, y: (z) => foot - z * k };
  const height = foot + 16 + TAPE + 4;

  return (
    <div
      ref={box}
      className={`w-full ${fixed ? 'overflow-x-auto pb-2' : ''}`}
      {...(fixed ? { tabIndex: 0, role: 'region', 'aria-label': 'The band at real size' } : {})}
    >
      <svg
        width={width}
        height={height}
        role="group"
        aria-label={`The ${name} unrolled, front in the middle`}
        className="block select-none overflow-visible"
      >
        <text x={left} y={14} className="fill-soft text-[14px]">
          back seam
        </text>
        <text x={left + around * k} y={14} textAnchor="end" className="fill-soft text-[14px]">
          back seam
        </text>
        <text
          x={scale.x(around / 2)}
          y={14}
          textAnchor="middle"
          className="fill-pin text-[14px] font-semibold"
        >
          front
        </text>
        <rect
          x={left}
          y={top}
          width={around * k}
          height={high * k}
          fill="var(--color-sheet)"
          stroke="var(--color-ink)"
          strokeWidth={1.6}
        />
        <Sections
          divided={divided}
          around={around}
          k={k}
          left={left}
          top={top}
          foot={foot}
          section={section}
          onSection={onSection}
        />
        {borders.map((b) => (
          <g key={b.id} className="pointer-events-none">
            <rect
              x={left}
              y={scale.y(b.zone.top)}
              width={around * k}
              height={(b.zone.top - b.zone.foot) * k}
              fill="var(--color-edge)"
              opacity={b.covers ? 0.45 : 0.75}
              stroke="var(--color-ink)"
              strokeWidth={0.8}
              strokeDasharray={b.covers ? '4 3' : undefined}
            />
            {(b.zone.top - b.zone.foot) * k > 13 ? (
              <text x={left + 8} y={scale.y(b.zone.foot) - 3} className="fill-ink text-[13px]">
                {b.name}
              </text>
            ) : null}
          </g>
        ))}
        <svg
          x={left - SIDE}
          y={0}
          width={around * k + 2 * SIDE}
          height={height}
          aria-hidden
          overflow="hidden"
          className="pointer-events-none"
        >
          {onSurface(dressings, 'side').map((worn) => {
            const quiet = chosen !== undefined && chosen !== worn.id;
            return isDense(worn) ? (
              <DensePieces
                key={worn.id}
                worn={worn}
                colours={colours(worn)}
                quiet={quiet}
                form={form}
                k={k}
                side={SIDE}
                width={around * k + 2 * SIDE}
                top={height - foot}
                height={height}
              />
            ) : (
              <g key={worn.id} transform={`translate(${SIDE} ${foot}) scale(${k})`}>
                <Pieces layout={worn.layout} form={form} colours={colours(worn)} quiet={quiet} k={k} />
              </g>
            );
          })}
        </svg>
        {onNotch ? <Notches dressings={dressings} chosen={chosen} scale={scale} onNotch={onNotch} /> : null}
        <line
          x1={scale.x(around / 2)}
          x2={scale.x(around / 2)}
          y1={20}
          y2={foot + 14}
          stroke="var(--color-pin)"
          strokeWidth={1.4}
          strokeDasharray="2 4"
          className="pointer-events-none"
        />
        {numbers ? <SectionNumbers divided={divided} scale={scale} around={around} high={high} /> : null}
        <Tape around={around} divided={divided} k={k} left={left} y={foot + 16} onMark={onMark} />
        {children?.(scale)}
      </svg>
    </div>
  );
}

function SectionNumbers({
  divided,
  scale,
  around,
  high,
}: {
  divided: Divided;
  scale: BandScale;
  around: number;
  high: number;
}) {
  const labels: Label[] = divided.marks.map((mark, i) => ({
    // The section over the seam keeps its number inside the band.
    at: Math.max(
      scale.x(0) + 16,
      Math.min(scale.x(around) - 16, scale.x((mark.s + divided.sections[i]!.arc / 2) % around)),
    ),
    text: String(mark.number),
    index: i,
  }));
  labels.sort((a, b) => a.at - b.at);
  return (
    <g className="pointer-events-none">
      {spaced(labels, (t) => t.length * 10, 6).map(({ at, text, index }) => {
        const front = index === divided.frontSection && !divided.markInFront;
        return (
          <g key={text} transform={`translate(${at} ${scale.y(high / 2)})`}>
            {front ? <rect x={-16} y={-18} width={32} height={36} fill="var(--color-sheet)" /> : null}
            <text
              y={7}
              textAnchor="middle"
              className={front ? 'fill-pin text-[22px] font-bold' : 'fill-soft text-[18px]'}
            >
              {text}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** The sections to press, and their marks. */
const Sections = memo(function Sections({
  divided,
  around,
  k,
  left,
  top,
  foot,
  section,
  onSection,
}: {
  divided: Divided;
  around: number;
  k: number;
  left: number;
  top: number;
  foot: number;
  section: number | undefined;
  onSection: ((k: number) => void) | undefined;
}) {
  return divided.marks.map((mark, i) => {
    const x = left + mark.s * k;
    const each = divided.sections[i]!.arc;
    return (
      <g key={mark.number}>
        {onSection
          ? [x, x - around * k].map((from) =>
              from + each * k > left && from < left + around * k ? (
                <rect
                  key={from}
                  x={Math.max(left, from)}
                  y={top}
                  width={Math.min(from + each * k, left + around * k) - Math.max(left, from)}
                  height={foot - top}
                  fill={section === i ? 'var(--color-wash)' : 'transparent'}
                  opacity={0.8}
                  onPointerDown={() => onSection(i)}
                />
              ) : null,
            )
          : null}
        <line
          x1={x}
          x2={x}
          y1={top}
          y2={foot}
          stroke="var(--color-chalk)"
          strokeWidth={mark.corner ? 1.6 : 1}
          strokeDasharray={mark.locked ? undefined : '2 5'}
        />
      </g>
    );
  });
});

/** A tape along the side: divisions of the person's own tape, and every mark at what will be read there. */
const Tape = memo(function Tape({
  around,
  divided,
  k,
  left,
  y,
  onMark,
}: {
  around: number;
  divided: Divided;
  k: number;
  left: number;
  y: number;
  onMark?: ((k: number) => void) | undefined;
}) {
  const { unit } = usePreferences();
  const x = (s: number) => left + s * k;
  const small = unit === 'inch' ? 25.4 / 4 : 5;
  const each = k * small >= 4 ? small : small * 2;
  const ticks = [];
  for (let i = 0; i * each <= around + 1e-6; i++) {
    const long =
      unit === 'inch' ? (i * each) % 25.4 < 1e-6 || 25.4 - ((i * each) % 25.4) < 1e-6 : (i * each) % 10 === 0;
    ticks.push(
      <line
        key={i}
        x1={x(i * each)}
        x2={x(i * each)}
        y1={y}
        y2={y + (long ? 9 : 5)}
        stroke="var(--color-tape-line)"
        strokeWidth={1}
      />,
    );
  }
  const labels: Label[] = divided.marks.map((m, i) => ({
    at: Math.min(Math.max(x(m.s), x(0) + 14), x(around) - 14),
    text: lengthParts(m.tape, unit).number,
    index: i,
  }));
  const end = lengthParts(around, unit).number;
  const width = (t: string) => t.replace(/\D/g, '').length * 8.2 + t.replace(/\d/g, '').length * 4.6;
  const endAt = x(around) - width(end) / 2 - 4;
  const kept = spaced(labels, width, 8);
  const lastAt = kept.at(-1);
  // What the hand reads comes first: where a mark stands near the tape's end, its own number is shown.
  const roomForEnd = lastAt === undefined || lastAt.at + width(lastAt.text) / 2 + 8 < endAt - width(end) / 2;
  return (
    <g aria-label="Tape positions of the marks" role="img">
      <rect
        x={x(0)}
        y={y}
        width={around * k}
        height={TAPE}
        fill="var(--color-tape)"
        stroke="var(--color-tape-line)"
      />
      {ticks}
      {divided.marks.map((m, i) => (
        <path
          key={m.number}
          onPointerDown={onMark ? () => onMark(i) : undefined}
          className={onMark ? 'cursor-pointer' : undefined}
          d={`M${x(m.s) - 5.5} ${y - 10}h11l-5.5 9z`}
          fill={m.locked ? 'var(--color-pin)' : 'var(--color-ink)'}
        />
      ))}
      {kept.map((l) => (
        <text
          key={l.index}
          x={l.at}
          y={y + 27}
          textAnchor="middle"
          className="fill-ink text-[15px] font-semibold"
          stroke="var(--color-tape)"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {l.text}
        </text>
      ))}
      {roomForEnd ? (
        <text
          x={endAt}
          y={y + 27}
          textAnchor="middle"
          className="fill-soft text-[15px]"
          stroke="var(--color-tape)"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {end}
        </text>
      ) : null}
    </g>
  );
});
