/** Whether this browser has a voice of its own. */
export const canSpeak = (): boolean => typeof speechSynthesis !== 'undefined';

/** Said by the browser's own voice; whatever it was saying it leaves. */
export function speak(words: string): void {
  if (!canSpeak()) {
    return;
  }
  speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(words);
  said.lang = 'en';
  said.rate = 0.95;
  speechSynthesis.speak(said);
}
