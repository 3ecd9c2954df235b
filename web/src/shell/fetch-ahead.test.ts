import { QueryClient } from '@tanstack/react-query';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Opened } from '../api/client';
import { Measure } from '../measure/measure';
import { fetchAhead } from './fetch-ahead';
import { stages } from './screens';
import { STAGES } from './stages';

describe('screens', () => {
  beforeEach(() => {
    vi.restoreAllMocks();
  });

  it.each(['/', '/cupboard', '/plan/x', '/plan/7/nowhere', '/plan/7/plan', '/plan/7/make/more'])(
    'nothing is asked for ahead at %s',
    async (path) => {
      const asked = vi.spyOn(api, 'opened');
      await fetchAhead(path, new QueryClient());
      expect(asked).not.toHaveBeenCalled();
    },
  );

  it.each(['/plan/7', '/plan/7/measure', '/plan/7/'])(
    'at %s the plan, its bench and its stage are',
    async (path) => {
      const bench = { tape: 1 } as unknown as Opened['bench'];
      const asked = vi.spyOn(api, 'opened').mockResolvedValue({ bench } as Opened);
      const client = new QueryClient();
      await fetchAhead(path, client);
      expect(asked).toHaveBeenCalledExactlyOnceWith(7);
      await vi.waitFor(() => expect(client.getQueryData(['bench'])).toBe(bench));
      expect(stages.screen('measure')).toBe(Measure);
    },
  );

  it('where the plan does not come the bench is asked for by itself', async () => {
    const bench = { tape: 2 } as unknown as Opened['bench'];
    vi.spyOn(api, 'opened').mockRejectedValue(new Error('away'));
    vi.spyOn(api, 'bench').mockRejectedValueOnce(new Error('away')).mockResolvedValue(bench);
    const client = new QueryClient({ defaultOptions: { queries: { retry: true, retryDelay: 1 } } });
    await fetchAhead('/plan/7', client);
    await vi.waitFor(() => expect(client.getQueryData(['bench'])).toBe(bench));
  });

  it('a screen that has not come is waited for, always by the same', () => {
    expect(stages.screen('compare')).toBe(stages.screen('compare'));
  });

  it('knows the stages by name and nothing else', () => {
    expect(STAGES.every((s) => stages.has(s.key))).toBe(true);
    expect(['plan', 'toString', '', 'Measure'].some((name) => stages.has(name))).toBe(false);
  });
});
