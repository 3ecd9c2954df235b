import { useQuery } from '@tanstack/react-query';
import { Link, useLocation } from 'react-router';
import { api, problemOf } from '../api/client';
import { usePlan } from '../plan/context';
import { usePlanId } from '../plan/use';
import { Lead, Row } from '../ui/ledger';
import { NumberField } from '../ui/number';
import { hours, money } from '../units/units';
import { useCupboardChanged, useWorkshop } from './use';

/** What it costs and what is asked for it: materials, hours, packs opened, the workshop's own margin. */
export function PriceBlock() {
  const plan = usePlan();
  const id = usePlanId();
  const { search } = useLocation();
  const settings = useWorkshop();
  const changed = useCupboardChanged();
  const { data: price } = useQuery({
    queryKey: ['worktop', 'price', id, plan],
    queryFn: () => api.price(id, plan),
    placeholderData: (before) => before,
  });
  if (!price || !settings) {
    return null;
  }
  const coin = settings.coin;
  const least = price.unpriced > 0 || price.hands === undefined;
  return (
    <section
      aria-label="Price"
      className="mb-6 flex flex-wrap items-start gap-x-8 gap-y-3 border-b border-ink/30 pb-4"
    >
      <div className="w-44">
        <p className="note">{price.price === undefined ? 'It costs' : 'Price'}</p>
        <Lead number={money(price.price ?? price.cost, coin)} unit="" words="" />
        {least ? <p className="note">or more: something in it has no price yet</p> : null}
      </div>
      <dl className="min-w-64">
        <Row label="Materials used">
          {money(price.materials, coin)}
          {price.unpriced > 0 ? ' +' : ''}
        </Row>
        <Row label={`Hands for all of it, ${hours(price.minutes)}`}>
          {price.hands === undefined ? 'not counted' : money(price.hands, coin)}
        </Row>
        <Row label="Packs to buy for it">{money(price.packs, coin)}</Row>
      </dl>
      <NumberField
        label="Margin on top"
        suffix="%"
        value={settings.margin === undefined ? null : Math.round(settings.margin * 1000) / 10}
        mayBeEmpty
        placeholder="none"
        onNumber={async (percent) => {
          const { margin: _, ...free } = settings;
          try {
            await api.settle(percent === null ? free : { ...free, margin: percent / 100 });
            await changed();
            return null;
          } catch (thrown) {
            return problemOf(thrown);
          }
        }}
      />
      <Link
        to={{ pathname: `/plan/${id}/client`, search }}
        className="inline-flex min-h-11 items-center font-semibold text-pin"
      >
        Sheet for the client
      </Link>
    </section>
  );
}
