<script setup lang="ts">
/** What the radio would hear on the chosen channel now, and the receive lists that decide it. */
import { computed, ref } from 'vue';
import { roomIn } from '@relay/core/codeplug/room';
import { dmrChannels } from '@relay/core/modes/dmr/channel';
import { type Heard, hearsNow } from '@relay/core/modes/dmr/hears';
import { MODES } from '@relay/core/registries/modes';
import { freshName } from '@relay/core/plan/fresh-name';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Id } from '@relay/core/plan/types';
import { TextField } from '../../../fields';
import { namesBeside, type Taken, takeName } from '../../../fields/field';
import { newId } from '../../../fields/new-id';
import { usePlanIndex } from '../../../sync/plan-look-ups';
import RackCard from './RackCard.vue';
import type { Rack } from './use-rack';

const props = defineProps<{ rack: Rack; current: string | null }>();
const { plan, radio, codeplug, change } = props.rack;
const index = usePlanIndex();
const channel = computed(() => (props.current ? (codeplug.value.channels.byId[props.current] ?? null) : null));
const heard = computed(() =>
  index.value && channel.value?.mode === 'dmr' ? hearsNow(index.value, radio.value.id, channel.value) : [],
);
const lists = computed(() => rows(codeplug.value.dmr.receiveLists));
const most = computed(() => roomIn(radio.value.limits.groupsPerReceiveList));
const openId = ref<Id | null>(null);

function activityWords({ activity, comes, networkId }: Heard): string {
  if (networkId === null) return 'the site carries it nowhere';
  if (!comes) return 'comes back under another number: not heard';
  if (activity?.is === 'static') return 'comes unasked';
  if (activity?.is === 'awake') return `awake, ${Math.ceil(activity.minutesLeft)} min left`;
  return 'once somebody keys it here';
}

/** Channels that open by a list. */
const usersOf = (listId: Id) => dmrChannels(codeplug.value).filter(({ dmr }) => dmr.receiveListId === listId);

/** Every group that its channels call: a radio that opens for its own needs them less, another hears nothing without. */
function fill(listId: Id): void {
  const called = usersOf(listId).flatMap(({ dmr: { call } }) => (call.kind === 'group' ? [call.number] : []));
  change('groups of its channels', (draft) => {
    const list = draft.dmr.receiveLists.byId[listId]!;
    list.groups = [...new Set([...list.groups, ...called])].slice(0, most.value);
  });
}

function takeGroups(listId: Id): (text: string) => Taken {
  return (text) => {
    const parts = text.split(/[\s,;]+/).filter(Boolean);
    const wrong = parts.find((one) => !/^\d{1,8}$/.test(one) || Number(one) < 1 || Number(one) > 16_776_415);
    if (wrong !== undefined)
      return { problem: `Found “${wrong}”, expected groups from 1 to 16,776,415, a space between.` };
    change('groups of a receive list', (draft) => {
      draft.dmr.receiveLists.byId[listId]!.groups = [...new Set(parts.map(Number))];
    });
    return null;
  };
}

function add(): void {
  const name = freshName(
    lists.value.map((one) => one.name),
    (n) => `Groups${n === 1 ? '' : ` ${n}`}`,
  );
  const id = newId('rl');
  change(`add receive list ${name}`, (draft) => putRow(draft.dmr.receiveLists, { id, name, groups: [] }));
  openId.value = id;
}

function use(listId: Id | null): void {
  const id = props.current!;
  change('receive list of a channel', (draft) => {
    const one = draft.channels.byId[id]!;
    if (one.mode === 'dmr') one.dmr.receiveListId = listId;
  });
}
</script>

<template>
  <section v-if="channel" class="heard" data-testid="hears-now" aria-live="polite">
    <h3>{{ channel.name }} hears now</h3>
    <template v-if="channel.mode === 'dmr'">
      <ul v-if="heard.length">
        <li v-for="one in heard" :key="one.number">
          <span class="mono">{{ one.number }}</span> {{ one.name }}
          <span class="soft">{{ activityWords(one) }}</span>
        </li>
      </ul>
      <p v-else class="is-doubtful">Nothing: it has no receive list, and the radio does not open for its own group.</p>
    </template>
    <p v-else class="soft">
      {{ MODES[channel.mode].name }} has no receive list: it hears whatever opens it on its frequency.
    </p>
  </section>
  <p v-else class="soft">Choose a channel in the sheet to see what the radio would hear on it now.</p>
  <RackCard
    v-for="list in lists"
    :key="list.id"
    what="Receive list"
    :name="list.name"
    :count="list.groups.length"
    :most="most"
    :open="openId === list.id"
    @toggle="openId = openId === list.id ? null : list.id"
  >
    <p class="soft">{{ usersOf(list.id).length }} of the channels open by it</p>
    <TextField bare :label="`Groups of ${list.name}`" :value="list.groups.join(' ')" :take="takeGroups(list.id)" />
    <div class="acts">
      <el-button size="small" @click="fill(list.id)">Add what its channels call</el-button>
      <el-button
        v-if="channel?.mode === 'dmr' && channel.dmr.receiveListId !== list.id"
        size="small"
        @click="use(list.id)"
        >Use it for {{ channel.name }}</el-button
      >
    </div>
    <TextField
      bare
      :label="`Name of receive list ${list.name}`"
      :value="list.name"
      :take="
        (text) =>
          takeName(
            text,
            60,
            (name) =>
              change(`receive list ${name}`, (draft) => void (draft.dmr.receiveLists.byId[list.id]!.name = name)),
            namesBeside(codeplug.dmr.receiveLists, list.id),
          )
      "
    />
    <el-button
      link
      @click="change(`remove receive list ${list.name}`, (draft) => removeRow(draft.dmr.receiveLists, list.id))"
      >Remove the list</el-button
    >
  </RackCard>
  <el-button v-if="radio.dmr" :aria-label="`Add a receive list to ${plan.radios.byId[radio.id]!.name}`" @click="add"
    >Add a receive list</el-button
  >
</template>

<style scoped>
h3 {
  margin: 0;
  font-size: 13px;
}

.heard ul {
  margin: 4px 0;
  padding: 0;
  list-style: none;
}

.heard li {
  padding: 2px 0;
  border-top: 1px solid var(--hairline);
}
</style>
