<script setup lang="ts">
/** The files of a radio's own program: taught from a sample, filled from the plan, read back. */
import { computed } from 'vue';
import { rows } from '@relay/core/plan/table';
import { EmptyState, FilePick, PageHead } from '../../fields';
import { droppedFiles } from '../../fields/dropped-files';
import { usePlanStore } from '../../sync/plan-store';
import BorrowPanel from './BorrowPanel.vue';
import CardPanel from './CardPanel.vue';
import ComparePanel from './ComparePanel.vue';
import FillPanel from './FillPanel.vue';
import KitPanel from './KitPanel.vue';
import TeachPanel from './TeachPanel.vue';
import { useKit } from './use-kit';

const props = defineProps<{ planId: string; radioId?: string }>();
const store = usePlanStore();
const radios = computed(() => rows(store.plan!.radios));
const radio = computed(() => radios.value.find(({ id }) => id === props.radioId) ?? radios.value[0] ?? null);
const files = useKit(() => radio.value);
const { kit, others, learnt, problem, isBusy, readBack, written, borrowing } = files;

async function dropped(event: DragEvent): Promise<void> {
  const given = await droppedFiles(event);
  if (given.length === 0 || !radio.value) return;
  await (kit.value && !learnt.value ? files.compare(given) : files.give(given));
}
</script>

<template>
  <PageHead title="Radio files" :detail="radio ? `What ${radio.name}’s own program reads and writes` : ''"
    ><router-link class="el-button" :to="{ name: 'carry-out', params: { planId } }">Run sheet</router-link></PageHead
  >
  <EmptyState v-if="!radio" title="No radio yet">
    <p>Files belong to a radio. Add yours first.</p>
    <template #acts
      ><router-link class="el-button el-button--primary" :to="{ name: 'radios', params: { planId } }"
        >Radios</router-link
      ></template
    >
  </EmptyState>
  <div v-else class="body" @dragover.prevent @drop.prevent="dropped">
    <nav class="radios" aria-label="Radios">
      <router-link
        v-for="one in radios"
        :key="one.id"
        :to="{ name: 'radio-files', params: { planId, radioId: one.id } }"
        :aria-current="one.id === radio.id ? 'page' : undefined"
        :class="{ here: one.id === radio.id }"
        >{{ one.name }}</router-link
      >
    </nav>
    <p v-if="problem" role="alert" class="is-broken" data-testid="kit-problem">{{ problem }} Nothing was changed.</p>
    <p v-if="isBusy" role="status" class="busy">
      {{ isBusy }}… <el-button size="small" @click="files.stop()">Cancel</el-button>
    </p>
    <TeachPanel v-if="learnt" :files="files" :radio="radio" />
    <section v-else-if="!kit" class="part" aria-labelledby="teach-title">
      <h2 id="teach-title">Give it files that {{ radio.name }}’s own program saved</h2>
      <p class="wide">
        Save what is in the radio with its own program: channels, zones, contacts, lists. Drop all of those files here,
        a folder or a zip of them. It finds out how they are written and what each column holds, and asks where it is in
        doubt. From then on it fills them from the plan; columns that only the radio’s program knows are carried along,
        and every row that you do not change stays byte for byte.
      </p>
      <p class="soft">
        CSV, TSV and other delimited text, XML, JSON, spreadsheets (.xlsx), or a kit that somebody shared.
      </p>
      <div class="act-row">
        <FilePick label="Files of the radio’s own program" primary multiple data-testid="give-kit" @several="files.give"
          >Give it the files</FilePick
        >
        <el-button v-for="one in others" :key="one.id" @click="files.takeLayout(one)"
          >Take the layout of {{ one.name }}</el-button
        >
      </div>
    </section>
    <template v-else>
      <FillPanel v-if="written" :written="written" :radio="radio" @save="files.save()" @close="written = null" />
      <BorrowPanel v-if="borrowing" :files="files" :borrowing="borrowing" :radio="radio" />
      <ComparePanel v-if="readBack" :files="files" :radio="radio" :kit="kit" />
      <KitPanel :files="files" :kit="kit" :radio="radio" />
      <CardPanel v-if="kit.tables.some(({ role }) => role === 'site list')" :files="files" :radio="radio" />
    </template>
  </div>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  min-height: 60vh;
  align-content: start;
  padding: 4px 20px 28px;
}

.radios {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}

.radios a {
  padding: 4px 0;
  text-decoration: none;
}

.radios .here {
  font-weight: 650;
  box-shadow: inset 0 -3px 0 var(--yellow);
}

.part {
  display: grid;
  gap: 10px;
  justify-items: start;
}

.wide {
  max-width: 84ch;
}

.busy {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
