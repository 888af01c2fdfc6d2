<script setup lang="ts">
/** A C4FM channel beside the sheet: the order in which its room is used, and where the radio keeps it. */
import { computed } from 'vue';
import { isC4fmPath } from '@relay/core/modes/c4fm/channel';
import { memoryOf, orderOf } from '@relay/core/modes/c4fm/connect';
import { linkBefore, targetOf } from '@relay/core/modes/c4fm/links';
import { roomDigits } from '@relay/core/modes/c4fm/rooms';
import { contextOf } from '@relay/core/path/context';
import type { PathContext } from '@relay/core/path/types';
import { stateOf } from '@relay/core/path/world';
import type { Channel } from '@relay/core/plan/types';
import { PickBox, StepStrip } from '../../fields';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ radioId: string; channel: Channel }>();
defineEmits<{ select: [channelId: string] }>();
const store = usePlanStore();
const index = usePlanIndex();
const context = computed(() => {
  const found = index.value ? contextOf(index.value, props.radioId, props.channel) : null;
  return found && isC4fmPath(found) ? (found as PathContext<'c4fm'>) : null;
});
const order = computed(() => (context.value ? orderOf(context.value) : []));
const target = computed(() => targetOf(store.plan!, props.channel.destination));
const memory = computed(() =>
  context.value && target.value ? memoryOf(context.value, roomDigits(target.value.room.number)) : null,
);
const before = computed(() =>
  context.value?.site?.c4fm ? linkBefore(context.value.index, context.value.site) : undefined,
);
const said = computed(
  () => (props.channel.siteId === null ? undefined : stateOf(store.world, props.channel.siteId, 'c4fm')) ?? undefined,
);
const PLANNED = 'planned';
const NOTHING = 'nothing';
const choices = computed(() => [NOTHING, ...(target.value ? [roomDigits(target.value.room.number)] : [])]);

function say(value: string): void {
  if (props.channel.siteId)
    store.say(
      props.channel.siteId,
      'c4fm',
      value === PLANNED ? undefined : { connectedTo: value === NOTHING ? null : value },
    );
}
</script>

<template>
  <section
    v-if="context && order.length"
    class="panel"
    :aria-label="`How ${channel.name} is used`"
    data-testid="c4fm-panel"
  >
    <div class="beside">
      <StepStrip :steps="order" :here="channel.id" data-testid="connect-strip" @select="$emit('select', $event)" />
      <p class="soft">{{ order[0]!.say }}</p>
    </div>
    <div class="beside">
      <p>
        {{
          memory
            ? `In ${context.radio.name}: ${memory}.`
            : `Not kept in ${context.radio.name}: call it by its number, or save it.`
        }}
        <router-link :to="{ name: 'rooms', params: { planId: store.planId! }, query: { find: target!.room.name } }"
          >Room book</router-link
        >
      </p>
      <p class="linked">
        {{ context.site!.name }} is connected to
        <PickBox
          :value="said === undefined ? PLANNED : (said.connectedTo ?? NOTHING)"
          label="What the site is connected to now"
          :options="[
            { value: PLANNED, label: `as planned: ${before === undefined ? 'not said' : (before ?? 'no room')}` },
            ...choices.map((one) => ({ value: one, label: one === NOTHING ? 'no room' : one })),
          ]"
          @choose="say"
        />
      </p>
    </div>
  </section>
</template>

<style scoped src="../../fields/channel-panel.css"></style>

<style scoped>
.panel {
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  max-height: 180px;
}

@media (max-width: 900px) {
  .panel {
    grid-template-columns: minmax(0, 1fr);
    max-height: none;
  }
}
</style>
