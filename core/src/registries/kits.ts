/**
 * The modes with what each knows of other people's files; apart from `MODES`, since only who reads or writes such files
 * needs it.
 */
import { beginWith as beginWithModes, type BorrowChoice } from '../borrow/begin';
import type { Borrowed, Borrowing, BorrowModes } from '../borrow/borrowing';
import { proposeBorrowing as proposeBorrowingWith } from '../borrow/propose';
import type { KitModes } from '../kits/kit-field';
import { kit as c4fm } from '../modes/c4fm/kit';
import { kit as dmr } from '../modes/dmr/kit';
import { kit as dstar } from '../modes/dstar/kit';
import { kit as fm } from '../modes/fm/kit';
import { kit as p25 } from '../modes/p25/kit';
import type { Id, Plan } from '../plan/types';
import { MODES } from './modes';

export const KIT_MODES: KitModes = {
  dmr: { ...MODES.dmr, kit: dmr },
  dstar: { ...MODES.dstar, kit: dstar },
  c4fm: { ...MODES.c4fm, kit: c4fm },
  p25: { ...MODES.p25, kit: p25 },
  fm: { ...MODES.fm, kit: fm },
} as unknown as KitModes;

/** What a borrowed codeplug is to the holder of a plan. @throws Error for a radio that the plan does not have */
export function proposeBorrowing(of: Borrowed): Borrowing {
  return proposeBorrowingWith(of, KIT_MODES as unknown as BorrowModes);
}

/** Begins, in a draft, the codeplug of a radio with a borrowed one. */
export function beginWith(draft: Plan, radioId: Id, borrowing: Borrowing, choice: BorrowChoice): void {
  beginWithModes(draft, radioId, borrowing, KIT_MODES as unknown as BorrowModes, choice);
}
