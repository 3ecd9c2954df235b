import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, type Played, type Press, problemOf, type WaysToMark } from '../api/client';
import { useEditorState, useOpen } from '../plan/context';
import { way } from '../plan/edits';
import { Choice } from '../ui/choice';
import { tellBad } from '../ui/toasts';
import { LengthField, TypedField } from '../ui/typed';
import { useBench, usePrefer, usePreferences } from '../units/preferences';
import { length, say } from '../units/units';
import type { WayKey } from './way-picture';
import { WayRow } from './way-row';

interface Props {
  tier: string;
  division: string;
}

const FIRST_PRESS: Press = { cutter: 60, depth: 20, space: 0 };

/** Every way to mark, side by side, and how the last section would come out in two thousand tries of this hand. */
export function Ways({ tier, division }: Props) {
  // What is being dragged is not rehearsed; what was let go is.
  const { editor } = useOpen();
  const plan = useEditorState((s) => s.history.present);
  const preferences = usePreferences();
  const prefer = usePrefer();
  const { unit } = preferences;
  const [press, setPress] = useState(FIRST_PRESS);
  const [shape, setShape] = useState(1);
  const { data: bench } = useBench();
  const asked = { plan, tier, division, press, shape, bench: bench! };
  const query = useQuery({
    queryKey: ['ways', asked],
    enabled: bench !== undefined,
    queryFn: () => api.ways(asked),
    placeholderData: (before) => before,
    retry: false,
  });
  const ways = query.data;
  /** Tried first, so that a press that cannot be is told at its field. */
  const tryPress = async (next: Press) => {
    try {
      await api.ways({ ...asked, press: next });
      setPress(next);
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  if (ways === undefined) {
    return query.error ? (
      <p role="alert">{problemOf(query.error).detail}</p>
    ) : (
      <p className="note">Trying it out</p>
    );
  }
  const spec = plan.tiers.find((t) => t.id === tier)?.divisions.find((d) => d.id === division);
  const chosenWay: WayKey = spec?.way ?? 'tape';
  const choose = async (to: WayKey) => {
    const refused = await editor.edit(way(tier, division, to, press));
    if (refused) {
      tellBad(refused.detail);
    }
  };
  const played = (way: Played['way']) => ways.rehearsal?.ways.find((w) => w.way === way);
  const best = ways.rehearsal
    ? [...ways.rehearsal.ways].sort((a, b) => a.shows - b.shows || a.spread - b.spread)[0]
    : undefined;
  /** @param as the way it is played by, where another comes out the same */
  const row = (way: WayKey, name: string, as: Played['way'] = way as Played['way']) => ({
    way,
    name,
    played: played(as),
    best,
    possible: way !== 'fold' || !ways.cannotFold,
    chosen: chosenWay,
    choose,
  });
  return (
    <section aria-label="Ways to mark">
      <div className="mb-2 flex flex-wrap items-end justify-between gap-4">
        <div>
          <h2 className="heading">How the last section would come out</h2>
          <p className="note">two thousand tries of your hand · the white strip is what nobody notices</p>
        </div>
        <LengthField
          label="A mark of yours is off by"
          field="hand"
          mm={preferences.handMm}
          onLength={async (mm) => {
            try {
              await prefer({ ...preferences, handMm: mm ?? preferences.handMm });
              return null;
            } catch (thrown) {
              return problemOf(thrown);
            }
          }}
        />
      </div>
      <p className="mb-3 border-l-4 border-good bg-good-ground px-3.5 py-2.5 text-[1.02rem]">
        {say(ways.advice, unit)}
      </p>
      <div className="flex flex-col">
        <WayRow {...row('tape', 'Read off the tape')}>
          every mark on its own, no section more than {length(ways.tapeWorst, unit)} off
        </WayRow>
        <WayRow {...row('strip', 'Printed strip, wrapped')}>
          exact but for the printer · <PrintLink />
        </WayRow>
        <WayRow {...row('wheel', 'Sector wheel under the tier', 'strip')}>
          rays carried up the side; as true as the strip · <PrintLink />
        </WayRow>
        {ways.soft ? (
          <WayRow {...row('soft', `Soft card of ${length(ways.soft.size, unit)}`)}>
            stepped along the side; {gap(ways.soft.closingGap, unit)}, the last comes out{' '}
            {length(ways.soft.last, unit)}
          </WayRow>
        ) : null}
        {ways.stiff ? (
          <WayRow {...row('stiff', `Stiff card of ${length(ways.stiff.size, unit)}`)}>
            each step lays {length(ways.stiff.lays, unit)}; {gap(ways.stiff.closingGap, unit)}, the last comes
            out {length(ways.stiff.last, unit)}
          </WayRow>
        ) : null}
        <WayRow {...row('fold', 'Folded paper band')}>
          {ways.cannotFold ? say(ways.cannotFold, unit) : 'halves of halves; a band cut to the reading'}
        </WayRow>
        <WayRow {...row('press', `Cutter of ${length(press.cutter, unit)}, pressed`)}>
          {ways.press && ways.press.count > 0
            ? `${ways.press.count} scallops of ${length(ways.press.chord, unit)}; ${length(ways.press.gap, unit)} is left at the back`
            : 'not one scallop of it fits round this tier'}
        </WayRow>
      </div>
      <div className="mt-5 grid grid-cols-2 gap-x-9 gap-y-5 max-lg:grid-cols-1">
        <Pressing ways={ways} press={press} onPress={tryPress} />
        <Folding ways={ways} shape={shape} onShape={setShape} />
      </div>
    </section>
  );
}

function gap(mm: number, unit: Parameters<typeof length>[1]): string {
  return mm < 0 ? `it lacks ${length(-mm, unit)}` : `it leaves ${length(mm, unit)}`;
}

function PrintLink() {
  const { id } = useParams();
  const [search] = useSearchParams();
  return (
    <Link
      to={{ pathname: `/plan/${id}/print`, search: search.toString() }}
      className="font-semibold text-pin"
    >
      print it
    </Link>
  );
}

function Pressing({
  ways,
  press,
  onPress,
}: {
  ways: WaysToMark;
  press: Press;
  onPress: (p: Press) => Promise<ReturnType<typeof problemOf> | null>;
}) {
  const { unit } = usePreferences();
  const cupboard = useQuery({ queryKey: ['cupboard'], queryFn: api.cupboard }).data ?? [];
  const cutters = cupboard
    .filter((i) => i.kind === 'cutter')
    .map((i) => ({ ...i, across: Number((i.sizes as Record<string, unknown>).across) }));
  const pressed = ways.press;
  return (
    <div>
      <h3 className="mb-1 font-semibold">Keep the cutter, change the press</h3>
      <div className="flex flex-wrap items-start gap-3">
        <LengthField
          label="Cutter"
          field="press.cutter"
          mm={press.cutter}
          onLength={(mm) =>
            onPress({
              ...press,
              cutter: mm ?? press.cutter,
              depth: Math.min(press.depth, (mm ?? press.cutter) / 2),
            })
          }
        />
        <LengthField
          label="Pressed to"
          field="press.depth"
          mm={press.depth}
          onLength={(mm) => onPress({ ...press, depth: mm ?? press.depth })}
        />
        <LengthField
          label="Space between"
          field="press.space"
          mm={press.space}
          onLength={(mm) => onPress({ ...press, space: mm ?? press.space })}
        />
      </div>
      {cutters.length > 0 ? (
        <div className="mt-2">
          <Choice
            label="From the cupboard"
            value={String(press.cutter)}
            options={cutters.map((c) => ({ name: String(c.across), label: length(c.across, unit) }))}
            onChoice={(across) =>
              void onPress({
                ...press,
                cutter: Number(across),
                depth: Math.min(press.depth, Number(across) / 2),
              })
            }
          />
        </div>
      ) : (
        <p className="note mt-2">
          <Link to="/cupboard" className="font-semibold text-pin">
            Tell the cupboard
          </Link>{' '}
          which cutters you own.
        </p>
      )}
      {pressed ? (
        <>
          <p className="note mt-2">Depths that close:</p>
          <div className="flex flex-wrap gap-2">
            {pressed.closing.map((c) => (
              <button
                type="button"
                key={c.count}
                onClick={() => onPress({ ...press, depth: c.depth })}
                className={`min-h-11 rounded-md border px-3 ${Math.abs(c.depth - press.depth) < 0.01 ? 'border-ink bg-ink text-sheet' : 'border-ink/40 bg-sheet hover:border-ink'}`}
              >
                <b>{length(c.depth, unit)}</b> for {c.count}
              </button>
            ))}
          </div>
          {pressed.count > 0 && pressed.spread > press.space + 0.01 ? (
            <p className="note mt-2">Or share what is left: {length(pressed.spread, unit)} between each.</p>
          ) : null}
          {pressed.others.map((o) => (
            <p key={o.cutter.name} className="note mt-1">
              {o.cutter.name} closes with {o.closing.count} at {length(o.closing.depth, unit)}.
            </p>
          ))}
        </>
      ) : null}
    </div>
  );
}

function Folding({
  ways,
  shape,
  onShape,
}: {
  ways: WaysToMark;
  shape: number;
  onShape: (shape: number) => void;
}) {
  const { unit } = usePreferences();
  return (
    <div>
      <h3 className="mb-1 font-semibold">Fold round and up apart</h3>
      <TypedField
        label="Cell, width to height"
        shown={String(shape)}
        inputMode="decimal"
        onTyped={async (typed) => {
          const n = Number(typed.replace(',', '.'));
          if (!(n >= 0.1 && n <= 10)) {
            const detail = `Cell, width to height is a number from 0.1 to 10; this is "${typed.slice(0, 40)}". 1 is a square.`;
            return { type: 'refused', title: 'Not possible', status: 400, detail };
          }
          onShape(n);
          return null;
        }}
      />
      <ul className="mt-2">
        {ways.folds.map((f) => (
          <li
            key={`${f.columns}x${f.rows}`}
            className="flex items-center justify-between border-b border-dotted border-ink/30 py-1"
          >
            <span>
              <b>
                {f.columns} × {f.rows}
              </b>{' '}
              round × up{f.columns % 3 === 0 ? '' : ' · never closes three colours'}
            </span>
            <span className="font-semibold">
              {length(f.width, unit)} × {length(f.height, unit)}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
