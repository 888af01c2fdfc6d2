<script setup lang="ts">
/**
 * A D-STAR channel beside the sheet: its fields as boxes, the order of use, and what a key-up does in each state of the
 * site.
 */
import { computed, ref } from 'vue';
import { CHANNEL_FIELDS } from '@relay/core/registries/outputs';
import { contextOf } from '@relay/core/path/context';
import { isDstarPath } from '@relay/core/modes/dstar/channel';
import { keyUpsOf, orderOf } from '@relay/core/modes/dstar/order';
import { families, linkBefore, reflectorCall, reflectorWords, targetOf } from '@relay/core/modes/dstar/links';
import { tracePath } from '@relay/core/path/trace';
import { stateOf } from '@relay/core/path/world';
import type { LinkState } from '@relay/core/plan/modes/dstar/types';
import { rows } from '@relay/core/plan/table';
import type { Channel } from '@relay/core/plan/types';
import { usePlanIndex } from '../../sync/plan-look-ups';
import { usePlanStore } from '../../sync/plan-store';
import { PickBox, StepStrip } from '../../fields';
import CallSignCells from './CallSignCells.vue';
import HeaderPicture from './HeaderPicture.vue';
import type { Taken } from '../../fields/field';

const props = defineProps<{ radioId: string; channel: Channel }>();
defineEmits<{ select: [channelId: string] }>();
const store = usePlanStore();
const index = usePlanIndex();
const view = ref<'order' | 'states' | 'header'>('order');
const context = computed(() => {
  const found = index.value ? contextOf(index.value, props.radioId, props.channel) : null;
  return found && isDstarPath(found) ? found : null;
});
const dstar = computed(() => (props.channel.mode === 'dstar' ? props.channel.dstar : null));
const order = computed(() => (context.value ? orderOf(context.value) : []));
const target = computed(() => targetOf(store.plan!, props.channel.destination));
const said = computed(
  () => (props.channel.siteId === null ? undefined : stateOf(store.world, props.channel.siteId, 'dstar')) ?? undefined,
);
const before = computed(() => (context.value?.site ? linkBefore(context.value.index, context.value.site) : undefined));
const nameOf = (state: LinkState | undefined) =>
  state === undefined ? 'not said' : state ? reflectorWords(state) : 'nothing';
/** A reflector that is not the one that is meant: the first of any family. */
const elsewhere = computed<LinkState>(() => {
  const all = families(store.plan!).flatMap((family) =>
    rows(family.reflectors).flatMap((one) =>
      [...one.modules].map((module) => ({ reflector: reflectorCall(family, one), module })),
    ),
  );
  return all.find((one) => !target.value || reflectorWords(one) !== reflectorWords(target.value)) ?? null;
});
const effects = computed(() => (context.value ? keyUpsOf(context.value, elsewhere.value) : []));
const STATES = computed(() => [
  { value: 'plan', label: 'as planned', state: undefined },
  { value: 'nothing', label: 'nothing', state: null },
  ...[target.value, elsewhere.value].flatMap((one) =>
    one ? [{ value: reflectorWords(one), label: reflectorWords(one), state: one }] : [],
  ),
]);
const stateValue = computed(() =>
  said.value === undefined ? 'plan' : said.value.linkedTo ? reflectorWords(said.value.linkedTo) : 'nothing',
);
const FIELDS = ['ur', 'rpt1', 'rpt2'] as const;
/** What a field should hold instead, where one value would do. */
const expected = (name: (typeof FIELDS)[number]) => {
  const path = context.value && tracePath(context.value);
  const fact = path?.call.hops.flatMap((hop) => hop.facts).find((one) => one.key === name && one.state !== 'whole');
  return typeof fact?.expects === 'string' ? fact.expects : null;
};

const take =
  (name: (typeof FIELDS)[number]) =>
  (text: string): Taken => {
    const field = CHANNEL_FIELDS.find((one) => one.id === name)!;
    const reading = field.read(text, store.plan!.codeplugs[props.radioId]!, store.plan!.radios.byId[props.radioId]!);
    if ('problem' in reading) return reading;
    store.edit(`${props.channel.name}: ${field.title}`, (draft) => {
      const channel = draft.codeplugs[props.radioId]?.channels.byId[props.channel.id];
      if (channel) reading.put(channel);
    });
    return null;
  };

function say(value: string): void {
  const state = STATES.value.find((one) => one.value === value)?.state;
  if (props.channel.siteId)
    store.say(props.channel.siteId, 'dstar', state === undefined ? undefined : { linkedTo: state });
}
</script>

<template>
  <section
    v-if="dstar && context"
    class="panel"
    :aria-label="`D-STAR fields of ${channel.name}`"
    data-testid="dstar-panel"
  >
    <div class="fields">
      <CallSignCells
        v-for="name in FIELDS"
        :key="`${channel.id} ${name}`"
        :label="name.toUpperCase()"
        :value="dstar[name]"
        :take="take(name)"
        :expects="expected(name)"
      />
    </div>
    <div class="beside">
      <el-radio-group v-model="view" size="small" aria-label="What to show beside the fields"
        ><el-radio-button value="order">Order of use</el-radio-button
        ><el-radio-button value="states">What a key-up does</el-radio-button
        ><el-radio-button value="header">Header</el-radio-button></el-radio-group
      >
      <template v-if="view === 'order'">
        <StepStrip
          v-if="order.length"
          :steps="order"
          :here="channel.id"
          data-testid="order-strip"
          @select="$emit('select', $event)"
        />
        <p class="soft">
          {{
            order.find((step) => step.channelId === channel.id)?.say ??
            (order.length
              ? order[0]!.say
              : 'A local call or a command: key up once and listen. The order of use is shown for channels of a reflector.')
          }}
        </p>
      </template>
      <template v-else-if="view === 'states'">
        <p class="linked">
          {{ context.site?.name ?? 'The site' }} is linked to
          <PickBox
            :value="stateValue"
            label="What the site is linked to now"
            :options="
              STATES.map(({ value, label }) => ({
                value,
                label: value === 'plan' ? `as planned: ${nameOf(said ? undefined : before)}` : label,
              }))
            "
            @choose="say"
          />
        </p>
        <table class="plain effects">
          <thead>
            <tr>
              <th scope="col">Linked to</th>
              <th scope="col">Your voice goes</th>
              <th scope="col">You hear</th>
              <th scope="col">Then linked to</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(one, i) in effects" :key="i">
              <td class="mono">{{ nameOf(one.state) }}</td>
              <td>{{ one.goes }}</td>
              <td>{{ one.answer }}</td>
              <td class="mono">{{ nameOf(one.after) }}</td>
            </tr>
          </tbody>
        </table>
      </template>
      <HeaderPicture
        v-else
        v-bind="dstar"
        :my="context.radio.dstar?.my ?? ''"
        :suffix="context.radio.dstar?.suffix ?? ''"
      />
    </div>
  </section>
</template>

<style scoped src="../../fields/channel-panel.css"></style>

<style scoped>
.panel {
  grid-template-columns: 262px minmax(0, 1fr);
  max-height: 262px;
}

.fields {
  display: grid;
  gap: 6px;
  align-content: start;
}

.fields,
.beside {
  justify-items: start;
}

.fields :deep(.cells) {
  grid-template-columns: 46px auto;
}

.fields :deep(.told) {
  grid-column: 2;
}

.effects {
  width: auto;
}

.effects .mono {
  white-space: nowrap;
}

@media (max-width: 900px) {
  .panel {
    grid-template-columns: minmax(0, 1fr);
    max-height: none;
  }
}
</style>
