<script setup lang="ts">
/** The site list of a radio in which access and destination are chosen apart, as a file. */
import { computed } from 'vue';
import { siteListOf } from '@relay/core/modes/dstar/site-list';
import type { Radio } from '@relay/core/plan/types';
import { download, fileName } from '../../fields/download';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ radio: Radio }>();
const store = usePlanStore();
const list = computed(() => siteListOf(store.plan!, props.radio));

async function save(): Promise<void> {
  const { siteListCsv } = await import('@relay/core/modes/dstar/formats/site-list-csv');
  download(
    `${fileName(props.radio.name)}-sites.csv`,
    siteListCsv.mediaType,
    siteListCsv.write(list.value.rows, undefined),
  );
}
</script>

<template>
  <tr>
    <td>{{ radio.name }}</td>
    <td class="soft">
      site list, {{ list.rows.length }} {{ list.rows.length === 1 ? 'site' : 'sites'
      }}<span v-if="list.left.length" class="is-doubtful"
        >; {{ list.left.length }} left out: {{ list.left[0]!.why }}</span
      >
    </td>
    <td class="acts"><el-button @click="save">Save site list</el-button></td>
  </tr>
</template>

<style scoped>
.acts {
  text-align: right;
}
</style>
