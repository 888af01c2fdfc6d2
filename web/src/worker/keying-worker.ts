/** Keying sheets are worked out off the page's thread: the best order of many memories takes a while. */
import { expose } from 'comlink';
import { PadFault } from '@relay/core/keying/pad';
import { type Holding, radioSheet } from '@relay/core/keying/radio-sheet';
import type { KeyingSheet } from '@relay/core/keying/sheet';
import type { Id, Plan } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';

const keyer = {
  /** The sheet; a text: what of the radio's keys contradicts itself. */
  sheet(plan: Plan, radioId: Id, holding: Holding): KeyingSheet | string | null {
    try {
      return radioSheet(plan, MODES, radioId, holding);
    } catch (error) {
      if (error instanceof PadFault) return error.message;
      throw error;
    }
  },
};

export type Keyer = typeof keyer;

expose(keyer);
