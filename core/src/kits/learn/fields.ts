/** The fields that the tables of each role can have. */
import type { KitRole } from '../../plan/kit';
import { MODE_IDS } from '../../plan/modes';
import { CHANNEL_COLUMNS, LIST_COLUMNS } from '../channel-columns';
import type { KitField, KitModes, RecordRole } from '../kit-field';
import { SITE_COLUMNS } from '../site-columns';

/** Every kind of row that a mode keeps beside channels. */
export const recordRoles = (modes: KitModes): RecordRole[] => MODE_IDS.flatMap((mode) => modes[mode].kit.roles);

/** A column of modes knows them by what each is called. */
export function withModes(fields: readonly KitField[], modes: KitModes): KitField[] {
  const named = Object.fromEntries(MODE_IDS.map((mode) => [mode, modes[mode].kit.called]));
  return fields.map((field) => (field.id === 'mode' ? { ...field, reads: { as: 'words', words: named } } : field));
}

/** Every field of a channel that a column can hold; columns of modes know the modes by name. */
export function channelKitFields(modes: KitModes): KitField[] {
  const common = withModes(CHANNEL_COLUMNS, modes);
  const seen = new Set<string>();
  return [...common, ...MODE_IDS.flatMap((mode) => modes[mode].kit.fields)].filter(
    ({ id }) => !seen.has(id) && seen.add(id),
  );
}

/** The fields that a table of a role can have. */
export function fieldsOf(role: KitRole, modes: KitModes): readonly KitField[] {
  if (role === 'channels') return channelKitFields(modes);
  if (role === 'zones' || role === 'scan lists') return LIST_COLUMNS;
  if (role === 'site list') return withModes(SITE_COLUMNS, modes);
  return recordRoles(modes).find((one) => one.role === role)?.fields ?? [];
}
