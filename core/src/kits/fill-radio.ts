/**
 * What a kit shows of the radio that takes it: how many rows there are places for, how long names are, in which
 * letters, and what its power can be set to.
 */
import type { Kit, KitRole, TableLayout } from '../plan/kit';
import type { Radio, RadioLimits } from '../plan/types';
import { powerShownBy } from './for-radio';

/** Which count of a radio the rows of a role are, and which the members of one of its lists. */
const COUNTS: Readonly<Partial<Record<KitRole, { rows: keyof RadioLimits; members?: keyof RadioLimits }>>> = {
  channels: { rows: 'channels' },
  zones: { rows: 'zones', members: 'channelsPerZone' },
  'scan lists': { rows: 'scanLists', members: 'channelsPerScanList' },
  contacts: { rows: 'contacts' },
  'receive lists': { rows: 'receiveLists', members: 'groupsPerReceiveList' },
};

/** Where each member has a column of its own, a list has no more of them. */
function membersOf({ columns, rowPerMember }: TableLayout): number | null {
  const own = columns.filter(({ field, codec }) => field === 'member' && codec?.as === 'named');
  return rowPerMember || own.length < 2 ? null : own.length;
}

/** What the tables say for sure. */
function shownBy({ tables }: Pick<Kit, 'tables'>): Partial<RadioLimits> {
  const found: Partial<RadioLimits> = {};
  for (const table of tables) {
    const counts = COUNTS[table.role];
    if (!counts) continue;
    if (table.mostRows !== null && !table.rowPerMember) found[counts.rows] = (found[counts.rows] ?? 0) + table.mostRows;
    const members = membersOf(table);
    if (counts.members && members !== null) found[counts.members] = members;
    if (table.role === 'channels' && table.nameLength !== null) found.nameLength = table.nameLength;
  }
  return found;
}

/** Fills in what nobody has said of a radio of a draft; what was said stays. @returns what it filled in */
export function fillRadio(radio: Radio, kit: Pick<Kit, 'tables'>): (keyof RadioLimits | 'letters' | 'power')[] {
  const shown = shownBy(kit);
  const filled = (Object.keys(shown) as (keyof RadioLimits)[]).filter((key) => radio.limits[key] === null);
  for (const key of filled) radio.limits[key] = shown[key]!;
  const letters = kit.tables.find(({ role }) => role === 'channels')?.letters ?? 'any';
  const knowsLetters = letters !== 'any' && radio.letters === null;
  if (knowsLetters) radio.letters = letters;
  const power = powerShownBy(kit);
  const knowsPower = power.length > 0 && radio.power.length === 0;
  if (knowsPower) radio.power = power;
  return [...filled, ...(knowsLetters ? (['letters'] as const) : []), ...(knowsPower ? (['power'] as const) : [])];
}
