<script setup lang="ts">
/** Slots across, radios down: which stored profile is recalled by what, and from which radio. */
import { computed } from 'vue';
import { newRecallSlot } from '@relay/core/plan/create';
import { NETWORK_MODE_IDS } from '@relay/core/plan/modes/index';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Hotspot, NetworkModeId, RecallSlot } from '@relay/core/plan/types';
import { missingEntries } from '@relay/core/builder/recall';
import { buildRecall, recallMatrix } from '@relay/core/registries/builder';
import { MODES } from '@relay/core/registries/modes';
import { TextField } from '../../fields';
import type { Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { HotspotFrame, PlaceFindings } from '../../panels';
import KeptCodes from './KeptCodes.vue';
import RecallCell from './RecallCell.vue';
import { useHotspot } from './use-hotspot';

const props = defineProps<{ planId: string; siteId?: string }>();
const { store, site, profiles } = useHotspot(() => props.siteId);
const NONE = '';
const slots = computed(() => (site.value ? rows(site.value.recall) : []));
const matrix = computed(() => (site.value ? recallMatrix(store.plan!, site.value.id) : []));
const missing = computed(() => missingEntries(matrix.value));
const modes = computed(() => NETWORK_MODE_IDS.filter((id) => site.value?.[id] && MODES[id].recall));
const radioName = (id: string) => store.plan!.radios.byId[id]?.name ?? '';

function change(label: string, recipe: (of: Hotspot) => void): void {
  const { id, name } = site.value!;
  store.edit(`${name}: ${label}`, (draft) => recipe(draft.sites.byId[id] as Hotspot));
}

/** The profiles that no slot holds yet come first. */
function add(): void {
  const held = new Set(slots.value.map((slot) => slot.profileId));
  const profileId = profiles.value.find((one) => !held.has(one.id))?.id ?? null;
  const id = newId('slot');
  change(`slot ${slots.value.length + 1}`, (of) => putRow(of.recall, { ...newRecallSlot(id), profileId }));
}

const hold = (slot: RecallSlot, at: number, profileId: string) =>
  change(
    `what slot ${at + 1} holds`,
    (of) => void (of.recall.byId[slot.id]!.profileId = profileId === NONE ? null : profileId),
  );

const take =
  (slot: RecallSlot, at: number, mode: NetworkModeId) =>
  (text: string): Taken => {
    const recall = MODES[mode].recall!;
    const call = recall.tidy(text);
    const expected = call === '' ? null : recall.expected(call);
    if (expected) return { problem: `Found “${text}”, expected ${expected}.` };
    change(
      `what recalls slot ${at + 1} from ${MODES[mode].name}`,
      (of) => void (of.recall.byId[slot.id]!.calls[mode] = call),
    );
    return null;
  };

function remove(slot: RecallSlot, at: number): void {
  const { id, name } = site.value!;
  store.remove(`${name}: slot ${at + 1} removed`, (draft) =>
    removeRow((draft.sites.byId[id] as Hotspot).recall, slot.id),
  );
}

function build(): void {
  const { id, name } = site.value!;
  const count = missing.value;
  store.edit(`${name}: entries that recall its slots`, (draft) => void buildRecall(draft, id));
  store.notice = `${count} ${count === 1 ? 'entry is' : 'entries are'} in the radios. Undo takes them out.`;
}
</script>

<template>
  <HotspotFrame :plan-id="planId" :site="site">
    <div v-if="site" class="body">
      <p class="intro">
        Some hotspots store several profiles and recall one when a radio sends a certain number. How many slots there
        are, and which numbers, is in the hotspot’s manual: there is no usual one.
      </p>
      <PlaceFindings :under="[`/sites/byId/${site.id}/recall`]" />
      <div v-if="slots.length === 0" class="none">
        <p class="soft">
          No slot yet. Add as many as your hotspot has; then say what each holds and what recalls it, and the entries of
          every radio stand below.
        </p>
        <el-button type="primary" data-testid="add-slot" @click="add">Add the first slot</el-button>
      </div>
      <template v-else>
        <div class="act-row">
          <el-button data-testid="add-slot" @click="add">Add a slot</el-button>
          <el-button v-if="missing" type="primary" data-testid="build-recall" @click="build"
            >Build the {{ missing }} missing {{ missing === 1 ? 'entry' : 'entries' }}</el-button
          >
          <span v-else-if="matrix.length" class="soft" data-testid="recall-complete"
            >Every entry that can be is there.</span
          >
        </div>
        <div class="wide-table" tabindex="0" role="group" aria-label="Slots across, radios down">
          <table class="plain">
            <thead>
              <tr>
                <th scope="col">Slot</th>
                <th v-for="(slot, at) in slots" :key="slot.id" scope="col">
                  <span class="place">{{ at + 1 }}</span>
                  <el-select
                    :model-value="slot.profileId ?? NONE"
                    :persistent="false"
                    size="small"
                    :aria-label="`Slot ${at + 1} holds`"
                    @update:model-value="hold(slot, at, $event as string)"
                  >
                    <el-option :value="NONE" label="nothing" />
                    <el-option v-for="one in profiles" :key="one.id" :value="one.id" :label="one.name" />
                  </el-select>
                  <el-button link size="small" :aria-label="`Remove slot ${at + 1}`" @click="remove(slot, at)"
                    >Remove</el-button
                  >
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="mode in modes" :key="mode">
                <th scope="row">
                  {{ MODES[mode].name }} {{ MODES[mode].recall!.what }}<span class="soft"> that recalls it</span>
                </th>
                <td v-for="(slot, at) in slots" :key="slot.id">
                  <TextField
                    :label="`${MODES[mode].name} ${MODES[mode].recall!.what} for slot ${at + 1}`"
                    :value="slot.calls[mode]"
                    :take="take(slot, at, mode)"
                    placeholder="not said"
                    mono
                    bare
                  />
                </td>
              </tr>
            </tbody>
            <tbody data-testid="recall-matrix">
              <tr v-for="row in matrix" :key="`${row.radioId} ${row.mode}`" data-testid="recall-row">
                <th scope="row">
                  <strong>{{ radioName(row.radioId) }}</strong>
                  <span class="soft"
                    >{{ MODES[row.mode].name
                    }}<template v-if="row.most !== null">, keeps {{ row.most }} codes</template></span
                  >
                </th>
                <td v-for="cell in row.cells" :key="cell.slotId"><RecallCell :cell="cell" /></td>
              </tr>
            </tbody>
          </table>
        </div>
        <KeptCodes
          v-for="row in matrix.filter((one) => one.most !== null)"
          :key="`codes ${row.radioId} ${row.mode}`"
          :radio-id="row.radioId"
          :mode="row.mode"
          :most="row.most!"
        />
        <p v-if="matrix.length === 0" class="soft">
          No radio of the plan speaks a mode of this hotspot and tunes it: add one under Radios.
        </p>
      </template>
    </div>
  </HotspotFrame>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  padding: 14px 20px 28px;
}

.intro {
  max-width: 84ch;
}

.none {
  display: grid;
  gap: 10px;
  justify-items: start;
}

th[scope='col'] {
  min-width: 148px;
  vertical-align: top;
}

.place {
  display: block;
  color: var(--ink);
  font-size: 14px;
  font-weight: 650;
}

th .soft {
  font-weight: 400;
}

th strong + .soft {
  display: block;
  font-size: 12px;
}

tbody + tbody tr:first-child > * {
  border-top: 2px solid var(--rule);
}

td {
  vertical-align: top;
}
</style>
