<script setup lang="ts">
/** What this repeater offers, slot by slot: press one to want it on a radio. */
import { computed } from 'vue';
import { destinationKey } from '@relay/core/plan/destination-key';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { modeOf } from '@relay/core/registries/modes';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Destination, Radio, Repeater } from '@relay/core/plan/types';
import { FieldRow } from '../../fields';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Repeater }>();
const store = usePlanStore();
const plan = computed(() => store.plan!);
const found = computed(() =>
  MODE_IDS.filter((id) => props.site[id] !== null).map((id) => ({
    id,
    name: modeOf(id).name,
    ...modeOf(id).build.worthAChannel(plan.value, props.site),
  })),
);
const offers = computed(() =>
  found.value.flatMap(({ id, name: modeName, destinations }) =>
    destinations.map(({ destination, name, short }) => ({
      key: destinationKey(destination),
      mode: id,
      destination,
      words: [name || modeName, short].filter(Boolean).join(' '),
      how: modeOf(id).offer(plan.value, props.site, destination) ?? '',
    })),
  ),
);
const radios = computed(() =>
  rows(plan.value.radios).filter((radio) =>
    offers.value.some((one) => radio[one.mode] !== null || wantOf(radio, one.destination)),
  ),
);
const missing = computed(() => found.value.flatMap((one) => one.missing));
const wantOf = (radio: Radio, destination: Destination) =>
  rows(plan.value.wants).find(
    (one) =>
      one.radioId === radio.id &&
      one.siteId === props.site.id &&
      destinationKey(one.destination) === destinationKey(destination),
  );

function toggle(radio: Radio, { destination, words }: (typeof offers.value)[number]): void {
  const want = wantOf(radio, destination);
  store.edit(want ? `no longer want ${words}` : `want ${words} through ${props.site.name}`, (draft) => {
    if (want) removeRow(draft.wants, want.id);
    else putRow(draft.wants, { id: newId('want'), destination, radioId: radio.id, siteId: props.site.id });
  });
}
</script>

<template>
  <div class="wants">
    <p v-if="offers.length === 0" class="soft">Nothing yet: say below what it carries.</p>
    <p v-else-if="radios.length === 0" class="soft">
      No radio of the plan has {{ found.map((one) => one.name).join(' or ') }} yet.
    </p>
    <FieldRow v-for="radio in radios" v-else :key="radio.id" :label="`Wanted on ${radio.name}`">
      <button
        v-for="one in offers"
        :key="one.key"
        type="button"
        class="pick"
        :class="{ 'pick--on': wantOf(radio, one.destination) }"
        :disabled="radio[one.mode] === null"
        :aria-pressed="wantOf(radio, one.destination) !== undefined"
        @click="toggle(radio, one)"
      >
        {{ one.words }}<span v-if="one.how" class="soft">{{ one.how }}</span>
      </button>
    </FieldRow>
    <p v-for="one in missing" :key="one" class="soft">No channel yet: {{ one }}.</p>
    <p v-if="offers.length" class="soft">
      Then
      <router-link :to="{ name: 'wants', params: { planId: store.planId! }, query: { build: '1' } }"
        >build from wants</router-link
      >: the slot, color code and tone come from here.
    </p>
  </div>
</template>

<style scoped>
.wants {
  display: grid;
  gap: 6px;
}

.pick {
  display: inline-flex;
  gap: 8px;
  min-height: 28px;
  padding: 0 9px;
  align-items: center;
  color: var(--ink);
  background: none;
  border: 1px dashed var(--edge);
  border-radius: 3px;
  font: inherit;
  cursor: pointer;
}

.pick--on {
  background: var(--raised);
  border: 1px solid var(--ink);
  box-shadow: inset 0 -3px 0 var(--yellow);
  font-weight: 600;
}

.pick:disabled {
  color: var(--ink-soft);
  cursor: default;
}
</style>
