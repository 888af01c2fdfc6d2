<script setup lang="ts">
/** One zone of the rack: how full it is, what its rule says, and what is in it once it is opened. */
import { computed } from 'vue';
import { roomIn } from '@relay/core/codeplug/room';
import type { Zone } from '@relay/core/plan/types';
import RackCard from './RackCard.vue';
import { ruleWords } from './rule-words';
import type { Rack } from './use-rack';
import ZoneInside from './ZoneInside.vue';
import ZoneMenu from './ZoneMenu.vue';

const props = defineProps<{ zone: Zone; rack: Rack; current: string | null }>();
const emit = defineEmits<{ show: [channelId: string]; rule: [] }>();
const { radio, plan, open, toggleOpen } = props.rack;
const isOpen = computed(() => open.value.has(props.zone.id));
const most = computed(() => roomIn(radio.value.limits.channelsPerZone));
const rule = computed(() => props.zone.rule && ruleWords(plan.value, props.zone.rule));
</script>

<template>
  <RackCard
    what="Zone"
    :name="zone.name"
    :count="zone.channelIds.length"
    :most="most"
    :open="isOpen"
    @toggle="toggleOpen(zone.id)"
  >
    <template #menu><ZoneMenu :zone="zone" :rack="rack" @rule="emit('rule')" /></template>
    <template #always
      ><p v-if="rule" class="soft rule">{{ rule }}</p></template
    >
    <ZoneInside :zone="zone" :rack="rack" :current="current" @show="emit('show', $event)" />
  </RackCard>
</template>

<style scoped>
.rule {
  margin: 4px 0 0;
  font-size: 12px;
}
</style>
