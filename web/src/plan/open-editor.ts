import type { Bench } from '../api/client';
import { opening } from './ahead';
import { findDraft, keepDraft } from './draft';
import { type Allowed, createEditor, type Editor } from './editor';
import { same } from './merge';

/** Opens a plan for editing. The workup of a document is fetched before the document is shown, so both always agree. */
export async function openEditor(id: number, bench: () => Bench, allowed?: Allowed): Promise<Editor> {
  const { saved, workup } = await opening(id);
  const draft = findDraft(id);
  const editor = createEditor(saved, workup, bench, allowed);
  if (draft !== null && !same(draft.plan, saved.document)) {
    const refused = await editor.edit(() => draft.plan);
    if (refused !== null) {
      // Kept in the browser still; a person decides about it, not a reload.
      keepDraft(id, draft);
      editor.store.setState({ trouble: refused });
    } else if (draft.base !== saved.revision) {
      editor.resume(draft.base, draft.from ?? saved.document);
    }
  }
  return editor;
}
