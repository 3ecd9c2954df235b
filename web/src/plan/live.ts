/** A window in which somebody looks at a plan. */
export interface Present {
  device: string;
  who: string;
  /** The view, and after a stroke the tier. */
  place: string;
}

/** How far a plan and its journal are, and who is at it. */
export interface Far {
  plan: number;
  revision: number;
  place: number;
  people: Present[];
}

/**
 * Hears when a plan or its journal goes on. A browser has few connections to one server, so that of all its windows only one
 * holds the stream and tells the others; when it is closed another takes over.
 */
export function listen(plan: number, heard: (far: Far) => void): () => void {
  const name = `sectorum.live.${plan}`;
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(name);
  const stopped = new AbortController();
  if (channel) {
    channel.onmessage = (e: MessageEvent<Far>) => heard(e.data);
  }
  const hold = () =>
    new Promise<void>((ended) => {
      if (stopped.signal.aborted || typeof EventSource === 'undefined') {
        ended();
        return;
      }
      const stream = new EventSource(`/api/plans/${plan}/live`);
      stream.onmessage = (e: MessageEvent<string>) => {
        const far = JSON.parse(e.data) as Far;
        heard(far);
        channel?.postMessage(far);
      };
      stopped.signal.addEventListener('abort', () => {
        stream.close();
        ended();
      });
    });
  if ('locks' in navigator) {
    navigator.locks.request(name, { signal: stopped.signal }, hold).catch(() => undefined);
  } else {
    void hold();
  }
  return () => {
    stopped.abort();
    channel?.close();
  };
}
