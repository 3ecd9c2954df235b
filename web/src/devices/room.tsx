import { useQuery } from '@tanstack/react-query';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { api, type DeviceView } from '../api/client';
import { Card, tried } from './card';

const WIDTH = 340;
const HEIGHT = 96;
const BACK_H = 48;
/** Above the last of these the air dries two and a half times as slowly (craft 4.2). */
const STEPS = [0.45, 0.6, 0.7];

/** The room by the hour, with the steps at which drying changes. */
export function Room({ device }: { device: DeviceView }) {
  const [damper, setDamper] = useState(0);
  const { data: hours } = useQuery({
    queryKey: ['room-hours', damper],
    queryFn: () => api.roomHours(BACK_H),
    refetchInterval: 60_000,
    placeholderData: (before) => before,
  });
  const x = scaleLinear([0, BACK_H], [0, WIDTH - 34]);
  const y = scaleLinear([0.3, 0.85], [HEIGHT - 4, 4]);
  return (
    <Card
      device={device}
      picture={
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          className="mt-2 w-full"
          role="img"
          aria-label={`Humidity of the last ${BACK_H} hours, now ${device.reading.shown}`}
        >
          {STEPS.map((s) => (
            <g key={s}>
              <line x2={WIDTH - 30} y1={y(s)} y2={y(s)} stroke="var(--color-chalk)" strokeDasharray="3 4" />
              <text x={WIDTH - 27} y={y(s) + 4} fontSize={12} fill="var(--color-soft)">
                {Math.round(s * 100)} %
              </text>
            </g>
          ))}
          <polyline
            points={(hours ?? []).map((h, i) => `${x(i).toFixed(1)},${y(h.humidity).toFixed(1)}`).join(' ')}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={2.5}
          />
        </svg>
      }
    >
      <label className="min-w-40 flex-1">
        <span className="block text-[0.92rem] text-soft">
          The weather:{' '}
          {damper === 0
            ? 'as it is'
            : `${Math.round(Math.abs(damper) * 100)} % ${damper > 0 ? 'damper' : 'drier'}`}
        </span>
        <input
          type="range"
          min={-0.15}
          max={0.3}
          step={0.01}
          value={damper}
          onChange={(e) => {
            setDamper(Number(e.currentTarget.value));
            tried(api.putBefore(device.id, Number(e.currentTarget.value)));
          }}
          className="h-11 w-full accent-ink"
        />
      </label>
    </Card>
  );
}
