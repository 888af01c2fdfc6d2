import { editProfile } from '../plan/profiles';
import type { ProfileSpec, Setting, SettingsOf, SiteSpec } from './setting';

/** A setting that stands in the profile: setting it changes that profile alone. */
export function inProfile({ site, profileId, values }: SettingsOf, { get, set, ...spec }: ProfileSpec): Setting {
  return {
    ...spec,
    value: get(values),
    write: (draft, value) => editProfile(draft, site.id, (of) => set(of, value as never), profileId),
  };
}

/** A setting that is the same in every profile. */
export function atSite({ set, ...spec }: SiteSpec): Setting {
  return { ...spec, path: null, write: (draft, value) => set(draft, value as never) };
}
