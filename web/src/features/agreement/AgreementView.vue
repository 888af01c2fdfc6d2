<script setup lang="ts">
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Agreement, ExplainedFinding } from '@relay/core/agreement/agreement';
import { findingsOfPath, mendAllWords } from '@relay/core/agreement/findings';
import { EmptyState, PageHead, VirtualRows } from '../../fields';
import { NextStep, PathPanel } from '../../panels';
import { usePlanStore } from '../../sync/plan-store';
import FindingCard from './FindingCard.vue';
import { byPath, byPlace, type FindingGroup } from './groups';
import PathList from './PathList.vue';

const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const grouping = ref<'path' | 'place'>(route.query['by'] === 'place' ? 'place' : 'path');
const chosenId = ref<string | null>(null);
const list = ref<HTMLElement | null>(null);
const lines = ref<{ show: (at: number) => Promise<void> } | null>(null);

const plan = computed(() => store.plan!);
const agreement = computed(() => store.agreement);
const groups = computed(() =>
  agreement.value
    ? grouping.value === 'path'
      ? byPath(plan.value, agreement.value)
      : byPlace(plan.value, agreement.value)
    : [],
);
/** Headings and findings, one under the other. */
type Line = { key: string; group: FindingGroup; finding: ExplainedFinding | null };
const listed = computed(() =>
  groups.value.flatMap((group): Line[] => [
    { key: `group ${group.key}`, group, finding: null },
    ...group.findings.map((finding) => ({ key: finding.id, group, finding })),
  ]),
);
const flat = computed(() => groups.value.flatMap((group) => group.findings));
const chosen = computed(() => flat.value.find((one) => one.id === chosenId.value) ?? flat.value[0] ?? null);

/** The address holds the selected path, so that it can be sent and reloaded. */
watch(
  () => route.query['channel'],
  (channel) => {
    const radio = route.query['radio'];
    if (typeof channel === 'string' && typeof radio === 'string')
      store.selection = { radioId: radio, channelId: channel };
  },
  { immediate: true },
);

function showPath(radioId: string, channelId: string): void {
  void router.replace({ query: { ...route.query, radio: radioId, channel: channelId } });
}

/** The first path that a finding touches: its own channel, or one that goes through its radio or site. */
function openPath(finding: ExplainedFinding): void {
  const { radioId, channelId } = finding.subject;
  if (radioId && channelId) return showPath(radioId, channelId);
  const touched = agreement.value?.channels.find((one) => {
    const siteId = plan.value.codeplugs[one.radioId]?.channels.byId[one.channelId]?.siteId ?? null;
    return findingsOfPath([finding], one.radioId, one.channelId, siteId).length > 0;
  });
  if (touched) showPath(touched.radioId, touched.channelId);
}

function move(step: number): void {
  const at = flat.value.findIndex((one) => one.id === chosen.value?.id);
  chosenId.value = flat.value[Math.max(0, Math.min(flat.value.length - 1, at + step))]?.id ?? null;
  void lines.value?.show(listed.value.findIndex((one) => one.key === chosenId.value));
}

/** What came next takes the place of what was mended, and keeps the focus. */
function mend(finding: ExplainedFinding, fix = 0): void {
  const at = flat.value.findIndex((one) => one.id === finding.id);
  const following = flat.value[at + 1] ?? flat.value[at - 1] ?? null;
  store.mend(finding, fix);
  chosenId.value = following?.id ?? null;
  void nextTick(() => list.value?.focus({ preventScroll: true }));
}

/** The keys of the page work wherever the focus is, but where something is typed. */
function onKey(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
  if ((event.target as HTMLElement).closest('input, textarea, [role="dialog"], [role="combobox"]')) return;
  if (event.key === 'ArrowDown') move(1);
  else if (event.key === 'ArrowUp') move(-1);
  else if (event.key === '.' && chosen.value) mend(chosen.value);
  else if (event.key === 't' && chosen.value) openPath(chosen.value);
  else return;
  event.preventDefault();
}

onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => window.removeEventListener('keydown', onKey));

/** Nothing chosen yet: the gravest path is what one came to see. */
watch(
  agreement,
  (now) => {
    const gravest =
      now?.channels.find((one) => one.verdict === 'broken') ??
      now?.channels.find((one) => one.verdict === 'doubtful') ??
      now?.channels[0];
    if (!store.selectedChannel && gravest) store.selection = { radioId: gravest.radioId, channelId: gravest.channelId };
  },
  { immediate: true },
);

const count = (number: number, what: string) => `${number.toLocaleString('en')} ${what}${number === 1 ? '' : 's'}`;

/** Findings by what they weigh, in the words that paths have too: `3 broken, 1 doubtful, 12 notes`. */
function findingWords({ findings }: Agreement): string {
  const of = (severity: ExplainedFinding['severity']) => findings.filter((one) => one.severity === severity).length;
  const parts = [
    of('broken') > 0 ? `${of('broken')} broken` : '',
    of('doubtful') > 0 ? `${of('doubtful')} doubtful` : '',
    of('note') > 0 ? count(of('note'), 'note') : '',
  ].filter(Boolean);
  return parts.length > 0 ? `${count(findings.length, 'finding')}: ${parts.join(', ')}` : 'no finding';
}

/** What the press says that mends all findings of a check. */
const mendAll = computed(() => {
  const findings = agreement.value?.findings ?? [];
  return new Map([...new Set(findings.map((one) => one.check))].map((id) => [id, mendAllWords(findings, id)]));
});
</script>

<template>
  <PageHead
    title="Agreement"
    :detail="agreement ? `${count(agreement.channels.length, 'path')}; ${findingWords(agreement)}` : ''"
  >
    <el-radio-group
      v-if="flat.length && agreement?.channels.length"
      v-model="grouping"
      aria-label="Group findings by"
      size="default"
    >
      <el-radio-button value="path">By path</el-radio-button>
      <el-radio-button value="place">By place</el-radio-button>
    </el-radio-group>
    <NextStep />
  </PageHead>
  <p v-if="!agreement" class="pad soft" role="status">Checking…</p>
  <EmptyState v-else-if="agreement.channels.length === 0" title="No path yet">
    <p>
      A path runs from a radio’s channel over the air to your hotspot, through its gateway to a network and its group.
      Build the codeplug from your wants, and every path is proved here.
    </p>
    <ul v-if="flat.length" class="before">
      <li v-for="finding in flat" :key="finding.id">{{ finding.what }} {{ finding.remedy }}</li>
    </ul>
    <template #acts
      ><el-button @click="router.push({ name: 'wants' })">Go to Wants</el-button>
      <el-button @click="router.push({ name: 'plans' })">Load the demo plan</el-button></template
    >
  </EmptyState>
  <template v-else>
    <PathPanel class="path" large />
    <div class="columns">
      <PathList :agreement="agreement" :selection="store.selection" @choose="showPath" />
      <section
        ref="list"
        class="findings"
        tabindex="0"
        aria-label="Findings; arrows choose, full stop mends, t shows the path"
      >
        <p v-if="flat.length === 0" class="clear" data-testid="all-whole">
          <strong class="is-whole">Every path is whole.</strong> Radio, site and network agree; nothing is left to mend.
        </p>
        <VirtualRows
          v-slot="{ row: line, at }"
          ref="lines"
          as="div"
          :rows="listed"
          :key-of="(one) => one.key"
          :height="118"
        >
          <h2 v-if="!line.finding" :data-index="at">
            {{ line.group.title }} <span class="soft">{{ line.group.detail }}</span>
          </h2>
          <FindingCard
            v-else
            :data-index="at"
            :finding="line.finding"
            :current="line.finding.id === chosen?.id"
            :all="mendAll.get(line.finding.check) ?? ''"
            @choose="chosenId = line.finding.id"
            @mend="(fix) => mend(line.finding!, fix)"
            @mend-all="store.mendAll(line.finding.check)"
            @path="openPath(line.finding)"
          />
        </VirtualRows>
      </section>
    </div>
  </template>
</template>

<style scoped>
.before {
  margin: 10px 0 0;
  padding-left: 18px;
}

.pad {
  padding: 20px;
}

.path {
  margin: 0 20px 16px;
  padding: 10px 18px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

.columns {
  display: grid;
  grid-template-columns: minmax(330px, 2fr) minmax(420px, 3fr);
  gap: 24px;
  padding: 0 20px 24px;
}

.findings {
  display: grid;
  gap: 18px;
  align-content: start;
}

.findings h2 {
  padding: 12px 0 6px;
}

.findings h2:first-child {
  padding-top: 0;
}

.findings h2 .soft {
  font-weight: 400;
}

.clear {
  padding: 16px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left: 4px solid var(--good);
  border-radius: 3px;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
