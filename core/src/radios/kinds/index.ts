/** The generic kinds that ship, the commonest first. No make and no model is among them. */
import { basicDmrHandheld } from './basic-dmr-handheld';
import { largeDmrHandheld } from './large-dmr-handheld';
import { dmrMobile } from './dmr-mobile';
import { dstarHandheld } from './dstar-handheld';
import { dstarMobile } from './dstar-mobile';
import { c4fmHandheld } from './c4fm-handheld';
import { c4fmMobile } from './c4fm-mobile';
import { p25Portable } from './p25-portable';
import { fourMode } from './four-mode';
import type { RadioKind } from '../../plan/types';

export const GENERIC_KINDS: readonly RadioKind[] = [
  basicDmrHandheld,
  largeDmrHandheld,
  dmrMobile,
  dstarHandheld,
  dstarMobile,
  c4fmHandheld,
  c4fmMobile,
  p25Portable,
  fourMode,
];
