<script setup lang="ts">
/** When its card or settings were last kept, and whether anything was changed since. */
import { computed } from 'vue';
import { fingerprintOf } from '@relay/core/settings/fingerprint';
import type { Hotspot } from '@relay/core/plan/types';
import { FieldGroup, FieldRow } from '../../fields';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Hotspot }>();
const store = usePlanStore();
const now = computed(() => fingerprintOf(store.plan!, props.site.id));
const day = (on: string) => new Date(`${on}T12:00:00`).toLocaleDateString('en', { dateStyle: 'medium' });

function kept(): void {
  const on = new Date().toISOString().slice(0, 10);
  store.edit(`${props.site.name}: a copy was kept`, (draft) => {
    const site = draft.sites.byId[props.site.id];
    if (site?.kind === 'hotspot') site.backup = { on, of: now.value };
  });
}
</script>

<template>
  <FieldGroup title="Back-up">
    <FieldRow label="Last kept">
      <span v-if="!site.backup">not said</span>
      <span v-else>{{ day(site.backup.on) }}</span>
      <el-button @click="kept">I kept a copy just now</el-button>
      <template #notes>
        <p class="soft">
          {{
            !site.backup
              ? 'A copy of the card, or the file that its settings page saves: the way back when the card fails.'
              : site.backup.of === now
                ? 'Nothing was changed here since.'
                : 'Settings were changed here since: keep another copy once they are on the hotspot.'
          }}
        </p>
      </template>
    </FieldRow>
  </FieldGroup>
</template>
