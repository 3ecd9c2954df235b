import { Band } from '../band/band';
import { PlanView } from '../band/plan-view';
import { useOpen, useTier } from '../plan/context';
import { count, type Edit, mend, onDivision } from '../plan/edits';
import { Stage } from '../shell/stage';
import { Choice } from '../ui/choice';
import { Findings } from '../ui/findings';
import { Lead, Row } from '../ui/ledger';
import { CountField, LengthField } from '../ui/typed';
import { usePreferences } from '../units/preferences';
import { countWord, length, lengthParts } from '../units/units';
import { Ladder } from './ladder';
import { Marks } from './marks';

const WORDS = {
  unnoticed: 'nobody notices',
  shows: 'shows if one looks',
  plain: 'is plain to see',
};

/** How many, where, and what the tape will read. */
export function Divide() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit } = usePreferences();
  const { form } = worked;
  const spec = tier.divisions[0]!;
  const divided = worked.divisions[0]!;
  const front = divided.sections[divided.frontSection]!;
  const edit = (change: Edit) => editor.edit(change);
  const change = (fn: Parameters<typeof onDivision>[2]) => edit(onDivision(tier.id, spec.id, fn));
  const arc = lengthParts(front.arc, unit);
  const chord = front.chord === undefined ? null : lengthParts(front.chord, unit);

  const main = (
    <>
      <h1 className="heading">
        {countWord(divided.count)} {divided.count === 1 ? 'section' : 'sections'} on{' '}
        {length(form.foot.mm, unit)}
      </h1>
      <p className="note mb-2">
        {divided.markInFront ? 'a mark at the front' : 'a section in the middle of the front'}
        {divided.sizes.length > 1 ? ` · ${divided.sizes.length} sizes` : ' · closes exactly'}
      </p>
      <Band form={form} divided={divided} dressings={[]} colours={() => []} numbers mostHeight={130} />
      <div className="mt-5 mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <h2 className="heading">Counts that close</h2>
        <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
          <LengthField
            label="A section about"
            field="wanted"
            mm={spec.wanted ?? null}
            mayBeEmpty
            placeholder={length(divided.ladder.wanted, unit)}
            onLength={(mm) => change((d) => (mm === null ? without(d, 'wanted') : { ...d, wanted: mm }))}
          />
          <CountField label="Sections" value={spec.count} onCount={(n) => edit(count(tier.id, spec.id, n))} />
        </div>
      </div>
      <Ladder divided={divided} onCount={(n) => void edit(count(tier.id, spec.id, n))} />
      <div className="mt-5 grid grid-cols-[230px_minmax(0,1fr)] items-start gap-7 max-md:grid-cols-1">
        <PlanView
          form={form}
          divided={divided}
          size={230}
          words={
            divided.sizes.length === 1 && divided.count > 2
              ? `${divided.count} × ${Math.round(3600 / divided.count) / 10}°`
              : undefined
          }
        />
        <div className="flex flex-col gap-4">
          <div className="flex flex-wrap gap-x-6 gap-y-3">
            <Choice
              label="At the front"
              value={spec.front}
              options={[
                { name: 'section', label: 'a section' },
                { name: 'mark', label: 'a mark' },
              ]}
              onChoice={(value) => void change((d) => ({ ...d, front: value, locked: [] }))}
            />
            <Choice
              label="Liked best"
              value={spec.liked}
              options={[
                { name: 'any', label: 'what fits' },
                { name: 'odd', label: 'odd' },
                { name: 'folds', label: 'paper folds' },
              ]}
              onChoice={(value) => void change((d) => ({ ...d, liked: value }))}
            />
          </div>
          <Marks divided={divided} />
        </div>
      </div>
    </>
  );

  const ledger = (
    <>
      <div>
        <p className="note">{divided.sizes.length > 1 ? 'The front section' : 'Each section'}</p>
        <Lead number={arc.number} unit={arc.unit} words="on the tape" />
        {chord ? <Lead number={chord.number} unit={chord.unit} words="with a stiff rule" /> : null}
        <Lead number={String(divided.count)} unit="" words={divided.count === 1 ? 'mark' : 'marks'} />
      </div>
      <dl>
        <Row label="First mark from the seam">{length(divided.marks[0]!.tape, unit)}</Row>
        <Row
          label={
            divided.markInFront ? 'Front, at a mark' : `Front, middle of section ${divided.frontSection + 1}`
          }
        >
          {length(form.foot.mm / 2, unit)}
        </Row>
        {divided.ways.map((way) => (
          <Row key={String(way.stiff)} label={way.stiff ? 'Stiff card cut to' : 'Soft card cut to'}>
            {length(way.size, unit)}
          </Row>
        ))}
      </dl>
      {divided.ways.map((way) => (
        <div
          key={String(way.stiff)}
          className={`border-l-4 px-3.5 py-2.5 text-[0.97rem] leading-snug ${way.closes === 'unnoticed' ? 'border-good bg-good-ground' : 'border-look bg-look-ground'}`}
        >
          <b className={way.closes === 'unnoticed' ? 'text-good' : 'text-look'}>
            {way.stiff ? 'Stiff card' : 'Soft card'}
          </b>{' '}
          · stepped round it {way.closingGap < 0 ? 'lacks' : 'leaves'}{' '}
          {length(Math.abs(way.closingGap), unit)}: the last section comes out {length(way.last, unit)}, which{' '}
          {WORDS[way.closes]}.
        </div>
      ))}
      <Findings
        findings={divided.findings}
        onMend={(_, press) => void edit(mend({ tier: tier.id, division: spec.id }, press))}
      />
    </>
  );
  return <Stage main={main} ledger={ledger} />;
}

function without<T extends object, K extends keyof T>(from: T, key: K): Omit<T, K> {
  const { [key]: _, ...rest } = from;
  return rest;
}
