import { useRef } from 'react';
import { DAY, HALO, local, minutes, span } from '../units/time';
import { type Drawn, HEAD } from './drawn';

/** The pin of now, and the line of the moment. */
export function NowAndReady({ days, ready, from, to, x, end, width }: Drawn & { end: number }) {
  const now = minutes(days.now);
  const at = x(ready);
  const right = x(now) > width - 90;
  return (
    <>
      {now >= from && now <= to ? (
        <g>
          <line x1={x(now)} x2={x(now)} y1={HEAD + 12} y2={end} stroke="var(--color-pin)" strokeWidth={1.6} />
          <path
            d={`M${x(now)} ${HEAD + 14}c-3-7-8-9-8-14a8 8 0 0 1 16 0c0 5-5 7-8 14Z`}
            fill="var(--color-pin)"
          />
          <text
            x={x(now) + (right ? -12 : 12)}
            textAnchor={right ? 'end' : 'start'}
            y={HEAD + 5}
            fontSize={13.5}
            fill="var(--color-pin)"
            {...HALO}
          >
            now, {days.now.slice(11, 16)}
          </text>
        </g>
      ) : null}
      {now < from ? (
        <text x={2} y={HEAD + 8} fontSize={13.5} fill="var(--color-pin)" {...HALO}>
          ‹ now, {span(from - now)} before this
        </text>
      ) : null}
      {at >= -10 && at <= width + 10 ? (
        <g>
          <line x1={at} x2={at} y1={HEAD - 4} y2={end} stroke="var(--color-ink)" strokeWidth={2.6} />
          <text
            x={at - 12}
            y={HEAD + 8}
            fontSize={14}
            fontWeight={650}
            textAnchor="end"
            fill="var(--color-ink)"
            {...HALO}
          >
            ready
          </text>
          <circle cx={at} cy={HEAD + 4} r={7} fill="var(--color-ink)" />
        </g>
      ) : null}
    </>
  );
}

/** The moment is dragged by days, or moved with the arrows. */
export function ReadyGrip({ ready, from, to, x, width, onMove, onMoved }: Drawn) {
  const held = useRef<{ x: number; ready: number; days: number } | null>(null);
  const at = x(ready);
  const perDay = (DAY / (to - from)) * width;
  if (at < -10 || at > width + 10) {
    return null;
  }
  return (
    <rect
      role="slider"
      aria-label="The moment it is ready"
      aria-valuenow={ready}
      aria-valuetext={local(ready).replace('T', ', ')}
      tabIndex={0}
      x={at - 22}
      y={HEAD - 18}
      width={44}
      height={44}
      fill="transparent"
      className="cursor-ew-resize touch-none"
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        held.current = { x: e.clientX, ready, days: 0 };
      }}
      onPointerMove={(e) => {
        const h = held.current;
        const by = h ? Math.round((e.clientX - h.x) / perDay) : 0;
        if (h && by !== h.days) {
          h.days = by;
          onMove(h.ready + by * DAY);
        }
      }}
      onPointerUp={() => {
        const h = held.current;
        held.current = null;
        if (h && h.days !== 0) {
          onMoved(h.ready + h.days * DAY);
        }
      }}
      onKeyDown={(e) => {
        const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
        if (by !== 0) {
          e.preventDefault();
          onMoved(ready + by * DAY);
        }
      }}
    />
  );
}
