<script setup lang="ts">
/** What channels are built with by what they are for: power by distance, admit and time-out by purpose. */
import { computed } from 'vue';
import { refusedOn, refusedValue } from '@relay/core/builder/rules';
import { PATH_WEIGHT } from '@relay/core/codeplug/channel-field';
import { channelFields } from '@relay/core/codeplug/channel-fields';
import { PURPOSES } from '@relay/core/path/purpose';
import { emptyBlocks } from '@relay/core/plan/create';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import { type ChannelRule, type Purpose, RULE_PLACES } from '@relay/core/plan/types';
import { MODES } from '@relay/core/registries/modes';
import { ChoiceField, TextField } from '../../fields';
import { saysNothing, takeNumber, type Taken } from '../../fields/field';
import { newId } from '../../fields/new-id';
import { usePlanStore } from '../../sync/plan-store';

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ build: [] }>();
const store = usePlanStore();
const rules = computed(() => rows(store.plan!.channelRules));

const ANY = '-';
const anyOr = <T extends string>(values: readonly T[], any: string, word: (value: T) => string = (value) => value) => [
  { value: ANY, label: any },
  ...values.map((value) => ({ value: value as string, label: word(value) })),
];
const PLACE_WORDS: Record<(typeof RULE_PLACES)[number], string> = {
  hotspot: 'through own hotspots',
  repeater: 'through repeaters',
  direct: 'radio to radio',
};
const radios = computed(() => {
  const all = rows(store.plan!.radios);
  return anyOr(
    all.map(({ id }) => id),
    'every radio',
    (id) => store.plan!.radios.byId[id]!.name,
  );
});
/** What tells where a channel leads is the builder's. */
const SETTINGS = channelFields(MODES).filter(
  ({ id, weight }) => weight < PATH_WEIGHT && !['name', 'options'].includes(id),
);
const titleOf = (id: string) => SETTINGS.find((one) => one.id === id)?.title ?? id;
const others = ({ set }: ChannelRule) => SETTINGS.filter(({ id }) => !(id in set));
const radioOf = ({ radioId }: ChannelRule) => (radioId === null ? null : (store.plan!.radios.byId[radioId] ?? null));
const hintOf = (id: string, rule: ChannelRule): string => {
  const words = SETTINGS.find((one) => one.id === id)?.options?.(emptyBlocks(), radioOf(rule)) ?? [];
  return id === 'power' ? ['least', 'most', ...words].join(', ') : words.join(', ');
};

function change(label: string, { id }: ChannelRule, recipe: (rule: ChannelRule) => void): void {
  store.edit(`rule for channels: ${label}`, (draft) => recipe(draft.channelRules.byId[id]!));
}

function add(): void {
  const rule: ChannelRule = {
    id: newId('rule'),
    radioId: null,
    purpose: null,
    place: 'hotspot',
    fromM: null,
    belowM: null,
    set: { power: 'least' },
  };
  store.edit('a rule for channels', (draft) => putRow(draft.channelRules, rule));
}

const takeKm = (rule: ChannelRule, key: 'fromM' | 'belowM') => (text: string) => {
  const put = (metres: number | null) => change('distance', rule, (one) => void (one[key] = metres));
  if (!saysNothing(text)) return takeNumber(text, 0.001, 25_000, (km) => put(km * 1000));
  put(null);
  return null;
};
const kmText = (metres: number | null) => (metres === null ? '' : String(metres / 1000));

const takeValue =
  (rule: ChannelRule, field: string) =>
  (text: string): Taken => {
    const refusal = refusedValue(MODES, emptyBlocks(), field, text, radioOf(rule));
    if (refusal) return refusal;
    change(titleOf(field), rule, (one) => void (one.set[field] = text.trim()));
    return null;
  };

function up({ id }: ChannelRule): void {
  store.edit('order of rules for channels', (draft) => {
    const { order } = draft.channelRules;
    const at = order.indexOf(id);
    order.splice(at - 1, 0, ...order.splice(at, 1));
  });
}
</script>

<template>
  <el-drawer v-model="open" size="min(560px, 100%)" title="Rules for channels">
    <div class="parts">
      <p>
        What channels are built with, in place of what is usual: least power beside a hotspot and most through a
        repeater, and the most careful admit. Of several rules the first that says a value has it. A channel that you
        made or changed by hand stays as it is unless you tick its line.
      </p>
      <section v-for="(rule, at) in rules" :key="rule.id" class="rule" :aria-label="`Rule ${at + 1}`">
        <h3>
          Rule {{ at + 1 }}
          <span class="acts">
            <el-button v-if="at > 0" size="small" :aria-label="`Rule ${at + 1} earlier`" @click="up(rule)"
              >Earlier</el-button
            >
            <el-button
              size="small"
              :aria-label="`Remove rule ${at + 1}`"
              @click="store.edit('remove a rule for channels', (draft) => removeRow(draft.channelRules, rule.id))"
              >Remove</el-button
            >
          </span>
        </h3>
        <ChoiceField
          label="On"
          :value="rule.radioId ?? ANY"
          :options="radios"
          @choose="(id) => change('radio', rule, (one) => void (one.radioId = id === ANY ? null : id))"
        />
        <ChoiceField
          label="For"
          :value="rule.purpose ?? ANY"
          :options="anyOr(PURPOSES, 'any purpose')"
          @choose="(one) => change('purpose', rule, (to) => void (to.purpose = one === ANY ? null : (one as Purpose)))"
        />
        <ChoiceField
          label="Where"
          :value="rule.place ?? ANY"
          :options="anyOr(RULE_PLACES, 'anywhere', (one) => PLACE_WORDS[one])"
          @choose="
            (one) => change('place', rule, (to) => void (to.place = one === ANY ? null : (one as typeof to.place)))
          "
        />
        <TextField
          label="From"
          :value="kmText(rule.fromM)"
          :take="takeKm(rule, 'fromM')"
          placeholder="any distance"
          unit="km"
          mono
        />
        <TextField
          label="Nearer than"
          :value="kmText(rule.belowM)"
          :take="takeKm(rule, 'belowM')"
          placeholder="any distance"
          unit="km"
          mono
        />
        <template v-for="(text, field) in rule.set" :key="field">
          <TextField
            :label="titleOf(field)"
            :value="text"
            :take="takeValue(rule, field)"
            :placeholder="hintOf(field, rule)"
          />
          <p
            v-for="{ radio, refusal } in refusedOn(store.plan!, MODES, rule, field)"
            :key="radio.id"
            class="is-doubtful"
          >
            Does nothing on {{ radio.name }}. {{ refusal.problem }}
          </p>
        </template>
        <el-select
          v-if="others(rule).length"
          class="more"
          :persistent="false"
          :model-value="''"
          placeholder="Set another value"
          :aria-label="`Rule ${at + 1}: set another value`"
          @update:model-value="
            (id) => change(titleOf(id), rule, (one) => void (one.set[id] = hintOf(id, rule).split(', ')[0] ?? ''))
          "
        >
          <el-option v-for="one in others(rule)" :key="one.id" :value="one.id" :label="one.title" />
        </el-select>
      </section>
      <p class="soft">Keep power as low as does the job, and aerials away from people.</p>
    </div>
    <template #footer>
      <el-button @click="add">Add a rule</el-button>
      <el-button type="primary" :disabled="rules.length === 0" @click="emit('build')"
        >See what building changes</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 14px;
}

.rule {
  display: grid;
  gap: 8px;
  padding-top: 8px;
  border-top: 1px solid var(--hairline);
  --form-label: 110px;
}

.rule h3 {
  display: flex;
  align-items: center;
  margin: 0;
}

.acts {
  margin-left: auto;
}

.more {
  max-width: 260px;
}
</style>
