<script setup lang="ts">
import { computed, ref } from 'vue';
import { describeReadFinding, type ReadFinding } from '@relay/core/formats/format';
import { writePlan } from '@relay/core/formats/plan-text';
import { hotspotFile, hotspotJson } from '@relay/core/formats/hotspot-json';
import { MODES } from '@relay/core/registries/modes';
import { hotspotsOf } from '@relay/core/plan/sites';
import { rows } from '@relay/core/plan/table';
import type { Radio, Site } from '@relay/core/plan/types';
import { FilePick, PageHead } from '../../fields';
import { StepList } from '../../panels';
import { download, fileName } from '../../fields/download';
import { ALL_PARTS } from '../modes';
import { useCarrying } from '../../sync/carrying';
import { usePlanStore } from '../../sync/plan-store';
import { readCodeplug, replaceCodeplug, writeCodeplug } from './files';
import ReprogramList from './ReprogramList.vue';
import SettingsSheet from './SettingsSheet.vue';

const store = usePlanStore();
const plan = computed(() => store.plan!);
const carrying = useCarrying();
const steps = computed(() => carrying.value?.steps ?? []);
const radios = computed(() => rows(plan.value.radios));
const sites = computed(() => hotspotsOf(plan.value));
/** Files that only radios of one mode take. */
const radioFiles = computed(() =>
  ALL_PARTS.flatMap(([id, { RadioFile }]) =>
    RadioFile
      ? radios.value.filter(RadioFile.takes).map((radio) => ({ key: `${id} ${radio.id}`, radio, Row: RadioFile.Row }))
      : [],
  ),
);
const withPasswords = ref(false);
const problems = ref<ReadFinding[]>([]);
const broken = computed(() => store.verdicts?.tally.broken ?? 0);

function savePlan(): void {
  download(
    `${fileName(plan.value.name)}.relay.json`,
    'application/json',
    writePlan(plan.value, { passwords: withPasswords.value }),
  );
}

async function saveCodeplug(radio: Radio): Promise<void> {
  download(`${fileName(radio.name)}-codeplug.csv`, 'text/csv', await writeCodeplug(plan.value.codeplugs[radio.id]!));
}

function saveProfile(site: Site): void {
  const file = hotspotFile(plan.value, site.id, MODES, { passwords: withPasswords.value });
  download(`${fileName(site.name)}-hotspot.json`, hotspotJson.mediaType, hotspotJson.write(file, undefined));
}

async function read(radio: Radio, file: File): Promise<void> {
  const { codeplug, findings } = await readCodeplug(new Uint8Array(await file.arrayBuffer()));
  problems.value = findings;
  if (!codeplug) {
    store.notice = `${file.name} was not read: ${findings.length} ${findings.length === 1 ? 'place is' : 'places are'} wrong. Nothing was changed.`;
    return;
  }
  store.edit(`read ${file.name}`, (draft) => replaceCodeplug(draft, radio.id, codeplug));
  store.notice = `${file.name} was read into ${radio.name}. Undo brings the old codeplug back.`;
}

const print = () => window.print();
</script>

<template>
  <PageHead title="Carry out" detail="In this order: one thing, then its proof"
    ><el-button @click="$router.push({ name: 'card', params: { planId: store.planId! } })">Pocket card</el-button
    ><el-button @click="print">Print the sheets</el-button></PageHead
  >
  <div class="body">
    <div class="column">
      <section class="files no-print" aria-labelledby="files">
        <h2 id="files">Files</h2>
        <p v-if="broken" class="is-broken">
          {{ broken }} {{ broken === 1 ? 'path is' : 'paths are' }} broken: mend before you write anything.
          <router-link :to="{ name: 'agreement', params: { planId: store.planId! } }">Agreement</router-link>
        </p>
        <table class="plain">
          <tbody>
            <tr>
              <td>Plan</td>
              <td class="soft">the whole plan, to keep or hand on</td>
              <td class="acts"><el-button @click="savePlan">Save plan file</el-button></td>
            </tr>
            <tr v-for="radio in radios" :key="radio.id">
              <td>{{ radio.name }}</td>
              <td class="soft">codeplug table, {{ plan.codeplugs[radio.id]!.channels.order.length }} channels</td>
              <td class="acts">
                <el-button @click="saveCodeplug(radio)">Save codeplug</el-button>
                <FilePick :label="`Codeplug table for ${radio.name}`" accept=".csv,text/csv" @pick="read(radio, $event)"
                  >Read a codeplug</FilePick
                >
              </td>
            </tr>
            <tr v-for="radio in radios" :key="`own ${radio.id}`">
              <td>{{ radio.name }}</td>
              <td class="soft">files of its own program</td>
              <td class="acts">
                <router-link
                  class="el-button"
                  :to="{ name: 'radio-files', params: { planId: store.planId!, radioId: radio.id } }"
                  :aria-label="`Own files of ${radio.name}`"
                  >Fill or compare</router-link
                >
              </td>
            </tr>
            <tr v-for="radio in radios.filter(({ keying }) => keying !== null)" :key="`keys ${radio.id}`">
              <td>{{ radio.name }}</td>
              <td class="soft">keyed in by hand</td>
              <td class="acts">
                <router-link
                  class="el-button"
                  :to="{ name: 'keying', params: { planId: store.planId!, radioId: radio.id } }"
                  :aria-label="`Keying sheet of ${radio.name}`"
                  >Keying sheet</router-link
                >
              </td>
            </tr>
            <component :is="one.Row" v-for="one in radioFiles" :key="one.key" :radio="one.radio" />
            <tr v-for="site in sites" :key="site.id">
              <td>{{ site.name }}</td>
              <td class="soft">hotspot profile</td>
              <td class="acts"><el-button @click="saveProfile(site)">Save profile</el-button></td>
            </tr>
          </tbody>
        </table>
        <el-checkbox v-model="withPasswords">Put passwords into these files</el-checkbox>
        <div v-if="problems.length" role="alert" class="is-broken">
          <strong>The file was not read; nothing was changed.</strong>
          <ul>
            <li v-for="(one, i) in problems.slice(0, 12)" :key="i">{{ describeReadFinding(one) }}</li>
          </ul>
          <p v-if="problems.length > 12">and {{ problems.length - 12 }} more.</p>
        </div>
      </section>
      <section aria-labelledby="steps">
        <h2 id="steps">Run sheet</h2>
        <StepList :steps="steps" />
      </section>
    </div>
    <div class="column">
      <ReprogramList id="reprogram" :lists="carrying?.reprogram ?? null" />
      <SettingsSheet v-for="site in sites" :key="site.id" :plan="plan" :site="site" :with-passwords="withPasswords" />
    </div>
  </div>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 20px 40px;
  align-items: start;
  padding: 4px 20px 32px;
}

.column {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 24px;
  align-content: start;
}

.files {
  display: grid;
  gap: 10px;
}

.acts {
  text-align: right;
  white-space: nowrap;
}

.pick {
  margin-left: 8px;
}

@media (max-width: 760px) {
  .acts {
    white-space: normal;
  }

  .acts .pick {
    margin: 6px 0 0;
  }
}

@media (max-width: 1000px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media print {
  .body {
    display: block;
  }
}
</style>
