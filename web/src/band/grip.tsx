import { useRef } from 'react';
import { moved } from './geometry';

interface Props {
  label: string;
  value: number;
  /** How much the value changes when the grip is moved by 1 mm. */
  perMm: number;
  stepMm: number;
  min: number;
  max: number;
  /** Where a value comes to rest; left out: on the tape's divisions. */
  rest?: (value: number) => number;
  /** The next value that counts, up or down; left out: one division of the tape on. */
  next?: (value: number, up: number) => number;
  /** The value as it is meant by now, where the picture lags behind; left out: the value shown. */
  newest?: () => number;
  /** Whether the keys for it are those of left and right. */
  along?: boolean;
  /** Which way it moves for more, radians from the right anticlockwise; left out: up, or along to the right. */
  heading?: number;
  /** Place in the drawing, px. */
  x: number;
  y: number;
  pxPerMm: number;
  shown: string;
  onPreview: (value: number) => void;
  onCommit: (value: number) => void;
  onCancel: () => void;
}

/** Something on the band to take hold of. Pointer, touch and keys go through the same arithmetic. */
export function Grip(props: Props) {
  const { label, value, perMm, stepMm, min, max, along, x, y, pxPerMm, shown } = props;
  const { onPreview, onCommit, onCancel } = props;
  const [more, less] = along ? ['ArrowRight', 'ArrowLeft'] : ['ArrowUp', 'ArrowDown'];
  const heading = props.heading ?? (along ? 0 : Math.PI / 2);
  const cos = Math.cos(heading);
  const sin = Math.sin(heading);
  const place = (e: { clientX: number; clientY: number }) => e.clientX * cos - e.clientY * sin;
  const drag = useRef<{ at: number; from: number; to: number } | null>(null);

  const reached = (from: number, mm: number) =>
    props.rest
      ? Math.min(max, Math.max(min, props.rest(from + mm * perMm)))
      : moved(from, mm, perMm, stepMm, min, max);
  const step = (up: number, big: boolean) =>
    onCommit(
      props.next
        ? props.next(props.newest?.() ?? value, up)
        : moved(
            props.newest?.() ?? value,
            (up * stepMm * (big ? 5 : 1)) / Math.abs(perMm),
            perMm,
            stepMm,
            min,
            max,
          ),
    );

  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation={along ? 'horizontal' : 'vertical'}
      aria-valuenow={value}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuetext={shown}
      className={`group touch-none outline-none ${cursor(heading)}`}
      transform={`translate(${x} ${y})`}
      onKeyDown={(e) => {
        if (e.key === more || e.key === less) {
          e.preventDefault();
          step(e.key === more ? 1 : -1, e.shiftKey);
        } else if (e.key === 'Escape' && drag.current) {
          drag.current = null;
          onCancel();
        }
      }}
      onPointerDown={(e) => {
        if (e.button !== 0) {
          return;
        }
        e.currentTarget.setPointerCapture(e.pointerId);
        e.currentTarget.focus();
        drag.current = { at: place(e), from: value, to: value };
      }}
      onPointerMove={(e) => {
        if (drag.current === null) {
          return;
        }
        const to = reached(drag.current.from, (place(e) - drag.current.at) / pxPerMm);
        if (to !== drag.current.to) {
          drag.current.to = to;
          onPreview(to);
        }
      }}
      onPointerUp={() => {
        const held = drag.current;
        drag.current = null;
        if (held === null) {
          return;
        }
        if (held.to !== held.from) {
          onCommit(held.to);
        } else {
          onCancel();
        }
      }}
      onPointerCancel={() => {
        drag.current = null;
        onCancel();
      }}
    >
      <circle r={22} fill="transparent" />
      <circle
        r={16}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={3}
        className="opacity-0 group-focus-visible:opacity-100"
      />
      <circle r={11} fill="var(--color-sheet)" stroke="var(--color-pin)" strokeWidth={3} />
      <path
        d="M-3.5 -2 L0 -6 L3.5 -2 M-3.5 2 L0 6 L3.5 2"
        transform={`rotate(${90 - (heading * 180) / Math.PI})`}
        fill="none"
        stroke="var(--color-pin)"
        strokeWidth={1.8}
      />
    </g>
  );
}

/** The pointer's arrows along the way it moves, to an eighth of the round. */
function cursor(heading: number): string {
  const eighth = (((Math.round((heading * 4) / Math.PI) % 4) + 4) % 4) as 0 | 1 | 2 | 3;
  return (['cursor-ew-resize', 'cursor-nesw-resize', 'cursor-ns-resize', 'cursor-nwse-resize'] as const)[
    eighth
  ];
}
