<script setup lang="ts">
/**
 * A borrowed codeplug, reviewed before it becomes one's own: the lender's things, matches, proposals, what to leave.
 */
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { BorrowedChannel, Borrowing } from '@relay/core/borrow/borrowing';
import { destinationKey } from '@relay/core/plan/destination-key';
import type { Radio } from '@relay/core/plan/types';
import { beginWith, KIT_MODES } from '@relay/core/registries/kits';
import { VirtualRows } from '../../fields';
import { useLeftOut } from '../../fields/left-out';
import { usePlanStore } from '../../sync/plan-store';
import type { useKit } from './use-kit';
import { many } from './words';

const props = defineProps<{ files: ReturnType<typeof useKit>; borrowing: Borrowing; radio: Radio }>();
const store = usePlanStore();
const { borrowing: shown } = props.files;
const leaveIt = () => (shown.value = null);
const router = useRouter();
const farKm = ref(100);
const sites = useLeftOut(
  () => props.borrowing.sites,
  ({ id }) => id,
);
// A site that no list names is added only when somebody says so.
sites.begin(props.borrowing.sites.filter(({ list }) => list === null).map(({ id }) => id));
const groups = useLeftOut(
  () => props.borrowing.groups,
  ({ id }) => id,
);
groups.begin(props.borrowing.groups.map(({ id }) => id));
const removals = useLeftOut(
  () => props.borrowing.removals,
  ({ channelId }) => channelId,
);
const siteOf = (one: BorrowedChannel) => one.site?.to ?? one.proposedSiteId;
const siteName = (one: BorrowedChannel) => {
  const proposed = props.borrowing.sites.find(({ id }) => id === one.proposedSiteId);
  return proposed ? proposed.site.name : one.site ? store.plan!.sites.byId[one.site.to]!.name : '';
};
const matched = computed(() =>
  props.borrowing.channels.filter(
    (one) =>
      one.destination !== null &&
      (one.site !== null || props.borrowing.sites.some(({ id, list }) => id === one.proposedSiteId && list !== null)),
  ),
);
const far = computed(() =>
  props.borrowing.channels.filter(({ distanceM }) => distanceM !== null && distanceM > farKm.value * 1000),
);
const unfit = computed(() => props.borrowing.channels.filter(({ mode }) => props.radio[mode] === null));
const leave = computed(
  () =>
    new Set([
      ...removals.chosen.value.map(({ channelId }) => channelId),
      ...far.value.map(({ id }) => id),
      ...unfit.value.map(({ id }) => id),
    ]),
);
const staying = computed(() => props.borrowing.channels.length - leave.value.size);
const percent = (value: number | undefined) => (value === undefined ? '' : `${Math.round(value * 100)} %`);
const why = (one: BorrowedChannel) => [one.site?.reason, one.destination?.reason].filter(Boolean).join('; ');
const km = (metres: number | null) => (metres === null ? '' : `${(metres / 1000).toFixed(0)} km`);
const confidence = ({ site, destination }: BorrowedChannel) =>
  destination === null ? undefined : Math.min(site?.confidence ?? 0.9, destination.confidence);

function begin(): void {
  const choice = {
    sites: new Set(sites.chosen.value.map(({ id }) => id)),
    groups: new Set(groups.chosen.value.map(({ id }) => id)),
    leave: leave.value,
  };
  const { borrowing, radio } = props;
  store.edit(`${radio.name} begins with a borrowed codeplug`, (draft) => beginWith(draft, radio.id, borrowing, choice));
  store.notice = `${radio.name} has ${many(staying.value, 'channel')} now, with your own things in place of the lender’s. Undo brings back what it had.`;
  void router.push({ name: 'agreement', params: { planId: store.planId! } });
}
</script>

<template>
  <section class="result-panel" aria-labelledby="borrow-title" data-testid="borrow">
    <div class="head">
      <h2 id="borrow-title">A borrowed codeplug for {{ radio.name }}</h2>
      <div class="act-row">
        <el-button type="primary" :disabled="staying === 0" data-testid="begin-borrowed" @click="begin"
          >Begin with {{ many(staying, 'channel') }}</el-button
        >
        <el-button @click="leaveIt">Not these</el-button>
      </div>
    </div>
    <p role="status" data-testid="borrow-state">
      {{ matched.length }} of {{ many(borrowing.channels.length, 'channel') }} matched to a known site and what they
      call; {{ many(borrowing.lender.length, 'thing') }} of the lender’s found.
    </p>
    <div class="two">
      <section aria-labelledby="lender-title">
        <h3 id="lender-title">The lender’s own, replaced by yours</h3>
        <p v-if="borrowing.lender.length === 0" class="soft">Nothing was found that is the lender’s own.</p>
        <table v-else class="plain">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Lender</th>
              <th scope="col">Yours</th>
              <th scope="col">In</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in borrowing.lender" :key="one.id" data-testid="lender-thing">
              <th scope="row">{{ one.what }}</th>
              <td class="mono">{{ one.found }}</td>
              <td class="mono">{{ one.becomes || 'left behind' }}</td>
              <td>{{ one.count }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section aria-labelledby="leave-title">
        <h3 id="leave-title">Offered to be left out</h3>
        <label class="far"
          >Farther away than
          <input
            v-model.number="farKm"
            class="short-input mono"
            type="number"
            min="1"
            max="20000"
            aria-label="Kilometres"
          />
          km: {{ many(far.length, 'channel') }}</label
        >
        <p v-if="unfit.length" class="is-doubtful">
          {{ many(unfit.length, 'channel is', 'channels are') }} of modes that {{ radio.name }} does not have.
        </p>
        <ul class="ticks">
          <li v-for="one in borrowing.removals" :key="one.channelId">
            <label
              ><input
                type="checkbox"
                :checked="!removals.isLeft(one.channelId)"
                @change="removals.tick(one.channelId, $event)"
              />
              {{ one.name }}: {{ one.detail }}</label
            >
          </li>
          <li v-if="borrowing.removals.length === 0" class="soft">
            No channel is there twice, and no site is off the air.
          </li>
        </ul>
      </section>
      <section aria-labelledby="new-sites-title">
        <h3 id="new-sites-title">Sites that the plan does not have</h3>
        <ul class="ticks">
          <li v-for="one in borrowing.sites" :key="one.id">
            <label
              ><input type="checkbox" :checked="!sites.isLeft(one.id)" @change="sites.tick(one.id, $event)" /> Add
              {{ one.site.name }}
              <span class="soft"
                >{{ one.list ? `from ${one.list}` : 'in no list' }}, {{ many(one.channelIds.length, 'channel') }}
                {{ km(one.distanceM) }}</span
              ></label
            >
          </li>
          <li v-if="borrowing.sites.length === 0" class="soft">None.</li>
        </ul>
      </section>
      <section aria-labelledby="new-groups-title">
        <h3 id="new-groups-title">Groups that no network of yours has</h3>
        <ul class="ticks">
          <li v-for="one in borrowing.groups" :key="one.id">
            <label
              ><input type="checkbox" :checked="!groups.isLeft(one.id)" @change="groups.tick(one.id, $event)" /> Add
              <span class="mono">{{ one.number }}</span> {{ one.name }} to {{ one.networkName }}
              <span class="soft">{{ many(one.channelIds.length, 'channel') }}</span></label
            >
          </li>
          <li v-if="borrowing.groups.length === 0" class="soft">None.</li>
        </ul>
      </section>
    </div>
    <div class="wide-table" tabindex="0" role="group" aria-label="Channels and what they were matched to">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Channel</th>
            <th scope="col">Mode</th>
            <th scope="col">Site</th>
            <th scope="col">Calls</th>
            <th scope="col">Sure</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <VirtualRows v-slot="{ row: one, at }" :rows="borrowing.channels" :key-of="(row) => row.id" :height="33">
          <tr :data-index="at" :class="{ gone: leave.has(one.id) }" data-testid="borrowed-channel">
            <th scope="row">{{ one.name }}</th>
            <td>{{ KIT_MODES[one.mode].name }}</td>
            <td>{{ siteOf(one) === null ? 'not known' : siteName(one) }}</td>
            <td class="mono">
              {{ one.destination ? destinationKey(one.destination.to).split('/').slice(1).join(' ') : 'not known' }}
            </td>
            <td>{{ percent(confidence(one)) }}</td>
            <td class="why">{{ leave.has(one.id) ? 'left out' : why(one) }}</td>
          </tr>
        </VirtualRows>
      </table>
    </div>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px 32px;
}

h3 {
  margin: 0 0 6px;
  font-size: 14px;
}

p {
  margin: 0;
}

.ticks {
  max-height: 280px;
  padding: 0;
  margin: 0;
  overflow: auto;
  list-style: none;
}

.far input {
  width: 76px;
}

.gone {
  opacity: 0.6;
  text-decoration: line-through;
}

.why {
  width: 100%;
}

@media (max-width: 1000px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
}
</style>
