import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Played } from '../api/client';
import { WayRow } from './way-row';

const played = (more: Partial<Played> = {}): Played =>
  ({
    way: 'soft',
    mean: 66.5,
    spread: 2.4,
    shows: 0.31,
    ordinary: 66.5,
    from: 60,
    bar: 1,
    bars: [0, 2, 9, 40, 0],
    ...more,
  }) as Played;

const choose = vi.fn();

const row = (more: Partial<Parameters<typeof WayRow>[0]> = {}) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <WayRow
        way="soft"
        name="Soft card"
        played={played()}
        best={undefined}
        possible
        chosen="tape"
        choose={choose}
        {...more}
      >
        cut to 6.6 cm
      </WayRow>
    </QueryClientProvider>,
  );

beforeEach(() => {
  choose.mockClear();
  vi.spyOn(api, 'preferences').mockResolvedValue({ unit: 'cm', tapeMm: 1, handMm: 0.7, hand: 'right' });
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('a way to mark', () => {
  it('says how it comes out, and a bar stands for every place that was hit', () => {
    row();
    expect(document.body.textContent).toContain('shows in 31 of 100');
    const picture = screen.getByRole('img', { name: /6\.65\scm, give or take 0\.24\scm/ });
    expect(picture.querySelectorAll('rect[fill*="stop"], rect[fill*="good"]')).toHaveLength(3);
  });

  it('that comes out best is told apart', () => {
    row({ best: played() });
    expect(screen.getByText('use this')).toBeTruthy();
    cleanup();
    row({ best: played({ way: 'tape' } as Partial<Played>) });
    expect(screen.queryByText('use this')).toBeNull();
  });

  it('is taken by one press, and says that it is taken', () => {
    row();
    fireEvent.click(screen.getByRole('button', { name: 'Mark it so' }));
    expect(choose).toHaveBeenCalledWith('soft');
    cleanup();
    row({ chosen: 'soft' });
    expect(screen.queryByRole('button')).toBeNull();
    expect(document.body.textContent).toContain('This division is marked so');
  });

  it('that cannot be used here says so', () => {
    row({ played: undefined, possible: false });
    expect(screen.getByText('not for these sections')).toBeTruthy();
    expect(screen.queryByRole('img')).toBeNull();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
