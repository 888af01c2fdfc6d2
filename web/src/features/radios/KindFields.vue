<script setup lang="ts">
/** What kind of radio it is: the figures of one that ships, of one that was kept or read, or of another radio. */
import { computed } from 'vue';
import { describeReadFinding } from '@relay/core/formats/format';
import { radioJson } from '@relay/core/formats/radio-json';
import { freshName } from '@relay/core/plan/fresh-name';
import { sameJson } from '@relay/core/plan/patches';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Radio, RadioDescription } from '@relay/core/plan/types';
import { followSteps } from '@relay/core/radios/power-steps';
import { describe, descriptionOf } from '@relay/core/radios/describe';
import { GENERIC_KINDS } from '@relay/core/radios/kinds/index';
import { FieldGroup, FieldRow, FilePick, TextField } from '../../fields';
import { download, fileName } from '../../fields/download';
import { namesBeside, takeName } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ radio: Radio }>();
const store = usePlanStore();
const own = computed(() => rows(store.plan!.kinds));
const now = computed(() => descriptionOf(props.radio));
const groups = computed(() => [
  { label: 'Usual kinds', kinds: GENERIC_KINDS },
  { label: 'Kept with this plan', kinds: own.value },
  {
    label: 'As another radio',
    kinds: rows(store.plan!.radios)
      .filter(({ id }) => id !== props.radio.id)
      .map((one) => ({ id: `radio/${one.id}`, name: one.name, description: descriptionOf(one) })),
  },
]);
const all = computed(() => groups.value.flatMap(({ kinds }) => kinds));
const same = computed(() => all.value.find(({ description }) => sameJson(description, now.value)) ?? null);

function take(description: RadioDescription, name: string): void {
  store.edit(`${props.radio.name}: the figures of ${name}`, (draft) => {
    const radio = draft.radios.byId[props.radio.id]!;
    const { power } = radio;
    describe(radio, description, draft.station);
    followSteps(draft, radio.id, power);
  });
  store.notice = `${props.radio.name} has the figures of ${name}; undo brings its own back.`;
}

function choose(id: string): void {
  const kind = all.value.find((one) => one.id === id);
  if (kind) take(kind.description, kind.name);
}

function keepKind(name: string, description: RadioDescription): void {
  const kept = freshName(
    own.value.map((one) => one.name),
    (n) => (n === 1 ? name : `${name} ${n}`),
  );
  store.edit(`keep ${kept} as a kind of radio`, (draft) =>
    putRow(draft.kinds, { id: newId('kind'), name: kept, description: structuredClone(description) }),
  );
}

const share = () =>
  download(
    `${fileName(props.radio.name)}.radio.json`,
    radioJson.mediaType,
    radioJson.write({ name: props.radio.name, description: now.value }, undefined),
  );

async function read(file: File): Promise<void> {
  const { value, findings } = radioJson.read(new Uint8Array(await file.arrayBuffer()));
  if (!value) {
    store.notice = `${file.name} is no description of a radio. ${findings.slice(0, 3).map(describeReadFinding).join(' ')} Nothing was changed.`;
    return;
  }
  keepKind(value.name, value.description);
  take(value.description, value.name);
}
</script>

<template>
  <FieldGroup title="Kind">
    <FieldRow label="Figures of" label-id="kind-label">
      <el-select
        class="kind"
        :persistent="false"
        :model-value="same?.id ?? ''"
        placeholder="its own"
        aria-label="Figures of"
        @update:model-value="choose($event as string)"
      >
        <el-option-group
          v-for="{ label, kinds } in groups.filter((one) => one.kinds.length > 0)"
          :key="label"
          :label="label"
        >
          <el-option v-for="one in kinds" :key="one.id" :value="one.id" :label="one.name" />
        </el-option-group>
      </el-select>
    </FieldRow>
    <div class="act-row">
      <el-button @click="keepKind(radio.name, now)">Keep its figures as a kind</el-button>
      <el-button data-testid="share-radio" @click="share">Share the description</el-button>
      <FilePick label="A description of a radio" accept=".json" data-testid="read-radio" @pick="read"
        >Read a description</FilePick
      >
    </div>
    <div v-for="one in own" :key="one.id" class="act-row">
      <TextField
        label="Kept kind"
        :value="one.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) =>
                store.edit(
                  `a kind of radio is called ${name}`,
                  (draft) => void (draft.kinds.byId[one.id]!.name = name),
                ),
              namesBeside(store.plan!.kinds, one.id),
            )
        "
      />
      <el-button
        size="small"
        :aria-label="`Forget the kind ${one.name}`"
        @click="store.remove(`Forgot the kind ${one.name}`, (draft) => removeRow(draft.kinds, one.id))"
        >Forget</el-button
      >
    </div>
  </FieldGroup>
</template>

<style scoped>
.kind {
  max-width: 260px;
}
</style>
