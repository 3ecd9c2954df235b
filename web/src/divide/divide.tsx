import { Band } from '../band/band';
import { Grip } from '../band/grip';
import { PlanView } from '../band/plan-view';
import { WhatChanged } from '../measure/changed';
import { useOpen, useTier } from '../plan/context';
import type { Edit } from '../plan/edit';
import { count, lockMark, mend, onDivision } from '../plan/edits';
import { Reckoned } from '../plan/reckoned';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Findings } from '../ui/findings';
import { useKept } from '../ui/kept';
import { Lead, Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { CountField, LengthField } from '../ui/typed';
import { usePreferences } from '../units/preferences';
import { countWord, length, lengthParts } from '../units/units';
import { Divisions } from './divisions';
import { Ladder } from './ladder';
import { Marks } from './marks';
import { Rescue } from './rescue';
import { Ways } from './ways';

/** How many, where, and what the tape will read. */
export function Divide() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit, tapeMm } = usePreferences();
  const { form } = worked;
  const [wish, setWish] = useKept<string | null>(`division.${tier.id}`, null);
  const [mark, setMark] = useKept<number | null>(`mark.${tier.id}`, null);
  const index = Math.max(
    0,
    tier.divisions.findIndex((d) => d.id === wish),
  );
  const spec = tier.divisions[index]!;
  const divided = worked.divisions[index]!;
  const held = mark !== null && mark < divided.count && spec.follows === undefined ? mark : null;
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
      <Divisions chosen={spec.id} choose={setWish} />
      <Band
        form={form}
        divided={divided}
        dressings={[]}
        colours={() => []}
        numbers
        mostHeight={120}
        onMark={spec.follows === undefined ? setMark : undefined}
      >
        {(scale) =>
          held === null ? null : (
            <Grip
              along
              label={`Mark ${held + 1}`}
              value={divided.marks[held]!.s}
              newest={() =>
                editor
                  .newest()
                  .tiers.find((t) => t.id === tier.id)
                  ?.divisions.find((d) => d.id === spec.id)
                  ?.locked.find((l) => l.mark === held)?.s ?? divided.marks[held]!.s
              }
              perMm={1}
              stepMm={tapeMm}
              min={0}
              max={form.foot.mm - tapeMm}
              x={scale.x(divided.marks[held]!.s)}
              y={scale.y(0)}
              pxPerMm={scale.k}
              shown={length(divided.marks[held]!.s, unit)}
              onPreview={(s) => editor.preview(lockMark(tier.id, spec.id, held, s))}
              onCommit={(s) => void edit(lockMark(tier.id, spec.id, held, s))}
              onCancel={() => editor.letGo()}
            />
          )
        }
      </Band>
      {spec.follows === undefined ? (
        <div className="note flex min-h-11 flex-wrap items-center gap-x-3 gap-y-1">
          Press a notch to move its mark by hand, or choose it:
          <label className="inline-flex items-center gap-2">
            <span className="sr-only">Mark to move</span>
            <select
              aria-label="Mark to move"
              value={held === null ? '' : String(held)}
              onChange={(e) => {
                const chosen = e.currentTarget.value;
                setMark(chosen === '' ? null : Number(chosen));
              }}
              className="min-h-11 rounded-md border border-ink/45 bg-sheet px-2"
            >
              <option value="">no mark</option>
              {divided.marks.map((m, i) => (
                <option key={m.number} value={i}>
                  mark {m.number}
                </option>
              ))}
            </select>
          </label>
          {held === null ? null : (
            <LengthField
              key={held}
              label={`Mark ${held + 1} at`}
              field="division.locked"
              mm={divided.marks[held]!.s}
              onLength={async (s) => (s === null ? null : edit(lockMark(tier.id, spec.id, held, s)))}
            />
          )}
          {spec.locked.length > 0 ? (
            <Button look="pin" className="px-1.5" onClick={() => change((d) => ({ ...d, locked: [] }))}>
              Free {spec.locked.length === 1 ? 'the mark' : `the ${spec.locked.length} marks`} moved by hand
            </Button>
          ) : null}
        </div>
      ) : (
        <p className="note">
          Uses the marks of {spec.follows.division}: each section in {spec.follows.into}.
        </p>
      )}
      <div className="mt-5 mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <h2 className="heading">Counts that close</h2>
        <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
          {spec.items ? (
            <>
              <LengthField
                label="Piece across"
                field="items.width"
                mm={spec.items.width}
                onLength={(mm) =>
                  change((d) => ({ ...d, items: { ...spec.items!, width: mm ?? spec.items!.width } }))
                }
              />
              <LengthField
                label="Gap about"
                field="items.gap"
                mm={spec.items.gap}
                onLength={(mm) =>
                  change((d) => ({ ...d, items: { ...spec.items!, gap: mm ?? spec.items!.gap } }))
                }
              />
              <LengthField
                label="Gap at least"
                field="items.leastGap"
                mm={spec.items.leastGap}
                onLength={(mm) => change((d) => ({ ...d, items: { ...spec.items!, leastGap: mm ?? 0 } }))}
              />
            </>
          ) : (
            <LengthField
              label="A section about"
              field="wanted"
              mm={spec.wanted ?? null}
              mayBeEmpty
              placeholder={length(divided.ladder.wanted, unit)}
              onLength={(mm) => change((d) => (mm === null ? without(d, 'wanted') : { ...d, wanted: mm }))}
            />
          )}
          <Choice
            label="Wanted"
            value={spec.items ? 'pieces' : 'section'}
            options={[
              { name: 'section', label: 'sections' },
              { name: 'pieces', label: 'pieces with gaps' },
            ]}
            onChoice={(v) =>
              void change((d) =>
                v === 'pieces' ? { ...d, items: { width: 30, gap: 5, leastGap: 2 } } : without(d, 'items'),
              )
            }
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
            divided.ways.some((w) => w.stiff) && divided.count > 2
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
      <div className="mt-6">
        <Ways tier={tier.id} division={spec.id} />
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
      <WhatChanged />
      <dl>
        {divided.gap === undefined ? null : <Row label="Gap between pieces">{length(divided.gap, unit)}</Row>}
        {divided.sizes.length > 1 && divided.sizes.length <= 4 ? (
          <Row label="Sections are">
            {divided.sizes.map((size) => lengthParts(size, unit).number).join(', ')}{' '}
            {unit === 'inch' ? '″' : unit}
          </Row>
        ) : null}
        {divided.sizes.length > 1 ? (
          <Row label="They differ by">{Math.round(divided.worst * 1000) / 10} %</Row>
        ) : null}
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
      <Reckoned tier={tier.id} only="section" />
      <Findings
        findings={divided.findings}
        onMend={(_, press) => void edit(mend({ tier: tier.id, division: spec.id }, press))}
      />
      <Rescue key={`${tier.id}.${spec.id}.${divided.count}`} division={spec.id} />
    </>
  );
  return <Stage main={main} ledger={ledger} />;
}

function without<T extends object, K extends keyof T>(from: T, key: K): Omit<T, K> {
  const { [key]: _, ...rest } = from;
  return rest;
}
