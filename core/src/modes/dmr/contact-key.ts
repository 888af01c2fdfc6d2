import type { CallKind } from '../../plan/types';

/** Contacts are looked up by what they call, not by name. */
export function contactKey(kind: CallKind, number: number): string {
  return kind === 'group' ? `g${number}` : `p${number}`;
}
