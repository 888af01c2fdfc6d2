<script setup lang="ts">
/** Radios, hotspots and networks in time: keyed live, a complaint with its cure, or whole days at a hotspot. */
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import { PageHead } from '../../fields';
import ComplaintList from './ComplaintList.vue';
import LiveRehearsal from './LiveRehearsal.vue';
import PracticeRoom from './PracticeRoom.vue';
import RunTimes from './RunTimes.vue';

const props = defineProps<{ planId: string; scenarioId?: string; exerciseId?: string; view?: string }>();
const router = useRouter();
/** Its chart is loaded with it. */
const DaysAtHotspot = defineAsyncComponent(() => import('./DaysAtHotspot.vue'));

const VIEWS = [
  { id: 'live', title: 'This plan, live', route: 'rehearse', detail: 'nothing goes on the air' },
  {
    id: 'complaints',
    title: 'Complaints',
    route: 'scenarios',
    detail: 'what people say, with its cause and its cure',
  },
  { id: 'practice', title: 'Practice', route: 'practice', detail: 'before doing it on the air' },
  {
    id: 'days',
    title: 'Days',
    route: 'rehearsed-days',
    detail: 'what a hotspot is like, and which hang time does best',
  },
] as const;
const shown = computed(() => VIEWS.find(({ id }) => id === props.view) ?? VIEWS[0]);

const timesOpen = ref(false);

function show(id: string): void {
  const { route } = VIEWS.find((one) => one.id === id)!;
  void router.push({ name: route, params: { planId: props.planId } });
}
</script>

<template>
  <PageHead title="Rehearse" :detail="shown.detail">
    <el-radio-group :model-value="shown.id" aria-label="What to rehearse" @update:model-value="show(String($event))">
      <el-radio-button v-for="one in VIEWS" :key="one.id" :value="one.id">{{ one.title }}</el-radio-button>
    </el-radio-group>
    <el-button v-if="shown.id === 'live' || shown.id === 'days'" @click="timesOpen = true">Times</el-button>
  </PageHead>
  <RunTimes v-model="timesOpen" />
  <ComplaintList v-if="shown.id === 'complaints'" :plan-id="planId" :scenario-id="scenarioId" />
  <PracticeRoom v-else-if="shown.id === 'practice'" :plan-id="planId" :exercise-id="exerciseId" />
  <DaysAtHotspot v-else-if="shown.id === 'days'" :plan-id="planId" />
  <LiveRehearsal v-else :plan-id="planId" />
</template>
