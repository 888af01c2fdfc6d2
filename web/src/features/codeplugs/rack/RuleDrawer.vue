<script setup lang="ts">
/** What belongs into a zone, and which channels that is now. The zone takes the rule; its channels only on request. */
import { computed, ref, watch } from 'vue';
import { MODES } from '@relay/core/registries/modes';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { PURPOSES } from '@relay/core/path/purpose';
import { rows } from '@relay/core/plan/table';
import {
  type ModeId,
  type Purpose,
  type Zone,
  ZONE_ORDERS,
  type ZoneRule,
  type ZoneSource,
} from '@relay/core/plan/types';
import { channelsOfRule } from '@relay/core/zones/rule';
import { FieldRow, TextField } from '../../../fields';
import { readPlace, takeNumber } from '../../../fields/field';
import { readTrip } from '../../../fields/trip';
import { SOURCE_TITLES } from './rule-words';
import { channelCount, ORDER_WORDS, type Rack } from './use-rack';

const open = defineModel<boolean>({ required: true });
const props = defineProps<{ zone: Zone; rack: Rack }>();
const { plan, radio, codeplug, change } = props.rack;
const kind = ref<ZoneSource['kind']>('near');
const withinKm = ref(50);
const place = ref('');
const trip = ref('');
const networkId = ref('');
const purpose = ref<Purpose>('talk');
const modes = ref<ModeId[]>([]);
const order = ref<ZoneRule['order']>('distance');
const networks = computed(() => rows(plan.value.networks));
const modesOfRadio = computed(() => MODE_IDS.filter((mode) => radio.value[mode] !== null));

const placeText = (at: { lat: number; lon: number } | null) => (at ? `${at.lat}, ${at.lon}` : '');

function begin(rule: ZoneRule | null): void {
  const from = rule?.from ?? { kind: 'near' as const, centre: null, withinKm: 50 };
  kind.value = from.kind;
  modes.value = [...(rule?.modes ?? [])];
  order.value = rule?.order ?? 'distance';
  networkId.value = from.kind === 'network' ? from.networkId : (networks.value[0]?.id ?? '');
  purpose.value = from.kind === 'purpose' ? from.purpose : 'talk';
  withinKm.value = from.kind === 'near' || from.kind === 'along' ? from.withinKm : 50;
  place.value = from.kind === 'near' ? placeText(from.centre) : '';
  trip.value = from.kind === 'along' ? from.points.map(placeText).join('\n') : '';
}
watch(open, (now) => now && begin(props.zone.rule), { immediate: true });

const readCentre = computed(() => (place.value.trim() === '' ? null : readPlace(place.value)));
const along = computed(() => readTrip(trip.value));

/** What is missing before there is a rule. */
const lacks = computed(() => {
  if (kind.value === 'near') {
    if (place.value.trim() !== '' && !readCentre.value)
      return `Found “${place.value}”, expected a locator or latitude and longitude, or nothing for the station.`;
    return !readCentre.value && !plan.value.station.position
      ? 'Nobody has said where the station is: give a place.'
      : '';
  }
  if (kind.value === 'along')
    return along.value.problem ?? (along.value.points.length === 0 ? 'Give the places of the trip, one a line.' : '');
  return kind.value === 'network' && networkId.value === '' ? 'There is no network yet.' : '';
});

function sourceNow(): ZoneSource {
  switch (kind.value) {
    case 'near':
      return { kind: 'near', centre: readCentre.value, withinKm: withinKm.value };
    case 'along':
      return { kind: 'along', points: along.value.points, withinKm: withinKm.value };
    case 'home':
      return { kind: 'home' };
    case 'network':
      return { kind: 'network', networkId: networkId.value };
    case 'purpose':
      return { kind: 'purpose', purpose: purpose.value };
  }
}
const rule = computed<ZoneRule | null>(() =>
  lacks.value === '' ? { from: sourceNow(), modes: modes.value, order: order.value } : null,
);
const found = computed(() => (rule.value ? channelsOfRule(plan.value, MODES, radio.value.id, rule.value) : []));
const names = computed(() => found.value.map((id) => codeplug.value.channels.byId[id]!.name));
const most = computed(() => radio.value.limits.channelsPerZone);

function put(one: ZoneRule | null, fill: boolean): void {
  const ids = found.value.slice(0, most.value ?? undefined);
  change(`rule of ${props.zone.name}`, (draft) => {
    const zone = draft.zones.byId[props.zone.id]!;
    zone.rule = one;
    if (fill) zone.channelIds = ids;
  });
  open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" size="min(480px, 100%)" :title="`What belongs into ${zone.name}`">
    <div class="fields">
      <FieldRow label="Channels of" label-id="rule-kind">
        <el-select v-model="kind" aria-label="Channels of" :persistent="false">
          <el-option v-for="(title, one) in SOURCE_TITLES" :key="one" :value="one" :label="title" />
        </el-select>
      </FieldRow>
      <FieldRow v-if="kind === 'near'" label="Around" label-id="rule-place">
        <input v-model="place" class="plain-input" aria-label="Around" placeholder="the station" />
      </FieldRow>
      <FieldRow v-if="kind === 'along'" label="Places, one a line" label-id="rule-trip">
        <textarea v-model="trip" class="plain-input" rows="4" aria-label="Places of the trip, one a line" />
      </FieldRow>
      <TextField
        v-if="kind === 'near' || kind === 'along'"
        label="Within, km"
        :value="String(withinKm)"
        :take="(text) => takeNumber(text, 0.1, 20000, (km) => (withinKm = km))"
      />
      <FieldRow v-if="kind === 'network'" label="Network" label-id="rule-network">
        <el-select v-model="networkId" aria-label="Network" :persistent="false">
          <el-option v-for="one in networks" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </FieldRow>
      <FieldRow v-if="kind === 'purpose'" label="Purpose" label-id="rule-purpose">
        <el-select v-model="purpose" aria-label="Purpose" :persistent="false">
          <el-option v-for="one in PURPOSES" :key="one" :value="one" :label="one" />
        </el-select>
      </FieldRow>
      <FieldRow v-if="modesOfRadio.length > 1" label="Modes" label-id="rule-modes">
        <el-checkbox-group v-model="modes" aria-label="Modes; none means any">
          <el-checkbox v-for="mode in modesOfRadio" :key="mode" :value="mode">{{ MODES[mode].name }}</el-checkbox>
        </el-checkbox-group>
      </FieldRow>
      <FieldRow label="In order" label-id="rule-order">
        <el-select v-model="order" aria-label="In order" :persistent="false">
          <el-option v-for="one in ZONE_ORDERS" :key="one" :value="one" :label="ORDER_WORDS[one]" />
        </el-select>
      </FieldRow>
      <p v-if="lacks" role="alert" class="is-doubtful">{{ lacks }}</p>
      <section v-else aria-live="polite" data-testid="rule-preview">
        <h3>
          {{ channelCount(found.length) }} now<template v-if="most !== null && found.length > most"
            >, {{ radio.name }} holds {{ most }} in a zone</template
          >
        </h3>
        <ol>
          <li v-for="(name, at) in names.slice(0, 40)" :key="found[at]!" :class="{ soft: most !== null && at >= most }">
            {{ name }}
          </li>
        </ol>
        <p v-if="names.length > 40" class="soft">and {{ names.length - 40 }} more</p>
      </section>
    </div>
    <template #footer>
      <el-button v-if="zone.rule" @click="put(null, false)">By hand from now on</el-button>
      <el-button :disabled="!rule" @click="put(rule, false)">Keep the rule only</el-button>
      <el-button type="primary" :disabled="!rule" data-testid="fill-by-rule" @click="put(rule, true)"
        >Fill the zone</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 10px;
}

ol {
  margin: 6px 0;
  padding-left: 28px;
}

textarea {
  width: 100%;
  height: auto;
}
</style>
