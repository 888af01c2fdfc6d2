<script setup lang="ts">
import { computed } from 'vue';
import { formatLogin } from '@relay/core/modes/dmr/addresses';
import { SIMPLEX_SLOT, SUFFIX_MAX, SUFFIX_MIN } from '@relay/core/plan/modes/dmr/limits';
import { routesOf } from '@relay/core/modes/dmr/links';
import { numberFor } from '@relay/core/modes/dmr/routes/table';
import { rows } from '@relay/core/plan/table';
import type { NetworkLogin } from '@relay/core/plan/modes/dmr/types';
import type { DmrNetwork } from '@relay/core/modes/dmr/networks';
import { ChoiceField, FieldRow, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ siteId: string; network: DmrNetwork; login: NetworkLogin }>();
const emit = defineEmits<{ change: [label: string, recipe: (login: NetworkLogin) => void] }>();
const store = usePlanStore();
const index = usePlanIndex();
const at = (key: keyof NetworkLogin) => ['dmr', 'logins', props.network.id, key];
const NONE = '';
const servers = computed(() => [
  { value: NONE, label: 'none' },
  ...rows(props.network.servers).map((one) => ({ value: one.id, label: `${one.name} · ${one.host}` })),
]);
const groups = computed(() => rows(props.network.groups));
/** The number on the radio and on the hotspot’s own page, where it is another. */
function onRadio(number: number): string {
  const found = numberFor(routesOf(index.value!, props.siteId), props.network.id, 'group', number, SIMPLEX_SLOT);
  return found === null || found === number ? '' : ` (radio ${found})`;
}
const loginText = computed(() => {
  const { dmrId } = store.plan!.station;
  return dmrId !== null && props.login.suffix !== null
    ? `It logs in as ${formatLogin(dmrId, props.login.suffix)}; these digits never go on the air.`
    : 'Two digits that no other hotspot of yours uses.';
});

function takeSuffix(text: string): Taken {
  if (text.trim() === '') {
    emit('change', 'suffix', (login) => void (login.suffix = null));
    return null;
  }
  return takeWhole(text, SUFFIX_MIN, SUFFIX_MAX, (suffix) =>
    emit('change', 'suffix', (login) => void (login.suffix = suffix)),
  );
}

function takePassword(text: string): Taken {
  if (text.length > 200) return { problem: `Found ${text.length} characters, expected at most 200.` };
  emit('change', 'password', (login) => void (login.password = text));
  return null;
}
</script>

<template>
  <ChoiceField
    v-if="!network.direct"
    label="Server"
    :value="login.serverId ?? NONE"
    :options="servers"
    :at="at('serverId')"
    @choose="(id) => emit('change', 'server', (one) => void (one.serverId = id === NONE ? null : id))"
  />
  <TextField
    v-if="!network.direct"
    label="Suffix"
    :value="login.suffix === null ? '' : String(login.suffix).padStart(2, '0')"
    :take="takeSuffix"
    mono
    :hint="loginText"
    :at="at('suffix')"
  />
  <TextField
    :label="network.direct ? 'Shared secret' : 'Password'"
    :value="login.password"
    :take="takePassword"
    type="password"
    :hint="
      network.direct
        ? 'The same at both ends. Files leave it out unless you ask for it.'
        : 'Of your account at the network. Files leave it out unless you ask for it.'
    "
    :at="at('password')"
  />
  <FieldRow label="Static groups" :at="at('staticGroupIds')">
    <el-select-v2
      :persistent="false"
      multiple
      filterable
      :options="
        groups.map((group) => ({
          value: group.id,
          label: `${group.number} ${group.name}${onRadio(group.number)}`,
        }))
      "
      class="groups"
      :model-value="login.staticGroupIds"
      aria-label="Static groups"
      placeholder="none"
      @update:model-value="emit('change', 'static groups', (one) => void (one.staticGroupIds = $event as string[]))"
    />
  </FieldRow>
</template>

<style scoped>
.groups {
  max-width: 360px;
}
</style>
