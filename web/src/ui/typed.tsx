import { useEffect, useId, useRef, useState } from 'react';
import { api, type DeviceKind, type DeviceReading, type Problem, problemOf } from '../api/client';
import { usePreferences } from '../units/preferences';
import { length, say } from '../units/units';
import { Take } from './take';

interface Typed {
  label: string;
  /** What the field says when nobody types. */
  shown: string;
  /** Reads and applies what was typed; gives the problem back when it cannot. */
  onTyped: (typed: string) => Promise<Problem | null>;
  hideLabel?: boolean;
  nominal?: boolean;
  placeholder?: string;
  className?: string;
  inputMode?: 'text' | 'decimal' | 'numeric';
  wide?: boolean;
  suffix?: string;
  /** A device whose reading can be taken with one press. */
  takes?: Takes;
}

export interface Takes {
  kind: DeviceKind;
  /** What of a reading the field wants; undefined: it has none. */
  of?: (reading: DeviceReading) => number | undefined;
  use: (value: number) => Promise<Problem | null>;
}

/** A field that keeps what was typed until it can be used, and says beside it why it cannot. */
export function TypedField(props: Typed) {
  const { label, shown, onTyped, hideLabel, nominal, placeholder, className = '', wide, suffix } = props;
  const id = useId();
  const { unit } = usePreferences();
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [near, setNear] = useState(false);
  const busy = useRef(false);
  const given = useRef(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new value from outside makes an old complaint pointless
  useEffect(() => setProblem(null), [shown]);

  const use = async () => {
    if (typed === null || busy.current || given.current) {
      return;
    }
    if (typed.trim() === shown.trim()) {
      setTyped(null);
      setProblem(null);
      return;
    }
    busy.current = true;
    const refused = await onTyped(typed.trim());
    busy.current = false;
    setProblem(refused);
    if (refused === null) {
      setTyped(null);
    }
  };

  return (
    <div className={`relative ${className}`}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-0.5 block text-[0.92rem] text-soft'}>
        {label}
      </label>
      <div className="flex flex-wrap items-center gap-1.5">
        <input
          id={id}
          type="text"
          inputMode={props.inputMode ?? 'text'}
          autoComplete="off"
          spellCheck={false}
          data-idle={typed === null ? '' : undefined}
          value={typed ?? shown}
          placeholder={placeholder}
          aria-invalid={problem !== null}
          aria-describedby={problem ? `${id}-problem` : undefined}
          onPointerEnter={() => setNear(true)}
          onFocus={(e) => {
            setNear(true);
            e.currentTarget.select();
          }}
          onChange={(e) => setTyped(e.currentTarget.value)}
          onBlur={use}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              void use();
            } else if (e.key === 'Escape') {
              setTyped(null);
              setProblem(null);
              // Out of the field, so that the keys without Ctrl work again, and what was typed is not used.
              given.current = true;
              e.currentTarget.blur();
              given.current = false;
            }
          }}
          className={`min-h-11 rounded-md border bg-sheet px-2.5 text-[1.05rem] placeholder:font-normal placeholder:text-soft ${wide ? 'w-full' : 'w-28'} ${
            nominal ? 'font-normal text-soft' : 'font-semibold'
          } ${problem ? 'border-2 border-stop' : 'border-ink/45'}`}
        />
        {suffix ? <span className="note">{suffix}</span> : null}
        {near && props.takes ? (
          <Take
            kind={props.takes.kind}
            take={async (reading) => {
              const value = props.takes!.of ? props.takes!.of(reading) : reading.value;
              const refused = value === undefined ? null : await props.takes!.use(value);
              setProblem(refused);
              if (refused === null) {
                setTyped(null);
              }
              return value !== undefined && refused === null;
            }}
          />
        ) : null}
      </div>
      {problem ? (
        <p
          id={`${id}-problem`}
          role="alert"
          className="mt-1 max-w-72 rounded-md bg-stop-ground px-2 py-1 text-[0.92rem] leading-snug text-stop"
        >
          {problem.phrase ? say(problem.phrase, unit) : problem.detail}
        </p>
      ) : null}
    </div>
  );
}

interface LengthProps extends Omit<Typed, 'shown' | 'onTyped'> {
  mm: number | null;
  field: string;
  /** Null when the field was emptied and may be. */
  onLength: (mm: number | null) => Promise<Problem | null>;
  mayBeEmpty?: boolean;
}

/** A length in any unit a person types; read by the server, shown in the person's own. */
export function LengthField({ mm, field, onLength, mayBeEmpty, ...rest }: LengthProps) {
  const { unit } = usePreferences();
  return (
    <TypedField
      {...rest}
      takes={{ kind: 'tape', use: onLength }}
      shown={mm === null ? '' : length(mm, unit)}
      onTyped={async (typed) => {
        if (typed === '' && mayBeEmpty) {
          return onLength(null);
        }
        try {
          const understood = await api.length(field, typed, unit);
          if (understood.refused || understood.mm === undefined) {
            const phrase = understood.refused!;
            return { type: 'refused', title: 'Not possible', status: 400, detail: say(phrase, unit), phrase };
          }
          return await onLength(understood.mm);
        } catch (thrown) {
          return problemOf(thrown);
        }
      }}
    />
  );
}

interface CountProps extends Omit<Typed, 'shown' | 'onTyped'> {
  value: number;
  onCount: (n: number) => Promise<Problem | null>;
}

export function CountField({ value, onCount, ...rest }: CountProps) {
  return (
    <TypedField
      {...rest}
      inputMode="numeric"
      shown={String(value)}
      onTyped={async (typed) => {
        if (!/^-?\d{1,9}$/.test(typed)) {
          const detail = `${rest.label} is a whole number; this is "${typed.slice(0, 40)}". Type digits only, like ${value}.`;
          return { type: 'refused', title: 'Not possible', status: 400, detail };
        }
        return onCount(Number(typed));
      }}
    />
  );
}

interface AngleProps extends Omit<Typed, 'shown' | 'onTyped'> {
  radians: number;
  onAngle: (radians: number) => Promise<Problem | null>;
}

/** An angle, shown and typed in degrees. */
export function AngleField({ radians, onAngle, ...rest }: AngleProps) {
  const shown = `${Math.floor((radians * 1800) / Math.PI + 0.5) / 10}°`;
  return (
    <TypedField
      {...rest}
      shown={shown}
      onTyped={async (typed) => {
        const match = /^(-?\d{1,6}(?:[.,]\d{1,6})?)\s*°?$/.exec(typed);
        if (match === null) {
          const detail = `${rest.label} is in degrees; this is "${typed.slice(0, 40)}". Type a number, like ${shown}.`;
          return { type: 'refused', title: 'Not possible', status: 400, detail };
        }
        return onAngle((Number(match[1]!.replace(',', '.')) * Math.PI) / 180);
      }}
    />
  );
}

interface ShareProps extends Omit<Typed, 'shown' | 'onTyped'> {
  /** A share of one. */
  value: number;
  onShare: (share: number) => Promise<Problem | null>;
}

/** A share, shown and typed as per cent. */
export function ShareField({ value, onShare, ...rest }: ShareProps) {
  const shown = `${Math.floor(value * 1000 + 0.5) / 10} %`;
  return (
    <TypedField
      {...rest}
      {...(/humid/i.test(rest.label) ? { takes: { kind: 'room' as const, use: onShare } } : {})}
      shown={shown}
      onTyped={async (typed) => {
        const match = /^(-?\d{1,6}(?:[.,]\d{1,6})?)\s*%?$/.exec(typed);
        if (match === null) {
          const detail = `${rest.label} is per cent; this is "${typed.slice(0, 40)}". Type a number, like ${shown}.`;
          return { type: 'refused', title: 'Not possible', status: 400, detail };
        }
        return onShare(Number(match[1]!.replace(',', '.')) / 100);
      }}
    />
  );
}

interface WordsProps extends Omit<Typed, 'shown' | 'onTyped'> {
  value: string;
  onWords: (words: string) => Promise<Problem | null>;
}

export function WordsField({ value, onWords, ...rest }: WordsProps) {
  return <TypedField {...rest} shown={value} onTyped={onWords} wide />;
}
