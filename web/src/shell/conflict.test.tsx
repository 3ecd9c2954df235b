import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type PlanChange } from '../api/client';
import { OpenPlan } from '../plan/context';
import { createEditor } from '../plan/editor';
import { sampleBench, samplePlan } from '../plan/sample';
import { Conflict } from './conflict';

const change = (path: string, template: string): PlanChange => ({
  path,
  where: 'Top tier',
  what: { template, quantities: [] },
});

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

/** Two changed the drop; the other also renamed the plan, which needs no asking. */
function clash(clashes: string[]) {
  const theirs = {
    id: 9,
    revision: 7,
    savedAt: '2026-11-24T10:00:00Z',
    document: { ...samplePlan(), name: 'theirs' },
  };
  const editor = createEditor(
    { ...theirs, revision: 3, document: samplePlan() },
    { tiers: [], ledges: [] } as never,
    () => sampleBench,
  );
  editor.store.setState({ conflict: { theirs, clashes } });
  vi.spyOn(api, 'changes').mockImplementation(async (_, after) =>
    after === theirs.document
      ? [change('/tiers/top/drop', 'Drop from 48 to 40'), change('/name', 'Name from Sample to theirs')]
      : [change('/tiers/top/drop', 'Drop from 48 to 52')],
  );
  const settle = vi.spyOn(editor, 'settle').mockResolvedValue();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <OpenPlan.Provider value={{ editor, tierId: 'top', chooseTier: () => undefined }}>
        <Conflict />
      </OpenPlan.Provider>
    </QueryClientProvider>,
  );
  return settle;
}

describe('what two changed at once', () => {
  it('is asked part by part with both sides, and answered so', async () => {
    const settle = clash(['/tiers/top/drop']);
    expect(await screen.findByText('Mine: Drop from 48 to 52')).toBeTruthy();
    expect(await screen.findByText('Theirs: Drop from 48 to 40')).toBeTruthy();
    expect(screen.queryByText(/Name from/)).toBeNull();
    await act(async () => {
      fireEvent.click(screen.getByRole('radio', { name: 'Theirs' }));
    });
    await act(async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Keep it so' }));
    });
    expect(settle).toHaveBeenCalledWith({ '/tiers/top/drop': 'theirs' });
  });

  it('where nobody chose it is mine', async () => {
    const settle = clash(['/tiers/top/drop']);
    await act(async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Keep it so' }));
    });
    expect(settle).toHaveBeenCalledWith({ '/tiers/top/drop': 'mine' });
  });

  it('without parts it is the whole', async () => {
    const settle = clash([]);
    await act(async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Keep mine' }));
    });
    expect(settle).toHaveBeenCalledWith('mine');
  });
});
