<script setup lang="ts">
/** Files that were saved from the radio against the plan, by what a channel is; chosen lines go in either direction. */
import { computed, ref, watch } from 'vue';
import type { ChannelMatch, MatchKind } from '@relay/core/compare/meaning';
import { takeFrom } from '@relay/core/compare/take-over';
import { markWritten } from '@relay/core/compare/written';
import type { Kit } from '@relay/core/plan/kit';
import type { Radio } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';
import { VirtualRows } from '../../fields';
import { useLeftOut } from '../../fields/left-out';
import { MATCH_WORDS, matchDetail } from '../../fields/match-words';
import { usePlanStore } from '../../sync/plan-store';
import type { useKit } from './use-kit';
import { many } from './words';

const props = defineProps<{ files: ReturnType<typeof useKit>; radio: Radio; kit: Kit }>();
const store = usePlanStore();
const { readBack } = props.files;
const idOf = (one: ChannelMatch) => `${one.hereId ?? ''}/${one.thereId ?? ''}`;
const differing = computed(() => readBack.value!.matches.filter(({ kind }) => kind !== 'same'));
const moved = computed(() => readBack.value!.matches.filter((one) => one.kind === 'same' && one.moved).length);
const same = computed(() => readBack.value!.matches.length - differing.value.length);
const isClean = computed(() => differing.value.length === 0 && readBack.value!.findings.length === 0);
const only = ref<MatchKind | null>(null);
const kinds = computed(() => {
  const counts = new Map<MatchKind, number>();
  for (const { kind } of differing.value) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts];
});
const shown = computed(() => differing.value.filter(({ kind }) => only.value === null || kind === only.value));
const { chosen, isLeft, tick, begin } = useLeftOut(() => shown.value, idOf);
// What only one side has is a larger step: it is taken when somebody ticks it.
begin(differing.value.filter(({ kind }) => kind === 'only here' || kind === 'only there').map(idOf));

const WORDS = { ...MATCH_WORDS, 'only here': 'only in the plan', 'only there': 'only in the files' };

// A clean comparison is the proof that the radio holds the plan.
watch(
  isClean,
  (clean) => {
    const back = readBack.value;
    if (!clean || !back || back.matches.length === 0) return;
    if (store.plan!.written[props.radio.id]?.readBack === back.fingerprint) return;
    const { fingerprint, secretFiles } = back;
    store.edit(`${props.radio.name} was read back as planned`, (draft) => {
      markWritten(draft, props.radio.id, new Date().toISOString(), fingerprint);
      draft.kits.byId[props.kit.id]!.secretFiles = secretFiles;
    });
    store.notice = `${props.radio.name} holds what is planned: it is marked as written. Undo takes the mark back.`;
  },
  { immediate: true },
);

async function takeIntoPlan(): Promise<void> {
  const { content } = readBack.value!;
  const lines = chosen.value;
  store.edit(`${many(lines.length, 'line')} from ${readBack.value!.names}`, (draft) =>
    takeFrom(MODES, draft.codeplugs[props.radio.id]!, lines, content),
  );
  store.notice = `${many(lines.length, 'line')} taken into ${props.radio.name}’s codeplug. Undo takes them back.`;
  await props.files.compareAgain();
}
</script>

<template>
  <section class="result-panel" aria-labelledby="compare-title" data-testid="kit-compare">
    <h2 id="compare-title">{{ readBack!.names }} against the plan</h2>
    <p v-if="isClean" class="is-whole" role="status" data-testid="compare-clean">
      {{ radio.name }} holds what is planned: {{ many(same, 'channel') }} the same{{
        moved ? `, ${moved} at another place` : ''
      }}. Fingerprint <span class="mono">{{ readBack!.fingerprint }}</span>.
    </p>
    <p v-else role="status">
      {{ many(same, 'channel is', 'channels are') }} the same{{ moved ? ` (${moved} at another place)` : '' }},
      {{ many(differing.length, 'line differs', 'lines differ') }}.
    </p>
    <div v-if="kinds.length > 1" class="act-row" role="group" aria-label="Show only">
      <el-button size="small" :aria-pressed="only === null" @click="only = null">all {{ differing.length }}</el-button>
      <el-button
        v-for="[kind, count] in kinds"
        :key="kind"
        size="small"
        :aria-pressed="only === kind"
        @click="only = kind"
        >{{ WORDS[kind] }} {{ count }}</el-button
      >
    </div>
    <div v-if="shown.length" class="wide-table" tabindex="0" role="group" aria-label="Lines that differ">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col" class="tick"><span class="visually-hidden">Take</span></th>
            <th scope="col">Plan</th>
            <th scope="col">Files</th>
            <th scope="col">What</th>
            <th scope="col">Plan → files</th>
          </tr>
        </thead>
        <VirtualRows v-slot="{ row: one, at }" :rows="shown" :key-of="idOf" :height="33">
          <tr :data-index="at" data-testid="kit-difference">
            <td>
              <input
                type="checkbox"
                :checked="!isLeft(idOf(one))"
                :aria-label="`Take ${one.name || one.nameThere}`"
                @change="tick(idOf(one), $event)"
              />
            </td>
            <th scope="row">{{ one.name }}</th>
            <td>{{ one.nameThere }}</td>
            <td>{{ WORDS[one.kind] }}</td>
            <td class="mono detail">{{ matchDetail(one) }}</td>
          </tr>
        </VirtualRows>
      </table>
    </div>
    <ul v-if="readBack!.findings.length" class="is-doubtful" data-testid="compare-findings">
      <li v-for="(one, i) in readBack!.findings.slice(0, 12)" :key="i">
        {{ one.file }}{{ one.line === null ? '' : `, line ${one.line}` }}, {{ one.column || 'row' }}: found
        {{ one.found }}, expected {{ one.expected }}.
      </li>
      <li v-if="readBack!.findings.length > 12">and {{ readBack!.findings.length - 12 }} more.</li>
    </ul>
    <div class="act-row">
      <template v-if="shown.length">
        <el-button type="primary" :disabled="chosen.length === 0" data-testid="take-into-plan" @click="takeIntoPlan"
          >Take {{ chosen.length }} into the plan</el-button
        >
        <el-button :disabled="chosen.length === 0" data-testid="write-into-files" @click="files.writeChosen(chosen)"
          >Write {{ chosen.length }} into these files</el-button
        >
      </template>
      <el-button @click="readBack = null">Close</el-button>
    </div>
  </section>
</template>

<style scoped>
p,
ul {
  margin: 0;
}

.act-row [aria-pressed='true'] {
  font-weight: 650;
  box-shadow: inset 0 -3px 0 var(--ink);
}

.tick {
  width: 34px;
}

.detail {
  width: 100%;
  white-space: normal;
}

td:not(.detail),
th[scope='row'] {
  white-space: nowrap;
}
</style>
