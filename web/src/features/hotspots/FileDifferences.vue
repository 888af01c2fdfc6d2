<script setup lang="ts">
/** What a file that was saved from a hotspot says otherwise than the plan, and which of it to take over. */
import type { Setting, SettingValue } from '@relay/core/settings/setting';
import { settingWords } from '@relay/core/settings/words';
import { useLeftOut } from '../../fields/left-out';

const props = defineProps<{
  /** The file's name. */
  name: string;
  differences: readonly { setting: Setting; says: SettingValue; line: number | null }[];
  /** What could not be read, each in a sentence. */
  problems: readonly string[];
  passwords: boolean;
}>();
defineEmits<{ take: [chosen: { setting: Setting; says: SettingValue }[]]; close: [] }>();
const { chosen, isLeft, tick } = useLeftOut(
  () => props.differences,
  (one) => one.setting.id,
);
</script>

<template>
  <section class="result-panel" aria-label="What the file says otherwise" data-testid="file-differences">
    <p v-if="differences.length === 0 && problems.length === 0" class="is-whole" role="status">
      {{ name }} says what the plan says: no difference.
    </p>
    <template v-else>
      <p role="status">
        {{ name }} says {{ differences.length }} {{ differences.length === 1 ? 'thing' : 'things' }} otherwise than the
        plan.
      </p>
      <table v-if="differences.length" class="plain">
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">Take</span></th>
            <th scope="col">Setting</th>
            <th scope="col">Plan</th>
            <th scope="col">File</th>
            <th scope="col">Line</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ setting, says, line } in differences" :key="setting.id" data-testid="file-difference">
            <td>
              <input
                type="checkbox"
                :checked="!isLeft(setting.id)"
                :aria-label="`Take ${setting.title}`"
                @change="tick(setting.id, $event)"
              />
            </td>
            <th scope="row">{{ setting.title }}</th>
            <td class="mono">{{ settingWords(setting, { passwords }) }}</td>
            <td class="mono">{{ settingWords(setting, { passwords }, says) }}</td>
            <td>{{ line ?? '' }}</td>
          </tr>
        </tbody>
      </table>
      <ul v-if="problems.length" class="is-broken">
        <li v-for="(one, i) in problems" :key="i">{{ one }}</li>
      </ul>
    </template>
    <div class="act-row">
      <el-button
        v-if="differences.length"
        type="primary"
        :disabled="chosen.length === 0"
        data-testid="take-differences"
        @click="$emit('take', chosen)"
        >Take {{ chosen.length }} into the plan</el-button
      >
      <el-button @click="$emit('close')">Close</el-button>
    </div>
  </section>
</template>

<style scoped>
td {
  overflow-wrap: anywhere;
}

ul {
  margin: 0;
  padding-left: 18px;
}
</style>
