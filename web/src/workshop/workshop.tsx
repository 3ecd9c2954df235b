import { lazy, Suspense } from 'react';
import { useSearchParams } from 'react-router';
import { Page } from '../shell/page';
import { Choice } from '../ui/choice';
import { may, useMe } from '../units/names';
import { Account } from './account';

const People = lazy(() => import('./people').then((m) => ({ default: m.People })));
const Defaults = lazy(() => import('./defaults').then((m) => ({ default: m.Defaults })));
const Files = lazy(() => import('./files').then((m) => ({ default: m.Files })));
const AuditTrail = lazy(() => import('./audit').then((m) => ({ default: m.AuditTrail })));

const PARTS = [
  { name: 'account', label: 'My account' },
  { name: 'people', label: 'People' },
  { name: 'defaults', label: 'Defaults' },
  { name: 'files', label: 'Files' },
  { name: 'audit', label: 'Who did what' },
] as const;

type Part = (typeof PARTS)[number]['name'];

/** The workshop itself: people, what holds for all plans, files. */
export function Workshop() {
  const me = useMe();
  const [search, setSearch] = useSearchParams();
  const owner = may(me, 'owner');
  const parts = PARTS.filter(
    (p) =>
      owner || p.name === 'account' || p.name === 'defaults' || (p.name === 'files' && may(me, 'decorator')),
  );
  const wanted = search.get('part') as Part | null;
  const part = parts.some((p) => p.name === wanted) ? wanted! : 'account';
  return (
    <Page
      title={me?.workshop ?? 'Workshop'}
      note="Who works here, what holds for every plan, and what is kept."
    >
      <div className="mb-6">
        <Choice
          label="Part of the workshop"
          hideLabel
          value={part}
          options={parts}
          onChoice={(name) => setSearch({ part: name }, { replace: true })}
        />
      </div>
      <Suspense fallback={<p className="note">One moment</p>}>
        {part === 'people' ? (
          <People />
        ) : part === 'defaults' ? (
          <Defaults mayChange={owner} />
        ) : part === 'files' ? (
          <Files owner={owner} />
        ) : part === 'audit' ? (
          <AuditTrail />
        ) : (
          <Account />
        )}
      </Suspense>
    </Page>
  );
}
