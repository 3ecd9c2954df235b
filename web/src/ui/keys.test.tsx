import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { setSingleKeys, singleKeysOn, useShortcuts } from './keys';

const ran = { step: vi.fn(), undo: vi.fn(), redo: vi.fn(), find: vi.fn() };

function Page({ over }: { over?: string }) {
  useShortcuts([
    { key: ']', run: ran.step },
    { key: 'z', ctrl: true, shift: false, run: ran.undo },
    { key: 'z', ctrl: true, shift: true, run: ran.redo },
    { key: 'k', ctrl: true, run: ran.find },
  ]);
  return (
    <>
      <button type="button">Press</button>
      <input aria-label="Half typed" />
      <input aria-label="Done" data-idle="" />
      <select aria-label="List" />
      {over ? <div role={over} /> : null}
    </>
  );
}

const press = (label: string | null, key: string, more: Partial<KeyboardEventInit> = {}) =>
  fireEvent.keyDown(label === null ? document.body : screen.getByLabelText(label), { key, ...more });

beforeEach(() => {
  vi.clearAllMocks();
  setSingleKeys(true);
});
afterEach(cleanup);

describe('keys', () => {
  it('work on the page, whichever way the letter is written', () => {
    render(<Page />);
    press(null, ']');
    press(null, 'Z', { ctrlKey: true });
    press(null, 'Z', { ctrlKey: true, shiftKey: true });
    press(null, 'k', { metaKey: true });
    expect(Object.values(ran).map((f) => f.mock.calls.length)).toEqual([1, 1, 1, 1]);
  });

  it.each(['Half typed', 'List'])('without Ctrl belong to what is being typed or chosen in %s', (field) => {
    render(<Page />);
    press(field, ']');
    expect(ran.step).not.toHaveBeenCalled();
    press(field, 'k', { ctrlKey: true });
    expect(ran.find).toHaveBeenCalledOnce();
  });

  it('a half-typed field undoes itself; after Enter the plan is undone', () => {
    render(<Page />);
    press('Half typed', 'z', { ctrlKey: true });
    expect(ran.undo).not.toHaveBeenCalled();
    press('Done', 'z', { ctrlKey: true });
    expect(ran.undo).toHaveBeenCalledOnce();
  });

  it.each(['dialog', 'listbox', 'menu'])('never go through an open %s', (over) => {
    render(<Page over={over} />);
    press(null, ']');
    press(null, 'z', { ctrlKey: true });
    expect(ran.step).not.toHaveBeenCalled();
    expect(ran.undo).not.toHaveBeenCalled();
  });

  it('with Alt they are the browser’s, and single ones can be put off', () => {
    render(<Page />);
    press(null, ']', { altKey: true });
    setSingleKeys(false);
    expect(singleKeysOn()).toBe(false);
    press(null, ']');
    expect(ran.step).not.toHaveBeenCalled();
    press(null, 'z', { ctrlKey: true });
    expect(ran.undo).toHaveBeenCalledOnce();
  });
});
