import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { dropDraft, findDraft, keepDraft } from './draft';
import { samplePlan } from './sample';

const kept = () => localStorage.getItem('sectorum.draft.9');
const draft = (name: string) => ({ base: 3, plan: { ...samplePlan(), name } });

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
});
afterEach(() => {
  vi.useRealTimers();
});

it('is written a frame later, the newest alone', () => {
  keepDraft(9, draft('one'));
  keepDraft(9, draft('two'));
  expect(kept()).toBeNull();
  vi.runAllTimers();
  expect(JSON.parse(kept()!).plan.name).toBe('two');
  keepDraft(9, draft('three'));
  vi.runAllTimers();
  expect(JSON.parse(kept()!).plan.name).toBe('three');
});

it('is written at once by a page that is left, and for whoever looks for it', () => {
  keepDraft(9, draft('one'));
  window.dispatchEvent(new Event('pagehide'));
  expect(JSON.parse(kept()!).plan.name).toBe('one');
  keepDraft(9, draft('two'));
  expect(findDraft(9)?.plan.name).toBe('two');
});

it('is not written after it was dropped', () => {
  keepDraft(9, draft('one'));
  dropDraft(9);
  vi.runAllTimers();
  expect(kept()).toBeNull();
  expect(findDraft(9)).toBeNull();
});
