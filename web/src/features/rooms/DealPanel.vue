<script setup lang="ts">
/** The book dealt into each radio that keeps rooms: what it holds now, what it would, and what has no place. */
import { computed } from 'vue';
import { capacityOf, dealRooms, putDealt } from '@relay/core/modes/c4fm/book';
import { sameJson } from '@relay/core/plan/patches';
import { rows } from '@relay/core/plan/table';
import type { Radio } from '@relay/core/plan/types';
import { usePlanStore } from '../../sync/plan-store';

const store = usePlanStore();
const radios = computed(() =>
  rows(store.plan!.radios)
    .filter((radio) => radio.c4fm)
    .map((radio) => {
      const dealt = dealRooms(store.plan!, radio);
      const now = rows(store.plan!.codeplugs[radio.id]!.c4fm.rooms);
      const stays = new Set(dealt.memories.map((one) => one.number));
      return {
        radio,
        capacity: capacityOf(radio),
        dealt,
        now: now.length,
        same: sameJson(now, dealt.memories),
        goes: now.filter((one) => !stays.has(one.number)).map((one) => one.name),
      };
    }),
);

function deal(radio: Radio): void {
  let left = 0;
  store.edit(`deal rooms into ${radio.name}`, (draft) => {
    left = putDealt(draft, radio.id).left.length;
  });
  store.notice = `The room book is dealt into ${radio.name}${left > 0 ? `; ${left} ${left === 1 ? 'room has' : 'rooms have'} no place in it` : ''}.`;
}
</script>

<template>
  <section aria-labelledby="deal">
    <h2 id="deal">Into the radios</h2>
    <p v-if="radios.length === 0" class="soft">No radio of the plan has C4FM yet.</p>
    <div
      v-for="{ radio, capacity, dealt, now, same, goes } in radios"
      :key="radio.id"
      class="radio"
      data-testid="deal-radio"
    >
      <p>
        <strong>{{ radio.name }}</strong>
        <span class="soft">{{
          capacity
            ? `keeps ${capacity.categories} × ${capacity.perCategory}, names of ${capacity.nameLength}`
            : 'keeps no rooms'
        }}</span>
      </p>
      <p>{{ now }} {{ now === 1 ? 'room' : 'rooms' }} in it{{ same ? ', as the book says' : '' }}.</p>
      <p v-if="capacity && goes.length" class="is-doubtful">
        Not in the book, and taken out by dealing: {{ goes.join(', ') }}.
      </p>
      <ul v-if="dealt.left.length" class="is-doubtful">
        <li v-for="(one, i) in dealt.left.slice(0, 6)" :key="i">{{ one.name }} has no place: {{ one.why }}.</li>
      </ul>
      <el-button v-if="capacity" :disabled="same" @click="deal(radio)"
        >Deal {{ dealt.memories.length }} into it</el-button
      >
    </div>
  </section>
</template>

<style scoped>
.radio {
  display: grid;
  gap: 4px;
  justify-items: start;
  margin-top: 8px;
}

ul {
  margin: 0;
  padding-left: 18px;
}
</style>
