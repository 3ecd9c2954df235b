import { ArrowDown, ArrowUp, Copy, Plus, Trash2 } from 'lucide-react';
import { type PointerEvent, useRef, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { api, type Plan, problemOf } from '../api/client';
import { PictureThumbs } from '../order/pictures';
import { useOpen, usePlan, useWorkup } from '../plan/context';
import { addTier, copyTier, moveTier, removeTier, stepTier } from '../plan/edits';
import { Button } from '../ui/button';
import { tell, tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

const MOST_TIERS = 8;

/** Left: the tiers to scale, one pressed to choose it, dragged to put it elsewhere. */
export function StackRail({ id }: { id: number }) {
  const { tierId, chooseTier } = useOpen();
  const plan = usePlan();
  const chosen = plan.tiers.some((t) => t.id === tierId) ? tierId : plan.tiers.at(-1)!.id;
  const [open, setOpen] = useState(false);
  const { unit } = usePreferences();
  const workup = useWorkup();
  const at = plan.tiers.findIndex((t) => t.id === chosen);
  const shown = open ? '' : 'max-md:hidden';
  return (
    <aside
      aria-label="The stack"
      className="flex min-h-0 flex-col overflow-y-auto border-r border-edge bg-paper px-3 py-5 max-md:border-r-0 max-md:border-b max-md:py-1 print:hidden"
    >
      <p className="note px-1 max-md:hidden">The stack</p>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="hidden min-h-11 items-center justify-between gap-3 text-left max-md:flex"
      >
        <span>
          <b>{plan.tiers[at]!.name}</b>, {length(workup.tiers[at]!.form.across, unit)} across
        </span>
        <span className="note whitespace-nowrap">
          {at + 1} of {plan.tiers.length} {open ? '▴' : '▾'}
        </span>
      </button>
      <div className={`my-auto flex flex-col items-center max-md:my-0 max-md:pb-2 ${shown}`}>
        <span className="text-[0.88rem] font-semibold text-pin max-md:hidden">front</span>
        <span className="mb-1 h-4 border-l-2 border-dotted border-pin max-md:hidden" />
        <Tiers plan={plan} chosen={chosen} choose={chooseTier} />
        <div className="h-1 w-[126px] bg-ink" />
        <TierPresses plan={plan} chosen={chosen} choose={chooseTier} />
      </div>
      <Ahead plan={plan} id={id} />
      <div className="pt-3 max-md:hidden">
        <Link
          to={`/plan/${id}/order`}
          className="inline-flex min-h-11 items-center px-1 font-semibold text-pin no-underline hover:underline"
        >
          Order and palette
        </Link>
        <PictureThumbs id={id} />
        <p className="note px-1 pt-2">
          <b>[ ]</b> count · <b>, .</b> tier
        </p>
      </div>
    </aside>
  );
}

/** What stands on top, and what is made ahead. */
function Ahead({ plan, id }: { plan: Plan; id: number }) {
  const { search } = useLocation();
  if (plan.pieces.length === 0) {
    return null;
  }
  const top = plan.pieces.filter((p) => p.seat.on === 'top').map((p) => p.name.toLowerCase());
  const many = plan.pieces.reduce((sum, p) => sum + p.count, 0);
  return (
    <Link
      to={{ pathname: `/plan/${id}/build`, search }}
      className="block px-1 text-[0.95rem] leading-snug text-ink no-underline hover:text-pin max-md:hidden"
    >
      {top.length > 0 ? <span className="block truncate">On top · {top.join(', ')}</span> : null}
      <span className="block">Made ahead · {many}</span>
    </Link>
  );
}

interface Rows {
  plan: Plan;
  chosen: string;
  choose: (id: string) => void;
}

function Tiers({ plan, chosen, choose }: Rows) {
  const { editor } = useOpen();
  const workup = useWorkup();
  const { unit } = usePreferences();
  const list = useRef<HTMLDivElement>(null);
  const drag = useRef<{ id: string; y: number; moved: boolean } | null>(null);
  const [over, setOver] = useState<number | null>(null);
  const rows = plan.tiers.map((tier, i) => ({ tier, form: workup.tiers[i]!.form })).reverse();
  const wide = Math.max(...rows.map((r) => r.form.width));
  const tall = rows.reduce((sum, r) => sum + r.form.height.mm, 0);
  const k = Math.min(118 / wide, 330 / tall);

  /** Which place from the foot lies under the hand, the dragged tier itself left out. */
  const placeAt = (y: number) => {
    const held = rows.findIndex((r) => r.tier.id === drag.current?.id);
    const boxes = [...(list.current?.children ?? [])].map((c) => c.getBoundingClientRect());
    const above = boxes.filter((b, row) => row !== held && y > b.top + b.height / 2).length;
    return plan.tiers.length - 1 - above;
  };
  const release = (e: PointerEvent) => {
    const held = drag.current;
    const place = placeAt(e.clientY);
    drag.current = null;
    setOver(null);
    if (held?.moved) {
      void editor.edit(moveTier(held.id, place));
    }
  };

  return (
    <div ref={list} className="flex flex-col items-center">
      {rows.map(({ tier, form }, row) => {
        const on = tier.id === chosen;
        const place = plan.tiers.length - 1 - row;
        const w = Math.max(60, form.width * k);
        const h = Math.max(26, form.height.mm * k);
        return (
          <button
            type="button"
            key={tier.id}
            aria-pressed={on}
            aria-label={`${tier.name}, ${length(form.across, unit)} across`}
            title={`${tier.name} · drag to put it elsewhere`}
            onClick={() => choose(tier.id)}
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              drag.current = { id: tier.id, y: e.clientY, moved: false };
            }}
            onPointerMove={(e) => {
              const held = drag.current;
              if (held !== null && (held.moved || Math.abs(e.clientY - held.y) > 8)) {
                held.moved = true;
                setOver(placeAt(e.clientY));
              }
            }}
            onPointerUp={release}
            onPointerCancel={() => {
              drag.current = null;
              setOver(null);
            }}
            className={`relative flex touch-none flex-col items-center ${over === place ? 'outline-3 outline-pin' : ''}`}
          >
            <svg width={w} height={h} className="-mb-px block" aria-hidden="true">
              <rect
                x={1}
                y={1}
                width={w - 2}
                height={h - 2}
                fill={on ? 'var(--color-wash)' : 'var(--color-sheet)'}
                stroke="var(--color-ink)"
                strokeWidth={on ? 2.4 : 1.2}
                strokeDasharray={tier.dummy ? '5 3' : undefined}
              />
              <text
                x={w / 2}
                y={h / 2 + 5}
                textAnchor="middle"
                className={`text-[14px] ${on ? 'fill-ink font-bold' : 'fill-soft'}`}
              >
                {length(form.across, unit)}
              </text>
            </svg>
          </button>
        );
      })}
    </div>
  );
}

/** What can be done with the chosen tier, and one more. */
function TierPresses({ plan, chosen, choose }: Rows) {
  const { editor } = useOpen();
  const index = plan.tiers.findIndex((t) => t.id === chosen);
  const tier = plan.tiers[index]!;
  const full = plan.tiers.length >= MOST_TIERS;
  const add = async () => {
    try {
      // What was typed last may still be refused: then what is shown is meant.
      const next = await api
        .nextTier(editor.newest())
        .catch(() => api.nextTier(editor.store.getState().history.present));
      if ((await editor.edit(addTier(next))) === null) {
        choose(next.id);
      }
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const remove = async () => {
    await editor.edit(removeTier(chosen));
    choose((plan.tiers[index - 1] ?? plan.tiers[index + 1])!.id);
    tell(`${tier.name} is taken out.`, { label: 'Undo', run: () => void editor.undo() });
  };
  return (
    <div className="mt-1.5 flex flex-col items-center">
      <div className="flex">
        <Small
          label={`Move ${tier.name} up`}
          disabled={index === plan.tiers.length - 1}
          run={() => editor.edit(stepTier(chosen, 1))}
        >
          <ArrowUp size={17} aria-hidden />
        </Small>
        <Small
          label={`Move ${tier.name} down`}
          disabled={index === 0}
          run={() => editor.edit(stepTier(chosen, -1))}
        >
          <ArrowDown size={17} aria-hidden />
        </Small>
        <Small label={`Copy ${tier.name}`} disabled={full} run={() => editor.edit(copyTier(chosen))}>
          <Copy size={17} aria-hidden />
        </Small>
        <Small label={`Take ${tier.name} out`} disabled={plan.tiers.length === 1} run={remove}>
          <Trash2 size={17} aria-hidden />
        </Small>
      </div>
      <Button look="pin" disabled={full} onClick={add} className="px-2">
        <Plus size={17} aria-hidden /> Add a tier
      </Button>
    </div>
  );
}

function Small({
  label,
  disabled,
  run,
  children,
}: {
  label: string;
  disabled: boolean;
  run: () => unknown;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={() => run()}
      className="grid h-11 w-[31px] place-items-center rounded-md hover:bg-ink/8 disabled:opacity-35"
    >
      {children}
    </button>
  );
}
