import { useQuery } from '@tanstack/react-query';
import { Download, Printer, Scissors } from 'lucide-react';
import { useEffect, useState } from 'react';
import { api, type Chapter, type Laid, type Paper, problemOf, type TemplateOrder } from '../api/client';
import { usePacking } from '../make/packing';
import { save, useWorkshop } from '../make/use';
import { usePlan, useTier } from '../plan/context';
import { usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Lead } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { tell, tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { length, say } from '../units/units';
import { Chapters, useChapters } from './booklet';
import { Correction } from './correction';

const PAPERS: { name: Paper; label: string }[] = [
  { name: 'a4', label: 'A4' },
  { name: 'letter', label: 'Letter' },
  { name: 'a3', label: 'A3' },
];

const KEPT = 'sectorum.paper';

const HEADS = {
  tier: (tier: string) => `Templates of the ${tier.toLowerCase()}`,
  plan: () => 'Templates of the whole cake',
  order: () => 'The whole order as a booklet',
};

/** Templates at true size: chosen, looked at as they will lie on the paper, printed as one pack or saved singly. */
export function Print() {
  const plan = usePlan();
  const { tier } = useTier();
  const { unit } = usePreferences();
  const [paper, setPaper] = useState<Paper>(() => (localStorage.getItem(KEPT) as Paper | null) ?? 'a4');
  const [scope, setScope] = useState<'tier' | 'plan' | 'order'>('tier');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const settings = useWorkshop();
  const base = scope === 'tier' ? { plan, tier: tier.id, paper } : { plan, paper };
  const printed = [settings?.printedAcross, settings?.printedDown];
  const listed = useQuery({
    queryKey: ['templates', base, unit, printed],
    queryFn: () => api.templates({ ...base, names: [] }),
    placeholderData: (before) => before,
  });
  const all = (listed.data ?? []).filter((t) => scope === 'plan' || t.tier === tier.id);
  const chosen = all.filter((t) => !left.has(t.id));
  const order: TemplateOrder = { ...base, names: chosen.map((t) => t.id) };
  const sheets = useQuery({
    queryKey: ['sheets', order, unit, printed],
    queryFn: () => api.sheets(order),
    enabled: chosen.length > 0,
    placeholderData: (before) => before,
  });
  const count = chosen.length > 0 ? (sheets.data?.length ?? 0) : 0;
  const { packing, make, makeBooklet, cancel } = usePacking();
  const chapters = useChapters();
  const [without, setWithout] = useState<ReadonlySet<Chapter>>(new Set());
  const bound = chapters.map((c) => c.chapter).filter((c) => !without.has(c));
  const id = usePlanId();
  const nothing = scope === 'order' ? bound.length === 0 : chosen.length === 0;
  const made = (then: (pdf: Blob) => void) =>
    scope === 'order' ? makeBooklet({ id, plan, chapters: bound, paper }, then) : make(order, count, then);

  const single = async (id: string, kind: 'svg' | 'dxf') => {
    try {
      save(await api[kind]({ ...base, names: [id] }), `${id.split('/')[1]}.${kind}`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const cut = async (id: string, title: string) => {
    try {
      const dxf = await (await api.dxf({ ...base, names: [id] })).text();
      const bed = await api.cut({ title, dxf, torn: false });
      tell(`The cutting machine has begun: ${Math.ceil(bed.left / 60)} min.`, {
        label: 'Look',
        run: () => window.open('/devices', '_self'),
      });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const fileName =
    scope === 'tier'
      ? `${plan.name}, ${tier.name}.pdf`
      : scope === 'plan'
        ? `${plan.name}.pdf`
        : `${plan.name}, booklet.pdf`;

  const main = (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="heading">{HEADS[scope](tier.name)}</h1>
          <p className="note">
            {scope === 'order'
              ? 'brief, pictures, lists, days, steps and templates in one PDF, its pages numbered and linked'
              : 'at true size · print at 100 %, then measure the 100 mm lines before cutting'}
          </p>
        </div>
        <Choice
          label="Templates of"
          hideLabel
          value={scope}
          options={[
            { name: 'tier', label: 'This tier' },
            { name: 'plan', label: 'All tiers, one pack' },
            { name: 'order', label: 'The whole order' },
          ]}
          onChoice={setScope}
        />
      </div>
      {scope === 'order' ? (
        <Chapters left={without} leave={setWithout} />
      ) : (
        <>
          <ul aria-label="Templates" className="mb-6 border-t border-ink/30">
            {all.map((t) => (
              <li
                key={t.id}
                className="flex min-h-12 flex-wrap items-center justify-end gap-x-4 border-b border-ink/20"
              >
                <label className="flex min-h-11 flex-1 cursor-pointer items-center gap-3 max-md:basis-full">
                  <input
                    type="checkbox"
                    checked={!left.has(t.id)}
                    onChange={(e) => {
                      const next = new Set(left);
                      if (e.currentTarget.checked) {
                        next.delete(t.id);
                      } else {
                        next.add(t.id);
                      }
                      setLeft(next);
                    }}
                    className="size-5 shrink-0 accent-ink"
                  />
                  <span className="font-semibold">
                    {say(t.title, unit)}
                    {scope === 'plan' ? (
                      <span className="note ml-2 font-normal">
                        {plan.tiers.find((o) => o.id === t.tier)?.name}
                      </span>
                    ) : null}
                  </span>
                </label>
                <span className="note">
                  {length(t.width, unit)} × {length(t.height, unit)}
                  {t.sheets > 1 ? ` · ${t.sheets} sheets` : ''}
                </span>
                <span className="flex">
                  <Button
                    look="quiet"
                    className="px-2"
                    onClick={() => void cut(t.id, say(t.title, unit))}
                    aria-label={`Send ${say(t.title, unit)} to the cutting machine`}
                  >
                    <Scissors size={16} aria-hidden /> Cut
                  </Button>
                  {(['svg', 'dxf'] as const).map((kind) => (
                    <Button
                      key={kind}
                      look="quiet"
                      className="px-2"
                      onClick={() => single(t.id, kind)}
                      aria-label={`Save ${say(t.title, unit)} as ${kind.toUpperCase()}`}
                    >
                      <Download size={16} aria-hidden /> {kind.toUpperCase()}
                    </Button>
                  ))}
                </span>
              </li>
            ))}
          </ul>
          {listed.error || sheets.error ? (
            <p role="alert" className="border-l-4 border-stop bg-stop-ground px-4 py-3">
              {problemOf(listed.error ?? sheets.error).detail}
            </p>
          ) : null}
          <div className="flex flex-wrap gap-5" role="group" aria-label="Sheets as they will be printed">
            {chosen.length > 0
              ? sheets.data?.map((sheet, i) => <SheetPicture key={i} sheet={sheet} number={i + 1} />)
              : null}
            {chosen.length === 0 && all.length > 0 ? (
              <p className="note">Choose at least one template.</p>
            ) : null}
          </div>
        </>
      )}
    </>
  );

  const ledger = (
    <>
      {scope === 'order' ? null : (
        <div>
          <p className="note">On the printer</p>
          <Lead number={String(count)} unit="" words={count === 1 ? 'sheet' : 'sheets'} />
        </div>
      )}
      <Choice
        label="Paper"
        value={paper}
        options={PAPERS}
        onChoice={(p) => {
          setPaper(p);
          localStorage.setItem(KEPT, p);
        }}
      />
      {packing ? (
        <div role="status" className="rounded-md border border-ink/40 px-3 py-2">
          <p>
            Sheet <b>{packing.done}</b> of {packing.of}
          </p>
          <progress value={packing.done} max={Math.max(1, packing.of)} className="my-1.5 w-full accent-ink" />
          <Button onClick={cancel}>Stop</Button>
        </div>
      ) : null}
      {/* They stay while a pack is made, so that the keys stay on the one pressed. */}
      <Button
        look="main"
        disabled={nothing}
        aria-disabled={packing !== null}
        onClick={() => made((pdf) => window.open(URL.createObjectURL(pdf), '_blank'))}
      >
        <Printer size={18} aria-hidden /> Open to print
      </Button>
      <Button
        disabled={nothing}
        aria-disabled={packing !== null}
        onClick={() => made((pdf) => save(pdf, fileName))}
      >
        <Download size={18} aria-hidden /> Save the PDF
      </Button>
      <Correction />
      <p className="note">
        Cards and small templates share a sheet. Larger ones are split over sheets that overlap by{' '}
        {length(10, unit)}; glue them on the lettered lines. In the print dialogue choose actual size, not fit
        to page.
      </p>
    </>
  );
  return <Stage main={main} ledger={ledger} />;
}

/** A sheet as it will come out, small. */
function SheetPicture({ sheet, number }: { sheet: Laid; number: number }) {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    const made = URL.createObjectURL(new Blob([sheet.svg], { type: 'image/svg+xml' }));
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [sheet.svg]);
  const k = 1.05;
  return (
    <figure className="m-0">
      <img
        src={url}
        alt={`Sheet ${number}`}
        width={sheet.width * k}
        height={sheet.height * k}
        className="block border border-ink/30 bg-white shadow-[0_3px_10px_rgb(28_42_54/0.14)]"
      />
      <figcaption className="note mt-1">sheet {number}</figcaption>
    </figure>
  );
}
