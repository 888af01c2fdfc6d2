/** The hotspot and the profile that an address names, with its settings and the acts that change them. */
import { computed, provide } from 'vue';
import { useRoute } from 'vue-router';
import { editProfile, effectiveProfile, isOwn, profilesOf, setBack, takeOver } from '@relay/core/plan/profiles';
import { hotspotsOf } from '@relay/core/plan/sites';
import type { ProfileValues, Site } from '@relay/core/plan/types';
import { settingsOf } from '@relay/core/registries/outputs';
import type { Setting, SettingValue } from '@relay/core/settings/setting';
import { SOURCE } from '../../fields/source';
import { usePlanStore } from '../../sync/plan-store';

export function useHotspot(siteId: () => string | undefined) {
  const store = usePlanStore();
  const route = useRoute();
  const sites = computed(() => hotspotsOf(store.plan!));
  const site = computed(() => sites.value.find((one) => one.id === siteId()) ?? sites.value[0] ?? null);
  const profiles = computed(() => (site.value ? profilesOf(store.plan!, site.value.id) : []));
  /** The one that is looked at: as the address says, else the one that runs. */
  const profile = computed(
    () =>
      profiles.value.find((one) => one.id === route.query['profile']) ??
      profiles.value.find((one) => one.id === site.value?.activeProfileId) ??
      null,
  );
  const isActive = computed(() => profile.value?.id === site.value?.activeProfileId);
  const base = computed(() => (profile.value?.baseId ? store.plan!.profiles.byId[profile.value.baseId]! : null));
  const values = computed(() =>
    site.value && profile.value ? effectiveProfile(store.plan!, site.value.id, profile.value.id) : null,
  );
  const settings = computed(() =>
    site.value && profile.value ? settingsOf(store.plan!, site.value.id, profile.value.id) : [],
  );
  /** Which profile an edit is in, where there are several to mistake it for. */
  const where = computed(() =>
    profiles.value.length > 1 ? `${site.value!.name}, ${profile.value!.name}` : (site.value?.name ?? ''),
  );

  function edit(label: string, recipe: (of: ProfileValues) => void): void {
    const [siteNow, profileNow] = [site.value!.id, profile.value!.id];
    store.edit(`${where.value}: ${label}`, (draft) => editProfile(draft, siteNow, recipe, profileNow));
  }

  function editSite(label: string, recipe: (of: Site) => void): void {
    const { id, name } = site.value!;
    store.edit(`${name}: ${label}`, (draft) => recipe(draft.sites.byId[id]!));
  }

  const set = (setting: Setting, value: SettingValue): void =>
    void store.edit(
      `${setting.path === null ? site.value!.name : where.value}: ${setting.title.toLowerCase()}`,
      (draft) => setting.write(draft, value),
    );

  provide(SOURCE, {
    of(path) {
      const [own, from] = [profile.value, base.value];
      return own && from ? { isOwn: isOwn(own, path), from: from.name } : null;
    },
    takeOver(path, label) {
      const { id } = profile.value!;
      store.edit(`${where.value}: ${label} kept here`, (draft) => takeOver(draft, id, path));
    },
    setBack(path, label) {
      const { id } = profile.value!;
      store.edit(`${where.value}: ${label} as in ${base.value?.name ?? 'its base'}`, (draft) =>
        setBack(draft, id, path),
      );
    },
  });

  return { store, sites, site, profiles, profile, isActive, base, values, settings, edit, editSite, set, where };
}
