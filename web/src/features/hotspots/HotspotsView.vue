<script setup lang="ts">
/** One hotspot and one of its profiles: its settings, and the paths through it while they change. */
import { onUnmounted, ref, watchEffect } from 'vue';
import { profilesOf } from '@relay/core/plan/profiles';
import { FieldRow, SettingField } from '../../fields';
import { HotspotFrame, PlaceFindings } from '../../panels';
import { useProfileMatrix } from '../../sync/profile-matrix';
import HotspotForm from './HotspotForm.vue';
import PathRail from './PathRail.vue';
import ProfileBar from './ProfileBar.vue';
import StandbyDrawer from './StandbyDrawer.vue';
import { useHotspot } from './use-hotspot';

const props = defineProps<{ planId: string; siteId?: string }>();
const { store, site, profiles, profile, isActive, values, settings, edit, editSite, set } = useHotspot(
  () => props.siteId,
);
const standing = ref(false);
const matrix = useProfileMatrix(() => site.value?.id);
// The line of the selection is that of the profile that is looked at.
watchEffect(() => {
  store.seenAs =
    site.value && profile.value && !isActive.value ? { siteId: site.value.id, profileId: profile.value.id } : null;
});
onUnmounted(() => (store.seenAs = null));
</script>

<template>
  <HotspotFrame :plan-id="planId" :site="site">
    <template v-if="site && profile && values">
      <ProfileBar :site="site" :profiles="profiles" :profile="profile" />
      <div class="beside">
        <div class="settings">
          <PlaceFindings
            :under="[
              `/sites/byId/${site.id}`,
              ...profilesOf(store.plan!, site.id).map((one) => `/profiles/byId/${one.id}`),
            ]"
          />
          <HotspotForm
            :key="`${site.id} ${profile.id}`"
            :site="site"
            :profile-id="profile.id"
            :profile="values"
            :settings="settings"
            @set="set"
            @change="edit"
            @site="editSite"
          >
            <template #standby>
              <SettingField
                :setting="settings.find((one) => one.id === 'standby')!"
                hint="All networks up, nothing linked: silent until someone keys up."
                @set="
                  (on) =>
                    set(
                      settings.find((one) => one.id === 'standby')!,
                      on,
                    )
                "
              />
              <FieldRow label="Ready, silent"
                ><el-button data-testid="standby" @click="standing = true">See what standby takes</el-button></FieldRow
              >
            </template>
          </HotspotForm>
        </div>
        <StandbyDrawer v-if="standing" v-model="standing" :site="site" :profile="profile" />
        <PathRail class="rail" :matrix="matrix" :profile-id="profile.id" />
      </div>
    </template>
  </HotspotFrame>
</template>

<style scoped>
.beside {
  --form-label: 118px;

  display: grid;
  grid-template-columns: minmax(0, 1fr) 286px;
  gap: 28px;
  padding: 8px 20px 28px;
}

.settings {
  min-width: 0;
}

.settings :deep(.groups) {
  columns: 340px 2;
  column-gap: 26px;
}

.rail {
  position: sticky;
  top: 8px;
  align-self: start;
}

@media (max-width: 1000px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
  }

  .rail {
    position: static;
  }
}
</style>
