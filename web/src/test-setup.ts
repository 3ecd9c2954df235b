// jsdom measures nothing; the controls only ask that the observer exists.
class StillObserver implements ResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver ??= StillObserver;
