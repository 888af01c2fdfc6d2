<script setup lang="ts">
/** Radios, hotspots and networks of the plan, run in time: live, or a complaint with its fault and its cure. */
import { useRouter } from 'vue-router';
import { PageHead } from '../../fields';
import ComplaintList from './ComplaintList.vue';
import LiveRehearsal from './LiveRehearsal.vue';

const props = defineProps<{ planId: string; scenarioId?: string; view?: string }>();
const router = useRouter();

function show(view: string): void {
  void router.push(
    view === 'live'
      ? { name: 'rehearse', params: { planId: props.planId } }
      : { name: 'scenarios', params: { planId: props.planId } },
  );
}
</script>

<template>
  <PageHead
    title="Rehearse"
    :detail="view === 'complaints' ? 'what people say, with its cause and its cure' : 'nothing goes on the air'"
  >
    <el-radio-group
      :model-value="view === 'complaints' ? 'complaints' : 'live'"
      aria-label="What to rehearse"
      @update:model-value="show(String($event))"
    >
      <el-radio-button value="live">This plan, live</el-radio-button>
      <el-radio-button value="complaints">Complaints</el-radio-button>
    </el-radio-group>
  </PageHead>
  <ComplaintList v-if="view === 'complaints'" :plan-id="planId" :scenario-id="scenarioId" />
  <LiveRehearsal v-else :plan-id="planId" />
</template>
