<script setup lang="ts">
/** What makes a profile ready and silent, line by line, before anything is done. */
import { shallowRef, watch } from 'vue';
import type { BuildItem } from '@relay/core/builder/types';
import { carryOutStandby, proposeStandby } from '@relay/core/registries/builder';
import type { Hotspot, Profile } from '@relay/core/plan/types';
import { useLeftOut } from '../../fields/left-out';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Hotspot; profile: Profile }>();
const open = defineModel<boolean>({ required: true });
const store = usePlanStore();
const items = shallowRef<BuildItem[]>([]);
const { chosen, isLeft, tick, begin } = useLeftOut(
  () => items.value,
  (one) => one.id,
);
watch(
  open,
  (now) => {
    if (!now) return;
    items.value = proposeStandby(store.plan!, props.site.id, props.profile.id);
    begin();
  },
  { immediate: true },
);

function whatOf({ kind, subject, field }: BuildItem): string {
  switch (kind) {
    case 'add-network':
      return `a ${subject} network`;
    case 'add-channel':
      return `channel ${subject}`;
    case 'add-contact':
      return `contact ${subject}`;
    case 'add-to-zone':
      return `into zone ${subject}`;
    default:
      return field;
  }
}

function carry(): void {
  const { site, profile } = props;
  const count = chosen.value.length;
  store.edit(
    `${site.name}, ${profile.name}: standby`,
    carryOutStandby(site.id, profile.id, ({ id }) => !isLeft(id)),
  );
  const changes = `${count} ${count === 1 ? 'change' : 'changes'}`;
  store.notice = `${profile.name} is ready and silent: ${changes}. Undo takes them back.`;
  open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" size="min(640px, 100%)" :title="`Ready, silent: ${profile.name} of ${site.name}`">
    <div class="body">
      <p>
        On every mode, nothing linked: it can stay on for days, and speaks when one of your radios calls. Each radio can
        leave again what it called.
      </p>
      <p v-if="items.length === 0" role="status" data-testid="standby-is">
        Nothing to change: this profile is silent, and every radio has its way out.
      </p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">Take</span></th>
            <th scope="col">What</th>
            <th scope="col">Now</th>
            <th scope="col">Then</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="item in items" :key="item.id" data-testid="standby-line">
            <td>
              <input
                type="checkbox"
                :checked="!isLeft(item.id)"
                :aria-label="`${whatOf(item)} ${item.to}`"
                @change="tick(item.id, $event)"
              />
            </td>
            <td>{{ whatOf(item) }}</td>
            <td>{{ item.from }}</td>
            <td>{{ item.to }}</td>
          </tr>
        </tbody>
      </table>
      <p class="soft">
        To wake it from scanning, key up about two seconds. Leave a hotspot on unattended only where your licence and
        your national rules allow it.
      </p>
    </div>
    <template #footer>
      <el-button @click="open = false">{{ items.length ? 'Not now' : 'Close' }}</el-button>
      <el-button
        v-if="items.length"
        type="primary"
        :disabled="chosen.length === 0"
        data-testid="carry-standby"
        @click="carry"
        >Make these {{ chosen.length }} {{ chosen.length === 1 ? 'change' : 'changes' }}</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.body {
  display: grid;
  gap: 12px;
}
</style>
