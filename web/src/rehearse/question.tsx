import { useState } from 'react';
import type { Exercise } from '../api/client';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number';

interface Props {
  exercise: Exercise;
  answered: boolean;
  answer: (numbers: readonly number[], choice?: string) => void;
}

const WIDTH = 900;

/** A question for the head: a shape to turn over, a side to look at, or a number to type. */
export function Question({ exercise, answered, answer }: Props) {
  const [typed, setTyped] = useState<number | null>(null);
  const { shape, choices, drill } = exercise;
  return (
    <div>
      {shape.length > 0 ? <Shape xy={shape} /> : null}
      {drill === 'wrong' ? <Side exercise={exercise} /> : null}
      {choices.length > 0 ? (
        <div role="group" aria-label="Answers" className="mt-3 flex flex-col items-stretch gap-2">
          {choices.map((c) => (
            <Button
              key={c.name}
              disabled={answered}
              className="justify-start text-left text-[1.05rem]"
              onClick={() => answer([], c.name)}
            >
              {shape.length > 0 ? <Shape xy={shape} turned={c.name !== 'as-drawn'} small /> : null}
              {c.label}
            </Button>
          ))}
        </div>
      ) : (
        <NumberField
          label={drill === 'divide' ? 'Sections' : 'Discs'}
          value={typed}
          mayBeEmpty
          onNumber={async (n) => {
            setTyped(n);
            if (n !== null) {
              answer([n]);
            }
            return null;
          }}
        />
      )}
    </div>
  );
}

function Shape({ xy, turned, small }: { xy: readonly number[]; turned?: boolean; small?: boolean }) {
  const points = xy
    .map((v, i) => (i % 2 === 0 ? (turned ? 100 - v : v) : 100 - v))
    .map((v) => v.toFixed(1))
    .join(' ');
  return (
    <svg viewBox="-10 0 120 104" className={small ? 'h-16 w-20' : 'mx-auto h-44'} aria-hidden>
      <polygon
        points={points}
        fill="var(--color-wash)"
        stroke="var(--color-ink)"
        strokeWidth={small ? 3 : 1.6}
      />
    </svg>
  );
}

/** The side as it was marked, each section with its width. */
function Side({ exercise }: { exercise: Exercise }) {
  const { marks, around } = exercise;
  const x = (mm: number) => (mm / around) * WIDTH;
  return (
    <svg
      viewBox={`-2 0 ${WIDTH + 4} 112`}
      className="w-full"
      role="img"
      aria-label="The side as it was marked"
    >
      <rect y={8} width={WIDTH} height={64} fill="var(--color-paper)" stroke="var(--color-ink)" />
      {marks.map((m, i) => {
        const next = marks[i + 1] ?? around + marks[0]!;
        return (
          <g key={i}>
            <line x1={x(m)} x2={x(m)} y1={8} y2={72} stroke="var(--color-ink)" strokeWidth={2} />
            <text
              x={x((m + Math.min(next, around)) / 2)}
              y={96}
              fontSize={15}
              textAnchor="middle"
              fill="var(--color-ink)"
            >
              {(next - m).toFixed(1)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
