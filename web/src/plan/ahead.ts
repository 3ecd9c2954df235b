import { api, type Opened } from '../api/client';

let begun: { id: number; opened: Promise<Opened> } | null = null;

/** Asks for a plan before the screen that will show it has come: on a slow line one wait less than the other. */
export function beginOpening(id: number): Promise<Opened> {
  const opened = api.opened(id);
  // Whoever takes it is told; until then it is nobody's fault.
  opened.catch(() => undefined);
  begun = { id, opened };
  return opened;
}

/** A plan with what follows from it: what was asked for ahead, once; whoever opens it later asks anew. */
export function opening(id: number): Promise<Opened> {
  const taken = begun?.id === id ? begun.opened : null;
  begun = null;
  return taken ?? api.opened(id);
}
