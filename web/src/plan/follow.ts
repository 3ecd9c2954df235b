const AGAIN_AFTER_MS = 2000;

/**
 * Goes after what others saved until it is had. It is told once: whoever is busy just then, or gets no answer, asks again a
 * moment later.
 */
export function following(had: () => number, free: () => boolean, take: () => Promise<void>) {
  let told = 0;
  let taking = false;
  let stopped = false;
  let again: ReturnType<typeof setTimeout> | undefined;

  async function goOn(): Promise<void> {
    clearTimeout(again);
    if (taking || stopped || told <= had()) {
      return;
    }
    if (free()) {
      taking = true;
      await take();
      taking = false;
    }
    if (told > had() && !stopped) {
      again = setTimeout(() => void goOn(), AGAIN_AFTER_MS);
    }
  }

  return {
    hear(newest: number): Promise<void> {
      told = Math.max(told, newest);
      return goOn();
    },
    stop(): void {
      stopped = true;
      clearTimeout(again);
    },
  };
}
