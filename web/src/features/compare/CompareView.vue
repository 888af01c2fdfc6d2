<script setup lang="ts">
/** Two codeplugs by what their channels are, and two channels: this one works, that one does not. */
import { computed, ref, shallowRef } from 'vue';
import { type ChannelMatch, channelDifferences, compareChannels } from '@relay/core/compare/meaning';
import { rows } from '@relay/core/plan/table';
import type { Codeplug } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';
import { EmptyState, FilePick, PageHead, VirtualRows } from '../../fields';
import { MATCH_WORDS, matchDetail } from '../../fields/match-words';
import { usePlanStore } from '../../sync/plan-store';
import { messageOf } from '../../sync/message-of';
import { codeplugsBefore, type Past, pastOf, whenOf } from './past';
import { codeplugsIn, sidesOf } from './sides';

const props = defineProps<{ planId: string }>();
const store = usePlanStore();
const read = shallowRef<readonly { name: string; codeplug: Codeplug }[]>([]);
const problem = ref('');
const sides = computed(() => sidesOf(store.plan!, read.value));
const leftId = ref('');
const rightId = ref('');
const left = computed(() => sides.value.find(({ id }) => id === leftId.value) ?? sides.value[0] ?? null);
const right = computed(
  () =>
    sides.value.find(({ id }) => id === rightId.value) ?? sides.value.find(({ id }) => id !== left.value?.id) ?? null,
);
const matches = computed(() =>
  left.value && right.value ? compareChannels(MODES, left.value.side, right.value.side) : [],
);
const differing = computed(() => matches.value.filter(({ kind }) => kind !== 'same'));
const moved = computed(() => matches.value.filter((one) => one.kind === 'same' && one.moved).length);
const idOf = (one: ChannelMatch) => `${one.hereId ?? ''}/${one.thereId ?? ''}`;

const worksId = ref('');
const failsId = ref('');
const channelsOf = (side: typeof left.value) => (side ? rows(side.side.channels) : []);
const works = computed(() => channelsOf(left.value).find(({ id }) => id === worksId.value) ?? null);
const fails = computed(() => channelsOf(right.value).find(({ id }) => id === failsId.value) ?? null);
const between = computed(() =>
  works.value && fails.value
    ? channelDifferences(
        MODES,
        { channel: works.value, blocks: left.value!.side },
        { channel: fails.value, blocks: right.value!.side },
      )
    : null,
);

async function give(file: File): Promise<void> {
  const found = await codeplugsIn(file);
  problem.value = typeof found === 'string' ? `${found} Nothing was changed.` : '';
  if (typeof found === 'string') return;
  read.value = [...read.value, ...found];
  rightId.value = `file/${read.value.length - found.length}`;
}

const past = shallowRef<Past | null>(null);

/** Versions are asked for when somebody wants one: a plan may have a long history. */
async function askPast(): Promise<void> {
  problem.value = '';
  try {
    past.value = await pastOf(props.planId);
  } catch (error) {
    problem.value = `Older versions cannot be had: ${messageOf(error)}`;
  }
}

function takeVersion(editId: string): void {
  const found = codeplugsBefore(past.value!, editId);
  const mine = Math.max(
    0,
    found.findIndex(({ radioId }) => left.value?.id === `plan/${radioId}`),
  );
  // A version that was chosen before is there already.
  const there = read.value.findIndex(({ name }) => name === found[mine]?.name);
  if (there < 0) read.value = [...read.value, ...found];
  if (found.length > 0) rightId.value = `file/${there < 0 ? read.value.length - found.length + mine : there}`;
}

function look(one: ChannelMatch): void {
  worksId.value = one.hereId ?? '';
  failsId.value = one.thereId ?? '';
}
</script>

<template>
  <PageHead title="Compare" detail="Two codeplugs by what their channels are, not by their rows"
    ><el-button v-if="!past" data-testid="compare-past" @click="askPast">With an older version</el-button
    ><el-select
      v-else
      class="past"
      filterable
      :model-value="''"
      :placeholder="past.versions.length === 0 ? 'no older version' : 'As it was before …'"
      aria-label="Older versions of this plan"
      @update:model-value="takeVersion($event as string)"
    >
      <el-option
        v-for="one in past.versions"
        :key="one.editId"
        :value="one.editId"
        :label="`${whenOf(one)}: ${one.label}`"
      /> </el-select
    ><FilePick
      label="A plan file or a codeplug table, to compare with"
      accept=".json,.csv"
      data-testid="compare-file"
      @pick="give"
      >Compare with a file</FilePick
    ></PageHead
  >
  <EmptyState v-if="!left" title="No codeplug yet">
    <p>Here two codeplugs are held against each other: of two radios, of a radio and its files, of two versions.</p>
    <template #acts
      ><router-link class="el-button el-button--primary" :to="{ name: 'radios', params: { planId: props.planId } }"
        >Add your radio</router-link
      ></template
    >
  </EmptyState>
  <div v-else class="body">
    <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
    <div class="sides">
      <label
        >This
        <el-select :model-value="left.id" aria-label="This codeplug" @update:model-value="leftId = $event as string">
          <el-option v-for="one in sides" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </label>
      <label
        >against
        <el-select
          :model-value="right?.id"
          aria-label="Against that codeplug"
          @update:model-value="rightId = $event as string"
        >
          <el-option v-for="one in sides" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </label>
      <span v-if="right" role="status" data-testid="compare-state">
        {{ matches.length - differing.length }} the same{{ moved ? ` (${moved} at another place)` : '' }},
        {{ differing.length }} that differ.
      </span>
      <span v-else class="soft">There is only one codeplug: give a file to compare it with.</span>
    </div>
    <div
      v-if="differing.length && right"
      class="wide-table"
      tabindex="0"
      role="group"
      aria-label="Channels that differ"
    >
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">{{ left.name }}</th>
            <th scope="col">{{ right.name }}</th>
            <th scope="col">What</th>
            <th scope="col">This → that</th>
          </tr>
        </thead>
        <VirtualRows v-slot="{ row: one, at }" :rows="differing" :key-of="idOf" :height="33">
          <tr :data-index="at" data-testid="compared">
            <th scope="row">
              <el-button v-if="one.hereId && one.thereId" link @click="look(one)">{{ one.name }}</el-button><template
                v-else
                >{{ one.name }}</template
              >
            </th>
            <td>{{ one.nameThere }}</td>
            <td>{{ MATCH_WORDS[one.kind] }}</td>
            <td class="mono detail">{{ matchDetail(one) }}</td>
          </tr>
        </VirtualRows>
      </table>
    </div>
    <section v-if="right" aria-labelledby="two-channels">
      <h2 id="two-channels">This one works, that one does not: what differs</h2>
      <div class="sides">
        <label
          >Works
          <el-select v-model="worksId" filterable :aria-label="`A channel of ${left.name}`">
            <el-option v-for="one in channelsOf(left)" :key="one.id" :value="one.id" :label="one.name" />
          </el-select>
        </label>
        <label
          >does not
          <el-select v-model="failsId" filterable :aria-label="`A channel of ${right.name}`">
            <el-option v-for="one in channelsOf(right)" :key="one.id" :value="one.id" :label="one.name" />
          </el-select>
        </label>
      </div>
      <p v-if="between?.length === 0" class="is-whole" role="status">
        They say the same: look at the radio itself, or at what the site and the network expect (Agreement).
      </p>
      <ol v-else-if="between" data-testid="between">
        <li v-for="one in between" :key="one.fieldId">
          <strong>{{ one.title }}</strong>: <span class="mono">{{ one.here || 'none' }}</span> against
          <span class="mono">{{ one.there || 'none' }}</span>
          <span v-if="one.weight >= 5" class="is-doubtful"> · another path: the likeliest cause</span>
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  padding: 4px 20px 28px;
}

.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
}

.sides .el-select {
  width: 280px;
}

.past {
  width: 300px;
}

.detail {
  width: 100%;
  white-space: normal;
}

td:not(.detail),
th[scope='row'] {
  white-space: nowrap;
}

h2 {
  margin-bottom: 8px;
}

ol {
  margin: 8px 0 0;
}
</style>
