import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Divided } from '../api/client';
import { Ladder } from './ladder';

const onCount = vi.fn();

type Rung = Divided['ladder']['rungs'][number];

const rung = (n: number, more: Partial<Rung> = {}): Rung =>
  ({ n, section: 731 / n, odd: n % 2 === 1, folds: false, ...more }) as Rung;

const ladder = (count: number, rungs: Rung[]) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Ladder divided={{ count, ladder: { rungs } } as unknown as Divided} onCount={onCount} />
    </QueryClientProvider>,
  );

const counts = () => screen.getAllByRole('radio').map((r) => Number(r.getAttribute('data-count')));
const chosen = () => screen.getAllByRole('radio').filter((r) => r.getAttribute('aria-checked') === 'true');

beforeEach(() => {
  onCount.mockClear();
  vi.spyOn(api, 'preferences').mockResolvedValue({ unit: 'cm', tapeMm: 1, handMm: 0.7, hand: 'right' });
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('the counts that close', () => {
  it('stand in the order of their counts, the chosen one with its neighbours, eight at most', () => {
    const near = [30, 31, 32];
    ladder(31, [...[5, 6, 7, 8, 9, 10, 11, 12, 13].map((n) => rung(n)), ...near.map((n) => rung(n))]);
    expect(counts()).toHaveLength(8);
    expect(counts()).toEqual([...counts()].sort((a, b) => a - b));
    expect(counts()).toEqual(expect.arrayContaining(near));
    expect(chosen().map((r) => r.getAttribute('data-count'))).toEqual(['31']);
  });

  it('say count and section in the words that stand there', () => {
    ladder(11, [rung(11), rung(12)]);
    expect(screen.getByRole('radio', { name: /11\s*sections of\s*6\.65\scm\s*nearest · odd/ })).toBeTruthy();
  });

  it.each([
    ['ArrowRight', 12],
    ['ArrowDown', 12],
    ['ArrowLeft', 10],
    ['ArrowUp', 10],
  ])('answer %s', (key, n) => {
    ladder(
      11,
      [10, 11, 12].map((k) => rung(k)),
    );
    fireEvent.keyDown(chosen()[0]!, { key });
    expect(onCount).toHaveBeenCalledWith(n);
  });

  it('go round at their ends', () => {
    ladder(
      12,
      [10, 11, 12].map((k) => rung(k)),
    );
    fireEvent.keyDown(chosen()[0]!, { key: 'ArrowRight' });
    expect(onCount).toHaveBeenCalledWith(10);
  });

  it('are one stop for Tab, also where the count in force is none of them', () => {
    ladder(
      11,
      [10, 11, 12].map((k) => rung(k)),
    );
    expect(screen.getAllByRole('radio').map((r) => r.tabIndex)).toEqual([-1, 0, -1]);
    cleanup();
    ladder(
      99,
      [10, 11, 12].map((k) => rung(k)),
    );
    expect(screen.getAllByRole('radio').map((r) => r.tabIndex)).toEqual([0, -1, -1]);
  });

  it('that are refused are not offered, and it is said why', () => {
    const refused = { template: 'an odd count leaves two stakes side by side', quantities: [] };
    ladder(10, [rung(11, { refused } as Partial<Rung>), rung(10), rung(12)]);
    expect(counts()).toEqual([10, 12]);
    expect(document.body.textContent).toContain('Not offered: an odd count leaves two stakes side by side');
  });

  it('show the gap where pieces with gaps are wanted', () => {
    ladder(10, [rung(10, { gap: 39.1 }), rung(11)]);
    expect(screen.getAllByRole('radio')[0]!.textContent).toContain('gap 3.91 cm');
  });
});
