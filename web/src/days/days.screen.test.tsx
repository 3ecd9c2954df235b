import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { DayItem } from '../api/client';
import { TaskList } from './list';
import { days, item } from './sample';

const task = (id: string, part: Partial<DayItem> = {}) =>
  item({
    id,
    name: `Task ${id}`,
    kind: 'own',
    minutes: 90,
    slack: 430,
    work: [{ from: '2026-12-11T09:00', to: '2026-12-11T10:30' }],
    ...part,
  });

afterEach(cleanup);

describe('the list of tasks', () => {
  it('shows only this plan’s, with day, minutes and slack', () => {
    render(
      <TaskList days={days([task('a'), task('b', { own: false })])} chosen={null} choose={() => undefined} />,
    );
    expect(screen.getByText('All tasks, 1 to do of 1')).toBeTruthy();
    const button = screen.getByRole('button', { hidden: true });
    expect(button.textContent).toContain('Fri 11, 09:00');
    expect(button.textContent).toContain('1 h 30 · slack 7 h 10');
  });

  it('marks what is done, late, and on the tightest way', () => {
    const all = [
      task('done', { state: 'done' }),
      task('late', { late: true, slack: -90 }),
      task('tight', { critical: true }),
    ];
    render(<TaskList days={days(all)} chosen="tight" choose={() => undefined} />);
    const [done, late, tight] = screen.getAllByRole('button', { hidden: true });
    expect(done!.textContent).toContain('Done: Task done');
    expect(done!.textContent).not.toContain('slack');
    expect(late!.textContent).toContain('slack −1 h 30');
    expect(tight!.textContent).toContain('tightest way');
    expect(tight!.getAttribute('aria-pressed')).toBe('true');
  });

  it('chooses by a press', () => {
    const choose = vi.fn();
    render(<TaskList days={days([task('a')])} chosen={null} choose={choose} />);
    screen.getByRole('button', { hidden: true }).click();
    expect(choose).toHaveBeenCalledWith('a');
  });
});
