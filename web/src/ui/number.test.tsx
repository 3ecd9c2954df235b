import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { NumberField } from './number';

beforeEach(() => {
  vi.spyOn(api, 'preferences').mockResolvedValue({ unit: 'cm', tapeMm: 1, handMm: 0.7, hand: 'right' });
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function field(value: number | null, mayBeEmpty: boolean) {
  const onNumber = vi.fn().mockResolvedValue(null);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <NumberField label="In stock" value={value} mayBeEmpty={mayBeEmpty} onNumber={onNumber} />
    </QueryClientProvider>,
  );
  const input = screen.getByLabelText<HTMLInputElement>('In stock');
  return {
    input,
    onNumber,
    type: (text: string) => {
      fireEvent.change(input, { target: { value: text } });
      fireEvent.keyDown(input, { key: 'Enter' });
    },
  };
}

describe('a number typed', () => {
  it.each([
    ['12.5', 12.5],
    ['12,5', 12.5],
    [' 7 ', 7],
    ['-3', -3],
    ['0', 0],
  ])('%s is read', async (text, number) => {
    const { type, onNumber } = field(1, false);
    type(text);
    await waitFor(() => expect(onNumber).toHaveBeenCalledWith(number));
  });

  it.each(['half', '1e5', '12.', '1 000', '--1', '٣'])('"%s" is told and kept', async (text) => {
    const { input, type, onNumber } = field(4, false);
    type(text);
    expect((await screen.findByRole('alert')).textContent).toContain('In stock is a number');
    expect(input.value).toBe(text);
    expect(onNumber).not.toHaveBeenCalled();
  });

  it('is none where it may be emptied', async () => {
    const { type, onNumber } = field(4, true);
    type('');
    await waitFor(() => expect(onNumber).toHaveBeenCalledWith(null));
  });

  it('shows no more digits than matter', () => {
    expect(field(0.333333, false).input.value).toBe('0.33');
    cleanup();
    expect(field(null, true).input.value).toBe('');
  });
});
