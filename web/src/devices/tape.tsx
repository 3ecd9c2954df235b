import { useState } from 'react';
import { api, type DeviceView } from '../api/client';
import { Card, tried } from './card';

const MOST = 1500;
const SCALE = 0.2;

/** A tape, pulled out to scale. */
export function Tape({ device }: { device: DeviceView }) {
  const [put, setOut] = useState<number | null>(null);
  const mm = Math.max(0, device.reading.value ?? 0);
  // Until somebody moves it the slider stands where the device does.
  const out = put ?? Math.max(0, Math.round(mm));
  const end = 54 + mm * SCALE;
  return (
    <Card
      device={device}
      picture={
        <svg viewBox="0 0 370 96" className="mt-2 w-full" aria-hidden>
          <rect
            x={54}
            y={52}
            width={Math.max(0, end - 54)}
            height={22}
            fill="var(--color-tape)"
            stroke="var(--color-tape-line)"
            strokeWidth={1.5}
          />
          {Array.from({ length: Math.floor(mm / 50) + 1 }, (_, i) => (
            <line
              key={i}
              x1={end - i * 50 * SCALE}
              x2={end - i * 50 * SCALE}
              y1={52}
              y2={i % 2 === 0 ? 64 : 59}
              stroke="var(--color-tape-ink)"
              strokeWidth={1.2}
            />
          ))}
          <rect x={end - 1.5} y={48} width={4} height={32} fill="var(--color-pin)" />
          <circle cx={36} cy={58} r={30} fill="var(--color-wash)" stroke="var(--color-ink)" strokeWidth={2} />
          <circle cx={36} cy={58} r={17} fill="none" stroke="var(--color-ink)" strokeWidth={1.2} />
          <circle cx={36} cy={58} r={3} fill="var(--color-ink)" />
        </svg>
      }
    >
      <label className="min-w-40 flex-1">
        <span className="block text-[0.92rem] text-soft">Pull it out to {out} mm</span>
        <input
          type="range"
          min={0}
          max={MOST}
          step={1}
          value={out}
          onChange={(e) => {
            setOut(Number(e.currentTarget.value));
            tried(api.putBefore(device.id, Number(e.currentTarget.value)));
          }}
          className="h-11 w-full accent-ink"
        />
      </label>
    </Card>
  );
}
