<script setup lang="ts">
import { SPECIALS } from '@relay/core/modes/dmr/links';
import { ADDRESS_MAX, ADDRESS_MIN } from '@relay/core/modes/dmr/limits';
import type { SpecialName } from '@relay/core/modes/dmr/types';
import type { CallKind, Network } from '@relay/core/plan/types';
import { FieldGroup, TextField } from '../../parts';
import { takeName, takeWhole } from '../../parts/field';
import { usePlanStore } from '../../sync/plan-store';
import GroupTable from './GroupTable.vue';
import ServerTable from './ServerTable.vue';

const props = defineProps<{ network: Network }>();
const store = usePlanStore();
const SPECIAL_LABELS: Record<SpecialName, string> = { unlink: 'Unlink', echo: 'Echo' };
const KINDS: readonly CallKind[] = ['group', 'private'];

function change(label: string, recipe: (network: Network) => void): void {
  store.edit(`${props.network.name}: ${label}`, (draft) => recipe(draft.networks.byId[props.network.id]!));
}
</script>

<template>
  <div>
    <FieldGroup title="Network">
      <TextField label="Name" :value="network.name" :take="(text) => takeName(text, 60, (name) => change('name', (one) => void (one.name = name)))" autofocus />
      <div v-for="special in SPECIALS" :key="special" class="special">
        <TextField :label="`${SPECIAL_LABELS[special]} number`" :value="String(network.special[special].number)" :take="(text) => takeWhole(text, ADDRESS_MIN, ADDRESS_MAX, (number) => change(special, (one) => void (one.special[special].number = number)))" mono />
        <el-radio-group :model-value="network.special[special].kind" :aria-label="`${SPECIAL_LABELS[special]} is called as`" @update:model-value="change(special, (one) => void (one.special[special].kind = $event as CallKind))">
          <el-radio v-for="kind in KINDS" :key="kind" :value="kind">{{ kind }}</el-radio>
        </el-radio-group>
      </div>
    </FieldGroup>
    <FieldGroup title="Servers"><ServerTable :network="network" @change="change" /></FieldGroup>
    <FieldGroup title="Talk groups"><GroupTable :network="network" @change="change" /></FieldGroup>
  </div>
</template>

<style scoped>
.special {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: center;
}

.special > :first-child {
  flex: 0 1 452px;
}
</style>
