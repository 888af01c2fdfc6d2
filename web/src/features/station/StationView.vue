<script setup lang="ts">
import { computed } from 'vue';
import { countryOfId, formatId, isStationId } from '@relay/core/modes/dmr/addresses';
import { REGION_NAMES } from '@relay/core/units/bands';
import { FM_WIDTHS_HZ } from '@relay/core/plan/modes/fm/limits';
import type { FmWidthHz } from '@relay/core/plan/modes/fm/types';
import type { RegionId } from '@relay/core/plan/types';
import { ChoiceField, FieldGroup, FormGroups, PageHead, TextField } from '../../fields';
import { NextStep, PlaceFindings } from '../../panels';
import { parseWhole } from '@relay/core/units/quantities';
import { positionText, takeName, takePlace, takeWhole, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';
import KeptParts from './KeptParts.vue';
import LicenceBands from './LicenceBands.vue';

const store = usePlanStore();
const plan = computed(() => store.plan!);
const station = computed(() => plan.value.station);
const REGIONS = (Object.keys(REGION_NAMES) as RegionId[]).map((value) => ({ value, label: REGION_NAMES[value] }));
const idHint = computed(() => {
  const { dmrId } = station.value;
  if (dmrId === null) return 'The 7 digits you were given at registration.';
  return isStationId(dmrId) ? `Country code ${String(dmrId).slice(0, 3)}: ${countryOfId(dmrId) ?? 'unknown'}.` : '';
});

function takeCallSign(text: string): Taken {
  const callSign = text.trim().toUpperCase();
  if (callSign.length > 20) return { problem: `Found ${callSign.length} characters, expected at most 20.` };
  store.edit('call sign', (draft) => void (draft.station.callSign = callSign));
  return null;
}

const WIDTHS = FM_WIDTHS_HZ.map((width) => ({ value: String(width), label: `${width / 1000} kHz` }));

function takePosition(text: string): Taken {
  return takePlace(text, (position) => store.edit('position', (draft) => void (draft.station.position = position)));
}

function takeId(text: string): Taken {
  if (text.trim() === '') {
    store.edit('DMR ID', (draft) => void (draft.station.dmrId = null));
    return null;
  }
  return takeWhole(text, 0, 999_999_999, (id) => store.edit('DMR ID', (draft) => void (draft.station.dmrId = id)));
}

function takeOtherIds(text: string): Taken {
  const ids = text
    .split(/[,;]+/)
    .map((one) => one.trim())
    .filter(Boolean)
    .map(parseWhole);
  if (ids.some((id) => id === null || !isStationId(id)))
    return { problem: `Found “${text}”, expected 7-digit DMR IDs, with commas between them.` };
  store.edit('further DMR IDs', (draft) => void (draft.station.otherIds = [...new Set(ids as number[])]));
  return null;
}

const takeLine =
  (field: 'operator' | 'place', label: string) =>
  (text: string): Taken => {
    if (text.length > 60) return { problem: `Found ${text.length} characters, expected at most 60.` };
    store.edit(label, (draft) => void (draft.station[field] = text.trim()));
    return null;
  };
</script>

<template>
  <PageHead title="Station" detail="Who you are, and under which rules you transmit"><NextStep /></PageHead>
  <div class="body">
    <PlaceFindings :under="['/station']" />
    <FormGroups>
      <FieldGroup title="Identity">
        <TextField label="Call sign" :value="station.callSign" :take="takeCallSign" mono autofocus />
        <TextField
          label="DMR ID"
          :value="station.dmrId === null ? '' : formatId(station.dmrId)"
          :take="takeId"
          mono
          :hint="idHint"
        />
        <TextField
          label="Further DMR IDs"
          :value="station.otherIds.map(formatId).join(', ')"
          :take="takeOtherIds"
          mono
          hint="Others that are registered to you, with commas between them: a radio may hold any of them."
        />
        <TextField label="Operator" :value="station.operator" :take="takeLine('operator', 'operator')" />
        <TextField label="Place" :value="station.place" :take="takeLine('place', 'place')" />
        <TextField
          label="Position"
          :value="station.position ? positionText(station.position) : ''"
          :take="takePosition"
          mono
          hint="A locator, or degrees such as 46.71, -33.42. Distances are measured from here; two decimals are about 1.1 km."
        />
      </FieldGroup>
      <FieldGroup title="Licence">
        <ChoiceField
          label="Region"
          :value="station.region"
          :options="REGIONS"
          hint="Sets the band edges by the ITU Radio Regulations, Article 5. Your national rules decide: enter below where they differ."
          @choose="(region) => store.edit('licence region', (draft) => void (draft.station.region = region))"
        />
        <LicenceBands />
      </FieldGroup>
      <FieldGroup title="Kept for calling, beacons and weak signals"><KeptParts /></FieldGroup>
      <FieldGroup title="FM">
        <ChoiceField
          label="Width in your country"
          :value="String(station.fmWidthHz)"
          :options="WIDTHS"
          hint="What a channel is set to where a list does not say it; lists seldom do."
          @choose="
            (width) => store.edit('FM width', (draft) => void (draft.station.fmWidthHz = Number(width) as FmWidthHz))
          "
        />
      </FieldGroup>
      <FieldGroup title="Plan">
        <TextField
          label="Name of this plan"
          :value="plan.name"
          :take="(text) => takeName(text, 100, (name) => store.edit('plan name', (draft) => void (draft.name = name)))"
        />
      </FieldGroup>
    </FormGroups>
  </div>
</template>

<style scoped>
.body {
  max-width: 1400px;
  padding: 4px 20px 28px;
}
</style>
