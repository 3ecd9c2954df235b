import type { Divided, Form, Worn } from '../api/client';
import { innerSide } from './inner';
import { boxOf } from './level';
import { LevelCrop } from './level-crop';
import { near } from './near';
import { Pieces } from './pieces';
import type { Shade } from './shades';

const WIDE = 262;
const HIGH = 104;

interface Props {
  form: Form;
  divided: Divided;
  worn: Worn;
  colours: readonly Shade[];
}

/** The front of the surface with one dressing, a few sections wide. */
export function Sample({ form, divided, worn, colours }: Props) {
  if (worn.surface === 'inner') {
    const inner = innerSide({ form, divisions: [divided], dressings: [worn] });
    return inner ? (
      <Sample
        form={inner.form}
        divided={inner.divided(divided.id)}
        worn={inner.dressings[0]!}
        colours={colours}
      />
    ) : null;
  }
  if (worn.surface !== 'side') {
    return <LevelSample form={form} divided={divided} worn={worn} colours={colours} />;
  }
  const section = divided.sections[divided.frontSection]!.arc;
  const k = Math.min((HIGH - 10) / form.height.mm, WIDE / (2.2 * section));
  const around = form.foot.mm;
  const sides = (WIDE - Math.min(WIDE, around * k)) / 2;
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="block w-full" aria-hidden="true">
      <svg x={sides} width={WIDE - 2 * sides} height={HIGH} overflow="hidden">
        <g transform={`translate(${WIDE / 2 - sides - (around / 2) * k} ${HIGH - 5}) scale(${k})`}>
          <rect
            y={-form.height.mm}
            width={around}
            height={form.height.mm}
            fill="var(--color-sheet)"
            stroke="var(--color-ink)"
            strokeWidth={1.4}
            vectorEffect="non-scaling-stroke"
          />
          <Pieces
            layout={near(worn.layout, around / 2, WIDE / k / 2, form)}
            form={form}
            colours={colours}
            quiet={false}
          />
        </g>
      </svg>
    </svg>
  );
}

/** The front of a level surface from above. */
function LevelSample({ form, divided, worn, colours }: Props) {
  const seen = form.surfaces.find((s) => s.kind === worn.surface);
  if (!seen) {
    return null;
  }
  const { front } = boxOf(seen.rim);
  const section = divided.sections[divided.frontSection]!.arc * (seen.around / form.foot.mm);
  const k = Math.min((HIGH - 14) / (worn.zone.top + 6), WIDE / (2.2 * section));
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="block w-full" aria-hidden="true">
      <LevelCrop
        seen={seen}
        courses={[worn]}
        colours={() => colours}
        chosen={worn.id}
        x={0}
        y={front + (HIGH / 2 - 8) / k}
        k={k}
        width={WIDE}
        height={HIGH}
      />
    </svg>
  );
}
