import { useQuery } from '@tanstack/react-query';
import { Link, useLocation } from 'react-router';
import { api, type Instruction, problemOf } from '../api/client';
import { usePlan } from '../plan/context';
import { usePlanId } from '../plan/use';
import { Lead, Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { usePreferences } from '../units/preferences';
import { span } from '../units/time';
import { hours, say } from '../units/units';

/** The whole work, step by step, in the order in which it is done. */
export function Steps() {
  const plan = usePlan();
  const id = usePlanId();
  const { search } = useLocation();
  const { data: steps, error } = useQuery({
    queryKey: ['steps', id, plan],
    queryFn: () => api.steps(id, plan),
    placeholderData: (before) => before,
  });
  const cautions = [...new Set((steps ?? []).map((s) => s.caution).filter((c) => c !== ''))];
  const main = (
    <>
      <h1 className="heading">All steps</h1>
      <p className="note mb-3">
        {plan.readyBy ? 'in the order of the days' : 'in the order of the work; give it a day to see when'}
      </p>
      {error ? (
        <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(error).detail}
        </p>
      ) : null}
      <ol aria-label="Steps" className="border-t-[1.5px] border-ink">
        {steps?.map((s, i) => (
          <Step key={s.number} step={s} first={steps[i - 1]?.task !== s.task} />
        ))}
      </ol>
    </>
  );
  const total = (steps ?? []).reduce((sum, s) => sum + s.minutes, 0);
  const ledger = steps ? (
    <>
      <div>
        <p className="note">Still to do</p>
        <Lead number={String(steps.length)} unit="" words="steps" />
        <Lead number={hours(total)} unit="" words="" />
      </div>
      <dl>
        <Row label="With a wait after">{steps.filter((s) => s.pause).length}</Row>
        <Row label="That cannot be undone">
          {new Set(steps.filter((s) => ['cover', 'stack', 'place'].includes(s.kind)).map((s) => s.task)).size}
        </Row>
      </dl>
      <section aria-label="Cautions">
        <h2 className="heading mb-1.5 text-[1.05rem]">Cautions</h2>
        <ul className="flex flex-col gap-2 text-[0.97rem] leading-snug">
          {cautions.map((c) => (
            <li key={c} className="border-l-4 border-look bg-look-ground px-3 py-2">
              {c}
            </li>
          ))}
        </ul>
      </section>
      <Link
        to={{ pathname: `/plan/${id}/handover`, search }}
        className="inline-flex min-h-11 items-center font-semibold text-pin"
      >
        Handover sheet
      </Link>
    </>
  ) : null;
  return <Stage main={main} ledger={ledger} still />;
}

function Step({ step, first }: { step: Instruction; first: boolean }) {
  const { unit } = usePreferences();
  const tools = [step.tool, step.joint === '' ? '' : `stuck with ${step.joint}`].filter(Boolean).join(' · ');
  return (
    <li className={first ? 'border-t border-ink/30 pt-3' : ''}>
      {first ? (
        <h2 className="heading text-[1.08rem]">
          {step.name}
          {step.guard.length > 0 ? (
            <span className="ml-2 text-[0.95rem] font-normal text-look">
              cannot be undone · before it: {step.guard.slice(-3).join(', ')}
              {step.guard.length > 3 ? ` and ${step.guard.length - 3} more` : ''}
            </span>
          ) : null}
        </h2>
      ) : null}
      <div className="grid grid-cols-[2.4rem_minmax(0,1fr)_5rem] gap-x-3 py-2">
        <span className="text-right font-display text-[1.15rem] text-soft">{step.number}</span>
        <div>
          <p className="leading-snug">{say(step.what, unit)}</p>
          {tools ? <p className="note">{tools}</p> : null}
          {step.pause ? (
            <p className="text-[0.97rem]">
              <b>Then wait</b>{' '}
              {step.pause.least === step.pause.most
                ? span(step.pause.least)
                : `${span(step.pause.least)} to ${span(step.pause.most)}`}{' '}
              {step.pause.where}
            </p>
          ) : null}
          {step.checks.length > 0 ? (
            <p className="text-[0.97rem]">
              <b>Before going on</b> {step.checks.map((check) => say(check, unit)).join(' ')}
            </p>
          ) : null}
          {step.lasting && step.guard.length === 0 ? (
            <p className="text-[0.97rem] text-look">Cannot be undone: look twice.</p>
          ) : null}
          {step.caution ? (
            <p className="mt-1 border-l-4 border-look bg-look-ground px-3 py-1.5 text-[0.97rem]">
              {step.caution}
            </p>
          ) : null}
        </div>
        <span className="text-right">{hours(step.minutes)}</span>
      </div>
    </li>
  );
}
