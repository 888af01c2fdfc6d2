<script setup lang="ts">
/** A settings file line by line on the left; on the right what each of its values is, joined by a ribbon. */
import { computed } from 'vue';
import type { FileLine } from '@relay/core/layouts/taught';
import type { Setting } from '@relay/core/settings/setting';
import { settingWords } from '@relay/core/settings/words';
import { VirtualRows } from '../../fields';

const props = defineProps<{
  text: string;
  lines: readonly FileLine[];
  settings: readonly Setting[];
  passwords: boolean;
  /** Only lines that hold a setting, or a value that nobody has named. */
  known: boolean;
}>();
defineEmits<{ teach: [path: string, settingId: string | null] }>();
const NONE = 'none';

interface Row {
  number: number;
  before: string;
  value: string;
  after: string;
  line: FileLine | null;
}

/** Secrets are shown as dots unless asked for. */
const dots = (text: string) => '•'.repeat(Math.min(text.length, 8));

const rows = computed<Row[]>(() => {
  const byLine = new Map<number, FileLine[]>();
  for (const one of props.lines) byLine.set(one.entry.line, [...(byLine.get(one.entry.line) ?? []), one]);
  let offset = 0;
  const all = props.text.split(/(?<=\n)/).flatMap((whole, at): Row[] => {
    const start = offset;
    offset += whole.length;
    const plain = whole.replace(/\r?\n$/, '');
    const here = byLine.get(at + 1) ?? [];
    if (here.length === 0) return [{ number: at + 1, before: plain, value: '', after: '', line: null }];
    return here.map((line, place): Row => {
      const { entry, setting } = line;
      const [from, to] = [entry.start - start, entry.end - start];
      const value = plain.slice(from, to);
      const isSecret = setting?.kind === 'secret' || /pass|pwd|psk|secret|key/i.test(entry.key);
      return {
        number: at + 1,
        before: place === 0 ? plain.slice(0, from) : `${entry.key}: `,
        value: isSecret && !props.passwords ? dots(value) : value,
        after: here.length === 1 ? plain.slice(to) : '',
        line,
      };
    });
  });
  return props.known ? all.filter((one) => one.line !== null) : all;
});
const options = computed(() => [
  { value: NONE, label: 'carried along as it is' },
  ...props.settings.filter((one) => one.kind !== 'rows').map((one) => ({ value: one.id, label: one.title })),
]);
const words = (setting: Setting) => settingWords(setting, { passwords: props.passwords });
</script>

<template>
  <div class="wide-table whole" tabindex="0" role="group" aria-label="The file, line by line">
    <table class="plain file">
      <thead>
        <tr>
          <th scope="col">Line</th>
          <th scope="col">The file</th>
          <th scope="col"><span class="visually-hidden">Ribbon</span></th>
          <th scope="col">Is our</th>
          <th scope="col">Plan</th>
        </tr>
      </thead>
      <VirtualRows
        v-slot="{ row, at }"
        :rows="rows"
        :key-of="(one) => `${one.number} ${one.line?.entry.path ?? ''}`"
        :height="33"
      >
        <tr :data-index="at" :class="{ known: row.line?.setting }" :data-path="row.line?.entry.path">
          <td class="mono soft">{{ row.number }}</td>
          <td class="mono text">
            <span class="soft">{{ row.before }}</span><span :class="{ gone: row.line?.becomes != null }">{{
              row.value
            }}</span
            ><template v-if="row.line?.becomes != null"
              >{{ ' '
              }}<b class="next">{{
                row.line.setting?.kind === 'secret' && !passwords
                  ? dots(row.line.becomes)
                  : row.line.becomes || '(empty)'
              }}</b></template
            ><span class="soft">{{ row.after }}</span>
          </td>
          <td class="ribbon">
            <svg v-if="row.line" viewBox="0 0 60 10" aria-hidden="true" preserveAspectRatio="none">
              <line
                x1="0"
                x2="60"
                y1="5"
                y2="5"
                :class="
                  !row.line.setting
                    ? 'none'
                    : row.line.says === undefined
                      ? 'gap'
                      : row.line.becomes === null
                        ? 'same'
                        : 'new'
                "
              />
            </svg>
          </td>
          <td>
            <el-select
              v-if="row.line"
              :model-value="row.line.setting?.id ?? NONE"
              :persistent="false"
              filterable
              size="small"
              :aria-label="`What ${row.line.entry.path} is`"
              @update:model-value="$emit('teach', row.line.entry.path, $event === NONE ? null : ($event as string))"
            >
              <el-option v-for="one in options" :key="one.value" :value="one.value" :label="one.label" />
            </el-select>
          </td>
          <td>
            <template v-if="row.line?.setting"
              ><span class="mono">{{ words(row.line.setting) }}</span
              ><span v-if="row.line.says === undefined" class="is-broken"> · cannot read “{{ row.value }}”</span
              ><span v-else-if="row.line.becomes !== null" class="is-doubtful"> · will be written</span></template
            >
          </td>
        </tr>
      </VirtualRows>
    </table>
  </div>
</template>

<style scoped>
.whole {
  width: 100%;
}

.text {
  width: 100%;
  max-width: 0;
}

.file th:nth-child(3) {
  min-width: 64px;
}

.file th:nth-child(4) {
  min-width: 220px;
}

.file th:nth-child(5) {
  min-width: 260px;
}

.text {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: pre;
}

.known .text > span:nth-child(2) {
  font-weight: 600;
}

.gone {
  text-decoration: line-through;
}

.next {
  padding: 0 3px;
  background: var(--yellow-pale);
}

.ribbon {
  padding: 0;
}

svg {
  display: block;
  width: 100%;
  height: 10px;
}

.same {
  stroke: var(--yellow);
  stroke-width: 5;
}

.new {
  stroke: var(--yellow);
  stroke-width: 5;
  stroke-dasharray: 8 4;
}

.gap {
  stroke: var(--broken);
  stroke-width: 2;
  stroke-dasharray: 3 4;
}

.none {
  stroke: var(--hairline);
  stroke-width: 1;
}

@media (max-width: 760px) {
  .file {
    min-width: 760px;
  }
}
</style>
