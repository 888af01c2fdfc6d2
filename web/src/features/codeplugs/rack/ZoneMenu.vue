<script setup lang="ts">
/** What can be done with a zone. The menu is made when it is first asked for: a radio has hundreds of zones. */
import type { DropdownInstance } from 'element-plus';
import { computed, nextTick, ref } from 'vue';
import { removeRow } from '@relay/core/plan/table';
import type { Zone, ZoneOrder } from '@relay/core/plan/types';
import { ORDER_WORDS, type Rack } from './use-rack';

const props = defineProps<{ zone: Zone; rack: Rack }>();
const emit = defineEmits<{ rule: [] }>();
const { codeplug, zones, picked, change, order, split, merge } = props.rack;
const asked = ref(false);
const menu = ref<DropdownInstance | null>(null);
const button = ref<HTMLElement | null>(null);
const others = computed(() => zones.value.filter(({ id }) => id !== props.zone.id));
const isPicked = computed(() => props.zone.channelIds.some((id) => picked.value.has(id)));

async function ask(): Promise<void> {
  asked.value = true;
  await nextTick();
  button.value?.focus();
  menu.value?.handleOpen();
}

function act(command: string): void {
  const [what, detail] = command.split(' ', 2) as [string, string];
  if (what === 'order') order(props.zone, detail as ZoneOrder);
  else if (what === 'split') split(props.zone);
  else if (what === 'merge') merge(props.zone, codeplug.value.zones.byId[detail]!);
  else if (what === 'rule') emit('rule');
  else change(`remove zone ${props.zone.name}`, (draft) => removeRow(draft.zones, props.zone.id));
}
const label = computed(() => `Zone ${props.zone.name}: what can be done`);
</script>

<template>
  <el-dropdown v-if="asked" ref="menu" trigger="click" :persistent="false" max-height="420" @command="act">
    <button ref="button" type="button" class="more" :aria-label="label">⋯</button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item v-for="(words, by) in ORDER_WORDS" :key="by" :command="`order ${by}`"
          >Order {{ words }}</el-dropdown-item
        >
        <el-dropdown-item command="split" divided>{{
          isPicked ? 'Part before what is picked' : 'Part so that each fits'
        }}</el-dropdown-item>
        <el-dropdown-item command="rule">{{ zone.rule ? 'Change its rule' : 'Fill it by rule' }}</el-dropdown-item>
        <el-dropdown-item command="remove">Remove the zone</el-dropdown-item>
        <el-dropdown-item v-for="(one, at) in others" :key="one.id" :divided="at === 0" :command="`merge ${one.id}`"
          >Take in {{ one.name }}</el-dropdown-item
        >
      </el-dropdown-menu>
    </template>
  </el-dropdown>
  <button v-else type="button" class="more" :aria-label="label" aria-haspopup="menu" @click="ask">⋯</button>
</template>

<style scoped>
.more {
  width: 24px;
  height: 24px;
  padding: 0;
  color: inherit;
  background: none;
  border: 1px solid transparent;
  border-radius: 3px;
  cursor: pointer;
}

.more:hover {
  border-color: var(--edge);
}
</style>
