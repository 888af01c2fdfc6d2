<script setup lang="ts">
/**
 * The channels of one zone or list, each at its place on the knob: dragged, one or several at once, or moved by
 * keyboard. What is picked is shared by all that are open, so that several can be moved elsewhere together.
 */
import { VueDraggable } from 'vue-draggable-plus';
import { nextTick, ref } from 'vue';
import type { Drop, Member } from './use-rack';

const props = defineProps<{
  holderId: string;
  label: string;
  members: readonly Member[];
  picked: ReadonlySet<string>;
  /** The channel that is looked at in the sheet. */
  current: string | null;
  /** What may be dragged between. */
  group: string;
  /** How many the radio holds here; what is behind is over. */
  most: number;
}>();
const emit = defineEmits<{
  pick: [ids: string[]];
  drop: [drop: Drop];
  takeOut: [ids: string[]];
  show: [channelId: string];
}>();
/** What the library tells when something was dropped. */
interface Dropped {
  from: HTMLElement;
  to: HTMLElement;
  item: HTMLElement;
  oldIndex?: number;
  newIndex?: number;
  originalEvent?: DragEvent;
}

const list = ref<{ $el: HTMLElement } | null>(null);
/** The row that Tab leads to, and the one from which a range goes. */
const here = ref(0);
let from = 0;

const pickedHere = () => props.members.filter(({ id }) => props.picked.has(id)).map(({ id }) => id);
/** What an act is for: what is picked where the row is among it, else the row. */
const meant = (id: string) => (props.picked.has(id) ? pickedHere() : [id]);

function pickRange(to: number): void {
  const [low, high] = [Math.min(from, to), Math.max(from, to)];
  emit(
    'pick',
    props.members.slice(low, high + 1).map(({ id }) => id),
  );
}

function toggle(id: string): void {
  const now = pickedHere();
  emit('pick', now.includes(id) ? now.filter((one) => one !== id) : [...now, id]);
}

function onPress(event: MouseEvent, at: number): void {
  const { id } = props.members[at]!;
  here.value = at;
  if (event.shiftKey) return pickRange(at);
  from = at;
  if (event.ctrlKey || event.metaKey) toggle(id);
  else emit('pick', [id]);
}

async function focusRow(at: number): Promise<void> {
  here.value = Math.max(0, Math.min(at, props.members.length - 1));
  await nextTick();
  list.value?.$el.querySelectorAll<HTMLElement>('[role=option]')[here.value]?.focus();
}

/** One place up or down, all that is picked together. */
async function step(id: string, by: 1 | -1): Promise<void> {
  const ids = meant(id);
  const places = ids.map((one) => props.members.findIndex((member) => member.id === one));
  const [first, last] = [Math.min(...places), Math.max(...places)];
  const at = by < 0 ? first - 1 : last + 2;
  if (at < 0 || at > props.members.length) return;
  emit('drop', { ids, fromId: props.holderId, toId: props.holderId, at });
  await focusRow(here.value + by);
}

function onKey(event: KeyboardEvent, at: number): void {
  const { id } = props.members[at]!;
  const isCommand = event.ctrlKey || event.metaKey;
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  if (by !== 0 && event.altKey) void step(id, by);
  else if (by !== 0) {
    void focusRow(at + by);
    if (event.shiftKey) pickRange(Math.max(0, Math.min(at + by, props.members.length - 1)));
    else from = at + by;
  } else if (event.key === ' ') toggle(id);
  else if (event.key === 'Enter') emit('show', id);
  else if (event.key === 'Delete') emit('takeOut', meant(id));
  else if (isCommand && event.key.toLowerCase() === 'a')
    emit(
      'pick',
      props.members.map((member) => member.id),
    );
  else return;
  event.preventDefault();
  event.stopPropagation();
}

/** The plan is what is drawn: the list is put back by the library, and drawn anew from the edit. */
function onEnd(event: Dropped): void {
  const fromId = event.from.dataset['holder']!;
  const toId = event.to.dataset['holder']!;
  const [old, now] = [event.oldIndex ?? 0, event.newIndex ?? 0];
  if (fromId === toId && old === now) return;
  const id = event.item.dataset['id']!;
  const at = fromId === toId && now > old ? now + 1 : now;
  emit('drop', { ids: meant(id), fromId: event.originalEvent?.ctrlKey ? null : fromId, toId, at });
}
</script>

<template>
  <VueDraggable
    ref="list"
    :model-value="[...members]"
    tag="ol"
    role="listbox"
    aria-multiselectable="true"
    :aria-label="label"
    :data-holder="holderId"
    :group="group"
    :animation="120"
    class="members"
    :class="{ empty: members.length === 0 }"
    @end="onEnd"
  >
    <li
      v-for="(member, at) in members"
      :key="member.id"
      role="option"
      :data-id="member.id"
      :aria-selected="picked.has(member.id)"
      :aria-label="`${at + 1}, ${member.name}${member.note ? `, ${member.note}` : ''}`"
      :tabindex="at === Math.min(here, members.length - 1) ? 0 : -1"
      :class="{ here: member.id === current, picked: picked.has(member.id), over: at >= most }"
      @click="onPress($event, at)"
      @dblclick="emit('show', member.id)"
      @keydown="onKey($event, at)"
    >
      <span class="knob mono" aria-hidden="true">{{ at + 1 }}</span>
      <span class="name">{{ member.name }}</span>
      <span v-if="member.note" class="soft note">{{ member.note }}</span>
    </li>
  </VueDraggable>
</template>

<style scoped>
.members {
  display: grid;
  margin: 6px 0 4px;
  padding: 0;
  list-style: none;
}

.empty {
  min-height: 26px;
  border: 1px dashed var(--edge);
}

li {
  display: flex;
  gap: 8px;
  align-items: baseline;
  min-height: 25px;
  padding: 2px 4px;
  border-top: 1px solid var(--hairline);
  cursor: grab;
  overflow: hidden;
}

li:focus-visible {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}

.knob {
  min-width: 18px;
  color: var(--ink-soft);
  text-align: right;
}

.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.note {
  margin-left: auto;
  white-space: nowrap;
}

.here {
  font-weight: 700;
}

.picked {
  background: var(--yellow-pale);
}

.over .knob {
  color: var(--broken);
  text-decoration: line-through;
}
</style>
