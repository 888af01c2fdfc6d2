<script setup lang="ts" generic="T extends { id: string }">
/**
 * A table of what a network holds, as long as it may be: narrowed down by words, each row edited in place, and a row
 * below for one more. The slots fill the cells: `head`, `row` for one of them, `fresh` for the new one.
 */
import NarrowField from './NarrowField.vue';
import { useNarrowed } from './narrow';
import VirtualRows from './VirtualRows.vue';

const props = defineProps<{
  /** Several of them: `groups`. */
  what: string;
  label: string;
  entries: readonly T[];
  textOf: (entry: T) => string;
  /** As the press that removes one names it: `group Hask Wide`. */
  nameOf: (entry: T) => string;
  /** What the press says that takes the new one. */
  addLabel: string;
}>();
defineEmits<{ remove: [entry: T]; add: [] }>();
const { words, shown } = useNarrowed(
  () => props.entries,
  (entry) => props.textOf(entry),
);
</script>

<template>
  <NarrowField v-model="words" :what="what" :count="entries.length" :shown="shown.length" />
  <div class="wide-table" tabindex="0" role="group" :aria-label="label">
    <table class="plain">
      <thead>
        <tr>
          <slot name="head" />
          <th scope="col"><span class="visually-hidden">Acts</span></th>
        </tr>
      </thead>
      <VirtualRows v-slot="{ row, at }" :rows="shown" :key-of="(one) => one.id" :height="43">
        <tr :data-index="at">
          <slot name="row" :row="row" />
          <td>
            <el-button link :aria-label="`Remove ${nameOf(row)}`" @click="$emit('remove', row)">Remove</el-button>
          </td>
        </tr>
      </VirtualRows>
      <tbody>
        <tr>
          <slot name="fresh" />
          <td>
            <el-button @click="$emit('add')">{{ addLabel }}</el-button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
