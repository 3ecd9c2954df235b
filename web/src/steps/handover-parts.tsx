import type { Handover, LengthUnit } from '../api/client';
import { say } from '../units/units';
import { Allergens, Part } from './part';

/** What stands on a handover sheet under its picture. */
export function HandoverParts({ sheet, unit }: { sheet: Handover; unit: LengthUnit }) {
  const list = (items: Handover['out']) => (
    <ul>
      {items.map((p, i) => (
        <li key={i} className="flex justify-between gap-4 border-b border-dotted border-ink/25 py-1">
          <span>
            {p.count > 1 ? <b>{p.count} × </b> : null}
            {p.what} <span className="text-soft">{say(p.where, unit)}</span>
          </span>
          <b className={p.eaten === 'take out' ? 'text-stop' : p.eaten === 'eat' ? 'text-good' : 'text-look'}>
            {p.eaten}
          </b>
        </li>
      ))}
    </ul>
  );
  return (
    <>
      <Part title="Take out before it is cut">{list(sheet.out)}</Part>
      <Allergens sheet={sheet} />
      <Part title="Cutting order">
        <ol className="list-decimal pl-6">
          {sheet.cutting.map((c, i) => (
            <li key={i}>{say(c, unit)}</li>
          ))}
        </ol>
      </Part>
      <Part title="Lifting">
        {sheet.lifting.map((c, i) => (
          <p key={i}>{say(c, unit)}</p>
        ))}
      </Part>
      <Part title="What is where">{list(sheet.parts)}</Part>
      <Part title="Cautions">
        {sheet.cautions.map((c) => (
          <p key={c} className="mb-1">
            {c}
          </p>
        ))}
      </Part>
    </>
  );
}
