import type { Basis } from '../api/client';

/** Whether nobody here has stated or seen it. */
export const isEstimate = (basis: Basis): boolean => basis.source === 'plain';

const share = (off: number) => `${Math.round(off * 100)} %`;

/** What an estimate rests on, and by how much it may be off. */
export function restsOn({ source, jobs, off }: Basis): string {
  switch (source) {
    case 'plain':
      return `by the plain table, up to ${share(off)} more`;
    case 'craft':
      return 'as the craft states';
    case 'stated':
      return 'as you stated';
    case 'weighed':
      return `as weighed, give or take ${share(off)}`;
    case 'own':
      return `your own, from ${jobs} ${jobs === 1 ? 'job' : 'jobs'}, up to ${share(off)} more`;
  }
}

/** The same of spares, which no table tells by the minute. */
export const sparesOn = (basis: Basis): string =>
  basis.source === 'plain' ? 'the usual share, nobody has counted' : restsOn(basis);
