import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from 'react';
import type { OwnPiece, PieceWorkup, Plan, Problem, TierWorkup } from '../api/client';
import { ABOVE, pathOf, seen } from '../band/facets';
import { axes, droppedAt, polar } from './places';

export interface Placing {
  plan: Plan;
  tiers: readonly TierWorkup[];
  worked: readonly PieceWorkup[];
  chosen: string;
  choose: (id: string) => void;
  move: (id: string, seat: Partial<OwnPiece['seat']>) => Promise<Problem | null>;
}

/** Beside the widest tier a board is seen, mm. */
const BOARD = 45;
const DEGREES = 5;
const STEP = 2;

/** The cake from above, to scale: pieces are dragged to a top, a ledge or the board; what a side holds goes round it. */
export function FromAbove({ plan, tiers, worked, chosen, choose, move }: Placing) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ id: string; number: number; dx: number; dy: number } | null>(null);
  const middles = axes(plan);
  const reach =
    Math.max(...tiers.map((t) => Math.max(t.form.width, t.form.depth) / 2), 40) +
    BOARD +
    Math.max(0, ...worked.flatMap((w) => w.places.filter((p) => p.on === 'board').map(() => 20)));
  const at = (e: PointerEvent): [number, number] => {
    const box = svg.current!.getBoundingClientRect();
    const k = (2 * reach) / Math.min(box.width, box.height);
    return [(e.clientX - box.left - box.width / 2) * k, -(e.clientY - box.top - box.height / 2) * k];
  };
  const start = useRef<[number, number]>([0, 0]);
  const grab = (id: string, number: number) => (e: PointerEvent<SVGGElement>) => {
    if (e.button === 0) {
      choose(id);
      e.currentTarget.setPointerCapture(e.pointerId);
      start.current = at(e);
      setHeld({ id, number, dx: 0, dy: 0 });
    }
  };
  const drag = (e: PointerEvent) => {
    if (held) {
      const [x, y] = at(e);
      setHeld({ ...held, dx: x - start.current[0], dy: y - start.current[1] });
    }
  };
  const drop = () => {
    if (held && Math.hypot(held.dx, held.dy) > 1.5) {
      const w = worked.find((one) => one.id === held.id);
      const place = w?.places[held.number];
      if (place) {
        void move(held.id, seatAt(plan, tiers, place, held, w!.places.length));
      }
    }
    setHeld(null);
  };
  const keyed = (piece: OwnPiece) => (e: KeyboardEvent) => {
    const next = stepped(piece.seat, e.key);
    if (next) {
      e.preventDefault();
      e.stopPropagation();
      void move(piece.id, next);
    }
  };
  return (
    <figure>
      <svg
        ref={svg}
        viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach}`}
        className="block aspect-[4/3] w-full touch-none"
        role="group"
        aria-label="The cake from above, with what is made ahead"
      >
        <circle r={reach - 4} fill="var(--color-edge)" opacity={0.45} />
        {tiers.map((t) => {
          const [x, y] = middles.get(t.id) ?? [0, 0];
          const share = t.form.top.mm / t.form.foot.mm;
          return (
            <g key={t.id} transform={`translate(${x} ${-y})`}>
              <path
                d={pathOf(t.form.outline.map((p) => [p.x, p.y]))}
                fill="var(--color-paper)"
                stroke="var(--color-ink)"
                strokeWidth={0.6}
              />
              <path
                d={pathOf(t.form.outline.map((p) => [p.x * share, p.y * share]))}
                fill="var(--color-sheet)"
                stroke="var(--color-ink)"
                strokeWidth={1.1}
              />
            </g>
          );
        })}
        <text y={reach - 9} fontSize={reach / 14} textAnchor="middle" fill="var(--color-pin)">
          front
        </text>
        {plan.pieces.map((piece) => (
          <Above
            key={piece.id}
            piece={piece}
            worked={worked.find((w) => w.id === piece.id)}
            middles={middles}
            chosen={piece.id === chosen}
            held={held?.id === piece.id ? held : null}
            grab={grab}
            drag={drag}
            drop={drop}
            keyed={keyed(piece)}
          />
        ))}
      </svg>
      <figcaption className="note text-center">from above</figcaption>
    </figure>
  );
}

/** The seat of a whole row of pieces alike after one of them was dragged. */
function seatAt(
  plan: Plan,
  tiers: readonly TierWorkup[],
  place: PieceWorkup['places'][number],
  held: { number: number; dx: number; dy: number },
  many: number,
): Partial<OwnPiece['seat']> {
  const [ax, ay] = axes(plan).get(place.tier) ?? [0, 0];
  const [x, y] = [ax + place.x + held.dx, ay + place.y + held.dy];
  const back = (360 * held.number) / many;
  const wrapped = (angle: number) => ((((angle - back + 180) % 360) + 360) % 360) - 180;
  if (place.on === 'side' || place.on === 'hole') {
    return { angle: wrapped(polar(x - ax, y - ay).angle) };
  }
  const there = droppedAt(plan, tiers, x, y);
  return { ...there, angle: wrapped(there.angle) };
}

/** A key's step: round by arrows left and right, out and in, or up and down a side. */
function stepped(seat: OwnPiece['seat'], key: string): Partial<OwnPiece['seat']> | null {
  const up = seat.on === 'side';
  const along = (by: number) =>
    up ? { up: Math.max(0, seat.up + by) } : { out: Math.max(0, seat.out + by) };
  switch (key) {
    case 'ArrowRight':
      return { angle: seat.angle + DEGREES > 360 ? seat.angle + DEGREES - 360 : seat.angle + DEGREES };
    case 'ArrowLeft':
      return { angle: seat.angle - DEGREES < -360 ? seat.angle - DEGREES + 360 : seat.angle - DEGREES };
    case 'ArrowUp':
      return along(STEP);
    case 'ArrowDown':
      return along(-STEP);
    default:
      return null;
  }
}

interface AboveProps {
  piece: OwnPiece;
  worked: PieceWorkup | undefined;
  middles: ReadonlyMap<string, readonly [number, number]>;
  chosen: boolean;
  held: { number: number; dx: number; dy: number } | null;
  grab: (id: string, number: number) => (e: PointerEvent<SVGGElement>) => void;
  drag: (e: PointerEvent) => void;
  drop: () => void;
  keyed: (e: KeyboardEvent) => void;
}

/** All of a row of pieces alike, seen from above; the first can be held by keys. */
function Above({ piece, worked, middles, chosen, held, grab, drag, drop, keyed }: AboveProps) {
  const drawn = useMemo(() => (worked ? seen(worked.look, ABOVE) : []), [worked]);
  if (!worked) {
    return null;
  }
  const spread = Math.max(6, ...drawn.flatMap((d) => d.points.map(([x, y]) => Math.hypot(x, y))));
  return worked.places.map((p, i) => {
    const [ax, ay] = middles.get(p.tier) ?? [0, 0];
    const moved = held?.number === i ? held : null;
    const [x, y] = [ax + p.x + (moved?.dx ?? 0), ay + p.y + (moved?.dy ?? 0)];
    return (
      <g
        key={i}
        transform={`translate(${x} ${-y}) rotate(${(-p.angle * 180) / Math.PI})`}
        data-piece={`${piece.id}/${i}`}
        tabIndex={i === 0 ? 0 : -1}
        role="button"
        aria-label={`${piece.name}, ${Math.round(piece.seat.angle)} degrees from the front`}
        aria-pressed={chosen}
        className="cursor-grab"
        onPointerDown={grab(piece.id, i)}
        onPointerMove={drag}
        onPointerUp={drop}
        onPointerCancel={drop}
        onKeyDown={keyed}
      >
        <circle r={Math.min(spread + 3, 60)} fill="transparent" />
        {drawn.map((d, k) => (
          <path key={k} d={pathOf(d.points)} fill={d.fill} stroke={d.stroke} strokeWidth={0.5} />
        ))}
        {chosen ? (
          <circle
            r={Math.min(spread + 3, 34)}
            fill="none"
            stroke="var(--color-pin)"
            strokeWidth={1.2}
            strokeDasharray="4 3"
          />
        ) : null}
      </g>
    );
  });
}
