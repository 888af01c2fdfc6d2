<script setup lang="ts">
/** Two profiles side by side: only what differs, each value to be taken into the other. */
import { computed, ref } from 'vue';
import { settingsOf } from '@relay/core/registries/outputs';
import { differingSettings } from '@relay/core/settings/compare';
import type { Setting } from '@relay/core/settings/setting';
import { settingWords } from '@relay/core/settings/words';
import type { Hotspot, Profile } from '@relay/core/plan/types';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Hotspot; profiles: readonly Profile[] }>();
const store = usePlanStore();
const picked = ref<[string, string]>(['', '']);
/** The one that runs against the next, until others are picked. */
const shown = computed(() => {
  const ids = props.profiles.map((one) => one.id);
  const first = ids.includes(picked.value[0]) ? picked.value[0] : props.site.activeProfileId;
  const second = ids.includes(picked.value[1]) ? picked.value[1] : (ids.find((id) => id !== first) ?? first);
  return [first, second] as const;
});
const nameOf = (id: string) => props.profiles.find((one) => one.id === id)?.name ?? '';
const differing = computed(() =>
  differingSettings(
    settingsOf(store.plan!, props.site.id, shown.value[0]),
    settingsOf(store.plan!, props.site.id, shown.value[1]),
  ),
);
const words = (setting: Setting | null) => (setting ? settingWords(setting, { passwords: false }) : 'has none');

function take(from: Setting | null, into: Setting | null, profileId: string): void {
  if (!from || !into) return;
  store.edit(`${props.site.name}, ${nameOf(profileId)}: ${into.title.toLowerCase()}`, (draft) =>
    into.write(draft, from.value),
  );
}

const pick = (at: 0 | 1, id: string) => (picked.value = at === 0 ? [id, shown.value[1]] : [shown.value[0], id]);
</script>

<template>
  <section aria-labelledby="compare-profiles" class="compare">
    <h2 id="compare-profiles">Where two differ</h2>
    <p v-if="profiles.length < 2" class="soft">With a second profile, what differs stands here, side by side.</p>
    <template v-else>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Setting</th>
            <th v-for="at in [0, 1] as const" :key="at" scope="col">
              <el-select
                :model-value="shown[at]"
                :persistent="false"
                size="small"
                :aria-label="at === 0 ? 'First profile' : 'Second profile'"
                @update:model-value="pick(at, $event as string)"
              >
                <el-option v-for="one in profiles" :key="one.id" :value="one.id" :label="one.name" />
              </el-select>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ one, other } in differing" :key="(one ?? other)!.id" data-testid="differs">
            <th scope="row">{{ (one ?? other)!.title }}</th>
            <td
              v-for="[mine, theirs, id] in [
                [one, other, shown[0]],
                [other, one, shown[1]],
              ] as const"
              :key="id"
            >
              <span class="mono">{{ words(mine) }}</span>
              <button
                v-if="mine && theirs && mine.path"
                type="button"
                class="take"
                :aria-label="`${mine.title}: take ${words(theirs)} into ${nameOf(id)}`"
                @click="take(theirs, mine, id)"
              >
                {{ mine === one ? '← take' : 'take →' }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="differing.length === 0" class="soft">
        {{ nameOf(shown[0]) }} and {{ nameOf(shown[1]) }} come to the same.
      </p>
    </template>
  </section>
</template>

<style scoped>
.compare {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
}

td span {
  overflow-wrap: anywhere;
}

.take {
  margin-left: 6px;
  padding: 0 2px;
  color: var(--ink-soft);
  background: none;
  border: 0;
  font: inherit;
  font-size: 12px;
  text-decoration: underline;
  cursor: pointer;
}

.take:hover {
  color: var(--ink);
}
</style>
