<script setup lang="ts">
/** Parts that are kept for calling, beacons and weak signals: the region's list, or one's own. */
import { NewCell } from '../../fields';
import { computed, ref } from 'vue';
import { regionalSegments, type Segment, type SegmentKind } from '@relay/core/units/segments';
import { bandText, readBand } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const store = usePlanStore();
const station = computed(() => store.plan!.station);
const parts = computed(() => station.value.kept ?? regionalSegments(station.value.region));
const KINDS: readonly SegmentKind[] = ['calling', 'beacons', 'weak signals', 'position reports'];
/** A single frequency stands for the channel around it, 12.5 kHz wide. */
const HALF_HZ = 6_250;
const range = ref('');
const kind = ref<SegmentKind>('calling');
const name = ref('');
const problem = ref('');
const shown = (part: Segment) =>
  part.highHz - part.lowHz <= 2 * HALF_HZ ? String((part.lowHz + part.highHz) / 2 / 1e6) : bandText(part);

function keep(label: string, kept: readonly Segment[] | null): void {
  store.edit(label, (draft) => void (draft.station.kept = kept && [...kept]));
}

function add(): void {
  const read = readBand(range.value) ?? readBand(`${range.value}–${range.value}`, true);
  if (!read) problem.value = `Found “${range.value}”, expected a frequency or two in MHz, such as 433.5 or 432–432.4.`;
  else if (name.value.trim() === '') problem.value = 'Found no name, expected one.';
  else {
    problem.value = '';
    const spot = read.lowHz === read.highHz;
    const part: Segment = {
      kind: kind.value,
      name: name.value.trim().slice(0, 60),
      lowHz: read.lowHz - (spot ? HALF_HZ : 0),
      highHz: read.highHz + (spot ? HALF_HZ : 0),
      source: 'typed',
    };
    keep(
      `keep ${part.name}`,
      [...parts.value, part].sort((a, b) => a.lowHz - b.lowHz),
    );
    range.value = '';
    name.value = '';
  }
}
</script>

<template>
  <p class="soft">
    A hotspot here gets a finding, and no proposal lies here.
    {{
      station.kept === null
        ? 'This is the list of the region, from memory of the IARU band plans; your national band plan decides.'
        : 'This is your own list.'
    }}
    Satellite segments are kept everywhere.
    <el-button v-if="station.kept !== null" link @click="keep('parts that are kept', null)"
      >Back to the region’s list</el-button
    >
  </p>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">MHz</th>
        <th scope="col">Kept for</th>
        <th scope="col">Name</th>
        <th scope="col"><span class="visually-hidden">Acts</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(part, at) in parts" :key="`${part.lowHz} ${part.name}`">
        <td class="mono">{{ shown(part) }}</td>
        <td>{{ part.kind }}</td>
        <td>{{ part.name }}</td>
        <td>
          <el-button
            link
            :aria-label="`Keep ${part.name} no more`"
            @click="
              keep(
                `${part.name} is kept no more`,
                parts.filter((_, i) => i !== at),
              )
            "
            >Remove</el-button
          >
        </td>
      </tr>
      <tr>
        <NewCell v-model="range" label="MHz to keep" placeholder="433.5" mono @add="add" />
        <td>
          <el-select :persistent="false" v-model="kind" class="kind" aria-label="Kept for"
            ><el-option v-for="one in KINDS" :key="one" :value="one" :label="one"
          /></el-select>
        </td>
        <NewCell v-model="name" label="Name of the part" placeholder="name" :maxlength="60" @add="add" />
        <td><el-button @click="add">Add</el-button></td>
      </tr>
    </tbody>
  </table>
  <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
</template>

<style scoped>
.kind {
  min-width: 128px;
}
</style>
