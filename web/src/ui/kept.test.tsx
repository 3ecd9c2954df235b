import { act, cleanup, render, screen } from '@testing-library/react';
import { MemoryRouter, useNavigate } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useKept } from './kept';

let set: (value: string) => void;
let go: (to: string) => void;

function Drawer() {
  const [value, setValue] = useKept('drawer', 'none');
  set = setValue;
  const navigate = useNavigate();
  go = (to) => void navigate(to);
  return <p>{value}</p>;
}

const open = (at = '/plan/1/make') =>
  render(
    <MemoryRouter initialEntries={[at]}>
      <Drawer />
    </MemoryRouter>,
  );

beforeEach(() => sessionStorage.clear());
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('what is chosen on a page', () => {
  it('outlives a reload', () => {
    open();
    act(() => set('Cut'));
    cleanup();
    open();
    expect(screen.getByText('Cut')).toBeTruthy();
  });

  it('is of its own page, and is there again after going back', () => {
    open();
    act(() => set('Cut'));
    act(() => go('/plan/2/make'));
    expect(screen.getByText('none')).toBeTruthy();
    act(() => set('Sheets'));
    act(() => go('/plan/1/make'));
    expect(screen.getByText('Cut')).toBeTruthy();
  });

  it('is the usual where what was kept cannot be read', () => {
    sessionStorage.setItem('sectorum.kept./plan/1/make.drawer', '{half');
    open();
    expect(screen.getByText('none')).toBeTruthy();
  });

  it('holds on the page where the browser keeps nothing', () => {
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full');
    });
    open();
    act(() => set('Cut'));
    expect(screen.getByText('Cut')).toBeTruthy();
  });
});
