import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { api, problemOf, type Schemas } from '../api/client';
import { Rescue } from '../divide/rescue';
import { picturesQuery } from '../order/pictures';
import { usePlan, useTier } from '../plan/context';
import { usePlanId } from '../plan/use';
import { FileButton } from '../ui/file-button';
import { tell, tellBad } from '../ui/toasts';
import { useBench, usePreferences } from '../units/preferences';
import { length, lengthParts } from '../units/units';
import { lensOf } from './exif';
import type { Now } from './flow';
import type { Journal } from './journal';

type Found = Schemas['Found'];

interface Taken {
  url: string;
  file: File;
  /** As one of a 35 mm camera; null: it does not say. */
  lens: number | null;
  width: number;
  height: number;
}

/** Everything that is pressed, px of the picture itself. */
interface Pressed {
  left: number | null;
  right: number | null;
  marks: number[];
}

const NOTHING: Pressed = { left: null, right: null, marks: [] };
const FILM_MM = 36;
const LOOKS = { unnoticed: 'nobody notices', shows: 'shows if one looks', plain: 'is plain to see' };

interface Props {
  now: Now;
  journal: Journal;
  close: () => void;
}

/** How even the sections came out, off a photograph of the side from the front. */
export function Photo({ now, journal, close }: Props) {
  const plan = usePlan();
  const id = usePlanId();
  const { tier, worked } = useTier();
  const { unit } = usePreferences();
  const { data: bench } = useBench();
  const client = useQueryClient();
  const [taken, setTaken] = useState<Taken | null>(null);
  const [pressed, setPressed] = useState<Pressed>(NOTHING);
  const dressing = tier.dressings.find((d) => d.id === now.step.told.about);
  const division = now.step.division || dressing?.division || worked.divisions[0]!.id;
  useEffect(() => () => (taken ? URL.revokeObjectURL(taken.url) : undefined), [taken]);
  const enough =
    taken !== null && pressed.left !== null && pressed.right !== null && pressed.marks.length >= 2;
  const { data: found, error } = useQuery({
    queryKey: ['evenness', plan, tier.id, division, pressed, taken?.lens, bench],
    queryFn: () =>
      api.evenness({
        plan,
        tier: tier.id,
        division,
        bench: bench!,
        pressed: {
          left: pressed.left!,
          right: pressed.right!,
          marks: pressed.marks,
          ...(taken!.lens === null
            ? {}
            : { lens: (taken!.lens / FILM_MM) * Math.max(taken!.width, taken!.height) }),
        },
      }),
    enabled: enough && bench !== undefined,
    placeholderData: (before) => before,
  });
  const choose = async (file: File) => {
    const url = URL.createObjectURL(file);
    const picture = new Image();
    picture.src = url;
    try {
      await picture.decode();
    } catch {
      URL.revokeObjectURL(url);
      tellBad(`"${file.name}" is no picture that this browser can show. Take a JPEG, PNG or WebP.`);
      return;
    }
    setPressed(NOTHING);
    setTaken({
      url,
      file,
      lens: lensOf(await file.slice(0, 256 * 1024).arrayBuffer()),
      width: picture.naturalWidth,
      height: picture.naturalHeight,
    });
  };
  const keep = async () => {
    journal.add({
      kind: 'note',
      step: now.step.key.id,
      about: `Evenness of ${tier.name} off a photograph: ${found!.sections
        .map((s) => `${s.number}: ${length(s.width, unit)} ± ${length(Math.max(0.1, s.doubt), unit)}`)
        .join(', ')}`.slice(0, 1900),
    });
    try {
      await api.addPicture(id, taken!.file);
      await client.invalidateQueries({ queryKey: picturesQuery(id).queryKey });
      tell('The photograph and what it says are kept with the job.');
    } catch (thrown) {
      tellBad(`What it says is kept; the photograph is not: ${problemOf(thrown).detail}`);
    }
    close();
  };

  if (taken === null) {
    return (
      <div className="flex flex-col items-start gap-4 text-[1.15rem]">
        <p>
          From straight ahead, the front towards you, both edges of {tier.name} in the picture, from as far
          away as the room allows.
        </p>
        <FileButton
          label="A photograph of the side"
          accept="image/*"
          camera
          onFile={(f) => void choose(f)}
          className="min-h-16 border-2 border-ink text-[1.2rem]"
        >
          Take or choose a photograph
        </FileButton>
      </div>
    );
  }
  const asked =
    pressed.left === null
      ? `Press ${tier.name}'s left edge`
      : pressed.right === null
        ? 'Press its right edge'
        : pressed.marks.length < 2
          ? 'Press the marks, at one height'
          : 'Press further marks, or look below';
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-3">
        <p className="flex-1 font-display text-[1.5rem] font-semibold" role="status">
          {asked}
        </p>
        <button
          type="button"
          className="min-h-14 rounded-md border-2 border-ink/50 px-4 text-[1.1rem]"
          onClick={() => setPressed(withoutLast(pressed))}
        >
          Take back
        </button>
        <FileButton
          label="Another photograph"
          accept="image/*"
          onFile={(f) => void choose(f)}
          className="min-h-14"
        >
          Another picture
        </FileButton>
      </div>
      <Pressing taken={taken} pressed={pressed} onPressed={setPressed} found={found} />
      {error ? (
        <p role="alert" className="text-[1.1rem] text-stop">
          {problemOf(error).detail}
        </p>
      ) : null}
      {found && enough ? (
        <>
          <Told found={found} lens={taken.lens} />
          <button
            type="button"
            onClick={() => void keep()}
            className="min-h-14 self-start rounded-md border-2 border-ink px-5 text-[1.15rem] font-semibold"
          >
            Keep it with the job
          </button>
          <FromHere found={found} division={division} close={close} />
        </>
      ) : null}
    </div>
  );
}

const withoutLast = (p: Pressed): Pressed =>
  p.marks.length > 0
    ? { ...p, marks: p.marks.slice(0, -1) }
    : p.right !== null
      ? { ...p, right: null }
      : { ...p, left: null };

function pressedAt(p: Pressed, x: number): Pressed {
  if (p.left === null) {
    return { ...p, left: x };
  }
  if (p.right === null) {
    return x > p.left ? { ...p, right: x } : { ...p, left: x, right: p.left };
  }
  return { ...p, marks: [...p.marks, x].sort((a, b) => a - b) };
}

const GLASS = 150;
const GROWN = 3;

/** The picture with what is pressed on it, and under the finger a lens. */
function Pressing({
  taken,
  pressed,
  onPressed,
  found,
}: {
  taken: Taken;
  pressed: Pressed;
  onPressed: (p: Pressed) => void;
  found: Found | undefined;
}) {
  const { unit } = usePreferences();
  const frame = useRef<HTMLDivElement>(null);
  const [at, setAt] = useState<{ x: number; y: number } | null>(null);
  const place = (e: PointerEvent) => {
    const box = frame.current!.getBoundingClientRect();
    const k = taken.width / box.width;
    return { x: (e.clientX - box.left) * k, y: (e.clientY - box.top) * k };
  };
  const line = taken.width / 400;
  const shown = frame.current ? frame.current.clientWidth / taken.width : 1;
  return (
    <div
      ref={frame}
      className="relative w-full cursor-crosshair touch-none overflow-hidden select-none"
      style={{ aspectRatio: `${taken.width} / ${taken.height}` }}
      data-photo
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setAt(place(e));
      }}
      onPointerMove={(e) => {
        if (at !== null) {
          setAt(place(e));
        }
      }}
      onPointerUp={(e) => {
        if (at !== null) {
          onPressed(pressedAt(pressed, place(e).x));
          setAt(null);
        }
      }}
      onPointerCancel={() => setAt(null)}
    >
      <img src={taken.url} alt="The side from the front" className="block w-full" draggable={false} />
      <svg
        viewBox={`0 0 ${taken.width} ${taken.height}`}
        className="absolute inset-0 size-full"
        aria-hidden="true"
      >
        {[pressed.left, pressed.right].map((x, i) =>
          x === null ? null : (
            <line key={i} x1={x} x2={x} y1={0} y2={taken.height} stroke="#1c2a36" strokeWidth={line} />
          ),
        )}
        {pressed.marks.map((x) => (
          <line
            key={x}
            x1={x}
            x2={x}
            y1={taken.height * 0.12}
            y2={taken.height * 0.88}
            stroke="#bd3a26"
            strokeWidth={line}
          />
        ))}
        {found?.sections.map((s, i) => {
          const [a, b] = [pressed.marks[i], pressed.marks[i + 1]];
          return a === undefined || b === undefined ? null : (
            <text
              key={i}
              x={(a + b) / 2}
              y={taken.height * 0.1}
              textAnchor="middle"
              fontSize={taken.width / 34}
              fontWeight={700}
              fill={s.looks === 'plain' ? '#86203f' : '#1c2a36'}
              stroke="#fcf9f1"
              strokeWidth={line * 2}
              paintOrder="stroke"
            >
              {lengthParts(Math.round(s.width), unit).number}
            </text>
          );
        })}
      </svg>
      {at ? (
        <div
          className="pointer-events-none absolute overflow-hidden rounded-full border-4 border-ink bg-sheet"
          style={{
            width: GLASS,
            height: GLASS,
            left: Math.max(0, at.x * shown - GLASS / 2),
            top: at.y * shown > GLASS + 30 ? at.y * shown - GLASS - 30 : at.y * shown + 50,
          }}
        >
          <img
            src={taken.url}
            alt=""
            className="absolute max-w-none"
            style={{
              width: taken.width * shown * GROWN,
              left: GLASS / 2 - at.x * shown * GROWN,
              top: GLASS / 2 - at.y * shown * GROWN,
            }}
          />
          <span className="absolute inset-y-0 left-1/2 w-0.5 bg-pin" />
        </div>
      ) : null}
    </div>
  );
}

/** What it says, how sure, and what shows. */
function Told({ found, lens }: { found: Found; lens: number | null }) {
  const { unit } = usePreferences();
  return (
    <div>
      <table className="w-full max-w-2xl text-[1.1rem]">
        <thead>
          <tr className="text-left text-soft">
            <th className="font-normal">section</th>
            <th className="text-right font-normal">wide</th>
            <th className="pl-6 font-normal">beside its neighbours</th>
          </tr>
        </thead>
        <tbody>
          {found.sections.map((s, i) => (
            <tr key={i} className="border-t border-ink/20">
              <td className="py-1">{s.number}</td>
              <td className="py-1 text-right">
                <b>{length(Math.round(s.width * 2) / 2, unit)}</b> ±{' '}
                {length(Math.max(0.5, Math.round(s.doubt * 2) / 2), unit)}
              </td>
              <td
                className={`py-1 pl-6 ${s.looks === 'plain' ? 'font-semibold text-stop' : s.looks === 'shows' ? 'text-look' : ''}`}
              >
                {s.looks ? LOOKS[s.looks] : 'too near the edge to say'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="note mt-1">
        Planned {length(found.planned, unit)} each. Taken from about{' '}
        {length(Math.round(found.distance / 10) * 10, unit)}
        {lens === null
          ? '; the picture does not tell its lens, so the distance is a guess and the doubt larger.'
          : '.'}
      </p>
    </div>
  );
}

/** What was seen last, brought to the rescue. */
function FromHere({ found, division, close }: { found: Found; division: string; close: () => void }) {
  const [open, setOpen] = useState(false);
  const last = found.sections.filter((s) => s.tells).at(-1);
  if (!last) {
    return null;
  }
  return open ? (
    <Rescue division={division} begun={last.number} reads={last.ends} onApplied={close} />
  ) : (
    <button
      type="button"
      onClick={() => setOpen(true)}
      className="min-h-14 self-start rounded-md border-2 border-ink/50 px-5 text-[1.15rem]"
    >
      Rescue from here: section {last.number} ends where it is seen
    </button>
  );
}
