<script setup lang="ts">
/** Zones that are no longer what their rules say: what bringing them up to date changes, before it is done. */
import { putRefreshes } from '@relay/core/zones/rule';
import { useLeftOut } from '../../../fields/left-out';
import { channelCount, type Rack } from './use-rack';

const open = defineModel<boolean>({ required: true });
const props = defineProps<{ rack: Rack }>();
const { stale, codeplug, radio, store } = props.rack;
const { chosen, isLeft, tick } = useLeftOut(
  () => stale.value,
  (one) => one.zoneId,
);
const names = (ids: readonly string[]) => ids.map((id) => codeplug.value.channels.byId[id]?.name ?? id).join(', ');

function put(): void {
  const all = chosen.value;
  store.edit(`${all.length} zones as their rules say`, (draft) => putRefreshes(draft, radio.value.id, all));
  open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" size="min(480px, 100%)" title="Zones as their rules say">
    <ul class="zones" data-testid="refresh-preview">
      <li v-for="one in stale" :key="one.zoneId">
        <label
          ><input type="checkbox" :checked="!isLeft(one.zoneId)" @change="tick(one.zoneId, $event)" />
          {{ codeplug.zones.byId[one.zoneId]!.name }}</label
        >
        <p v-if="one.added.length">{{ channelCount(one.added.length) }} in: {{ names(one.added) }}</p>
        <p v-if="one.removed.length">{{ channelCount(one.removed.length) }} out: {{ names(one.removed) }}</p>
        <p v-if="one.reordered">The same channels in another order.</p>
        <p v-if="one.leftOut.length" class="is-doubtful">
          No room for {{ channelCount(one.leftOut.length) }}: {{ names(one.leftOut) }}
        </p>
      </li>
    </ul>
    <template #footer>
      <el-button @click="open = false">Leave them</el-button>
      <el-button type="primary" :disabled="chosen.length === 0" data-testid="put-refresh" @click="put"
        >Bring {{ chosen.length }} up to date</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.zones {
  display: grid;
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}

p {
  margin: 2px 0 0 24px;
}
</style>
