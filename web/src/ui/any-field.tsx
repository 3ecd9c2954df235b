import type { Field, Problem } from '../api/client';
import { Choice } from './choice';
import { NumberField } from './number';
import { Pick } from './select';
import { AngleField, CountField, LengthField, ShareField } from './typed';

/** More choices than this are opened when asked for. */
const FEW = 3;

interface Props {
  field: Field;
  value: unknown;
  nominal?: boolean;
  stacked?: boolean;
  onValue: (value: number | string) => Promise<Problem | null>;
}

/** One setting as core describes it, whatever kind of number or choice it is. */
export function AnyField({ field, value, nominal, stacked, onValue }: Props) {
  switch (field.kind) {
    case 'text':
      return field.choices.length > FEW ? (
        <Pick
          label={field.label}
          value={String(value)}
          options={field.choices}
          onChoice={(v) => void onValue(v)}
        />
      ) : (
        <Choice
          label={field.label}
          value={String(value)}
          options={field.choices}
          onChoice={(v) => void onValue(v)}
          stacked={stacked ?? false}
        />
      );
    case 'length':
      return (
        <LengthField
          label={field.label}
          field={field.name}
          mm={Number(value)}
          nominal={nominal ?? false}
          onLength={async (mm) => (mm === null ? null : onValue(mm))}
        />
      );
    case 'angle':
      return <AngleField label={field.label} radians={Number(value)} onAngle={onValue} />;
    case 'mass':
      return (
        <NumberField
          label={field.label}
          suffix="g"
          value={Number(value)}
          onNumber={async (g) => (g === null ? null : onValue(g))}
        />
      );
    case 'share':
      return <ShareField label={field.label} value={Number(value)} onShare={onValue} />;
    default:
      return <CountField label={field.label} value={Number(value)} onCount={onValue} />;
  }
}
