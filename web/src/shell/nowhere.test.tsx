import { cleanup, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import { Nowhere } from './nowhere';

const open = (at: string, view?: string) =>
  render(
    <MemoryRouter initialEntries={[at]}>
      <Nowhere view={view} />
    </MemoryRouter>,
  );
const ways = () => screen.getAllByRole('link').map((l) => l.getAttribute('href'));

afterEach(cleanup);

describe('an address that is not there', () => {
  it('is named, with ways on', () => {
    open('/cakes/and/more');
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('There is nothing at this address');
    expect(document.body.textContent).toContain('"/cakes/and/more"');
    expect(ways()).toEqual(['/', '/', '/cupboard', '/deleted']);
    expect(document.title).toBe('No such page · Sectorum');
  });

  it('of a plan names the view, and leads to the plan', () => {
    open('/plan/3/icing', 'icing');
    expect(document.body.textContent).toContain('no view called "icing"');
    expect(ways()).toContain('/plan/3/measure');
    expect(document.title).toBe('No such view · Sectorum');
  });

  it('however long, is shown shortened', () => {
    open(`/${'x'.repeat(5000)}`);
    expect(document.body.textContent!.length).toBeLessThan(600);
  });
});
