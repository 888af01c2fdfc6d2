<script setup lang="ts">
import { computed } from 'vue';
import { isStationId } from '@relay/core/modes/dmr/addresses';
import { SPECIAL_TITLES } from '@relay/core/modes/dmr/links';
import { ADDRESS_MAX, ADDRESS_MIN } from '@relay/core/plan/modes/dmr/limits';
import { SPECIAL_NAMES } from '@relay/core/plan/modes/dmr/limits';
import type { SpecialName } from '@relay/core/plan/modes/dmr/types';
import { putRow, rows } from '@relay/core/plan/table';
import type { CallKind } from '@relay/core/plan/types';
import { type DmrNetwork, dmrNetwork } from '@relay/core/modes/dmr/networks';
import { FieldGroup, FormGroups, SwitchField, TextField } from '../../fields';
import DirectoryImport from '../../panels/DirectoryImport.vue';
import { download, fileName } from '../../fields/download';
import { namesBeside, takeName, takeWhole, type Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';
import DirectLinkFields from './DirectLinkFields.vue';
import GroupTable from './GroupTable.vue';
import ServerTable from './ServerTable.vue';

const props = defineProps<{ network: DmrNetwork }>();
const store = usePlanStore();
const KINDS: readonly CallKind[] = ['group', 'private'];
const HINTS: Partial<Record<SpecialName, string>> = {
  status: 'Empty while the network’s own pages name none.',
  position: 'Commonly your country’s code followed by 999.',
};
const ownId = computed(() => store.plan!.station.dmrId);
const ownGroup = computed(
  () =>
    ownId.value !== null &&
    isStationId(ownId.value) &&
    !rows(props.network.groups).some((group) => group.number === ownId.value),
);

function change(label: string, recipe: (network: DmrNetwork) => void): void {
  store.edit(`${props.network.name}: ${label}`, (draft) => recipe(dmrNetwork(draft, props.network.id)!));
}

const takeSpecial =
  (special: SpecialName) =>
  (text: string): Taken => {
    if (text.trim() === '') {
      change(special, (one) => void (one.special[special] = null));
      return null;
    }
    return takeWhole(text, ADDRESS_MIN, ADDRESS_MAX, (number) =>
      change(special, (one) => void (one.special[special] = { number, kind: one.special[special]?.kind ?? 'private' })),
    );
  };

async function saveGroups(): Promise<void> {
  const { groupsCsv } = await import('@relay/core/modes/dmr/formats/groups-csv');
  download(
    `${fileName(props.network.name)}-groups.csv`,
    groupsCsv.mediaType,
    groupsCsv.write(rows(props.network.groups), undefined),
  );
}

function addOwnGroup(): void {
  const { dmrId, callSign } = store.plan!.station;
  const group = { id: newId('grp'), number: dmrId!, name: `${callSign || 'Own'} personal`, category: 'local' as const };
  change('add personal group', (one) => putRow(one.groups, group));
}
</script>

<template>
  <FormGroups>
    <FieldGroup title="Network">
      <TextField
        label="Name"
        :value="network.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) => change('name', (one) => void (one.name = name)),
              namesBeside(store.plan!.networks, network.id),
            )
        "
        autofocus
      />
      <div v-for="special in SPECIAL_NAMES" :key="special" class="special">
        <TextField
          :label="`${SPECIAL_TITLES[special]} number`"
          :value="network.special[special] === null ? '' : String(network.special[special]!.number)"
          :take="takeSpecial(special)"
          mono
          :hint="HINTS[special]"
        />
        <el-radio-group
          v-if="network.special[special]"
          :model-value="network.special[special]!.kind"
          :aria-label="`${SPECIAL_TITLES[special]} is called as`"
          @update:model-value="change(special, (one) => void (one.special[special]!.kind = $event as CallKind))"
        >
          <el-radio v-for="kind in KINDS" :key="kind" :value="kind">{{ kind }}</el-radio>
        </el-radio-group>
      </div>
      <TextField
        label="Dynamic groups last"
        :value="String(network.dynamicTimerMin)"
        :take="
          (text) =>
            takeWhole(text, 1, 1440, (minutes) =>
              change('dynamic timer', (one) => void (one.dynamicTimerMin = minutes)),
            )
        "
        mono
        unit="min"
        hint="After the last local key-up. Commonly 10, in some networks 15."
      />
      <SwitchField
        label="Any 7-digit ID works as a group"
        :on="network.personalGroups"
        @change="(on) => change('personal groups', (one) => void (one.personalGroups = on))"
      >
        Any 7-digit ID works as a group: an unlisted meeting place, not a private one; whoever monitors the frequency
        hears it.
        <el-button v-if="network.personalGroups && ownGroup" size="small" @click="addOwnGroup">Add mine</el-button>
      </SwitchField>
    </FieldGroup>
    <DirectLinkFields :network="network" @change="change" />
    <FieldGroup title="Servers"><ServerTable :network="network" @change="change" /></FieldGroup>
    <FieldGroup title="Talk groups" wide>
      <DirectoryImport :network="network"
        ><el-button :disabled="network.groups.order.length === 0" @click="saveGroups"
          >Save the list</el-button
        ></DirectoryImport
      >
      <GroupTable :network="network" @change="change" />
    </FieldGroup>
  </FormGroups>
</template>

<style scoped>
.special {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: start;
}

.special > :first-child {
  flex: 0 1 452px;
}
</style>
