<script setup lang="ts">
/** What is in a zone that is opened: its channels in the order of the knob, what is done with those that are picked. */
import { computed } from 'vue';
import { roomIn } from '@relay/core/codeplug/room';
import { unknownTokens } from '@relay/core/naming/pattern';
import { lacksWayOut } from '@relay/core/codeplug/way-out';
import type { Zone } from '@relay/core/plan/types';
import { TextField } from '../../../fields';
import { namesBeside, type Taken, takeName } from '../../../fields/field';
import { usePlanIndex } from '../../../sync/plan-look-ups';
import MemberRows from './MemberRows.vue';
import type { Rack } from './use-rack';

const props = defineProps<{ zone: Zone; rack: Rack; current: string | null }>();
const emit = defineEmits<{ show: [channelId: string] }>();
const { radio, codeplug, zones, picked, change, drop, send, leave } = props.rack;
const most = computed(() => roomIn(radio.value.limits.channelsPerZone));
const members = computed(() =>
  props.zone.channelIds.map((id) => ({ id, name: codeplug.value.channels.byId[id]?.name ?? id })),
);
const pickedHere = computed(() => props.zone.channelIds.filter((id) => picked.value.has(id)));
/** What is picked goes elsewhere, or is there besides. */
const sends = computed(() => [
  { fromId: props.zone.id, words: `Move ${pickedHere.value.length} to…` },
  { fromId: null, words: 'Also in…' },
]);
const others = computed(() => zones.value.filter(({ id }) => id !== props.zone.id));
const index = usePlanIndex();
const waysOut = computed(() => (index.value ? lacksWayOut(index.value, radio.value.id, props.zone.id) : []));

function takePattern(text: string): Taken {
  const [wrong] = unknownTokens(text);
  if (wrong !== undefined)
    return { problem: `Found “{${wrong}}”, expected {place}, {group} or another of those under Names.` };
  change(`names in ${props.zone.name}`, (draft) => void (draft.zones.byId[props.zone.id]!.pattern = text.trim()));
  return null;
}
</script>

<template>
  <MemberRows
    :holder-id="zone.id"
    :label="`Channels of ${zone.name}`"
    :members="members"
    :picked="picked"
    :current="current"
    group="zones"
    :most="most"
    @pick="picked = new Set($event)"
    @drop="drop"
    @take-out="leave(zone.id, $event)"
    @show="emit('show', $event)"
  />
  <p v-for="{ channelId } in waysOut" :key="channelId" class="soft way-out" data-testid="way-out">
    What is linked here is left by {{ codeplug.channels.byId[channelId]!.name }}, in another zone.
    <el-button link @click="send([channelId], null, zone.id)">Also here</el-button>
  </p>
  <div v-if="pickedHere.length" class="acts" role="group" :aria-label="`${pickedHere.length} picked`">
    <el-dropdown
      v-for="{ fromId, words } in others.length ? sends : []"
      :key="words"
      trigger="click"
      :persistent="false"
      max-height="320"
      @command="send(pickedHere, fromId, $event)"
    >
      <el-button size="small">{{ words }}</el-button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="one in others" :key="one.id" :command="one.id">{{ one.name }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <el-button size="small" @click="leave(zone.id, pickedHere)">Take out</el-button>
  </div>
  <TextField
    bare
    :label="`Name of zone ${zone.name}`"
    :value="zone.name"
    :take="
      (text) =>
        takeName(
          text,
          60,
          (name) => change(`zone ${name}`, (draft) => void (draft.zones.byId[zone.id]!.name = name)),
          namesBeside(codeplug.zones, zone.id),
        )
    "
  />
  <TextField
    bare
    :label="`Pattern of names in ${zone.name}`"
    :value="zone.pattern"
    placeholder="Names: {place} {group}"
    :take="takePattern"
  />
</template>

<style scoped>
.way-out {
  margin: 4px 0 0;
  font-size: 12px;
}
</style>
