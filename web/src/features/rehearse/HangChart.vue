<script setup lang="ts">
/** What is spoilt a day against the hang time, with the hang times that do best. */
import {
  CategoryScale,
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { computed, onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue';
import type { Judgement } from '@relay/core/rehearse/judge';

const props = defineProps<{ judgement: Judgement }>();
const canvas = useTemplateRef<HTMLCanvasElement>('canvas');
const figures = computed(() =>
  props.judgement.byHang.map(({ hangS, spoilt }) => `${hangS} s ${spoilt.toFixed(1)}`).join('; '),
);
let chart: Chart | null = null;
Chart.register(CategoryScale, Filler, Legend, LinearScale, LineController, LineElement, PointElement, Tooltip);

function draw(): void {
  chart?.destroy();
  const { byHang, best } = props.judgement;
  const style = getComputedStyle(document.documentElement);
  const token = (name: string) => style.getPropertyValue(name);
  const font = { family: getComputedStyle(document.body).fontFamily, size: 12 };
  const text = { color: token('--ink'), font };
  const most = Math.ceil(Math.max(...byHang.map(({ spoilt }) => spoilt), 1));
  const line = (label: string, read: (one: (typeof byHang)[number]) => number, more: object) => ({
    label,
    data: byHang.map(read),
    borderColor: token('--ink'),
    backgroundColor: token('--ink'),
    borderWidth: 1.5,
    pointRadius: 3,
    ...more,
  });
  chart = new Chart(canvas.value!, {
    type: 'line',
    data: {
      labels: byHang.map(({ hangS }) => String(hangS)),
      datasets: [
        line('all together', ({ spoilt }) => spoilt, {
          borderColor: token('--yellow'),
          backgroundColor: token('--yellow'),
          borderWidth: 5,
        }),
        line('kept out', ({ keptOut }) => keptOut, { pointStyle: 'rect' }),
        line('captured', ({ captures }) => captures, { borderDash: [6, 4], pointStyle: 'triangle' }),
        line('reply cut', ({ cutReplies }) => cutReplies, { borderDash: [2, 3], pointStyle: 'crossRot' }),
        line('does best', ({ hangS }) => (hangS >= best.fromS && hangS <= best.toS ? most : NaN), {
          fill: 'origin',
          borderWidth: 0,
          pointRadius: 0,
          backgroundColor: token('--yellow-pale'),
        }),
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      plugins: { legend: { labels: { ...text, usePointStyle: true } } },
      scales: {
        x: {
          title: { display: true, text: 'hang time, s', ...text },
          ticks: text,
          grid: { color: token('--hairline') },
        },
        y: {
          beginAtZero: true,
          max: most,
          title: { display: true, text: 'calls a day', ...text },
          ticks: text,
          grid: { color: token('--hairline') },
        },
      },
    },
  });
}
onMounted(draw);
watch(() => props.judgement, draw);
onBeforeUnmount(() => chart?.destroy());
</script>

<template>
  <div class="chart">
    <canvas ref="canvas" role="img" :aria-label="`Calls spoilt a day by hang time: ${figures}`" />
  </div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 280px;
}
</style>
