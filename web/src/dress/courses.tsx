import { ArrowDown, ArrowUp, Copy, Eye, EyeOff, Layers, Plus, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { api, type Dressing, problemOf, type Refit, type Worn } from '../api/client';
import { seenOf, surfaceOf } from '../band/level';
import { useDocument, useOpen, usePlan, useTier } from '../plan/context';
import { isOf, tiersUnder } from '../plan/cut';
import {
  acrossLedges,
  moveDressing,
  onDressing,
  onEveryTier,
  onThisTier,
  putOn,
  takeOff,
} from '../plan/edits';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Dialog } from '../ui/dialog';
import { tell, tellBad } from '../ui/toasts';
import { useBench, useCatalogue, usePreferences } from '../units/preferences';
import { mass, quantity } from '../units/units';
import { overWords } from './over';

interface Props {
  chosen: string | undefined;
  choose: (id: string) => void;
  onTray: () => void;
}

/** The courses of a tier, the topmost first; each with the number of its notch at the band's edge. */
export function Courses({ chosen, choose, onTray }: Props) {
  const { tier, worked } = useTier();
  const document = useDocument();
  const techniques = useCatalogue()?.techniques ?? [];
  const over = (d: Dressing) => {
    const tiers = tiersUnder(document, d.id).length;
    return tiers > 1 ? `on ${tiers} tiers` : null;
  };
  const lies = (d: Dressing) => {
    const surface = surfaceOf(d);
    const seen = seenOf(worked.form, surface);
    return surface === 'side' ? null : `on the ${seen.kind === 'side' ? surface : seen.name}`;
  };
  const goesOver = ({ over: pieces }: Dressing) =>
    pieces ? `over ${overWords(pieces, worked, document.palette)}` : null;
  const shown = (id: string) => worked.dressings.findIndex((w) => w.id === id);
  return (
    <div>
      <ul aria-label="Courses" className="flex flex-col gap-1.5">
        {[...tier.dressings].reverse().map((d) => {
          const at = shown(d.id);
          const name =
            worked.dressings[at]?.name ?? techniques.find((t) => t.id === d.technique)?.name ?? d.technique;
          const on = d.id === chosen;
          return (
            <li key={d.id}>
              <button
                type="button"
                aria-pressed={on}
                onClick={() => choose(d.id)}
                className={`flex min-h-11 w-full items-center gap-2.5 rounded-md border px-2.5 text-left ${
                  on ? 'border-ink bg-ink text-sheet' : 'border-ink/35 bg-sheet hover:border-ink'
                } ${d.aside ? 'border-dashed' : ''}`}
              >
                <span
                  className={`grid size-6 shrink-0 place-items-center rounded-full border text-[0.85rem] font-semibold ${on ? 'border-sheet' : 'border-ink/60'}`}
                >
                  {at < 0 ? '–' : at + 1}
                </span>
                <span className="grow leading-tight">
                  {name}
                  {[goesOver(d), lies(d), over(d)].every((words) => words === null) ? null : (
                    <span className="block text-[0.86rem] opacity-80">
                      {[goesOver(d), lies(d), over(d)].filter(Boolean).join(', ')}
                    </span>
                  )}
                </span>
                <span className={d.aside ? 'text-[0.9rem] italic' : 'font-semibold'}>
                  {d.aside ? 'aside' : pieces(worked.dressings[at])}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      {chosen ? <Presses id={chosen} choose={choose} /> : null}
      {chosen ? <AcrossLedges id={chosen} /> : null}
      <Button look="pin" className="px-2" disabled={tier.dressings.length >= 24} onClick={onTray}>
        <Plus size={17} aria-hidden /> Add a course
      </Button>
    </div>
  );
}

function pieces(worn: Worn | undefined): string {
  if (worn?.finish) {
    const lead = worn.figures[0];
    return lead && lead.quantity.kind === 'count' ? String(lead.quantity.value) : 'finish';
  }
  const { cuts, wanted, used } = worn?.making ?? { cuts: [], wanted: [], used: [] };
  const count = [...cuts, ...wanted].reduce((sum, c) => sum + c.count, 0);
  const strewn = used.every((u) => u.length === 0) ? used.reduce((sum, u) => sum + u.grams, 0) : 0;
  return count > 0 ? String(count) : strewn > 0 ? mass(strewn) : 'line';
}

/** Whether what goes down the sides of several tiers goes over the ledges between, too. */
function AcrossLedges({ id }: { id: string }) {
  const { editor } = useOpen();
  const document = useDocument();
  const techniques = useCatalogue()?.techniques ?? [];
  const over = document.dressings?.find(isOf(id));
  const surface = over?.dressing.surface ?? 'side';
  const level = techniques.find((t) => t.id === over?.dressing.technique)?.surfaces.includes('top');
  if (!over || !level || surface !== 'side') {
    return null;
  }
  return (
    <Choice
      label="Goes over"
      value={over.across ?? 'sides'}
      options={[
        { name: 'sides', label: 'sides' },
        { name: 'ledges', label: '+ ledges' },
        { name: 'top', label: '+ top' },
      ]}
      onChoice={(v) =>
        void editor.edit(acrossLedges(id, v === 'sides' ? undefined : (v as 'ledges' | 'top')))
      }
    />
  );
}

/** What can be done with the chosen course. */
function Presses({ id, choose }: { id: string; choose: (id: string) => void }) {
  const { editor, chooseTier } = useOpen();
  const plan = usePlan();
  const document = useDocument();
  const { tier } = useTier();
  const { data: bench } = useBench();
  const techniques = useCatalogue()?.techniques ?? [];
  const [refit, setRefit] = useState<{ refit: Refit; name: string; tier: string } | null>(null);
  const dressing = tier.dressings.find((d) => d.id === id)!;
  const shared = tiersUnder(document, id).length > 0;
  // Those over several tiers lie on the tier's own, and change places among themselves.
  const among = tier.dressings.filter((d) => tiersUnder(document, d.id).length > 0 === shared);
  const at = among.indexOf(dressing);
  const name = techniques.find((t) => t.id === dressing.technique)?.name ?? dressing.technique;

  const takeOver = async (to: string) => {
    if (bench === undefined) {
      return;
    }
    try {
      const fitted = await api.refit({ plan, from: tier.id, dressing: id, to, bench });
      const refused = await editor.edit(putOn(to, fitted.dressing));
      if (refused) {
        tellBad(refused.detail);
        return;
      }
      chooseTier(to);
      choose(fitted.dressing.id);
      setRefit({ refit: fitted, name, tier: plan.tiers.find((t) => t.id === to)!.name });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const share = async () => {
    await editor.edit(shared ? onThisTier(tier.id, id) : onEveryTier(tier.id, id));
    tell(
      shared
        ? `${name}: ${tier.name} has its own now.`
        : `${name}: on all ${plan.tiers.length} tiers. What is changed on one is changed on all.`,
      { label: 'Undo', run: () => void editor.undo() },
    );
  };
  const off = async () => {
    await editor.edit(takeOff(tier.id, id));
    tell(`${name}: taken off.`, { label: 'Undo', run: () => void editor.undo() });
  };
  const press = 'grid size-11 place-items-center rounded-md hover:bg-ink/8 disabled:opacity-35';
  return (
    <div className="flex" role="toolbar" aria-label={`${name}: what to do with it`}>
      <button
        type="button"
        className={press}
        aria-label={`${name}: one course up`}
        title="One course up"
        disabled={at === among.length - 1}
        onClick={() => editor.edit(moveDressing(tier.id, id, 1))}
      >
        <ArrowUp size={18} aria-hidden />
      </button>
      <button
        type="button"
        className={press}
        aria-label={`${name}: one course down`}
        title="One course down"
        disabled={at === 0}
        onClick={() => editor.edit(moveDressing(tier.id, id, -1))}
      >
        <ArrowDown size={18} aria-hidden />
      </button>
      <button
        type="button"
        className={press}
        aria-pressed={dressing.aside}
        aria-label={dressing.aside ? `Draw and count ${name} again` : `Set ${name} aside`}
        title={dressing.aside ? 'Draw and count it again' : 'Set it aside: neither drawn nor counted'}
        onClick={() => editor.edit(onDressing(tier.id, id, (d) => ({ ...d, aside: !d.aside })))}
      >
        {dressing.aside ? <Eye size={18} aria-hidden /> : <EyeOff size={18} aria-hidden />}
      </button>
      {plan.tiers.length > 1 || shared ? (
        <button
          type="button"
          className={`${press} ${shared ? 'bg-wash' : ''}`}
          aria-pressed={shared}
          aria-label={shared ? `Make ${name} this tier's own` : `Put ${name} on every tier`}
          title={shared ? "Make it this tier's own again" : 'One for every tier: told once, changed once'}
          onClick={share}
        >
          <Layers size={18} aria-hidden />
        </button>
      ) : null}
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className={press} aria-label={`Copy ${name} to a tier`} title="Copy to a tier">
          <Copy size={18} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            className="z-40 rounded-md border border-ink/40 bg-sheet py-1 shadow-[0_6px_24px_rgb(28_42_54/0.18)]"
          >
            {[...plan.tiers].reverse().map((t) => (
              <DropdownMenu.Item
                key={t.id}
                onSelect={() => void takeOver(t.id)}
                className="flex min-h-11 cursor-pointer items-center px-4 outline-none data-[highlighted]:bg-wash"
              >
                {t.id === tier.id ? 'Once more on this tier' : `To ${t.name}`}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <button
        type="button"
        className={press}
        aria-label={`Take ${name} off`}
        title="Take it off"
        onClick={off}
      >
        <Trash2 size={18} aria-hidden />
      </button>
      {refit ? (
        <Dialog
          title={`${refit.name}, fitted to ${refit.tier}`}
          open
          onOpenChange={(open) => !open && setRefit(null)}
        >
          <Refitted refit={refit.refit} />
        </Dialog>
      ) : null}
    </div>
  );
}

function Refitted({ refit }: { refit: Refit }) {
  const { unit } = usePreferences();
  if (refit.changes.length === 0) {
    return <p>It fits as it is: every figure stays what it was.</p>;
  }
  return (
    <table className="w-full text-[1rem]">
      <thead>
        <tr className="text-left text-soft">
          <th className="py-1 font-normal">its</th>
          <th className="py-1 text-right font-normal">there</th>
          <th className="py-1 text-right font-normal">here</th>
        </tr>
      </thead>
      <tbody>
        {refit.changes.map((c) => (
          <tr key={c.label} className="border-t border-dotted border-ink/30">
            <td className="py-1.5">{c.label}</td>
            <td className="py-1.5 text-right text-soft">{quantity(c.before, unit)}</td>
            <td className="py-1.5 text-right font-semibold">{quantity(c.after, unit)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
