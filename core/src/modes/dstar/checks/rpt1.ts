/** What is wrong with an RPT1 that is not its site's. */
import { withModule } from '../addresses';
import { FIELD_LENGTH } from '../../../plan/modes/dstar/limits';

/** The right call sign, with its letter in another place or missing; else another call sign or module. */
export function rpt1Fault(rpt1: string, callSign: string): 'misplaced' | 'missing' | 'other' {
  const plain = rpt1.trim();
  if (plain === callSign && withModule(callSign, '') === rpt1) return 'missing';
  const begins = plain.startsWith(callSign) && /^ *[A-Z]$/.test(plain.slice(callSign.length));
  return begins && rpt1[FIELD_LENGTH - 1] === ' ' ? 'misplaced' : 'other';
}
