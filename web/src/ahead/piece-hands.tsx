import type { OwnPiece } from '../api/client';
import { withField } from '../plan/edit';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { LengthField } from '../ui/typed';
import { useMaterials } from '../units/preferences';
import { FACES, UNTIL, YES } from './piece-choices';
import { type ChangePiece, Group } from './piece-group';
import { Weighings } from './weighings';

/** Hands, drying and what breaks. */
export function PieceHands({ piece, change }: { piece: OwnPiece; change: ChangePiece }) {
  const { choices } = useMaterials();
  const { resting, labour } = piece;
  const rests = (part: (r: OwnPiece['resting']) => OwnPiece['resting']) =>
    change((p) => ({ ...p, resting: part(p.resting) }));
  const hands = (part: (l: OwnPiece['labour']) => OwnPiece['labour']) =>
    change((p) => ({ ...p, labour: part(p.labour) }));
  return (
    <>
      <Group name="Hands and spares">
        <NumberField
          label="Minutes each"
          value={labour.minutes ?? null}
          mayBeEmpty
          placeholder="reckoned"
          onNumber={(m) => hands((l) => withField(l, 'minutes', m ?? undefined))}
        />
        <NumberField
          label="Minutes to place"
          value={labour.placing}
          onNumber={(placing) => hands((l) => ({ ...l, placing: placing ?? 0 }))}
        />
        <NumberField
          label="Keeps, days"
          value={labour.ahead}
          onNumber={(ahead) => hands((l) => ({ ...l, ahead: ahead ?? 0 }))}
        />
        <NumberField
          label="Of a hundred break"
          value={piece.breaks === undefined ? null : Math.round(piece.breaks * 1000) / 10}
          mayBeEmpty
          placeholder="as usual"
          onNumber={(n) => change((p) => withField(p, 'breaks', n === null ? undefined : n / 100))}
        />
      </Group>
      <Group name="How it dries">
        <Choice
          label="Dries"
          value={resting.faces}
          options={FACES}
          onChoice={(faces) => void rests((r) => ({ ...r, faces }))}
        />
        <Choice
          label="Strong dark colour"
          value={piece.dark ? 'yes' : 'no'}
          options={YES}
          onChoice={(d) => void change((p) => ({ ...p, dark: d === 'yes' }))}
        />
        <NumberField
          label="Or a stated wait"
          suffix="h"
          value={resting.stated?.least ?? null}
          mayBeEmpty
          placeholder="reckoned"
          onNumber={(h) => rests((r) => withField(r, 'stated', h === null ? undefined : { least: h }))}
        />
        <Pick
          label="Goes up when it"
          value={resting.until ?? 'place'}
          options={UNTIL}
          onChoice={(until) =>
            void rests((r) =>
              withField(r, 'until', until === 'place' ? undefined : (until as OwnPiece['resting']['until'])),
            )
          }
        />
        <Pick
          label="Another paste over it"
          value={resting.layer?.material ?? 'none'}
          options={[{ name: 'none', label: 'nothing' }, ...choices('dries')]}
          onChoice={(paste) =>
            void rests((r) =>
              withField(
                r,
                'layer',
                paste === 'none'
                  ? undefined
                  : {
                      material: paste as NonNullable<OwnPiece['material']>,
                      thickness: r.layer?.thickness ?? 2,
                    },
              ),
            )
          }
        />
        {resting.layer ? (
          <LengthField
            label="That is thick"
            field="pieces.resting.layer.thickness"
            mm={resting.layer.thickness}
            onLength={(mm) => rests((r) => ({ ...r, layer: { ...r.layer!, thickness: mm ?? 2 } }))}
          />
        ) : null}
        <Weighings
          weighed={resting.weighed ?? []}
          onWeighed={(weighed) =>
            rests((r) => withField(r, 'weighed', weighed.length === 0 ? undefined : weighed))
          }
        />
      </Group>
    </>
  );
}
