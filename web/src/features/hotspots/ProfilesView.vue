<script setup lang="ts">
/** Profiles across, paths down: which paths are whole under which profile. */
import { computed, onUnmounted } from 'vue';
import { useRouter } from 'vue-router';
import { runProfile } from '@relay/core/plan/profile-acts';
import { NarrowField, VirtualRows } from '../../fields';
import { useNarrowed } from '../../fields/narrow';
import { RelayStrip, stripWords } from '../../relay-line';
import { HotspotFrame } from '../../panels';
import { useProfileMatrix } from '../../sync/profile-matrix';
import ProfileBar from './ProfileBar.vue';
import ProfileCompare from './ProfileCompare.vue';
import { useHotspot } from './use-hotspot';

const props = defineProps<{ planId: string; siteId?: string }>();
const { store, site, profiles, profile } = useHotspot(() => props.siteId);
const router = useRouter();
const matrix = useProfileMatrix(() => site.value?.id);
const radioName = (id: string) => store.plan!.radios.byId[id]?.name ?? '';
const { words, shown } = useNarrowed(
  () => matrix.value?.rows ?? [],
  (row) => `${row.name} ${radioName(row.radioId)} ${row.strips.map((one) => one.verdict).join(' ')}`,
);
const columns = computed(() => matrix.value?.profiles ?? []);

function run(id: string, name: string): void {
  store.edit(`${site.value!.name} runs ${name}`, (draft) => runProfile(draft, site.value!.id, id));
}

function look(radioId: string, channelId: string, profileId: string): void {
  store.selection = { radioId, channelId };
  store.seenAs = profileId === site.value!.activeProfileId ? null : { siteId: site.value!.id, profileId };
}
onUnmounted(() => (store.seenAs = null));
const isHere = (radioId: string, channelId: string, profileId: string) =>
  store.selection?.radioId === radioId &&
  store.selection.channelId === channelId &&
  (store.seenAs?.profileId ?? site.value!.activeProfileId) === profileId;
</script>

<template>
  <HotspotFrame :plan-id="planId" :site="site">
    <template v-if="site && profile">
      <ProfileBar :site="site" :profiles="profiles" :profile="profile" />
      <div class="body" :class="{ 'is-full': profiles.length > 3 }">
        <section aria-label="Profiles and paths" class="matrix">
          <p v-if="!matrix" class="soft" role="status">Tracing every path under every profile…</p>
          <p v-else-if="matrix.rows.length === 0" class="soft">
            No channel goes through {{ site.name }} yet. Once there are some, each stands here with one small line a
            profile: whole, doubtful or broken.
          </p>
          <template v-else>
            <NarrowField v-model="words" what="paths" :count="matrix.rows.length" :shown="shown.length" />
            <div class="wide-table" tabindex="0" role="group" aria-label="Profiles across, paths down">
              <table class="plain">
                <thead>
                  <tr>
                    <th scope="col">Path</th>
                    <th v-for="one in columns" :key="one.id" scope="col" :class="{ here: one.id === profile.id }">
                      <span class="title">{{ one.name }}</span>
                      <span v-if="one.isActive" class="runs">runs</span>
                      <button v-else type="button" class="run" @click="run(one.id, one.name)">run it</button>
                      <span
                        class="tally"
                        :class="one.tally.broken ? 'is-broken' : one.tally.doubtful ? 'is-doubtful' : ''"
                        >{{ one.tally.whole }} of {{ matrix.rows.length }} whole</span
                      >
                    </th>
                  </tr>
                </thead>
                <VirtualRows
                  v-slot="{ row, at }"
                  :rows="shown"
                  :key-of="(one) => `${one.radioId}/${one.channelId}`"
                  :height="46"
                >
                  <tr :data-index="at" data-testid="matrix-row">
                    <th scope="row">
                      <button
                        type="button"
                        class="name"
                        @click="
                          router.push({
                            name: 'codeplugs',
                            params: { planId, radioId: row.radioId },
                            query: { channel: row.channelId },
                          })
                        "
                      >
                        {{ row.name }}
                      </button>
                      <span class="soft">{{ radioName(row.radioId) }}</span>
                      <span v-if="row.after.length" class="after" data-testid="whole-after"
                        >whole after {{ row.after.join(' or ') }}</span
                      >
                    </th>
                    <td
                      v-for="(strip, column) in row.strips"
                      :key="columns[column]?.id"
                      :class="{ here: isHere(row.radioId, row.channelId, columns[column]!.id) }"
                    >
                      <button
                        type="button"
                        class="cell"
                        :aria-label="`${row.name} under ${columns[column]!.name}: ${stripWords(strip)}`"
                        @click="look(row.radioId, row.channelId, columns[column]!.id)"
                      >
                        <RelayStrip v-bind="strip" /><span :class="`is-${strip.verdict}`">{{ stripWords(strip) }}</span>
                      </button>
                    </td>
                  </tr>
                </VirtualRows>
              </table>
            </div>
          </template>
        </section>
        <ProfileCompare :site="site" :profiles="profiles" />
      </div>
    </template>
  </HotspotFrame>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 20px 28px;
  padding: 8px 20px 28px;
}

/* Many profiles take the width; what is compared stands under them. */
.is-full {
  grid-template-columns: minmax(0, 1fr);
}

.is-full > :last-child {
  max-width: 760px;
}

tbody th {
  min-width: 150px;
}

.matrix {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
}

thead th {
  vertical-align: top;
}

.title {
  display: block;
  color: var(--ink);
  font-weight: 600;
}

th.here {
  box-shadow: inset 0 -4px 0 var(--yellow);
}

td.here {
  background: var(--yellow-pale);
}

.runs,
.run {
  margin-right: 10px;
  color: var(--good);
  font-size: 12px;
}

.tally {
  font-size: 12px;
  font-weight: 400;
}

.run,
.name,
.cell {
  padding: 0;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.run {
  color: var(--ink-soft);
  font-size: 12px;
  font-weight: 400;
  text-decoration: underline;
}

.name {
  display: block;
  font-weight: 600;
}

.name:hover {
  text-decoration: underline;
}

th .soft {
  font-size: 12px;
  font-weight: 400;
}

.after {
  display: block;
  color: var(--good);
  font-size: 12px;
  font-weight: 400;
}

.cell {
  display: grid;
  font-size: 12px;
}

@media (max-width: 1100px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
