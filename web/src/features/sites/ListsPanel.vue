<script setup lang="ts">
/** The lists that were imported: how old, under which licence, and what can be done with each. */
import { ref } from 'vue';
import { writeCsv } from '@relay/core/formats/csv';
import { CORRECTIONS } from '@relay/core/lists/corrections';
import type { FiledSite, ListSummary } from '@relay/core/lists/filed';
import { writeSites } from '@relay/core/lists/sites-json';
import { download, fileName } from '../../fields/download';
import { api } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';
import { ageDays } from './place';

defineProps<{ lists: readonly ListSummary[]; forgotten: readonly ListSummary[] }>();
const emit = defineEmits<{ zone: [sites: FiledSite[]]; changed: [] }>();
const problem = defineModel<string>('problem', { required: true });
const store = usePlanStore();
/** A repeater list ages: common practice to doubt it after 90 days. */
const OLD_DAYS = 90;
const MOST_OF_LIST = 100_000;
const age = (list: ListSummary) => (list.issuedOn === null ? null : ageDays(list.issuedOn, Date.now()));

async function run(act: () => Promise<void>): Promise<void> {
  problem.value = '';
  try {
    await act();
  } catch (error) {
    problem.value = (error as Error).message;
  }
}

const zone = (list: ListSummary) => run(async () => emit('zone', await api.sitesOf(list.id)));

/** Who would miss a list, asked when somebody is about to forget it. */
const use = ref<Record<string, string>>({});
const lookWhoUses = (list: ListSummary) =>
  run(async () => {
    const { plans, corrections } = await api.listUse(list.id);
    const others = plans.filter((name) => name !== store.plan?.name);
    use.value = {
      ...use.value,
      [list.id]: [
        'Lists are shared by all plans of this server.',
        others.length > 0
          ? `${others.slice(0, 4).join(', ')}${others.length > 4 ? ' and others' : ''} took sites from it.`
          : '',
        corrections > 0 ? `Its ${corrections} ${corrections === 1 ? 'correction stays' : 'corrections stay'}.` : '',
        'It can be brought back for 30 days.',
      ]
        .filter(Boolean)
        .join(' '),
    };
  });

const remove = (list: ListSummary) =>
  run(async () => {
    await api.removeList(list.id);
    store.notice = `${list.name} was forgotten, with its ${list.sites} sites. It can be brought back for 30 days.`;
    emit('changed');
  });

const bringBack = (list: ListSummary) =>
  run(async () => {
    await api.restoreList(list.id);
    store.notice = `${list.name} is back.`;
    emit('changed');
  });

/** As corrected, in our own JSON: it reads back as a list. */
const save = (list: ListSummary) =>
  run(async () =>
    download(
      `${fileName(list.name)}.sites.json`,
      'application/json',
      writeSites(list, await api.sitesOf(list.id, MOST_OF_LIST)),
    ),
  );

/** For the keeper of the list: what to change in it. */
const saveCorrections = (list: ListSummary) =>
  run(async () => {
    const found = await api.corrections(list.id);
    if (found.length === 0) {
      store.notice = `${list.name} has no corrections.`;
      return;
    }
    const rows = found.map((one) => [
      one.callSign,
      one.module,
      String(one.txHz / 1e6),
      CORRECTIONS[one.field].title,
      one.was,
      one.text,
      one.who,
      one.why,
      one.madeAt,
    ]);
    download(
      `${fileName(list.name)}-corrections.csv`,
      'text/csv',
      writeCsv([
        ['Call sign', 'Module', 'Sends MHz', 'Field', 'List says', 'Should be', 'Who', 'Why', 'When'],
        ...rows,
      ]),
    );
  });
</script>

<template>
  <table class="plain" aria-label="Lists">
    <tbody>
      <tr v-for="list in lists" :key="list.id" data-testid="list">
        <th scope="row">{{ list.name }}</th>
        <td class="mono">{{ list.sites.toLocaleString('en') }}</td>
        <td class="soft">{{ list.licence || 'no licence note' }}</td>
        <td :class="{ 'is-doubtful': (age(list) ?? 0) > OLD_DAYS }">
          {{
            list.issuedOn === null
              ? 'no date'
              : `issued ${list.issuedOn}${age(list)! > OLD_DAYS ? `, ${age(list)} days old` : ''}`
          }}
        </td>
        <td class="acts">
          <el-button link :aria-label="`Zone from ${list.name}`" @click="zone(list)">Zone from it</el-button
          ><el-button link :aria-label="`Save ${list.name}`" @click="save(list)">Save</el-button
          ><el-button link :aria-label="`Corrections of ${list.name}`" @click="saveCorrections(list)"
            >Corrections</el-button
          ><el-popconfirm
            :title="use[list.id] ?? 'Looking who uses it…'"
            confirm-button-text="Forget it"
            cancel-button-text="Keep it"
            width="320"
            @confirm="remove(list)"
          >
            <template #reference
              ><el-button link :aria-label="`Forget ${list.name}`" @click="lookWhoUses(list)"
                >Forget</el-button
              ></template
            >
          </el-popconfirm>
        </td>
      </tr>
      <tr v-for="list in forgotten" :key="list.id" class="soft" data-testid="forgotten-list">
        <th scope="row">{{ list.name }}</th>
        <td class="mono">{{ list.sites.toLocaleString('en') }}</td>
        <td colspan="2">forgotten</td>
        <td class="acts">
          <el-button link :aria-label="`Bring ${list.name} back`" @click="bringBack(list)">Bring it back</el-button>
        </td>
      </tr>
    </tbody>
  </table>
  <p class="soft shared">Lists and their corrections are shared by all plans of this server.</p>
</template>

<style scoped>
tbody th {
  background: none;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
}

.acts {
  text-align: right;
}

.shared {
  margin: 6px 8px 0;
}
</style>
