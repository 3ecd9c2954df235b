import { type PointerEvent, useMemo, useRef, useState } from 'react';
import { pathOf, seen } from '../band/facets';
import { useWidth } from '../band/size';
import { TurningView } from '../band/turning-view';
import { useColours } from '../dress/chosen';
import { Choice } from '../ui/choice';
import { useKept } from '../ui/kept';
import type { Placing } from './from-above';
import { axes, feet } from './places';

/** The stack from the front, to scale: what a side holds is dragged up, down and round; or the whole cake, turned. */
export function FromFront(props: Placing) {
  const [way, setWay] = useKept<'place' | 'turn'>('ahead-view', 'place');
  return (
    <figure>
      {way === 'place' ? <Elevation {...props} /> : <Turned {...props} />}
      <figcaption className="mt-1 flex justify-center">
        <Choice
          label="From the front"
          value={way}
          options={[
            { name: 'place', label: 'place' },
            { name: 'turn', label: 'turn' },
          ]}
          onChoice={(to) => setWay(to as 'place' | 'turn')}
        />
      </figcaption>
    </figure>
  );
}

function Turned({ tiers, worked }: Pick<Placing, 'tiers' | 'worked'>) {
  const [box, width] = useWidth<HTMLDivElement>(360);
  const colours = useColours();
  return (
    <div ref={box} className="aspect-[4/3] w-full">
      <TurningView
        tiers={tiers}
        chosen=""
        width={width}
        height={Math.round(width * 0.72)}
        colours={colours}
        pieces={worked}
      />
    </div>
  );
}

function Elevation({ plan, tiers, worked, chosen, choose, move }: Placing) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ id: string; number: number; dx: number; dz: number } | null>(null);
  const start = useRef<[number, number]>([0, 0]);
  const low = feet(plan, tiers);
  const middles = axes(plan);
  const high = (low.get(tiers.at(-1)!.id) ?? 0) + tiers.at(-1)!.form.height.mm;
  const above = Math.max(
    20,
    ...worked.flatMap((w) => {
      const tall = w.outline.reduce((most, v, i) => (i % 2 === 1 ? Math.max(most, v) : most), 0);
      return w.places.map((p) => (low.get(p.tier) ?? 0) + p.up + tall - high);
    }),
  );
  const tall = high + above + 14;
  const wide = Math.max((tall * 4) / 3, Math.max(...tiers.map((t) => t.form.width)) * 1.35);
  const across = wide;
  const page = Math.max(tall, (wide * 3) / 4);
  const at = (e: PointerEvent): [number, number] => {
    const box = svg.current!.getBoundingClientRect();
    const k = across / box.width;
    return [(e.clientX - box.left) * k, -(e.clientY - box.top) * k];
  };
  const drop = () => {
    const place = held ? worked.find((w) => w.id === held.id)?.places[held.number] : undefined;
    const piece = held ? plan.pieces.find((p) => p.id === held.id) : undefined;
    if (held && place && piece && Math.hypot(held.dx, held.dz) > 1.5) {
      const radius = Math.hypot(place.x, place.y);
      const x = Math.max(-radius, Math.min(radius, place.x + held.dx));
      const turn = radius > 1 ? (Math.asin(x / radius) - Math.asin(place.x / radius)) * (180 / Math.PI) : 0;
      const angle = Math.round(piece.seat.angle + turn);
      void move(
        held.id,
        piece.seat.on === 'side' ? { angle, up: Math.max(0, Math.round(place.up + held.dz)) } : { angle },
      );
    }
    setHeld(null);
  };
  const drawn = useMemo(
    () =>
      worked.flatMap((w) =>
        w.places.map((p, number) => {
          const [c, s] = [Math.cos(p.angle), Math.sin(p.angle)];
          const faces = seen(w.look, (x, y, z) => [x * c - y * s, z, x * s + y * c]);
          return { w, p, number, faces, hidden: p.on === 'side' && c < -1e-6 };
        }),
      ),
    [worked],
  );
  const sorted = [...drawn].filter((d) => !d.hidden).sort((a, b) => b.p.y - a.p.y);
  /** Behind the cake, or behind the tier on its ledge: that hides it. */
  const stands = (d: (typeof drawn)[number]) => d.p.y > 0 && (d.p.on === 'board' || d.p.on === 'ledge');
  const one = (d: (typeof drawn)[number]) => {
    const [ax] = middles.get(d.p.tier) ?? [0, 0];
    const moved = held?.id === d.w.id && held.number === d.number ? held : null;
    const side = d.p.on === 'side';
    const x = ax + d.p.x + (moved?.dx ?? 0);
    const z = (low.get(d.p.tier) ?? 0) + d.p.up + (side ? (moved?.dz ?? 0) : 0);
    return (
      <g
        key={`${d.w.id}-${d.number}`}
        data-front={`${d.w.id}/${d.number}`}
        transform={`translate(${x} ${-z})`}
        className="cursor-grab"
        onPointerDown={(e) => {
          choose(d.w.id);
          e.currentTarget.setPointerCapture(e.pointerId);
          start.current = at(e);
          setHeld({ id: d.w.id, number: d.number, dx: 0, dz: 0 });
        }}
        onPointerMove={(e) => {
          if (held) {
            const [px, pz] = at(e);
            setHeld({ ...held, dx: px - start.current[0], dz: pz - start.current[1] });
          }
        }}
        onPointerUp={drop}
        onPointerCancel={drop}
      >
        {d.faces.map((f, k) => (
          <path
            key={k}
            d={pathOf(f.points)}
            fill={f.fill}
            stroke={d.w.id === chosen ? 'var(--color-ink)' : f.stroke}
            strokeWidth={0.6}
          />
        ))}
      </g>
    );
  };
  return (
    <svg
      ref={svg}
      viewBox={`${-across / 2} ${-page + 10} ${across} ${page}`}
      className="block aspect-[4/3] w-full touch-none"
      role="img"
      aria-label="The stack from the front, with what is made ahead"
    >
      <line x1={-across / 2} x2={across / 2} y1={1} y2={1} stroke="var(--color-ink)" strokeWidth={2} />
      {sorted.filter(stands).map(one)}
      {tiers.map((t) => {
        const x = middles.get(t.id)?.[0] ?? 0;
        const z = low.get(t.id) ?? 0;
        const w = t.form.width / 2;
        const share = t.form.top.mm / t.form.foot.mm;
        return (
          <path
            key={t.id}
            d={pathOf([
              [x - w, z],
              [x + w, z],
              [x + w * share, z + t.form.height.mm],
              [x - w * share, z + t.form.height.mm],
            ])}
            fill="var(--color-sheet)"
            stroke="var(--color-ink)"
            strokeWidth={1.1}
          />
        );
      })}
      {sorted.filter((d) => !stands(d)).map(one)}
    </svg>
  );
}
