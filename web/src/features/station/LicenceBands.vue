<script setup lang="ts">
/** The bands of the licence: the region's edges, and the country's where they differ. */
import { computed } from 'vue';
import { amateurBands, BAND_NAMES, bandByName, licenceBands } from '@relay/core/units/bands';
import { TextField } from '../../fields';
import { bandText, readBand, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const store = usePlanStore();
const station = computed(() => store.plan!.station);
const NOT_GIVEN = 'not given';
const bands = computed(() => {
  const regional = new Map(amateurBands(station.value.region).map((band) => [band.name, band]));
  const licensed = new Set(licenceBands(station.value).map((band) => band.name));
  return BAND_NAMES.map((name) => {
    const own = station.value.edges[name];
    return {
      name,
      region: regional.has(name) ? bandText(regional.get(name)!) : 'none',
      own: own === undefined ? '' : own === null ? NOT_GIVEN : bandText(own),
      isGiven: licensed.has(name),
    };
  });
});

const take =
  (name: string) =>
  (text: string): Taken => {
    const plain = text.trim().toLowerCase();
    const widest = bandByName(name)!;
    const own = plain === '' ? undefined : plain === NOT_GIVEN || plain === 'none' ? null : readBand(text);
    if (own === null && plain !== NOT_GIVEN && plain !== 'none')
      return {
        problem: `Found “${text}”, expected two frequencies in MHz, such as ${bandText(widest)}, or “${NOT_GIVEN}”.`,
      };
    if (own && (own.highHz < widest.lowHz || own.lowHz > widest.highHz))
      return { problem: `Found ${bandText(own)} MHz, expected a part of ${name}: ${bandText(widest)} MHz.` };
    store.edit(`edges of ${name}`, ({ station: draft }) => {
      if (own === undefined) delete draft.edges[name];
      else draft.edges[name] = own;
    });
    return null;
  };
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">Band</th>
        <th scope="col" class="number">Region, MHz</th>
        <th scope="col">Your country, where it differs</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="band in bands" :key="band.name" :class="{ out: !band.isGiven }">
        <th scope="row">{{ band.name }}</th>
        <td class="number">{{ band.region }}</td>
        <td>
          <TextField
            bare
            mono
            :label="`${band.name} in your country`"
            :value="band.own"
            :take="take(band.name)"
            :placeholder="band.isGiven ? 'as the region' : NOT_GIVEN"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  max-width: 560px;
}

tbody th {
  background: none;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
  white-space: nowrap;
}

.out th,
.out .number {
  color: var(--soft);
}
</style>
