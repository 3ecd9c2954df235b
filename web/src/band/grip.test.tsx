import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Grip } from './grip';

const on = { preview: vi.fn(), commit: vi.fn(), cancel: vi.fn() };

type Props = Parameters<typeof Grip>[0];

const grip = (more: Partial<Props> = {}) => {
  render(
    <svg>
      <title>band</title>
      <Grip
        label="Lowest point"
        value={48}
        perMm={-1}
        stepMm={1}
        min={10}
        max={50}
        x={0}
        y={0}
        pxPerMm={2}
        shown="4.8 cm"
        onPreview={on.preview}
        onCommit={on.commit}
        onCancel={on.cancel}
        {...more}
      />
    </svg>,
  );
  return screen.getByRole('slider');
};
const committed = () => on.commit.mock.calls.map(([value]) => Number(value.toFixed(6)));

beforeEach(() => {
  vi.resetAllMocks();
  // jsdom captures no pointer.
  SVGElement.prototype.setPointerCapture = () => undefined;
});
afterEach(cleanup);

describe('a grip', () => {
  it('says what it is, where it stands and how far it goes', () => {
    const held = grip();
    expect(held.getAttribute('aria-valuetext')).toBe('4.8 cm');
    expect(['now', 'min', 'max'].map((a) => held.getAttribute(`aria-value${a}`))).toEqual(['48', '10', '50']);
    expect(held.getAttribute('aria-orientation')).toBe('vertical');
  });

  it.each([
    ['ArrowDown', false, 49],
    ['ArrowUp', false, 47],
    ['ArrowDown', true, 50],
    ['ArrowUp', true, 43],
  ])(
    'goes by one division with %s, by five with Shift (%s), and never past its ends',
    (key, shiftKey, to) => {
      fireEvent.keyDown(grip(), { key, shiftKey });
      expect(committed()).toEqual([to]);
    },
  );

  it('along the side answers the other two arrows', () => {
    const held = grip({ along: true, perMm: 1 });
    for (const key of ['ArrowUp', 'ArrowDown', 'ArrowRight', 'ArrowLeft']) {
      fireEvent.keyDown(held, { key });
    }
    expect(committed()).toEqual([49, 47]);
  });

  it('takes each press from what is meant by now, not from the picture that lags', () => {
    let meant = 40;
    on.commit.mockImplementation((value: number) => {
      meant = value;
    });
    const held = grip({ newest: () => meant });
    for (let i = 0; i < 6; i++) {
      fireEvent.keyDown(held, { key: 'ArrowDown' });
    }
    fireEvent.keyDown(held, { key: 'ArrowUp' });
    expect(committed()).toEqual([41, 42, 43, 44, 45, 46, 45]);
  });

  it('steps to what counts next, where that is told', () => {
    const next = vi.fn((value: number, up: number) => value + 12 * up);
    fireEvent.keyDown(grip({ next, max: 500 }), { key: 'ArrowUp' });
    expect(next).toHaveBeenCalledWith(48, 1);
    expect(committed()).toEqual([60]);
  });

  it('is dragged in the drawing’s scale, shown meanwhile, and kept when let go', () => {
    const held = grip();
    fireEvent.pointerDown(held, { button: 0, clientY: 100, pointerId: 1 });
    fireEvent.pointerMove(held, { clientY: 80, pointerId: 1 });
    expect(on.preview).toHaveBeenCalled();
    expect(on.commit).not.toHaveBeenCalled();
    fireEvent.pointerUp(held, { clientY: 80, pointerId: 1 });
    expect(committed()).toEqual([38]);
  });

  it('only touched changes nothing; Escape and a lost pointer put it back', () => {
    const held = grip();
    fireEvent.pointerDown(held, { button: 0, clientY: 100, pointerId: 1 });
    fireEvent.pointerUp(held, { clientY: 100, pointerId: 1 });
    fireEvent.pointerDown(held, { button: 0, clientY: 100, pointerId: 1 });
    fireEvent.pointerMove(held, { clientY: 60, pointerId: 1 });
    fireEvent.keyDown(held, { key: 'Escape' });
    fireEvent.pointerDown(held, { button: 0, clientY: 100, pointerId: 1 });
    fireEvent.pointerCancel(held, { pointerId: 1 });
    expect(on.commit).not.toHaveBeenCalled();
    expect(on.cancel).toHaveBeenCalledTimes(3);
  });

  it('leaves the other buttons of a mouse alone', () => {
    const held = grip();
    fireEvent.pointerDown(held, { button: 2, clientY: 100, pointerId: 1 });
    fireEvent.pointerMove(held, { clientY: 20, pointerId: 1 });
    expect(on.preview).not.toHaveBeenCalled();
  });
});
