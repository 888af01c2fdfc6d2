<script setup lang="ts">
/**
 * One repeater as the plan holds it. Channels are held against these values, so what is wrong here is wrong everywhere.
 */
import type { ModeId, Repeater, SiteStatus } from '@relay/core/plan/types';
import { formatMHz, formatShiftMHz, parseMHz } from '@relay/core/units/quantities';
import { ChoiceField, FieldGroup, FormGroups, SwitchField, TextField } from '../../fields';
import { namesBeside, positionText, takeMHz, takeName, takePlace, type Taken } from '../../fields/field';
import { MODE_DATA } from '@relay/core/plan/modes/index';
import { ALL_PARTS } from '../modes';
import { usePlanStore } from '../../sync/plan-store';
import RepeaterWants from './RepeaterWants.vue';

const props = defineProps<{ site: Repeater }>();
const store = usePlanStore();
const STATUSES: { value: SiteStatus; label: string }[] = (['on the air', 'off the air', 'not said'] as const).map(
  (value) => ({ value, label: value }),
);

function change(label: string, recipe: (site: Repeater) => void): void {
  store.edit(`${props.site.name}: ${label}`, (draft) => {
    const site = draft.sites.byId[props.site.id];
    if (site?.kind === 'repeater') recipe(site);
  });
}

function takeShift(text: string): Taken {
  const hz = parseMHz(text);
  if (hz === null) return { problem: `Found “${text}”, expected a shift in MHz with its sign, such as -7.6, or 0.` };
  change('shift', (one) => void (one.rxHz = Math.max(1, one.txHz + hz)));
  return null;
}

function takeOutput(hz: number): void {
  change('frequency', (one) => {
    one.rxHz = Math.max(1, hz + one.rxHz - one.txHz);
    one.txHz = hz;
  });
}

function setHas(id: ModeId, has: boolean): void {
  change(
    MODE_DATA[id].name,
    (one) => void Object.assign(one, { [id]: has ? MODE_DATA[id].blanks.site(store.plan!, one) : null }),
  );
}
</script>

<template>
  <FormGroups>
    <FieldGroup title="What you want here"><RepeaterWants :site="site" /></FieldGroup>
    <FieldGroup title="On the air">
      <TextField
        label="Name"
        :value="site.name"
        :take="
          (text) =>
            takeName(
              text,
              60,
              (name) => change('name', (one) => void (one.name = name)),
              namesBeside(store.plan!.sites, site.id),
            )
        "
      />
      <TextField
        label="Call sign"
        :value="site.listing.callSign"
        :take="
          (text) =>
            takeName(text.toUpperCase(), 20, (callSign) =>
              change('call sign', (one) => void (one.listing.callSign = callSign)),
            )
        "
        mono
      />
      <TextField
        label="Sends on"
        :value="formatMHz(site.txHz)"
        :take="(text) => takeMHz(text, takeOutput)"
        mono
        unit="MHz"
        hint="What your radio receives."
      />
      <TextField
        label="Shift"
        :value="formatShiftMHz(site.rxHz - site.txHz)"
        :take="takeShift"
        mono
        unit="MHz"
        :hint="`From where it sends: your radio transmits on ${formatMHz(site.rxHz)} MHz.`"
      />
      <ChoiceField
        label="Status"
        :value="site.listing.status"
        :options="STATUSES"
        @choose="(status) => change('status', (one) => void (one.listing.status = status))"
      />
      <TextField
        label="Position"
        :value="site.listing.position ? positionText(site.listing.position) : ''"
        :take="
          (text) => takePlace(text, (position) => change('position', (one) => void (one.listing.position = position)))
        "
        mono
      />
      <p class="soft from">
        {{
          site.listing.list
            ? `From “${site.listing.list.name}”${site.listing.list.issuedOn ? ` of ${site.listing.list.issuedOn}` : ''}`
            : 'Entered by hand'
        }}{{ site.listing.confirmedOn ? `, confirmed ${site.listing.confirmedOn}` : '' }}. Transmit only where your
        licence allows, and listen first.
      </p>
    </FieldGroup>
    <FieldGroup v-for="[id, parts] in ALL_PARTS" :key="id" :title="MODE_DATA[id].name">
      <SwitchField
        :label="`The repeater has ${MODE_DATA[id].name}`"
        :on="site[id] !== null"
        @change="(has) => setHas(id, has)"
        >Has {{ MODE_DATA[id].name }}</SwitchField
      >
      <component :is="parts.SiteFields" v-if="site[id] !== null" :site="site" @change="change" />
    </FieldGroup>
  </FormGroups>
</template>

<style scoped>
.from {
  max-width: 64ch;
}
</style>
