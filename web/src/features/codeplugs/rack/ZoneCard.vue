<script setup lang="ts">
/** One zone of the rack: how full it is, what is in it in the order of the knob, and what can be done with it. */
import { computed } from 'vue';
import { roomIn } from '@relay/core/codeplug/room';
import { unknownTokens } from '@relay/core/naming/pattern';
import { removeRow } from '@relay/core/plan/table';
import { lacksWayOut } from '@relay/core/zones/way-out';
import type { Zone, ZoneOrder } from '@relay/core/plan/types';
import { TextField } from '../../../fields';
import { namesBeside, type Taken, takeName } from '../../../fields/field';
import { usePlanIndex } from '../../../sync/plan-look-ups';
import MemberRows from './MemberRows.vue';
import RackCard from './RackCard.vue';
import { ruleWords } from './rule-words';
import { ORDER_WORDS, type Rack } from './use-rack';

const props = defineProps<{ zone: Zone; rack: Rack; current: string | null }>();
const emit = defineEmits<{ show: [channelId: string]; rule: [] }>();
const { radio, codeplug, zones, plan, picked, open, change, drop, send, leave, order, split, merge, toggleOpen } =
  props.rack;
const isOpen = computed(() => open.value.has(props.zone.id));
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
/** Ways out that the radio has elsewhere; worked out only for a zone that is looked at. */
const waysOut = computed(() =>
  isOpen.value && index.value ? lacksWayOut(index.value, radio.value.id, props.zone.id) : [],
);

function act(command: string): void {
  const [what, detail] = command.split(' ', 2) as [string, string];
  if (what === 'order') order(props.zone, detail as ZoneOrder);
  else if (what === 'split') split(props.zone);
  else if (what === 'merge') merge(props.zone, codeplug.value.zones.byId[detail]!);
  else if (what === 'rule') emit('rule');
  else change(`remove zone ${props.zone.name}`, (draft) => removeRow(draft.zones, props.zone.id));
}

function takePattern(text: string): Taken {
  const [wrong] = unknownTokens(text);
  if (wrong !== undefined)
    return { problem: `Found “{${wrong}}”, expected {place}, {group} or another of those under Names.` };
  change(`names in ${props.zone.name}`, (draft) => void (draft.zones.byId[props.zone.id]!.pattern = text.trim()));
  return null;
}
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
    <template #menu>
      <el-dropdown trigger="click" :persistent="false" @command="act">
        <button type="button" class="more" :aria-label="`Zone ${zone.name}: what can be done`">⋯</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="(words, by) in ORDER_WORDS" :key="by" :command="`order ${by}`"
              >Order {{ words }}</el-dropdown-item
            >
            <el-dropdown-item command="split" divided>{{
              pickedHere.length ? 'Part before what is picked' : 'Part so that each fits'
            }}</el-dropdown-item>
            <el-dropdown-item v-for="one in others.slice(0, 12)" :key="one.id" :command="`merge ${one.id}`"
              >Take in {{ one.name }}</el-dropdown-item
            >
            <el-dropdown-item command="rule" divided>{{
              zone.rule ? 'Change its rule' : 'Fill it by rule'
            }}</el-dropdown-item>
            <el-dropdown-item command="remove">Remove the zone</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </template>
    <template v-if="zone.rule" #always
      ><p class="soft rule">{{ ruleWords(plan, zone.rule) }}</p></template
    >
    <template #default>
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
      <p v-for="{ channelId } in waysOut" :key="channelId" class="soft rule" data-testid="way-out">
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
  </RackCard>
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

.rule {
  margin: 4px 0 0;
  font-size: 12px;
}
</style>
