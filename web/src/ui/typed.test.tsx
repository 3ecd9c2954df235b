import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { api, Refusal } from '../api/client';
import { CountField, LengthField } from './typed';

const shown = (element: React.ReactElement) =>
  render(<QueryClientProvider client={new QueryClient()}>{element}</QueryClientProvider>);

beforeEach(() => {
  vi.spyOn(api, 'preferences').mockResolvedValue({ unit: 'cm', tapeMm: 1, handMm: 0.7, hand: 'right' });
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function type(label: string, text: string): HTMLInputElement {
  const input = screen.getByLabelText<HTMLInputElement>(label);
  fireEvent.change(input, { target: { value: text } });
  fireEvent.keyDown(input, { key: 'Enter' });
  return input;
}

it('reads a length once, when it is meant', async () => {
  const onLength = vi.fn().mockResolvedValue(null);
  vi.spyOn(api, 'length').mockResolvedValue({ mm: 190.5, shown: '7 1/2"' });
  shown(<LengthField label="Diameter" field="diameter" mm={200} onLength={onLength} />);
  const input = type('Diameter', '7 1/2"');
  fireEvent.blur(input);
  await waitFor(() => expect(onLength).toHaveBeenCalledWith(190.5));
  expect(onLength).toHaveBeenCalledOnce();
});

it('keeps what was typed and says why it cannot be used', async () => {
  vi.spyOn(api, 'length').mockRejectedValue(
    new Refusal({ type: 'refused', title: '', status: 400, detail: '"wide" cannot be read as a length.' }),
  );
  shown(<LengthField label="Diameter" field="diameter" mm={200} onLength={vi.fn()} />);
  const input = type('Diameter', 'wide');
  expect(await screen.findByRole('alert')).toHaveProperty(
    'textContent',
    '"wide" cannot be read as a length.',
  );
  expect(input.value).toBe('wide');
  input.focus();
  vi.mocked(api.length).mockClear();
  fireEvent.keyDown(input, { key: 'Escape' });
  expect(api.length).not.toHaveBeenCalled();
  expect(input.value).toBe('20 cm');
  expect(screen.queryByRole('alert')).toBeNull();
});

it('an emptied reading is taken away', async () => {
  const onLength = vi.fn().mockResolvedValue(null);
  shown(<LengthField label="Tape" field="foot" mm={731} mayBeEmpty onLength={onLength} />);
  type('Tape', '');
  await waitFor(() => expect(onLength).toHaveBeenCalledWith(null));
});

it.each([
  ['7', 7],
  ['-3', -3],
])('a count of %s goes on', async (text, n) => {
  const onCount = vi.fn().mockResolvedValue(null);
  shown(<CountField label="Sections" value={5} onCount={onCount} />);
  type('Sections', text);
  await waitFor(() => expect(onCount).toHaveBeenCalledWith(n));
});

it.each(['many', '2.5', '1e9'])('a count of %s is told what is allowed', async (text) => {
  const onCount = vi.fn();
  shown(<CountField label="Sections" value={5} onCount={onCount} />);
  type('Sections', text);
  expect((await screen.findByRole('alert')).textContent).toContain(`"${text}"`);
  expect(onCount).not.toHaveBeenCalled();
});
