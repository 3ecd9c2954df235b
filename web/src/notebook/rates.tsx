import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type LearnedRate } from '../api/client';
import { RateDots } from './rate-dots';
import { rateName, useChoices, useDoing, useNames } from './use';
import { figure, sure } from './words';

/** Every rate with what stands behind it, kind by kind; each can be switched off, and so can a kind. */
export function RatesView() {
  const { data } = useQuery({ queryKey: ['rates'], queryFn: api.rates });
  const choices = useChoices();
  const doing = useDoing();
  if (data === undefined || choices === undefined) {
    return <p className="note">Reckoning them</p>;
  }
  const off = new Set(data.off);
  const turn = (name: string, on: boolean) =>
    doing(() => api.switchOff(on ? data.off.filter((o) => o !== name) : [...data.off, name]));
  const kinds = choices.kinds.filter((k) => data.rates.some((r) => r.kind === k.kind));
  return kinds.length === 0 ? (
    <p className="note">
      No job is written down yet. Until then every plan is reckoned by the plain tables, and says so.
    </p>
  ) : (
    <div className="flex flex-col gap-8">
      {kinds.map((k) => {
        const whole = data.rates.filter(
          (r) => r.kind === k.kind && !r.of.includes('@') && (r.who === '' || r.kind === 'hand'),
        );
        // What counts comes first.
        whole.sort((a, b) => (b.rate?.jobs ?? 0) - (a.rate?.jobs ?? 0));
        const kindOn = !off.has(k.kind.toUpperCase());
        return (
          <section key={k.kind} aria-label={k.words}>
            <div className="mb-1 flex flex-wrap items-center justify-between gap-3">
              <h2 className="heading first-letter:uppercase">{k.words}</h2>
              <Switch
                on={kindOn}
                label={`Plans go by your own ${k.words}`}
                turn={(on) => void turn(k.kind.toUpperCase(), on)}
              />
            </div>
            <ul className={kindOn ? '' : 'opacity-60'}>
              {whole.map((r) => (
                <Rate
                  key={`${r.of}.${r.who}`}
                  rate={r}
                  parts={data.rates.filter(
                    (p) =>
                      p.kind === r.kind &&
                      p.kind !== 'hand' &&
                      p !== r &&
                      (p.of === r.of ? p.who !== '' : p.of.startsWith(`${r.of}@`)),
                  )}
                  on={kindOn && !off.has(rateName(r.kind, r.of))}
                  turn={(on) => void turn(rateName(r.kind, r.of), on)}
                />
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}

interface RateProps {
  rate: LearnedRate;
  parts: readonly LearnedRate[];
  on: boolean;
  turn: (on: boolean) => void;
}

function Rate({ rate, parts, on, turn }: RateProps) {
  const [open, setOpen] = useState(false);
  const name = useNames();
  const jobs = rate.rate?.jobs ?? 0;
  const odd = rate.points.filter((p) => p.odd && p.counted);
  return (
    <li className="border-t border-ink/25 py-2" data-rate={`${rate.kind} ${rate.of}`}>
      <div className="grid grid-cols-[minmax(150px,1fr)_minmax(190px,1.1fr)_minmax(200px,1.6fr)_auto] items-center gap-x-5 max-md:grid-cols-[minmax(0,1fr)_auto]">
        <div className="leading-snug">
          <b className="font-semibold">{rate.kind === 'hand' ? rate.who : name(rate.of)}</b>
          <span className="block text-[0.92rem] text-soft">
            {jobs === 0 ? 'nothing counts yet' : jobs === 1 ? 'one job' : `the last ${jobs} jobs`}
          </span>
          {parts.length > 0 ? (
            <button
              type="button"
              aria-expanded={open}
              onClick={() => setOpen(!open)}
              className="-mb-2 min-h-9 text-[0.95rem] font-semibold text-pin"
            >
              {open ? 'Together again' : 'By person and by material'}
            </button>
          ) : null}
        </div>
        <p className="max-md:col-start-1">
          {rate.rate ? (
            <>
              <b className="font-display text-[1.35rem] font-bold">{figure(rate.kind, rate.rate.value)}</b>{' '}
              <span className="text-soft">{sure(rate)}</span>
            </>
          ) : (
            <span className="text-soft">waits to be looked at</span>
          )}
          {rate.drift === undefined ? null : (
            <span className="block text-[0.95rem] text-look">
              {rate.drift > 0 ? 'rising' : 'falling'} by {Math.round(Math.abs(rate.drift) * 100)} % in ten
              jobs
            </span>
          )}
        </p>
        <div className="max-md:col-span-2 max-md:row-start-3">
          <RateDots rate={rate} />
        </div>
        <Switch on={on} label={`Plans go by this rate of ${name(rate.of)}`} turn={turn} short />
      </div>
      {odd.length > 0 ? (
        <p className="text-[0.97rem] text-look">
          {odd.map((p) => p.job).join(', ')} {odd.length === 1 ? 'stands' : 'stand'} apart from the others:
          look at it, and put it aside with a reason if it was no usual day.
        </p>
      ) : null}
      {open ? (
        <ul className="ml-4 border-l border-ink/25 pl-4">
          {parts.map((p) => (
            <li
              key={`${p.of}.${p.who}`}
              className="grid grid-cols-[1fr_1.2fr_1.6fr] items-center gap-4 py-1 max-md:grid-cols-1"
            >
              <span>
                {p.who || name(p.of)} <span className="note">{p.rate?.jobs ?? 0} jobs</span>
              </span>
              <span>
                {p.rate ? (
                  <>
                    <b>{figure(p.kind, p.rate.value)}</b> <span className="note">{sure(p)}</span>
                  </>
                ) : (
                  <span className="note">nothing counts</span>
                )}
              </span>
              <RateDots rate={p} />
            </li>
          ))}
        </ul>
      ) : null}
    </li>
  );
}

function Switch({
  on,
  label,
  turn,
  short,
}: {
  on: boolean;
  label: string;
  turn: (on: boolean) => void;
  short?: boolean;
}) {
  return (
    <label className="inline-flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        checked={on}
        aria-label={short ? label : undefined}
        onChange={(e) => turn(e.currentTarget.checked)}
        className="size-5 accent-ink"
      />
      {short ? <span aria-hidden>{on ? 'used' : 'off'}</span> : label}
    </label>
  );
}
