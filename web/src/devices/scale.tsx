import { useState } from 'react';
import { api, type DeviceView } from '../api/client';
import { Button } from '../ui/button';
import { Card, tried } from './card';

const MOST = 5500;

/** A scale with a bowl of what lies on it. */
export function Scale({ device }: { device: DeviceView }) {
  const [put, setOn] = useState<number | null>(null);
  const grams = device.reading.value ?? 0;
  // Until somebody moves it the slider stands where the device does.
  const on = put ?? Math.max(0, Math.round(grams));
  const high = Math.min(34, Math.sqrt(Math.max(0, grams)) * 0.75);
  return (
    <Card
      device={device}
      picture={
        <svg viewBox="0 0 240 96" className="mt-2 w-full" aria-hidden>
          <path
            d="M30 92 L44 58 H196 L210 92 Z"
            fill="var(--color-wash)"
            stroke="var(--color-ink)"
            strokeWidth={2}
          />
          <rect x={36} y={50} width={168} height={7} rx={3} fill="var(--color-ink)" />
          <ellipse
            cx={120}
            cy={49 - high / 2}
            rx={18 + high}
            ry={high / 2}
            fill="var(--color-tape)"
            stroke="var(--color-tape-line)"
            strokeWidth={high > 1 ? 1.5 : 0}
          />
          <rect x={92} y={68} width={56} height={17} rx={3} fill="var(--color-ink)" />
          <circle cx={166} cy={76} r={5} fill="none" stroke="var(--color-ink)" strokeWidth={1.5} />
        </svg>
      }
    >
      <label className="min-w-40 flex-1">
        <span className="block text-[0.92rem] text-soft">Put on it, {on} g</span>
        <input
          type="range"
          min={0}
          max={MOST}
          step={5}
          value={on}
          onChange={(e) => {
            setOn(Number(e.currentTarget.value));
            tried(api.putBefore(device.id, Number(e.currentTarget.value)));
          }}
          className="h-11 w-full accent-ink"
        />
      </label>
      <Button onClick={() => tried(api.tare(device.id))}>Tare</Button>
    </Card>
  );
}
