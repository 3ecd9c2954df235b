import { api, problemOf, type WorkshopSettings } from '../api/client';
import { useCupboardChanged, useWorkshop } from '../make/use';
import { NumberField } from '../ui/number';

/** What the printer made of the 100 mm lines; the pack is drawn larger or smaller so that it comes out true. */
export function Correction() {
  const settings = useWorkshop();
  const changed = useCupboardChanged();
  if (!settings) {
    return null;
  }
  const settle = async (change: Partial<WorkshopSettings>) => {
    try {
      await api.settle({ ...settings, ...change });
      await changed();
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  const exact = settings.printedAcross === 100 && settings.printedDown === 100;
  return (
    <section aria-label="Printer correction" className="border-t border-ink/25 pt-3">
      <h2 className="heading text-[1.05rem]">Printer correction</h2>
      <p className="note mt-1 mb-2">
        {exact
          ? 'If a 100 mm line comes out otherwise, type what it measures.'
          : 'Kept for this workshop: sheets are drawn so that they come out true.'}
      </p>
      <div className="flex flex-wrap gap-3">
        <NumberField
          label="Level line"
          suffix="mm"
          value={settings.printedAcross}
          onNumber={(mm) => settle({ printedAcross: mm ?? 100 })}
        />
        <NumberField
          label="Upright line"
          suffix="mm"
          value={settings.printedDown}
          onNumber={(mm) => settle({ printedDown: mm ?? 100 })}
        />
      </div>
    </section>
  );
}
