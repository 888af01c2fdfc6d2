<script setup lang="ts">
/** Hotspots that are linked to each other without a network: who listens, where, and for how many. */
import { computed } from 'vue';
import { type DmrNetwork } from '@relay/core/modes/dmr/networks';
import type { DirectLink } from '@relay/core/plan/modes/dmr/types';
import { hotspotsOf } from '@relay/core/plan/sites';
import { ChoiceField, FieldGroup, SwitchField, TextField } from '../../fields';
import { takeWhole, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

defineProps<{ network: DmrNetwork }>();
const emit = defineEmits<{ change: [label: string, recipe: (network: DmrNetwork) => void] }>();
const store = usePlanStore();
const OTHERS = 'others';
const PORT_MAX = 65_535;
const ADDRESS_MOST = 253;
const sites = computed(() => [
  { value: OTHERS, label: 'somebody else’s' },
  ...hotspotsOf(store.plan!).map((site) => ({ value: site.id, label: site.name })),
]);

const change = (label: string, recipe: (direct: DirectLink) => void) =>
  emit('change', label, (one) => one.direct && recipe(one.direct));

const setDirect = (on: boolean) =>
  emit(
    'change',
    on ? 'a direct link' : 'no direct link',
    (one) => void (one.direct = on ? { listensSiteId: null, address: '', port: null, many: false } : null),
  );

function takeAddress(text: string): Taken {
  const address = text.trim();
  if (address.length > ADDRESS_MOST || /\s/.test(address))
    return { problem: `Found “${text}”, expected a name or address of at most ${ADDRESS_MOST} characters.` };
  change('address', (one) => void (one.address = address));
  return null;
}

function takePort(text: string): Taken {
  if (text.trim() !== '')
    return takeWhole(text, 1, PORT_MAX, (port) => change('port', (one) => void (one.port = port)));
  change('port', (one) => void (one.port = null));
  return null;
}
</script>

<template>
  <FieldGroup title="Direct link">
    <SwitchField label="Hotspots linked directly" :on="network.direct !== null" @change="setDirect">
      Hotspots linked to each other, with no network between them
    </SwitchField>
    <template v-if="network.direct">
      <ChoiceField
        label="Who listens"
        :value="network.direct.listensSiteId ?? OTHERS"
        :options="sites"
        hint="The others connect to it."
        @choose="(id) => change('who listens', (one) => void (one.listensSiteId = id === OTHERS ? null : id))"
      />
      <TextField
        label="Its address"
        :value="network.direct.address"
        :take="takeAddress"
        mono
        hint="Under which the others find it."
      />
      <TextField
        label="Port"
        :value="network.direct.port === null ? '' : String(network.direct.port)"
        :take="takePort"
        mono
        hint="Open it at the router to the others only."
      />
      <SwitchField
        label="Several may connect"
        :on="network.direct.many"
        @change="(on) => change('how many', (one) => void (one.many = on))"
      />
      <p class="soft">The secret that both ends share is entered at each hotspot, under its network logins.</p>
    </template>
  </FieldGroup>
</template>
