<script setup lang="ts">
/** Measures the delay of each server, one after the other, and draws what was measured. */
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { Delay, Server } from '@relay/core/plan/types';
import { api } from '../../sync/api';

const props = defineProps<{ servers: readonly Server[] }>();
const emit = defineEmits<{ measured: [serverId: string, delay: Delay | null] }>();
const canvas = ref<HTMLCanvasElement | null>(null);
const at = ref<number | null>(null);
const problem = ref('');
const measured = computed(() => props.servers.filter((one) => one.delay !== null));
const best = computed(() => [...measured.value].sort((a, b) => a.delay!.medianMs - b.delay!.medianMs)[0] ?? null);
const askable = computed(() => props.servers.filter((one) => one.host !== ''));
let chart: Chart | null = null;
let stop: AbortController | null = null;

async function measure(): Promise<void> {
  stop = new AbortController();
  problem.value = '';
  const list = askable.value.map(({ id, host }) => ({ id, host }));
  try {
    for (const [i, { id, host }] of list.entries()) {
      at.value = i + 1;
      const { delay } = await api.probe(host, stop.signal);
      emit('measured', id, delay);
      if (!delay) problem.value += `${host} did not answer. `;
    }
  } catch (error) {
    problem.value = stop.signal.aborted ? 'Stopped: what was measured before is kept.' : (error as Error).message;
  }
  at.value = null;
}

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

/** A chart takes neither the page's type nor its colours by itself. */
function draw(): void {
  chart?.destroy();
  chart = null;
  if (!canvas.value || measured.value.length === 0) return;
  const style = getComputedStyle(document.documentElement);
  const ink = style.getPropertyValue('--ink');
  const font = { family: getComputedStyle(document.body).fontFamily, size: 12 };
  const ticks = { color: ink, font };
  chart = new Chart(canvas.value, {
    type: 'bar',
    data: {
      labels: measured.value.map((one) => one.name),
      datasets: [
        {
          label: 'Median ms',
          data: measured.value.map((one) => one.delay!.medianMs),
          backgroundColor: measured.value.map((one) =>
            one === best.value ? style.getPropertyValue('--yellow') : style.getPropertyValue('--hairline'),
          ),
          borderColor: ink,
          borderWidth: 1,
          barThickness: 16,
        },
        // From least to most, as a thin line over the bar's end.
        {
          label: 'Least to most ms',
          data: measured.value.map((one) => [one.delay!.lowMs, one.delay!.highMs]) as unknown as number[],
          backgroundColor: ink,
          barThickness: 3,
        },
      ],
    },
    options: {
      indexAxis: 'y',
      animation: false,
      maintainAspectRatio: false,
      scales: {
        x: {
          beginAtZero: true,
          title: { display: true, text: 'ms, there and back', color: ink, font },
          ticks,
          grid: { color: style.getPropertyValue('--hairline') },
        },
        y: { stacked: true, ticks, grid: { display: false } },
      },
    },
  });
}

onMounted(draw);
watch(measured, draw, { flush: 'post' });
onBeforeUnmount(() => {
  stop?.abort();
  chart?.destroy();
});
</script>

<template>
  <p class="probe">
    <el-button v-if="at === null" :disabled="askable.length === 0" @click="measure">{{
      measured.length ? 'Measure again' : 'Measure the delays'
    }}</el-button>
    <template v-else
      ><span role="status">Server {{ at }} of {{ askable.length }}…</span>
      <el-button @click="stop?.abort()">Stop</el-button></template
    >
    <span v-if="best && at === null"
      >Least delay: <strong>{{ best.name }}</strong>,
      <span class="mono">{{ best.delay!.medianMs.toFixed(1) }}</span> ms.</span
    >
    <span class="soft">The line is simulated: five probes to each server of a small model, not to the net.</span>
  </p>
  <p v-if="problem" class="is-doubtful" role="status">{{ problem }}</p>
  <div v-if="measured.length" class="chart" :style="{ height: `${measured.length * 30 + 46}px` }">
    <canvas
      ref="canvas"
      role="img"
      :aria-label="`Delays: ${measured.map((one) => `${one.name} ${one.delay!.medianMs} ms, ${one.delay!.lowMs} to ${one.delay!.highMs}`).join('; ')}`"
    />
  </div>
</template>

<style scoped>
.probe {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}

.chart {
  position: relative;
  max-width: 560px;
}
</style>
