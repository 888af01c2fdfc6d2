<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { usePlanStore } from '../sync/plan-store';
import { beadOf, STOPS } from './stops';

const props = defineProps<{ planId: string }>();
const store = usePlanStore();
const route = useRoute();
const stops = computed(() =>
  STOPS.map((stop) => ({
    ...stop,
    bead: store.plan ? beadOf(stop, store.plan, store.agreement) : { state: 'empty' as const, detail: '' },
  })),
);
</script>

<template>
  <nav class="track no-print" aria-label="Steps of the work">
    <router-link
      v-for="stop in stops"
      :key="stop.route"
      :to="{ name: stop.route, params: { planId: props.planId } }"
      class="stop"
      :class="[`stop--${stop.bead.state.replace(' ', '-')}`, { 'stop--here': route.meta['stop'] === stop.route }]"
      active-class="stop--here"
    >
      <span class="bead" aria-hidden="true" />
      <span class="words">
        <span class="title">{{ stop.title }}</span>
        <span class="detail"
          >{{ stop.bead.detail }}<span class="visually-hidden"> ({{ stop.bead.state }})</span></span
        >
      </span>
    </router-link>
  </nav>
</template>

<style scoped>
.track {
  padding: 16px 0;
  border-right: 1px solid var(--hairline);
  overflow-y: auto;
}

.stop {
  position: relative;
  display: flex;
  gap: 9px;
  height: 46px;
  padding: 4px 2px 0 14px;
  color: var(--ink);
  text-decoration: none;
}

/* The line from this stop to the next: yellow where the work is in order so far. */
.stop::before {
  position: absolute;
  top: 14px;
  bottom: -14px;
  left: 20px;
  width: 5px;
  background: var(--hairline);
  content: '';
}

.stop:last-child::before {
  display: none;
}

.stop--in-order::before {
  background: var(--yellow);
}

.bead {
  position: relative;
  flex: none;
  width: 17px;
  height: 17px;
  margin-top: 2px;
  background: var(--paper);
  border: 2px solid var(--edge);
  border-radius: 50%;
}

.stop--in-order .bead {
  background: var(--ink);
  border-color: var(--ink);
}

.stop--gaps .bead {
  border: 3px solid var(--broken);
}

.stop--gaps .bead::after {
  position: absolute;
  top: 4.5px;
  left: 2px;
  width: 7px;
  height: 2px;
  background: var(--broken);
  content: '';
}

.words {
  display: grid;
  align-content: start;
  min-width: 0;
}

.title {
  line-height: 18px;
}

.detail {
  overflow: hidden;
  color: var(--ink-soft);
  font-size: 12px;
  line-height: 16px;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.stop--gaps .detail {
  color: var(--broken);
}

.stop--here {
  box-shadow: inset 4px 0 0 var(--yellow);
}

.stop--here .title {
  font-weight: 700;
}

.stop:hover .title {
  text-decoration: underline;
}

@media (max-width: 760px) {
  .track {
    display: flex;
    gap: 4px;
    padding: 4px 8px;
    overflow-x: auto;
    border-right: 0;
    border-bottom: 1px solid var(--hairline);
  }

  .stop {
    flex: none;
    height: 34px;
    gap: 6px;
    padding: 6px 8px 0;
  }

  .stop::before,
  .detail {
    display: none;
  }

  .stop--here {
    box-shadow: inset 0 -3px 0 var(--yellow);
  }
}
</style>
