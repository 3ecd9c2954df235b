import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Opened } from '../api/client';
import { beginOpening, opening } from './ahead';

const opened = (id: number) => ({ saved: { id } }) as Opened;

describe('a plan asked for ahead', () => {
  beforeEach(() => {
    vi.restoreAllMocks();
  });

  it('is taken once, and asked for anew by whoever opens it later', async () => {
    const asked = vi.spyOn(api, 'opened').mockImplementation((id) => Promise.resolve(opened(id)));
    void beginOpening(7);
    expect((await opening(7)).saved.id).toBe(7);
    expect(asked).toHaveBeenCalledTimes(1);
    await opening(7);
    expect(asked).toHaveBeenCalledTimes(2);
  });

  it('is nobody else’s', async () => {
    const asked = vi.spyOn(api, 'opened').mockImplementation((id) => Promise.resolve(opened(id)));
    void beginOpening(7);
    expect((await opening(8)).saved.id).toBe(8);
    expect(asked).toHaveBeenCalledTimes(2);
  });

  it('tells whoever takes it that it failed', async () => {
    vi.spyOn(api, 'opened').mockRejectedValue(new Error('away'));
    void beginOpening(7).catch(() => undefined);
    await expect(opening(7)).rejects.toThrow('away');
  });
});
