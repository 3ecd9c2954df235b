import type { OwnPiece } from '../api/client';
import { usePlan } from '../plan/context';
import { withField } from '../plan/edit';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { LengthField } from '../ui/typed';
import { ON, STICKS, TOPMOST } from './piece-choices';
import { type ChangePiece, Group } from './piece-group';

/** Where it goes and what holds it, in numbers. */
export function PieceSeat({ piece, change }: { piece: OwnPiece; change: ChangePiece }) {
  const plan = usePlan();
  const { seat: at, sticks } = piece;
  const seat = (part: Partial<OwnPiece['seat']>) => change((p) => ({ ...p, seat: { ...p.seat, ...part } }));
  return (
    <Group name="Where it goes">
      <Pick
        label="Goes on"
        value={at.tier || TOPMOST}
        options={[
          { name: TOPMOST, label: 'the topmost tier' },
          ...plan.tiers.map((t) => ({ name: t.id, label: t.name })),
        ]}
        onChoice={(tier) => void seat({ tier: tier === TOPMOST ? '' : tier })}
      />
      <Pick
        label="Where"
        value={at.on}
        options={ON}
        onChoice={(on) => void seat({ on: on as OwnPiece['seat']['on'] })}
      />
      <NumberField
        label="From the front"
        suffix="°"
        value={at.angle}
        onNumber={(angle) => seat({ angle: angle ?? 0 })}
      />
      {at.on === 'side' ? (
        <LengthField
          label="Above the foot"
          field="pieces.seat.up"
          mm={at.up}
          onLength={(mm) => seat({ up: mm ?? 0 })}
        />
      ) : (
        <LengthField
          label="From the middle"
          field="pieces.seat.out"
          mm={at.out}
          onLength={(mm) => seat({ out: mm ?? 0 })}
        />
      )}
      <Pick
        label="Held by"
        value={sticks.kind}
        options={STICKS}
        onChoice={(kind) =>
          void change((p) => ({
            ...p,
            sticks: { ...p.sticks, kind: kind as OwnPiece['sticks']['kind'] },
          }))
        }
      />
      <NumberField
        label="Of them in each"
        value={sticks.each ?? null}
        mayBeEmpty
        placeholder="as it asks"
        onNumber={(n) => change((p) => ({ ...p, sticks: withField(p.sticks, 'each', n ?? undefined) }))}
      />
      <LengthField
        label="Deep"
        field="pieces.sticks.buried"
        mm={sticks.buried ?? null}
        mayBeEmpty
        placeholder="by its height"
        onLength={(mm) => change((p) => ({ ...p, sticks: withField(p.sticks, 'buried', mm ?? undefined) }))}
      />
    </Group>
  );
}
