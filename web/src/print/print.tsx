import { useQuery } from '@tanstack/react-query';
import { Download, Printer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { api, type Laid, type Paper, problemOf, type TemplateOrder } from '../api/client';
import { usePlan, useTier } from '../plan/context';
import { Stage } from '../shell/stage';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Lead, Row } from '../ui/ledger';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { length, say } from '../units/units';

const PAPERS: { name: Paper; label: string }[] = [
  { name: 'a4', label: 'A4' },
  { name: 'letter', label: 'Letter' },
  { name: 'a3', label: 'A3' },
];

const KEPT = 'sectorum.paper';

/** Templates at true size: chosen, looked at as they will lie on the paper, printed or saved. */
export function Print() {
  const plan = usePlan();
  const { tier } = useTier();
  const { unit } = usePreferences();
  const [paper, setPaper] = useState<Paper>(() => (localStorage.getItem(KEPT) as Paper | null) ?? 'a4');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const base = { plan, tier: tier.id, paper };
  const listed = useQuery({
    queryKey: ['templates', plan, tier.id, paper, unit],
    queryFn: () => api.templates({ ...base, names: [] }),
    placeholderData: (before) => before,
  });
  const all = listed.data ?? [];
  const chosen = all.filter((t) => !left.has(t.name));
  const order: TemplateOrder = { ...base, names: chosen.map((t) => t.name) };
  const sheets = useQuery({
    queryKey: ['sheets', order, unit],
    queryFn: () => api.sheets(order),
    enabled: chosen.length > 0,
    placeholderData: (before) => before,
  });
  const count = chosen.reduce((sum, t) => sum + t.sheets, 0);

  const pdf = async (then: (url: string) => void) => {
    try {
      then(URL.createObjectURL(await api.pdf(order)));
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const save = (url: string, name: string) => {
    const link = document.createElement('a');
    link.href = url;
    link.download = name;
    link.click();
    setTimeout(() => URL.revokeObjectURL(url), 60_000);
  };
  const svg = async (name: string) => {
    try {
      save(URL.createObjectURL(await api.svg({ ...base, names: [name] })), `${name}.svg`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const fileName = `${plan.name}, ${tier.name}.pdf`.replace(/[\\/:*?"<>|]/g, ' ');

  const main = (
    <>
      <h1 className="heading">Templates of the {tier.name.toLowerCase()}</h1>
      <p className="note mb-4">at true size · print at 100 %, then measure the 100 mm lines before cutting</p>
      <ul aria-label="Templates" className="mb-6 border-t border-ink/30">
        {all.map((t) => (
          <li key={t.name} className="flex min-h-12 items-center gap-4 border-b border-ink/20">
            <label className="flex min-h-11 flex-1 cursor-pointer items-center gap-3">
              <input
                type="checkbox"
                checked={!left.has(t.name)}
                onChange={(e) => {
                  const next = new Set(left);
                  if (e.currentTarget.checked) {
                    next.delete(t.name);
                  } else {
                    next.add(t.name);
                  }
                  setLeft(next);
                }}
                className="size-5 accent-ink"
              />
              <span className="font-semibold">{say(t.title, unit)}</span>
            </label>
            <span className="note">
              {length(t.width, unit)} × {length(t.height, unit)} · {t.sheets}{' '}
              {t.sheets === 1 ? 'sheet' : 'sheets'}
            </span>
            <Button look="quiet" onClick={() => svg(t.name)} aria-label={`Save ${say(t.title, unit)} as SVG`}>
              <Download size={17} aria-hidden /> SVG
            </Button>
          </li>
        ))}
      </ul>
      {listed.error ? (
        <p role="alert" className="border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(listed.error).detail}
        </p>
      ) : null}
      <div className="flex flex-wrap gap-5" role="group" aria-label="Sheets as they will be printed">
        {chosen.length > 0
          ? sheets.data?.map((sheet, i) => <SheetPicture key={i} sheet={sheet} number={i + 1} />)
          : null}
        {chosen.length === 0 && all.length > 0 ? <p className="note">Choose at least one template.</p> : null}
      </div>
    </>
  );

  const ledger = (
    <>
      <div>
        <p className="note">On the printer</p>
        <Lead number={String(count)} unit="" words={count === 1 ? 'sheet' : 'sheets'} />
      </div>
      <Choice
        label="Paper"
        value={paper}
        options={PAPERS}
        onChoice={(p) => {
          setPaper(p);
          localStorage.setItem(KEPT, p);
        }}
      />
      <Button
        look="main"
        disabled={chosen.length === 0}
        onClick={() => pdf((url) => window.open(url, '_blank'))}
      >
        <Printer size={18} aria-hidden /> Open to print
      </Button>
      <Button disabled={chosen.length === 0} onClick={() => pdf((url) => save(url, fileName))}>
        <Download size={18} aria-hidden /> Save the PDF
      </Button>
      <dl>
        {chosen.map((t) => (
          <Row key={t.name} label={t.name.replace(/-/g, ' ')}>
            {t.sheets}
          </Row>
        ))}
      </dl>
      <p className="note">
        Larger templates are split over sheets that overlap by {length(10, unit)}; glue them on the lettered
        lines. In the print dialogue choose actual size, not fit to page.
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
