/**
 * Whether a hotspot was changed since a copy of it was kept: its settings as a short text that is the same as long as
 * they are.
 */
import { mapSecrets } from '../plan/secrets';
import { profilesOf } from '../plan/profiles';
import type { Id, Plan } from '../plan/types';
import { fingerprintText } from '../units/fingerprint';

/** Values with their keys in one order: databases keep none. */
function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([one], [other]) => (one < other ? -1 : 1))
      .map(([key, part]) => [key, ordered(part as unknown)]),
  );
}

const OF_THE_DAY = ['backup', 'taught', 'activeProfileId', 'rxHz', 'txHz'];

/** 16 hex digits. Of a secret only counts whether there is one: the text may be shown. */
export function fingerprintOf(plan: Plan, siteId: Id): string {
  const { callSign, dmrId } = plan.station;
  // What it runs now, when a copy was kept and which file was given are no settings.
  const own = Object.entries(plan.sites.byId[siteId] ?? {}).filter(([key]) => !OF_THE_DAY.includes(key));
  const profiles = profilesOf(plan, siteId).map((one) => mapSecrets(one, () => 'kept'));
  const text = JSON.stringify(ordered([callSign, dmrId, Object.fromEntries(own), profiles]));
  return fingerprintText(text);
}
