/** DMR addresses: what a number is, and how people write it. */
import { countryOf } from '../../units/country-codes';
import { ADDRESS_MAX, ADDRESS_MIN, STATION_MAX, STATION_MIN, ALL_CALL } from '../../plan/modes/dmr/limits';

export type AddressClass = 'null' | 'usable' | 'reserved' | 'all-call' | 'not 24 bits';

/** Class of a 24-bit address (ETSI TS 102 361-1, Annex A; bounds from memory). */
export function classifyAddress(number: number): AddressClass {
  if (!Number.isInteger(number) || number < 0 || number > ALL_CALL) return 'not 24 bits';
  if (number === 0) return 'null';
  if (number === ALL_CALL) return 'all-call';
  return number >= ADDRESS_MIN && number <= ADDRESS_MAX ? 'usable' : 'reserved';
}

/** An amateur DMR ID: seven digits (common practice) within the usable addresses. */
export function isStationId(number: number): boolean {
  return number >= STATION_MIN && number <= STATION_MAX && classifyAddress(number) === 'usable';
}

/** Country of a 7-digit ID by its first three digits (ITU-T E.212); `null` when none has that code. */
export function countryOfId(id: number): string | null {
  return countryOf(String(id).slice(0, 3));
}

/** `9992417` → `999 2417`: country code and the rest, as operators read it out. */
export function formatId(id: number): string {
  return isStationId(id) ? `${String(id).slice(0, 3)} ${String(id).slice(3)}` : String(id);
}

/** What a hotspot logs in with: the 7-digit ID and a two-digit suffix. */
export function formatLogin(id: number, suffix: number): string {
  return `${formatId(id)} ${String(suffix).padStart(2, '0')}`;
}
