<script setup lang="ts">
/** One repeater as the plan holds it. Channels are held against these values, so what is wrong here is wrong everywhere. */
import { computed } from 'vue';
import { groupsText, readSlotGroups } from '@relay/core/lists/corrections';
import { COLOR_CODE_MAX } from '@relay/core/modes/dmr/limits';
import { FM_WIDTHS_HZ } from '@relay/core/modes/fm/limits';
import type { FmWidthHz } from '@relay/core/modes/fm/types';
import { dmrNetworks } from '@relay/core/modes/dmr/networks';
import type { Repeater, Site, SiteStatus } from '@relay/core/plan/types';
import { formatMHz, formatShiftMHz, parseMHz } from '@relay/core/radio-math/quantities';
import { readToneText } from '@relay/core/radio-math/tones';
import { ChoiceField, FieldGroup, TextField } from '../../parts';
import { positionText, takeMHz, takeName, takePlace, takeWhole, type Taken } from '../../parts/field';
import { MODES } from '@relay/core/modes/registry';
import { MODES_WITH_PARTS } from '../modes';
import { usePlanStore } from '../../sync/plan-store';
import RepeaterWants from './RepeaterWants.vue';

const props = defineProps<{ site: Repeater }>();
const store = usePlanStore();
const NOT_SAID = 'not said';
const networks = computed(() => [{ value: NOT_SAID, label: 'not said' }, ...dmrNetworks(store.plan!).map((one) => ({ value: one.id, label: one.name }))]);
const carries = computed(() => props.site.dmr?.carries ?? null);
const STATUSES: { value: SiteStatus; label: string }[] = (['on the air', 'off the air', 'not said'] as const).map((value) => ({ value, label: value }));
const WIDTHS = FM_WIDTHS_HZ.map((width) => ({ value: String(width), label: `${width / 1000} kHz` }));

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

function takeGroups(text: string): Taken {
  const groups = readSlotGroups(text);
  if (!groups) return { problem: `Found “${text}”, expected groups by slot, such as 1: 417; 2: 588 591d, with d for dynamic.` };
  change('groups', (one) => void (one.dmr!.carries!.groups = groups));
  return null;
}

const takeTone = (key: 'toneIn' | 'toneOut', label: string) => (text: string): Taken => {
  const tone = readToneText(text);
  if (tone === undefined) return { problem: `Found “${text}”, expected a CTCSS tone such as 110.9, a DCS code such as D023N, or none.` };
  change(label, (one) => void (one.fm![key] = tone));
  return null;
};
</script>

<template>
  <div>
    <FieldGroup title="What you want here"><RepeaterWants :site="site" /></FieldGroup>
    <FieldGroup title="On the air">
      <TextField label="Name" :value="site.name" :take="(text) => takeName(text, 60, (name) => change('name', (one) => void (one.name = name)))" />
      <TextField label="Call sign" :value="site.listing.callSign" :take="(text) => takeName(text.toUpperCase(), 20, (callSign) => change('call sign', (one) => void (one.listing.callSign = callSign)))" mono />
      <TextField label="Sends on" :value="formatMHz(site.txHz)" :take="(text) => takeMHz(text, takeOutput)" mono unit="MHz" hint="What your radio receives." />
      <TextField label="Shift" :value="formatShiftMHz(site.rxHz - site.txHz)" :take="takeShift" mono unit="MHz" :hint="`From where it sends: your radio transmits on ${formatMHz(site.rxHz)} MHz.`" />
      <ChoiceField label="Status" :value="site.listing.status" :options="STATUSES" @choose="(status) => change('status', (one) => void (one.listing.status = status))" />
      <TextField label="Position" :value="site.listing.position ? positionText(site.listing.position) : ''" :take="(text) => takePlace(text, (position) => change('position', (one) => void (one.listing.position = position)))" mono />
      <p class="soft from">{{ site.listing.list ? `From “${site.listing.list.name}”${site.listing.list.issuedOn ? ` of ${site.listing.list.issuedOn}` : ''}` : 'Entered by hand' }}{{ site.listing.confirmedOn ? `, confirmed ${site.listing.confirmedOn}` : '' }}. Transmit only where your licence allows, and listen first.</p>
    </FieldGroup>
    <FieldGroup title="DMR">
      <div class="switch"><el-switch :model-value="site.dmr !== null" aria-label="The repeater has DMR" @update:model-value="change('DMR', (one) => void (one.dmr = $event === true ? (MODES.dmr.fresh.site(store.plan!, site) as Repeater['dmr']) : null))" /><span>Has DMR</span></div>
      <template v-if="site.dmr && carries">
        <TextField label="Color code" :value="String(site.dmr.colorCode)" :take="(text) => takeWhole(text, 0, COLOR_CODE_MAX, (value) => change('color code', (one) => void (one.dmr!.colorCode = value)))" mono />
        <ChoiceField label="Linked to" :value="carries.networkId ?? NOT_SAID" :options="networks" @choose="(id) => change('network', (one) => void (one.dmr!.carries!.networkId = id === NOT_SAID ? null : id))" />
        <TextField label="Groups by slot" :value="groupsText(carries.groups)" :take="takeGroups" mono hint="Such as 1: 417; 2: 588 591d. With d: taken up when somebody keys it; without: always on." />
        <div class="switch"><el-switch :model-value="carries.takesOthers" aria-label="Takes up other groups when keyed" @update:model-value="change('other groups', (one) => void (one.dmr!.carries!.takesOthers = $event === true))" /><span>Takes up groups that are not listed, on the slot they are keyed on</span></div>
      </template>
    </FieldGroup>
    <FieldGroup v-for="[id, parts] in MODES_WITH_PARTS" :key="id" :title="MODES[id].name">
      <div class="switch"><el-switch :model-value="site[id] !== null" :aria-label="`The repeater has ${MODES[id].name}`" @update:model-value="change(MODES[id].name, (one) => void Object.assign(one, { [id]: $event === true ? MODES[id].fresh.site(store.plan!, site) : null }))" /><span>Has {{ MODES[id].name }}</span></div>
      <component :is="parts.SiteFields" v-if="site[id] !== null" :site="site" @change="(label: string, recipe: (one: Site) => void) => change(label, recipe)" />
    </FieldGroup>
    <FieldGroup title="FM">
      <div class="switch"><el-switch :model-value="site.fm !== null" aria-label="The repeater has FM" @update:model-value="change('FM', (one) => void (one.fm = $event === true ? (MODES.fm.fresh.site(store.plan!, site) as Repeater['fm']) : null))" /><span>Has FM</span></div>
      <template v-if="site.fm">
        <TextField label="Opens on" :value="site.fm.toneIn ?? 'none'" :take="takeTone('toneIn', 'tone')" mono hint="The tone your radio must send: 110.9, D023N, or none." />
        <TextField label="Sends tone" :value="site.fm.toneOut ?? 'none'" :take="takeTone('toneOut', 'sent tone')" mono hint="Only what is known: a radio that opens on a tone nobody sends stays silent." />
        <ChoiceField label="Width" :value="String(site.fm.widthHz)" :options="WIDTHS" @choose="(width) => change('width', (one) => void (one.fm!.widthHz = Number(width) as FmWidthHz))" />
      </template>
    </FieldGroup>
  </div>
</template>

<style scoped>
.from {
  max-width: 64ch;
}
</style>
