/** Undo and redo are edits too: the stacks are read off the record of edits, so they survive a reload and another window. */
import type { Patch } from './patches';
import type { Id } from './types';

export interface EditRecord {
  id: Id;
  /** `format`: the document was brought to a newer format; what lies before it names places that are gone. */
  kind: 'edit' | 'undo' | 'redo' | 'format';
  /** The edit that an undo or redo is about. */
  target: Id | null;
  label: string;
  patches: Patch[];
  inverse: Patch[];
}

/** One step that can be taken: the edit it is about, and the patches that take it. */
export interface UndoStep {
  id: Id;
  label: string;
  patches: Patch[];
}

/** Both stacks, newest last. A new edit clears what could be redone. */
export function undoStacks(records: readonly EditRecord[]): { undo: UndoStep[]; redo: UndoStep[] } {
  const undo: UndoStep[] = [];
  const redo: UndoStep[] = [];
  for (const record of records) {
    if (record.kind === 'format') {
      undo.length = 0;
      redo.length = 0;
      continue;
    }
    if (record.kind === 'edit') {
      undo.push({ id: record.id, label: record.label, patches: record.inverse });
      redo.length = 0;
      continue;
    }
    const [from, to] = record.kind === 'undo' ? [undo, redo] : [redo, undo];
    const step = from.findLast((one) => one.id === record.target);
    if (!step) continue;
    from.splice(from.lastIndexOf(step), 1);
    to.push({ ...step, patches: record.inverse });
  }
  return { undo, redo };
}
