<script setup lang="ts">
/** The list of sites that a radio takes from a card, filled from the directory with what is near. */
import { computed, ref, shallowRef } from 'vue';
import { MODES } from '@relay/core/registries/modes';
import { countriesOf } from '@relay/core/lists/countries';
import type { ListSummary } from '@relay/core/lists/filed';
import type { ModeId, Radio } from '@relay/core/plan/types';
import { api } from '../../sync/api';
import { messageOf } from '../../sync/message-of';
import type { useKit } from './use-kit';
import { many } from './words';

const props = defineProps<{ files: ReturnType<typeof useKit>; radio: Radio }>();
const { carded } = props.files;
const modes = computed(() => Object.values(MODES).filter(({ id }) => props.radio[id] !== null));
const mode = ref<ModeId>(modes.value.find(({ id }) => id === 'dstar')?.id ?? modes.value[0]?.id ?? 'fm');
const withinKm = ref(200);
const most = ref<number | null>(null);
const report = computed(() => carded.value?.report ?? null);
const room = computed(() => (typeof most.value === 'number' && most.value > 0 ? most.value : null));
const lists = shallowRef<ListSummary[]>([]);
const countries = computed(() => countriesOf(lists.value));
const country = ref('');
const list = ref('');
const trip = ref('');
const problem = ref('');
void api.lists().then(
  (all) => (lists.value = all),
  (error: unknown) => (problem.value = `The lists cannot be named: ${messageOf(error)}`),
);

const fill = () =>
  props.files.fillCard({
    mode: mode.value,
    withinKm: withinKm.value,
    most: room.value,
    list: list.value,
    country: country.value,
    trip: trip.value,
  });
</script>

<template>
  <section class="card" aria-labelledby="card-title">
    <h2 id="card-title">The list of sites on the card</h2>
    <p class="soft">
      From the lists under Sites, nearest to your station first, or along a trip in the order of travel; what is listed
      as off the air is left out.
    </p>
    <div class="act-row">
      <label
        >Mode
        <el-select v-model="mode" size="small" aria-label="Mode of the sites">
          <el-option v-for="one in modes" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </label>
      <label
        >within
        <input
          v-model.number="withinKm"
          class="short-input mono"
          type="number"
          min="1"
          max="20000"
          aria-label="Within kilometres"
        />
        km</label
      >
      <label
        >at most
        <input
          v-model.number="most"
          class="short-input mono"
          type="number"
          min="1"
          placeholder="all"
          aria-label="At most so many sites"
        />
        sites</label
      >
      <label
        >from
        <el-select v-model="list" size="small" aria-label="From which list">
          <el-option value="" label="every list" />
          <el-option v-for="{ id, name } in lists" :key="id" :value="name" :label="name" />
        </el-select>
      </label>
      <label v-if="countries.length > 0"
        >in
        <el-select v-model="country" size="small" aria-label="In which country">
          <el-option value="" label="every country" />
          <el-option v-for="one in countries" :key="one" :value="one" :label="one" />
        </el-select>
      </label>
      <label class="trip"
        >Along a trip
        <textarea
          class="short-input"
          v-model="trip"
          rows="2"
          placeholder="places, one a line: a locator, or latitude and longitude"
        ></textarea>
      </label>
      <el-button data-testid="fill-card" @click="fill">Fill the list</el-button>
    </div>
    <p v-if="problem" class="is-broken">{{ problem }}</p>
    <div v-if="report" class="report" data-testid="card-report" role="status">
      <p v-if="carded!.zip">
        {{ many(report.added, 'row') }} added, {{ report.changed }} changed, {{ report.removed }} gone; read back as it
        should be.<template v-if="report.leftOut.length">
          No room for {{ many(report.leftOut.length, 'site') }}, the farthest.</template
        ><template v-if="report.unfit.length">
          {{ many(report.unfit.length, 'site') }} cannot be said: {{ report.unfit[0]!.why }}.</template
        >
      </p>
      <ul v-else class="is-broken">
        <li v-for="(one, i) in report.wrong.slice(0, 8)" :key="i">
          {{ one.column }}: found {{ one.found }}, expected {{ one.expected }}.
        </li>
      </ul>
      <el-button v-if="carded!.zip" type="primary" data-testid="save-card" @click="files.saveCard()"
        >Save the card’s files</el-button
      >
    </div>
  </section>
</template>

<style scoped>
.card,
.report {
  display: grid;
  gap: 10px;
  justify-items: start;
}

.act-row .el-select {
  width: 140px;
}

input {
  width: 84px;
}

textarea {
  width: 340px;
  font: inherit;
  vertical-align: middle;
}

p,
ul {
  margin: 0;
}
</style>
