import { useQuery } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { api, type Motif, problemOf, type TraceAnswer } from '../api/client';
import { picturesQuery } from '../order/pictures';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { LengthField } from '../ui/typed';
import { MotifPicture } from './motif-picture';

interface Props {
  plan: number;
  onArt: (motif: Motif | null) => void;
}

/** Waits so long after the last move of a level, ms: tracing is not for every pixel of a slider. */
const RESTS = 180;

/** A picture of the order traced by the program: levels moved by hand, the outline shown over the picture. */
export function Tracing({ plan, onArt }: Props) {
  const pictures = useQuery(picturesQuery(plan)).data ?? [];
  const [picture, setPicture] = useState<number | null>(null);
  const [levels, setLevels] = useState<number[]>([]);
  const [wide, setWide] = useState(100);
  const [speck, setSpeck] = useState(2);
  const [tolerance, setTolerance] = useState(0.3);
  const [traced, setTraced] = useState<TraceAnswer | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [mirrored, setMirrored] = useState(false);
  const [known, setKnown] = useState<Place[]>([]);
  const chosen = pictures.find((p) => p.id === (picture ?? pictures[0]?.id));

  useEffect(() => {
    if (!chosen) {
      return;
    }
    let gone = false;
    const wish = { width: wide, speck, tolerance, ...(levels.length > 0 ? { levels } : {}) };
    const later = setTimeout(() => {
      api
        .traced({ picture: chosen.id, name: chosen.caption.replace(/\.\w+$/, ''), wish })
        .then((answer) => {
          if (!gone) {
            setTraced(answer);
            setSaid(null);
            onArt(answer.motif);
          }
        })
        .catch((thrown: unknown) => {
          if (!gone) {
            setSaid(problemOf(thrown).detail);
            onArt(null);
          }
        });
    }, RESTS);
    return () => {
      gone = true;
      clearTimeout(later);
    };
  }, [chosen, levels, wide, speck, tolerance, onArt]);

  if (!chosen) {
    return <p>No picture yet: add one to the order, under "Pictures to work from".</p>;
  }
  const print = async () => {
    try {
      const sheet = await api.tracingSheet({ picture: chosen.id, width: wide, mirrored, paper: 'a4' });
      window.open(URL.createObjectURL(sheet), '_blank');
    } catch (thrown) {
      setSaid(problemOf(thrown).detail);
    }
  };
  const used = levels.length > 0 ? levels : (traced?.levels ?? []);
  const high = traced ? (wide * traced.height) / traced.width : wide;
  const length = (label: string, mm: number, set: (mm: number) => void) => (
    <LengthField
      label={label}
      field="trace"
      mm={mm}
      onLength={async (to) => {
        if (to !== null) {
          set(to);
        }
        return null;
      }}
    />
  );
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <div className="flex flex-col gap-3">
        <div className="flex flex-wrap gap-2" role="radiogroup" aria-label="Picture">
          {pictures.map((p) => (
            <button
              key={p.id}
              type="button"
              role="radio"
              aria-checked={p.id === chosen.id}
              onClick={() => {
                setPicture(p.id);
                setLevels([]);
              }}
              className={`border-2 ${p.id === chosen.id ? 'border-ink' : 'border-transparent'}`}
            >
              <img src={`/api/pictures/${p.id}`} alt={p.caption} className="block h-16" />
            </button>
          ))}
        </div>
        <Choice
          label="Traced as"
          value={used.length > 1 ? 'layers' : 'one'}
          options={[
            { name: 'one', label: 'one colour' },
            { name: 'layers', label: 'layers' },
          ]}
          onChoice={(v) => setLevels(v === 'layers' ? (traced?.found ?? []) : [])}
        />
        {used.map((level, k) => (
          <label key={k} className="flex items-center gap-3">
            <span className="w-16">Level {used.length > 1 ? k + 1 : ''}</span>
            <input
              type="range"
              min={1}
              max={255}
              value={level}
              onChange={(e) => setLevels(used.map((l, i) => (i === k ? Number(e.target.value) : l)))}
              className="grow accent-ink"
            />
            <span className="w-10 text-right tabular-nums">{level}</span>
          </label>
        ))}
        <div className="grid grid-cols-3 gap-3">
          {length('Picture, wide', wide, setWide)}
          {length('Specks under', speck, setSpeck)}
          {length('Smoothed to', tolerance, setTolerance)}
        </div>
        {levels.length > 0 ? (
          <Button look="pin" className="self-start px-1.5" onClick={() => setLevels([])}>
            Find the level again
          </Button>
        ) : null}
        <div className="flex flex-wrap items-center gap-x-4">
          <Button look="quiet" className="px-1.5" onClick={() => void print()}>
            <Printer size={18} aria-hidden /> Print it to trace by hand
          </Button>
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={mirrored}
              onChange={(e) => setMirrored(e.target.checked)}
              className="size-5 accent-ink"
            />
            mirrored
          </label>
        </div>
        {traced ? (
          <p className="note">
            {traced.motif.parts.length} parts, {traced.dropped} specks dropped.
          </p>
        ) : null}
      </div>
      <div aria-live="polite" className="flex flex-col gap-3 rounded-md border border-ink/25 bg-paper p-3">
        {said ? <p className="text-stop">{said}</p> : null}
        {traced ? (
          <>
            <Over
              picture={chosen.id}
              answer={traced}
              wide={wide}
              high={high}
              known={known}
              onPlace={(place) => setKnown((k) => (k.length === 2 ? [place] : [...k, place]))}
            />
            {known.length === 2 ? (
              <LengthField
                label="Between the two places it is"
                field="trace"
                mm={Math.hypot(known[0]!.x - known[1]!.x, known[0]!.y - known[1]!.y) * wide}
                onLength={async (mm) => {
                  const share = Math.hypot(known[0]!.x - known[1]!.x, known[0]!.y - known[1]!.y);
                  if (mm !== null && share > 0.01) {
                    setWide(Math.min(1500, Math.max(1, mm / share)));
                  }
                  return null;
                }}
              />
            ) : (
              <p className="note">Press two places whose distance you know, and type it.</p>
            )}
            <MotifPicture motif={traced.motif} className="h-44 w-full" />
          </>
        ) : null}
      </div>
    </div>
  );
}

/** A place on a picture, both of its numbers as shares of its width. */
interface Place {
  x: number;
  y: number;
}

interface OverProps {
  picture: number;
  answer: TraceAnswer;
  wide: number;
  high: number;
  known: readonly Place[];
  onPlace: (place: Place) => void;
}

/** The outline over the picture that it was traced from: its middle and its foot are where the drawing's are. */
function Over({ picture, answer, wide, high, known, onPlace }: OverProps) {
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      role="img"
      aria-label="The outline over the picture"
      className="max-h-64 w-full cursor-crosshair"
      onPointerDown={(e) => {
        const inside = e.currentTarget.getScreenCTM()?.inverse();
        if (inside) {
          const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(inside);
          onPlace({ x: at.x / wide, y: at.y / wide });
        }
      }}
    >
      <image href={`/api/pictures/${picture}`} width={wide} height={high} opacity={0.55} />
      <g transform={`translate(${answer.left} ${high - answer.foot}) scale(1 -1)`}>
        {answer.motif.parts.map((part, i) => (
          <g key={i} fill="none" stroke="var(--color-pin)" strokeWidth={wide / 300}>
            {[...part.outers, ...part.holes].map((line, j) => (
              <polygon key={j} points={line.join(' ')} />
            ))}
          </g>
        ))}
      </g>
      {known.map((p, i) => (
        <circle key={i} cx={p.x * wide} cy={p.y * wide} r={wide / 60} fill="var(--color-ink)" />
      ))}
    </svg>
  );
}
