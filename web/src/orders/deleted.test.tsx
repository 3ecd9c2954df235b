import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, Refusal } from '../api/client';
import { useToasts } from '../ui/toasts';
import { Deleted } from './deleted';

const open = () =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>
        <Deleted />
      </MemoryRouter>
    </QueryClientProvider>,
  );
const refusal = (detail: string) => new Refusal({ type: 'x', title: '', status: 503, detail });
const said = () => useToasts.getState().said.map((s) => s.text);

beforeEach(() => {
  useToasts.setState({ said: [] });
  vi.spyOn(api, 'plans').mockResolvedValue([]);
  vi.spyOn(api, 'deleted').mockResolvedValue([
    { id: 4, name: 'Lost', client: '', deletedAt: '2026-11-20T10:00:00Z', goneAt: '2026-12-20T10:00:00Z' },
  ]);
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('deleted orders', () => {
  it('say since when and how long yet', async () => {
    open();
    expect(await screen.findByText('Lost')).toBeTruthy();
    expect(screen.getByText('deleted on 20 November 2026 · gone after 20 December 2026')).toBeTruthy();
    expect(document.title).toBe('Deleted orders · Sectorum');
  });

  it('are brought back by one press', async () => {
    const restore = vi.spyOn(api, 'restore').mockResolvedValue({} as never);
    open();
    fireEvent.click(await screen.findByRole('button', { name: 'Bring back Lost' }));
    vi.mocked(api.deleted).mockResolvedValue([]);
    await waitFor(() => expect(restore).toHaveBeenCalledWith(4));
    expect(await screen.findByText('Nothing was deleted in the last thirty days.')).toBeTruthy();
    expect(said()).toEqual(['Lost is back among the orders.']);
    expect(document.activeElement?.id).toBe('work');
  });

  it('stay where they are when it fails, with the reason', async () => {
    vi.spyOn(api, 'restore').mockRejectedValue(refusal('There is no plan 4.'));
    open();
    fireEvent.click(await screen.findByRole('button', { name: 'Bring back Lost' }));
    await waitFor(() => expect(said()).toEqual(['There is no plan 4.']));
    expect(screen.getByText('Lost')).toBeTruthy();
  });

  it('that cannot be asked for say why', async () => {
    vi.mocked(api.deleted).mockRejectedValue(refusal('The database does not answer.'));
    open();
    expect((await screen.findByRole('alert')).textContent).toBe('The database does not answer.');
  });
});
