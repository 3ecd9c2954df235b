import { useQuery } from '@tanstack/react-query';
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
          <Button look="pin" onClick={() => setLevels([])}>
            Find the level again
          </Button>
        ) : null}
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
            <Over picture={chosen.id} answer={traced} wide={wide} high={high} />
            <MotifPicture motif={traced.motif} className="h-44 w-full" />
          </>
        ) : null}
      </div>
    </div>
  );
}

/** The outline over the picture that it was traced from: its middle and its foot are where the drawing's are. */
function Over({
  picture,
  answer,
  wide,
  high,
}: {
  picture: number;
  answer: TraceAnswer;
  wide: number;
  high: number;
}) {
  const [left, foot] = [answer.left, answer.foot];
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      role="img"
      aria-label="The outline over the picture"
      className="max-h-64 w-full"
    >
      <image href={`/api/pictures/${picture}`} width={wide} height={high} opacity={0.55} />
      <g transform={`translate(${left} ${high - foot}) scale(1 -1)`}>
        {answer.motif.parts.map((part, i) => (
          <g key={i} fill="none" stroke="var(--color-pin)" strokeWidth={wide / 300}>
            {[...part.outers, ...part.holes].map((line, j) => (
              <polygon key={j} points={line.join(' ')} />
            ))}
          </g>
        ))}
      </g>
    </svg>
  );
}
