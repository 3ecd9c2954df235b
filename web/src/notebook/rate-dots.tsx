import { scaleLinear, scaleLog } from 'd3-scale';
import type { LearnedRate } from '../api/client';
import { figure, plain } from './words';

const WIDTH = 260;
const HEIGHT = 52;
/** More are the past. */
const SHOWN = 20;

/** The jobs behind a rate, the oldest at the left: the plain figure as chalk, the rate and how sure it is, each job a dot. */
export function RateDots({ rate }: { rate: LearnedRate }) {
  const points = rate.points.slice(-SHOWN);
  const usual = plain(rate.kind);
  const values = [
    ...points.map((p) => p.says),
    ...(usual === null ? [] : [usual]),
    ...(rate.rate ? [rate.rate.value * (1 - rate.unsure), rate.rate.value * (1 + rate.unsure)] : []),
  ];
  const low = Math.min(...values);
  const high = Math.max(...values);
  // Ratios are alike up and down: twice as long lies as far from level as half as long.
  const y =
    usual === null || low <= 0
      ? scaleLinear([Math.min(0, low), Math.max(high, 0.1)], [HEIGHT - 5, 5])
      : scaleLog([Math.min(low, usual * 0.8), Math.max(high, usual * 1.25)], [HEIGHT - 5, 5]);
  const x = scaleLinear([0, Math.max(1, points.length - 1)], [8, WIDTH - 8]);
  const level = rate.rate?.value;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full max-w-[340px]"
        role="img"
        aria-label={`${points.length} jobs: ${points.map((p) => figure(rate.kind, p.says)).join(', ')}`}
      >
        {usual === null ? null : (
          <line
            x1={0}
            x2={WIDTH}
            y1={y(usual)}
            y2={y(usual)}
            stroke="var(--color-chalk)"
            strokeWidth={1.5}
            strokeDasharray="5 4"
          />
        )}
        {level === undefined ? null : (
          <>
            <rect
              width={WIDTH}
              y={y(level * (1 + rate.unsure))}
              height={Math.max(
                1,
                y(Math.max(level * (1 - rate.unsure), usual === null ? 0 : 1e-3)) -
                  y(level * (1 + rate.unsure)),
              )}
              fill="var(--color-chalk)"
              opacity={0.22}
            />
            <line x1={0} x2={WIDTH} y1={y(level)} y2={y(level)} stroke="var(--color-ink)" strokeWidth={2} />
          </>
        )}
        {points.map((p, i) => (
          <circle
            key={p.record ?? i}
            cx={points.length === 1 ? WIDTH / 2 : x(i)}
            cy={y(p.says)}
            r={p.odd ? 5 : 4}
            fill={p.counted ? (p.odd ? 'var(--color-look)' : 'var(--color-ink)') : 'var(--color-sheet)'}
            stroke={p.odd ? 'var(--color-look)' : 'var(--color-ink)'}
            strokeWidth={1.5}
          >
            <title>{`${p.job}, ${p.at.slice(0, 10)}: ${figure(rate.kind, p.says)}${p.counted ? '' : ', does not count'}`}</title>
          </circle>
        ))}
      </svg>
    </figure>
  );
}
