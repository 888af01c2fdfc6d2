<script setup lang="ts">
/** Scan lists: made of a zone, of what is selected, or by hand; what is left out says why. */
import { computed, ref } from 'vue';
import { MODES } from '@relay/core/registries/modes';
import { roomIn } from '@relay/core/codeplug/room';
import { freshName } from '@relay/core/plan/fresh-name';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Id, ScanList } from '@relay/core/plan/types';
import { proposeScan, putScan, refreshScan, type ScanProposal } from '@relay/core/scanning/propose';
import { FieldRow, TextField } from '../../../fields';
import { namesBeside, takeName } from '../../../fields/field';
import { newId } from '../../../fields/new-id';
import MemberRows from './MemberRows.vue';
import RackCard from './RackCard.vue';
import { leftOutLines, TALK_BACK_WORDS } from './scan-words';
import { channelCount, type Drop, type Rack } from './use-rack';

const props = defineProps<{ rack: Rack; current: string | null; selected: readonly string[] }>();
const emit = defineEmits<{ show: [channelId: string] }>();
const { plan, radio, codeplug, zones, picked, open, change, toggleOpen, store } = props.rack;
const lists = computed(() => rows(codeplug.value.scanLists));
const most = computed(() => roomIn(radio.value.limits.channelsPerScanList));
/** What was left out when a list was made or brought up to date. */
const told = ref<{ listId: Id; leftOut: ScanProposal['leftOut'] } | null>(null);
const membersOf = (list: ScanList) =>
  list.channelIds.map((id) => ({
    id,
    name: codeplug.value.channels.byId[id]?.name ?? id,
    ...(id === list.priorityId ? { note: 'first' } : {}),
  }));
const pickedIn = (list: ScanList) => list.channelIds.filter((id) => picked.value.has(id));

function make(zoneId: Id | null): void {
  const zone = zoneId === null ? undefined : codeplug.value.zones.byId[zoneId];
  const { channelIds, leftOut } = proposeScan(
    plan.value,
    MODES,
    radio.value.id,
    zone ? zone.channelIds : props.selected,
  );
  const name = freshName(
    lists.value.map((one) => one.name),
    (n) => `${zone?.name ?? 'Scan'}${n === 1 ? '' : ` ${n}`}`,
  );
  const id = newId('scan');
  change(`scan list ${name}`, (draft) =>
    putRow(draft.scanLists, { id, name, channelIds, zoneId, priorityId: null, talkBack: null }),
  );
  told.value = { listId: id, leftOut };
  open.value = new Set([...open.value, id]);
}

function refresh(list: ScanList): void {
  const then = refreshScan(plan.value, MODES, radio.value.id, list);
  if (!then) {
    store.notice = `${list.name} is what its zone makes of it.`;
    return;
  }
  change(`${list.name} as its zone`, (draft) => putScan(draft.scanLists.byId[list.id]!, then.channelIds));
  told.value = { listId: list.id, leftOut: then.leftOut };
}

function set(list: ScanList, label: string, recipe: (list: ScanList) => void): void {
  change(label, (draft) => recipe(draft.scanLists.byId[list.id]!));
}

/** Within the list, or from another: there they stay, a channel may be in several lists. */
function drop({ ids, fromId, toId, at }: Drop): void {
  change(`order of ${codeplug.value.scanLists.byId[toId]!.name}`, (draft) => {
    const list = draft.scanLists.byId[toId]!;
    const moving = new Set(ids);
    const [before, after] = [list.channelIds.slice(0, at), list.channelIds.slice(at)].map((part) =>
      part.filter((id) => !moving.has(id)),
    );
    list.channelIds = [...before!, ...ids, ...after!];
    if (fromId !== toId) list.zoneId = null;
  });
}

const takeOut = (list: ScanList, ids: readonly Id[]) =>
  set(list, `${channelCount(ids.length)} out of ${list.name}`, (one) => {
    one.channelIds = one.channelIds.filter((id) => !ids.includes(id));
    if (one.priorityId !== null && ids.includes(one.priorityId)) one.priorityId = null;
  });

/** What is selected in the sheet, by hand: nothing is left out. */
const addSelected = (list: ScanList) =>
  set(list, `${channelCount(props.selected.length)} to ${list.name}`, (one) => {
    one.channelIds = [...new Set([...one.channelIds, ...props.selected])];
    one.zoneId = null;
  });
</script>

<template>
  <RackCard
    v-for="list in lists"
    :key="list.id"
    what="Scan list"
    :name="list.name"
    :count="list.channelIds.length"
    :most="most"
    :open="open.has(list.id)"
    @toggle="toggleOpen(list.id)"
  >
    <MemberRows
      :holder-id="list.id"
      :label="`Channels scanned in ${list.name}`"
      :members="membersOf(list)"
      :picked="picked"
      :current="current"
      group="scan"
      :most="most"
      @pick="picked = new Set($event)"
      @drop="drop"
      @take-out="takeOut(list, $event)"
      @show="emit('show', $event)"
    />
    <ul v-if="told?.listId === list.id && told.leftOut.length" class="left-out" data-testid="scan-left-out">
      <li v-for="one in leftOutLines(told.leftOut, codeplug)" :key="one.why">
        Left out, {{ one.why }}: <b>{{ one.names }}</b>
      </li>
    </ul>
    <div class="acts">
      <el-button v-if="list.zoneId" size="small" @click="refresh(list)">As its zone now</el-button>
      <el-button v-if="selected.length" size="small" @click="addSelected(list)">Add what is selected</el-button>
      <template v-if="pickedIn(list).length">
        <el-button
          v-if="pickedIn(list).length === 1"
          size="small"
          @click="
            set(list, `${list.name}: first`, (one) => {
              const [id] = pickedIn(list);
              one.priorityId = one.priorityId === id ? null : id!;
            })
          "
          >{{ pickedIn(list)[0] === list.priorityId ? 'Not first' : 'Look here in between' }}</el-button
        >
        <el-button size="small" @click="takeOut(list, pickedIn(list))">Take out</el-button>
      </template>
    </div>
    <FieldRow label="Answers" :label-id="`talk-${list.id}`">
      <el-select
        :model-value="list.talkBack ?? ''"
        :aria-label="`${list.name} answers`"
        placeholder="not said"
        clearable
        :persistent="false"
        @update:model-value="
          (value: string) =>
            set(list, `where ${list.name} answers`, (one) => (one.talkBack = (value || null) as ScanList['talkBack']))
        "
      >
        <el-option v-for="(words, one) in TALK_BACK_WORDS" :key="one" :value="one" :label="words" />
      </el-select>
    </FieldRow>
    <TextField
      bare
      :label="`Name of scan list ${list.name}`"
      :value="list.name"
      :take="
        (text) =>
          takeName(
            text,
            60,
            (name) => set(list, `scan list ${name}`, (one) => (one.name = name)),
            namesBeside(codeplug.scanLists, list.id),
          )
      "
    />
    <el-button link @click="change(`remove scan list ${list.name}`, (draft) => removeRow(draft.scanLists, list.id))"
      >Remove the list</el-button
    >
  </RackCard>
  <p v-if="lists.length === 0" class="soft">
    A scan list has channels that the radio listens to in turn. It is made of a zone: what would keep the radio from the
    rest is left out, with the reason.
  </p>
  <div class="acts">
    <el-dropdown v-if="zones.length" trigger="click" :persistent="false" max-height="320" @command="make">
      <el-button>Scan a zone</el-button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="zone in zones" :key="zone.id" :command="zone.id">{{ zone.name }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <el-button v-if="selected.length > 1" @click="make(null)">Scan what is selected</el-button>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.left-out {
  margin: 4px 0;
  padding: 0;
  font-size: 12px;
  list-style: none;
}
</style>
