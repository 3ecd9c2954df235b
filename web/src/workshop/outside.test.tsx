import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../api/client';
import { useSend, Wrong, wanted } from './outside';

afterEach(cleanup);

describe('where to after signing in', () => {
  it.each([
    ['', '/'],
    ['?to=%2Fplan%2F3%2Fdress%3Ftier%3Da', '/plan/3/dress?tier=a'],
    ['?to=https%3A%2F%2Fevil.example', '/'],
    ['?to=%2F%2Fevil.example', '/'],
    ['?to=%2F%5Cevil.example', '/'],
    ['?to=javascript%3Aalert(1)', '/'],
  ])('%s leads to %s', (search, to) => {
    expect(wanted(search)).toBe(to);
  });
});

function Form({ send }: { send: () => Promise<void> }) {
  const { onSubmit, busy, wrong } = useSend(send);
  return (
    <form onSubmit={onSubmit}>
      <Wrong words={wrong()} />
      <p>{wrong('name') ?? 'name is fine'}</p>
      <button type="submit" disabled={busy}>
        Send
      </button>
    </form>
  );
}

describe('a form that is sent', () => {
  const refusal = (field?: string) =>
    new Refusal({ type: 't', title: 'T', status: 400, detail: 'Too long.', ...(field ? { field } : {}) });

  it('is sent once and shut meanwhile', async () => {
    let done: (() => void) | undefined;
    const send = vi.fn(() => new Promise<void>((settle) => (done = settle)));
    render(<Form send={send} />);
    const press = screen.getByRole('button');
    fireEvent.click(press);
    expect((press as HTMLButtonElement).disabled).toBe(true);
    await act(async () => done!());
    expect(send).toHaveBeenCalledOnce();
    expect((press as HTMLButtonElement).disabled).toBe(false);
  });

  it.each([
    ['name', 'Too long.', false],
    [undefined, 'name is fine', true],
  ])('tells what is wrong where it is: %s', async (field, atName, above) => {
    render(<Form send={() => Promise.reject(refusal(field))} />);
    await act(async () => {
      fireEvent.click(screen.getByRole('button'));
    });
    expect(screen.getAllByText(atName).length).toBeGreaterThan(0);
    expect(screen.queryByRole('alert') !== null).toBe(above);
  });
});
