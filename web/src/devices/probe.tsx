import { scaleLinear } from 'd3-scale';
import { useEffect, useRef, useState } from 'react';
import { api, type DeviceView } from '../api/client';
import { Button } from '../ui/button';
import { Card, tried } from './card';

const WIDTH = 340;
const HEIGHT = 96;
/** So much of the past is drawn, s. */
const SHOWN_S = 150;
const [LEAST, MOST] = [146, 154];

const WORDS = {
  heating: 'heating',
  soon: 'hard crack soon',
  take_off: 'take it off the heat now',
  hard_crack: 'hard crack',
  too_hot: 'too hot: it turns to caramel',
} as const;

const bells: { context: AudioContext | undefined } = { context: undefined };

/** A short ring; the browser lets it sound after the first press. */
function ring(times: number): void {
  bells.context ??= new AudioContext();
  const { context } = bells;
  for (let i = 0; i < times; i++) {
    const tone = context.createOscillator();
    const loud = context.createGain();
    const at = context.currentTime + i * 0.28;
    tone.frequency.value = 880;
    loud.gain.setValueAtTime(0.25, at);
    loud.gain.exponentialRampToValueAtTime(0.001, at + 0.24);
    tone.connect(loud).connect(context.destination);
    tone.start(at);
    tone.stop(at + 0.25);
  }
}

/** A pan on its way to hard crack: the curve, the window, and when it has to leave the heat. */
export function Probe({ device }: { device: DeviceView }) {
  const [past, setPast] = useState<readonly { s: number; celsius: number }[]>([]);
  const rung = useRef('');
  const celsius = device.reading.value;
  const phase = device.sugar?.phase ?? 'heating';
  useEffect(() => {
    if (celsius !== undefined) {
      const s = Date.now() / 1000;
      setPast((all) => [...all.filter((p) => p.s > s - SHOWN_S), { s, celsius }]);
    }
  }, [celsius]);
  useEffect(() => {
    if (phase !== rung.current && (phase === 'take_off' || phase === 'too_hot')) {
      ring(phase === 'take_off' ? 3 : 6);
    }
    rung.current = phase;
  }, [phase]);
  const now = past.at(-1)?.s ?? 0;
  const x = scaleLinear([now - SHOWN_S, now], [0, WIDTH - 34]);
  const y = scaleLinear([15, 165], [HEIGHT - 4, 4]);
  const loud = phase === 'take_off' || phase === 'too_hot';
  return (
    <Card
      device={device}
      picture={
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          className="mt-2 w-full"
          role="img"
          aria-label="The pan's temperature and the window of hard crack"
        >
          <rect
            width={WIDTH}
            y={y(MOST)}
            height={y(LEAST) - y(MOST)}
            fill="var(--color-good)"
            opacity={0.25}
          />
          {[50, 100, 150].map((t) => (
            <g key={t}>
              <line x2={WIDTH - 30} y1={y(t)} y2={y(t)} stroke="var(--color-chalk)" strokeDasharray="3 4" />
              <text x={WIDTH - 27} y={y(t) + 4} fontSize={12} fill="var(--color-soft)">
                {t}°
              </text>
            </g>
          ))}
          <polyline
            points={past.map((p) => `${x(p.s).toFixed(1)},${y(p.celsius).toFixed(1)}`).join(' ')}
            fill="none"
            stroke={loud ? 'var(--color-pin)' : 'var(--color-ink)'}
            strokeWidth={2.5}
          />
        </svg>
      }
    >
      <p
        role={loud ? 'alert' : undefined}
        data-phase={phase}
        className={`w-full rounded-md px-2.5 py-1.5 font-semibold ${loud ? 'bg-stop text-sheet text-[1.2rem]' : phase === 'hard_crack' ? 'bg-good-ground text-good' : 'text-soft'}`}
      >
        {WORDS[phase]}
        {phase === 'soon' || (phase === 'heating' && (device.sugar?.seconds ?? 1e9) < 600)
          ? `, off the heat in ${Math.round(device.sugar!.seconds)} s`
          : ''}
      </p>
      <Button onClick={() => tried(api.putBefore(device.id, 1))}>Heat on</Button>
      <Button look="main" onClick={() => tried(api.putBefore(device.id, 0))}>
        Off the heat
      </Button>
      <Button look="quiet" onClick={() => tried(api.putBefore(device.id, -1))}>
        New pan
      </Button>
      <p className="note w-full">
        Hot sugar burns: gloves and sleeves, cold water by, no children near; never a finger in the pan.
      </p>
    </Card>
  );
}
