import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { Refusal } from '../api/client';
import { Unanswered } from './unanswered';

afterEach(cleanup);

const refusal = (status: number) => new Refusal({ type: 't', title: 'T', status, detail: 'd' });

it.each([
  ['no answer', 0, true],
  ['a database that is away', 503, true],
  ['a full disk', 507, true],
  ['a refusal', 400, false],
])('%s is told where a page waits for it: %s %s', async (_, status, told) => {
  let answer: (words: string) => void = () => undefined;
  let times = 0;
  const ask = () =>
    times++ === 0 ? Promise.reject(refusal(status)) : new Promise<string>((a) => (answer = a));
  function Page() {
    return useQuery({ queryKey: ['x'], queryFn: ask, retry: true, retryDelay: 1 }).data ?? 'nothing yet';
  }
  const client = new QueryClient();
  render(
    <QueryClientProvider client={client}>
      <Unanswered />
      <Page />
    </QueryClientProvider>,
  );
  await act(() => new Promise((done) => setTimeout(done, 30)));
  expect(screen.queryByRole('status') !== null).toBe(told);
  await act(async () => answer('here'));
  expect(await screen.findByText('here')).toBeTruthy();
  expect(screen.queryByRole('status')).toBeNull();
  client.clear();
});
