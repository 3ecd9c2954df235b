import type { Phrase, Plan, SavedPlan } from './types';

/** An error as the server tells it (RFC 9457), or one made here when the server did not answer. */
export interface Problem {
  type: string;
  title: string;
  status: number;
  detail: string;
  field?: string;
  phrase?: Phrase;
  yours?: Plan;
  theirs?: SavedPlan;
  /** Parts that both changed, by their paths; none: all of it is asked about. */
  clashes?: string[];
}

export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
  /** No answer, or one that says to come again (507: when there is room): it is kept here and tried again. */
  get unreachable(): boolean {
    return [0, 408, 502, 503, 504, 507].includes(this.problem.status);
  }
}

/** What went wrong, as a problem, whatever was thrown. */
export function problemOf(thrown: unknown): Problem {
  if (thrown instanceof Refusal) {
    return thrown.problem;
  }
  return { type: 'unknown', title: 'It went wrong', status: 0, detail: String(thrown) };
}
