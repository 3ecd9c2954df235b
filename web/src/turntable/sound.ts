let context: AudioContext | null = null;

/** Browsers are silent until they were pressed once: called at every press, it makes ready. */
export function makeReady(): void {
  if (typeof AudioContext === 'undefined') {
    return;
  }
  context ??= new AudioContext();
  if (context.state === 'suspended') {
    void context.resume().catch(() => undefined);
  }
}

/** Two tones up: it is time. Three down: it is too late. */
export function ring(late: boolean): void {
  makeReady();
  if (context === null) {
    return;
  }
  const tones = late ? [880, 660, 440, 880, 660, 440] : [660, 880, 660, 880];
  tones.forEach((hertz, i) => {
    const begin = context!.currentTime + i * 0.24;
    const tone = context!.createOscillator();
    const loud = context!.createGain();
    tone.frequency.value = hertz;
    tone.type = 'triangle';
    loud.gain.setValueAtTime(0.0001, begin);
    loud.gain.exponentialRampToValueAtTime(0.4, begin + 0.02);
    loud.gain.exponentialRampToValueAtTime(0.0001, begin + 0.22);
    tone.connect(loud).connect(context!.destination);
    tone.start(begin);
    tone.stop(begin + 0.24);
  });
}
