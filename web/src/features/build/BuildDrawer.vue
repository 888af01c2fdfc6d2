<script setup lang="ts">
/**
 * What building would do, line by line: nothing happens before the user takes it, and hand-made values stay unless
 * ticked.
 */
import { computed, shallowRef, watch } from 'vue';
import { carryOut } from '@relay/core/registries/builder';
import type { BuildItem } from '@relay/core/builder/types';
import { VirtualRows } from '../../fields';
import { useLeftOut } from '../../fields/left-out';
import { usePlanStore } from '../../sync/plan-store';

const open = defineModel<boolean>({ required: true });
const store = usePlanStore();
const items = shallowRef<BuildItem[] | null>(null);
const { chosen, isLeft, tick, begin } = useLeftOut(
  () => items.value ?? [],
  (one) => one.id,
);

const KIND_WORDS: Record<BuildItem['kind'], string> = {
  'add-channel': 'new channel',
  'change-channel': 'change channel',
  'remove-channel': 'remove channel',
  'change-contact': 'renumber contact',
  'change-list': 'renumber in receive list',
  'add-contact': 'new contact',
  'extend-list': 'add to receive list',
  'add-to-zone': 'add to zone',
  'set-profile': 'set hotspot',
  'add-network': 'new network',
};

async function refresh(): Promise<void> {
  items.value = null;
  const found = await store.proposals();
  items.value = found;
  begin(found.filter((one) => one.handMade).map((one) => one.id));
}

watch(open, (now) => now && void refresh());

const count = computed(() => chosen.value.length);
const handMade = computed(() => items.value?.filter((one) => one.handMade).length ?? 0);

function carry(): void {
  const ids = new Set(chosen.value.map((one) => one.id));
  store.edit(
    'build from wants',
    carryOut((item) => ids.has(item.id)),
  );
  store.notice = `Built: ${ids.size} ${ids.size === 1 ? 'line' : 'lines'} carried out.`;
  open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" title="Build from wants" size="620px" :append-to-body="true">
    <p v-if="items === null" role="status">Working out what is to do…</p>
    <p v-else-if="items.length === 0" role="status" data-testid="nothing-to-build">
      Nothing to do: codeplugs and hotspot profiles are as the wants ask.
    </p>
    <template v-else>
      <p>
        Ticked lines are carried out as one edit; undo takes them back.<template v-if="handMade"
          >{{ ' ' }}{{ handMade }} {{ handMade === 1 ? 'value was' : 'values were' }} not made by the builder and
          {{ handMade === 1 ? 'stays' : 'stay' }} unless you tick {{ handMade === 1 ? 'it' : 'them' }}.</template
        >
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">Take</span></th>
            <th scope="col">What</th>
            <th scope="col">Where</th>
            <th scope="col">From</th>
            <th scope="col">To</th>
          </tr>
        </thead>
        <VirtualRows v-slot="{ row: item, at }" :rows="items" :key-of="(one) => one.id" :height="32">
          <tr :data-index="at">
            <td>
              <input
                type="checkbox"
                :checked="!isLeft(item.id)"
                :aria-label="`${KIND_WORDS[item.kind]} ${item.subject} ${item.field}`"
                @change="tick(item.id, $event)"
              />
            </td>
            <td>{{ KIND_WORDS[item.kind] }}<span v-if="item.handMade" class="is-doubtful"> · by hand</span></td>
            <td>
              {{ item.subject
              }}<span v-if="item.kind === 'change-channel' || item.kind === 'set-profile'" class="soft">
                · {{ item.field }}</span
              >
            </td>
            <td class="mono">{{ item.from }}</td>
            <td class="mono">{{ item.to }}</td>
          </tr>
        </VirtualRows>
      </table>
    </template>
    <template #footer>
      <el-button @click="open = false">{{ count > 0 ? 'Not now' : 'Close' }}</el-button>
      <el-button
        v-if="items?.length"
        type="primary"
        :disabled="count === 0"
        data-testid="carry-out-build"
        @click="carry"
        >Carry out {{ count }} {{ count === 1 ? 'line' : 'lines' }}</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
p {
  margin-bottom: 12px;
}
</style>
