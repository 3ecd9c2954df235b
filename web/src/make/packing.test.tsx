import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Packing, Refusal, type TemplateOrder } from '../api/client';
import { useToasts } from '../ui/toasts';
import { usePacking } from './packing';

const ORDER = { names: ['a'] } as unknown as TemplateOrder;
const then = vi.fn();

/** A pack under way: how far it is, how it ends, and whether it was hung up on. */
let tell: (packing: Packing) => void;
let end: (pdf: Blob) => void;
let fail: (why: unknown) => void;
let signal: AbortSignal;

function Page() {
  const { packing, make, cancel } = usePacking();
  return (
    <>
      {packing ? (
        <div role="status">
          Sheet {packing.done} of {packing.of}
          <button type="button" onClick={cancel}>
            Stop
          </button>
        </div>
      ) : null}
      <button type="button" onClick={() => void make(ORDER, 7, then)}>
        Save
      </button>
    </>
  );
}

const press = (name: string) => {
  const button = screen.getByRole('button', { name });
  button.focus();
  fireEvent.click(button);
};
const said = () => useToasts.getState().said.map((s) => s.text);

beforeEach(() => {
  useToasts.setState({ said: [] });
  then.mockClear();
  vi.spyOn(api, 'pack').mockImplementation((_, progress, on) => {
    tell = progress;
    signal = on!;
    return new Promise((done, no) => {
      end = done;
      fail = no;
      on!.addEventListener('abort', () => no(new Error('hung up')));
    });
  });
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('a pack', () => {
  it('tells how far it is and hands over what came', async () => {
    render(<Page />);
    press('Save');
    expect(screen.getByText(/Sheet 0 of 7/)).toBeTruthy();
    act(() => tell({ done: 3, of: 7 }));
    expect(screen.getByText(/Sheet 3 of 7/)).toBeTruthy();
    const pdf = new Blob(['%PDF']);
    await act(async () => end(pdf));
    expect(then).toHaveBeenCalledWith(pdf);
    expect(screen.queryByRole('status')).toBeNull();
    expect(document.activeElement?.textContent).toBe('Save');
  });

  it('is made once, however often it is pressed, and again afterwards', async () => {
    render(<Page />);
    press('Save');
    press('Save');
    expect(api.pack).toHaveBeenCalledOnce();
    await act(async () => end(new Blob()));
    press('Save');
    expect(api.pack).toHaveBeenCalledTimes(2);
  });

  it('stops when told to, says so, and gives the keys back', async () => {
    render(<Page />);
    press('Save');
    press('Stop');
    await waitFor(() => expect(screen.queryByRole('status')).toBeNull());
    expect(signal.aborted).toBe(true);
    expect(said()).toEqual(['Stopped; nothing was printed.']);
    expect(then).not.toHaveBeenCalled();
    expect(document.activeElement?.textContent).toBe('Save');
  });

  it('that fails says why', async () => {
    render(<Page />);
    press('Save');
    await act(async () =>
      fail(new Refusal({ type: 'x', title: '', status: 503, detail: 'The database does not answer.' })),
    );
    expect(said()).toEqual(['The database does not answer.']);
  });
});
