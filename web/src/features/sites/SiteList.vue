<script setup lang="ts">
/** The same sites as in the table, short, beside the map: whoever is chosen in one is shown in the other. */
import { nextTick, ref, watch } from 'vue';
import { VirtualRows } from '../../fields';
import { compassPoint } from '@relay/core/units/geo/geodesic';
import { formatMHz, formatShiftMHz } from '@relay/core/units/quantities';
import type { AlongSite, FoundSite } from '@relay/core/lists/filed';
import { accessWords, groupsOnSlot, keyOf, reachWords } from './listed';
import { type DistanceUnit, distanceText } from './place';

const props = defineProps<{ sites: readonly (FoundSite | AlongSite)[]; unit: DistanceUnit; selected: string | null }>();
const emit = defineEmits<{ select: [key: string]; correct: [site: FoundSite | AlongSite] }>();
const ticked = defineModel<ReadonlySet<string>>('ticked', { required: true });
const list = ref<{ show: (at: number) => Promise<void> } | null>(null);
const slots = (site: FoundSite | AlongSite) =>
  ([1, 2] as const)
    .filter((slot) => groupsOnSlot(site, slot))
    .map((slot) => `slot ${slot}: ${groupsOnSlot(site, slot)}`)
    .join(' · ');
const where = (site: FoundSite | AlongSite) =>
  'alongM' in site
    ? `${distanceText(site.alongM, props.unit)} ${props.unit} on the way`
    : site.distanceM === null || site.bearingDeg === null
      ? 'place not said'
      : `${distanceText(site.distanceM, props.unit)} ${props.unit}, ${Math.round(site.bearingDeg) % 360}° ${compassPoint(site.bearingDeg)}`;

function tick(site: FoundSite | AlongSite, on: boolean): void {
  const next = new Set(ticked.value);
  if (on) next.add(keyOf(site));
  else next.delete(keyOf(site));
  ticked.value = next;
}

watch(
  () => props.selected,
  async () => {
    await nextTick();
    const at = props.sites.findIndex((site) => keyOf(site) === props.selected);
    if (at >= 0) await list.value?.show(at);
  },
);
</script>

<template>
  <div class="scroll" data-scrolls>
    <VirtualRows
      ref="list"
      v-slot="{ row: site, at }"
      as="ul"
      :rows="sites"
      :key-of="keyOf"
      :height="92"
      tabindex="0"
      aria-label="Sites on the map"
    >
      <li :class="{ here: keyOf(site) === selected }" :data-index="at" data-testid="map-site">
        <input
          type="checkbox"
          :checked="ticked.has(keyOf(site))"
          :aria-label="`Choose ${site.callSign} ${site.module}, ${formatMHz(site.txHz)}`"
          @change="tick(site, ($event.target as HTMLInputElement).checked)"
        />
        <button
          type="button"
          :aria-current="keyOf(site) === selected ? 'true' : undefined"
          @click="emit('select', keyOf(site))"
        >
          <span
            ><strong class="mono">{{ site.module ? `${site.callSign} ${site.module}` : site.callSign }}</strong>
            {{ site.name || site.place }}</span
          >
          <span class="soft">{{ where(site) }}</span>
          <span class="mono"
            >{{ formatMHz(site.txHz) }} {{ site.rxHz === null ? '?' : formatShiftMHz(site.rxHz - site.txHz) }} ·
            {{ [site.modes.join(', '), accessWords(site)].filter(Boolean).join(' · ') }}</span
          >
          <span v-if="slots(site)" class="mono soft">{{ slots(site) }}</span>
          <span v-if="reachWords(site) || site.notes" class="soft">{{
            [reachWords(site), site.notes].filter(Boolean).join('; ')
          }}</span>
          <span v-if="site.status === 'off the air'" class="is-doubtful">off the air</span>
        </button>
        <el-button link :aria-label="`Correct ${site.callSign}`" @click="emit('correct', site)">Correct</el-button>
      </li>
    </VirtualRows>
  </div>
</template>

<style scoped>
.scroll {
  max-height: min(560px, 62vh);
  overflow-y: auto;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 8px;
  align-items: start;
  padding: 6px 8px;
  border-bottom: 1px solid var(--hairline);
  border-left: 4px solid transparent;
}

li.here {
  background: var(--raised);
  border-left-color: var(--yellow);
}

li > button:not(.el-button) {
  display: grid;
  flex: 1;
  min-width: 0;
  padding: 0;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
</style>
