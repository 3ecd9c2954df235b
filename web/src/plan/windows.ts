/** A plan was saved somewhere in this browser. */
export interface Saved {
  id: number;
  revision: number;
}

const CHANNEL = 'sectorum.plans';

const open = () => (typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(CHANNEL));
const speaks = open();

/** Tells the other windows of this browser. */
export function told(saved: Saved): void {
  speaks?.postMessage(saved);
}

/** Hears what other windows save; gives back how to stop. */
export function whenToldElsewhere(run: (saved: Saved) => void): () => void {
  const hears = open();
  if (hears !== null) {
    hears.onmessage = (e: MessageEvent<Saved>) => run(e.data);
  }
  return () => hears?.close();
}
