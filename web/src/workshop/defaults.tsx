import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, type Problem, problemOf, type WorkshopSettings } from '../api/client';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number';
import { tellBad } from '../ui/toasts';
import { LengthField, ShareField } from '../ui/typed';

type Plans = NonNullable<WorkshopSettings['plans']>;
const KEY = ['workshop'];

/** What holds for all plans, and what each new one begins with. */
export function Defaults({ mayChange }: { mayChange: boolean }) {
  const client = useQueryClient();
  const { data: settings } = useQuery({ queryKey: KEY, queryFn: api.workshop });
  if (settings === undefined) {
    return <p className="note">One moment</p>;
  }
  const keep = async (next: WorkshopSettings): Promise<Problem | null> => {
    try {
      client.setQueryData(KEY, await api.settle(next));
      await client.invalidateQueries({ queryKey: ['bench'] });
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  const plans: Plans = settings.plans ?? {};
  const begin = async (part: Partial<Record<keyof Plans, unknown>>) => {
    const next = { ...plans, ...part } as Record<string, unknown>;
    for (const key of Object.keys(next)) {
      if (next[key] === null) {
        delete next[key];
      }
    }
    return keep({ ...settings, plans: next as Plans });
  };
  const told = (task: Promise<Problem | null>) =>
    void task.then((refused) => (refused ? tellBad(refused.detail) : undefined));
  return (
    <fieldset disabled={!mayChange} className="grid max-w-4xl gap-8">
      <section aria-label="New plans">
        <h2 className="heading mb-1">Each new plan begins with</h2>
        <p className="note mb-3">
          A plan may differ; its order page then says where. Plans that are there already stay as they are.
        </p>
        <div className="flex flex-wrap items-start gap-5">
          <Choice
            label="Looking forward"
            value={plans.front ?? 'section'}
            options={[
              { name: 'section', label: 'the middle of a section' },
              { name: 'mark', label: 'a mark' },
            ]}
            onChoice={(front) => told(begin({ front }))}
          />
          <Choice
            label="Counts liked best"
            value={plans.liked ?? 'any'}
            options={[
              { name: 'any', label: 'any' },
              { name: 'odd', label: 'odd' },
              { name: 'folds', label: 'what folds' },
            ]}
            onChoice={(liked) => told(begin({ liked }))}
          />
          <Choice
            label="Tiers are"
            value={plans.dressFirst ? 'dressed' : 'stacked'}
            options={[
              { name: 'stacked', label: 'stacked, then decorated' },
              { name: 'dressed', label: 'decorated, then stacked' },
            ]}
            onChoice={(c) => told(begin({ dressFirst: c === 'dressed' }))}
          />
        </div>
        <div className="mt-4 flex flex-wrap items-start gap-5">
          <ShareField
            label="Humidity of the room"
            value={plans.humidity ?? 0.5}
            onShare={(humidity) => begin({ humidity })}
          />
          <NumberField
            label="Warmth, °C"
            value={plans.celsius ?? 20}
            onNumber={(celsius) => begin({ celsius })}
          />
          <LengthField label="Coat" field="coat" mm={plans.coat ?? 5} onLength={(coat) => begin({ coat })} />
          <LengthField
            label="Covering"
            field="covering"
            mm={plans.covering ?? 3.5}
            onLength={(covering) => begin({ covering })}
          />
        </div>
      </section>
      <section aria-label="Work and prices">
        <h2 className="heading mb-3">Work and prices</h2>
        <div className="flex flex-wrap items-start gap-5">
          <NumberField
            label="Pairs of hands"
            value={settings.hands}
            onNumber={(n) => keep({ ...settings, hands: n ?? 1 })}
          />
          <NumberField
            label="An hour of hands costs"
            value={settings.hour ?? null}
            mayBeEmpty
            placeholder="not counted"
            onNumber={(n) => {
              const { hour: _, ...rest } = settings;
              return keep(n === null ? rest : { ...rest, hour: n });
            }}
          />
          <ShareField
            label="Margin on top of the cost"
            value={settings.margin ?? 0}
            onShare={(margin) => keep({ ...settings, margin })}
          />
          <LengthField
            label="A slice, wide"
            field="sliceWide"
            mm={settings.sliceWide ?? 25}
            onLength={(mm) => keep({ ...settings, sliceWide: mm ?? 25 })}
          />
          <LengthField
            label="A slice, deep"
            field="sliceDeep"
            mm={settings.sliceDeep ?? 50}
            onLength={(mm) => keep({ ...settings, sliceDeep: mm ?? 50 })}
          />
        </div>
        <p className="note mt-3">
          Open hours, fridge and freezer are in the Days of any plan, under Hours. Rates, spares and densities
          of your own come from the{' '}
          <Link to="/notebook" className="font-semibold text-pin">
            notebook
          </Link>
          , where each is switched on or off. Units, tape, hand and eye are each person's own, under the ruler
          at the top.
        </p>
      </section>
      {mayChange ? null : <p className="note">An owner changes these.</p>}
    </fieldset>
  );
}
