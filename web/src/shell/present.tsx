import { useEffect, useRef, useState } from 'react';
import { api, type Plan } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { listen, type Present } from '../plan/live';
import { type StageKey, TITLES } from './stages';

/** Heard as long as a page is open; who was silent for longer is taken for gone. */
const EVERY_MS = 15_000;

const THIS_WINDOW = crypto.randomUUID();

/** Who else looks at this plan, and where; and tells them where this window is. */
export function usePresent(id: number, stage: StageKey): Present[] {
  const { editor, tierId } = useOpen();
  const [people, setPeople] = useState<Present[]>([]);
  const place = `${stage}/${tierId}`;
  const keepUp = useRef(editor.keepUp);
  keepUp.current = editor.keepUp;
  useEffect(
    () =>
      listen(id, (far) => {
        setPeople(far.people.filter((p) => p.device !== THIS_WINDOW));
        void keepUp.current(far.revision);
      }),
    [id],
  );
  useEffect(() => {
    const tell = () => void api.here(id, THIS_WINDOW, place).catch(() => undefined);
    tell();
    const again = setInterval(tell, EVERY_MS);
    return () => clearInterval(again);
  }, [id, place]);
  useEffect(() => {
    const gone = () => {
      const body = new Blob([JSON.stringify({ device: THIS_WINDOW, place: '' })], {
        type: 'application/json',
      });
      navigator.sendBeacon?.(`/api/plans/${id}/presence`, body);
    };
    window.addEventListener('pagehide', gone);
    return () => {
      window.removeEventListener('pagehide', gone);
      gone();
    };
  }, [id]);
  return people;
}

function told(plan: Plan, { who, place }: Present): string {
  const [stage = '', tier = ''] = place.split('/');
  const view = TITLES[stage as StageKey] ?? stage;
  const on = plan.tiers.find((t) => t.id === tier)?.name;
  return `${who}, ${on === undefined ? view : `${view}, ${on}`}`;
}

/** One line while somebody else is here. */
export function AlsoHere({ id, stage }: { id: number; stage: StageKey }) {
  const people = usePresent(id, stage);
  const plan = usePlan();
  if (people.length === 0) {
    return null;
  }
  return (
    <p role="status" aria-label="Also in this plan" className="bg-wash px-5 py-1 text-[0.92rem] print:hidden">
      Also in this plan: {people.map((p) => told(plan, p)).join(' · ')}
    </p>
  );
}
