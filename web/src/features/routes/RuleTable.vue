<script setup lang="ts">
/** The rules in their order: the text of the ribbon, and where they are changed. */
import { computed } from 'vue';
import { SIMPLEX_SLOT } from '@relay/core/plan/modes/dmr/limits';
import { placeForRange } from '@relay/core/modes/dmr/routes/mend';
import { claimOf } from '@relay/core/modes/dmr/routes/table';
import { stretchWords } from '@relay/core/modes/dmr/routes/words';
import type { RouteRule, RuleRange, TimeSlot } from '@relay/core/plan/modes/dmr/types';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { CallKind, Network, ProfileValues, Table } from '@relay/core/plan/types';
import { TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';

const props = defineProps<{
  profile: ProfileValues;
  networks: readonly Network[];
  simplex: boolean;
  taking: string | null;
}>();
const emit = defineEmits<{
  change: [label: string, recipe: (rules: Table<RouteRule>) => void];
  pick: [number: number, kind: CallKind];
}>();
const list = computed(() => rows(props.profile.dmr.rules));
const MOST = 99_999_999;
const isOff = (rule: RouteRule) => !props.profile.dmr.logins[rule.networkId]?.enabled;
const named = (at: number) => `rule ${at + 1}`;

function set(at: number, what: string, recipe: (rule: RouteRule) => void): void {
  const { id } = list.value[at]!;
  emit('change', `${named(at)}: ${what}`, (rules) => recipe(rules.byId[id]!));
}

const takeRange =
  (at: number, what: string, key: 'first' | 'networkFirst' | 'count') =>
  (text: string): Taken =>
    takeWhole(text.replace(/,/g, ''), 1, MOST, (value) => set(at, what, (rule) => void (rule.range![key] = value)));

function setSlot(at: number, key: 'slot' | 'networkSlot', slot: TimeSlot): void {
  set(at, 'slot', (rule) => void (rule.range![key] = slot));
}

function move(at: number, by: -1 | 1): void {
  const { id } = list.value[at]!;
  emit('change', `move ${named(at)} ${by < 0 ? 'up' : 'down'}`, ({ order }) => {
    const from = order.indexOf(id);
    order.splice(from, 1);
    order.splice(from + by, 0, id);
  });
}

function remove(at: number): void {
  const { id } = list.value[at]!;
  emit('change', `remove ${named(at)}`, (rules) => removeRow(rules, id));
}

function add(range: RuleRange | null): void {
  const rule: RouteRule = { id: newId('rule'), networkId: props.networks[0]!.id, call: 'group', range, reply: true };
  const place = range ? placeForRange(props.profile) : list.value.length;
  emit('change', range ? 'add a rule' : 'add a catch-all', (rules) => {
    putRow(rules, rule);
    rules.order.splice(rules.order.indexOf(rule.id), 1);
    rules.order.splice(place, 0, rule.id);
  });
}
</script>

<template>
  <table class="plain rules">
    <thead>
      <tr>
        <th scope="col">Rule</th>
        <th scope="col">Call</th>
        <th v-if="!simplex" scope="col">Slot</th>
        <th scope="col" class="number">From</th>
        <th scope="col" class="number">How many</th>
        <th scope="col">To network</th>
        <th v-if="!simplex" scope="col">Slot</th>
        <th scope="col" class="number">From</th>
        <th scope="col">Reply</th>
        <th scope="col"><span class="visually-hidden">Acts</span></th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="(rule, at) in list"
        :key="rule.id"
        :class="{ taking: rule.id === taking, off: isOff(rule) }"
        :data-rule="at + 1"
      >
        <th scope="row">
          <button
            type="button"
            class="pick"
            :aria-label="`Show where ${named(at)} leads`"
            @click="emit('pick', rule.range?.first ?? 9, rule.call)"
          >
            {{ at + 1 }}
          </button>
        </th>
        <td>
          <el-select
            :persistent="false"
            :model-value="rule.call"
            :aria-label="`Call of ${named(at)}`"
            class="call"
            @update:model-value="set(at, 'call', (one) => void (one.call = $event as CallKind))"
            ><el-option value="group" label="group" /><el-option value="private" label="private"
          /></el-select>
        </td>
        <td v-if="!simplex">
          <el-select
            :persistent="false"
            v-if="rule.range"
            :model-value="rule.range.slot"
            :aria-label="`Slot of ${named(at)} on the radio`"
            class="slot"
            @update:model-value="setSlot(at, 'slot', $event as TimeSlot)"
            ><el-option :value="1" label="1" /><el-option :value="2" label="2"
          /></el-select>
        </td>
        <td class="number">
          <TextField
            v-if="rule.range"
            bare
            :label="`First number of ${named(at)} on the radio`"
            :value="String(rule.range.first)"
            :take="takeRange(at, 'first number', 'first')"
            mono
          />
          <span v-else class="mono">everything else</span>
        </td>
        <td class="number">
          <TextField
            v-if="rule.range"
            bare
            :label="`How many numbers ${named(at)} takes`"
            :value="rule.range.count.toLocaleString('en')"
            :take="takeRange(at, 'count', 'count')"
            mono
          />
        </td>
        <td>
          <el-select
            :persistent="false"
            class="to"
            :model-value="rule.networkId"
            :aria-label="`Network of ${named(at)}`"
            @update:model-value="set(at, 'network', (one) => void (one.networkId = String($event)))"
            ><el-option v-for="network in networks" :key="network.id" :value="network.id" :label="network.name"
          /></el-select>
          <span v-if="isOff(rule)" class="is-doubtful">not logged in: takes no part</span>
        </td>
        <td v-if="!simplex">
          <el-select
            :persistent="false"
            v-if="rule.range"
            :model-value="rule.range.networkSlot"
            :aria-label="`Slot of ${named(at)} on the network`"
            class="slot"
            @update:model-value="setSlot(at, 'networkSlot', $event as TimeSlot)"
            ><el-option :value="1" label="1" /><el-option :value="2" label="2"
          /></el-select>
        </td>
        <td class="number">
          <TextField
            v-if="rule.range"
            bare
            :label="`First number of ${named(at)} on the network`"
            :value="String(rule.range.networkFirst)"
            :take="takeRange(at, 'first number there', 'networkFirst')"
            mono
          />
          <span v-else class="mono">as sent</span>
        </td>
        <td>
          <label class="reply"
            ><input
              type="checkbox"
              :checked="rule.reply"
              :aria-label="`Replies of ${named(at)} come back`"
              @change="set(at, 'reply', (one) => void (one.reply = !rule.reply))"
            />
            {{ rule.reply ? 'back the same way' : 'nothing comes back' }}</label
          >
        </td>
        <td class="acts">
          <el-button link :disabled="at === 0" :aria-label="`Move ${named(at)} up`" @click="move(at, -1)">Up</el-button>
          <el-button link :disabled="at === list.length - 1" :aria-label="`Move ${named(at)} down`" @click="move(at, 1)"
            >Down</el-button
          >
          <el-button
            link
            :aria-label="`Remove ${named(at)}, ${rule.call} ${rule.range ? stretchWords(claimOf(rule)) : 'catch-all'}`"
            @click="remove(at)"
            >Remove</el-button
          >
        </td>
      </tr>
    </tbody>
  </table>
  <p class="add">
    <el-button
      @click="add({ slot: SIMPLEX_SLOT, first: 1_000_001, networkSlot: SIMPLEX_SLOT, networkFirst: 1, count: 999_999 })"
      >Add a rule</el-button
    >
    <el-button @click="add(null)">Add a catch-all</el-button>
    <span class="soft"
      >The first rule that claims a number takes it. The answer to a call comes back through the rule that carried
      it.</span
    >
  </p>
</template>

<style scoped>
.rules td.number :deep(input) {
  width: 102px;
  text-align: right;
}

.rules td.number :deep(.control) {
  justify-content: flex-end;
}

.call {
  width: 96px;
}

.to {
  width: 136px;
}

.slot {
  width: 64px;
}

.pick {
  min-width: 28px;
  height: 26px;
  color: inherit;
  background: none;
  border: 1px solid var(--edge);
  border-radius: 3px;
  font: inherit;
  font-weight: 650;
  cursor: pointer;
}

.taking > * {
  background: var(--yellow-pale);
}

.off {
  color: var(--ink-soft);
}

.reply {
  white-space: nowrap;
}

.acts {
  white-space: nowrap;
}

.acts .el-button + .el-button {
  margin-left: 4px;
}

.add {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-top: 10px;
}

.add .el-button + .el-button {
  margin-left: 0;
}
</style>
