<script setup lang="ts">
/** A hotspot's settings out and back: its own file in whatever layout, taught once, and a file of ours. */
import { computed, ref } from 'vue';
import { describeReadFinding } from '@relay/core/formats/format';
import { compareHotspotFile, hotspotFile, hotspotJson } from '@relay/core/formats/hotspot-json';
import { MODES } from '@relay/core/registries/modes';
import type { Setting, SettingValue } from '@relay/core/settings/setting';
import { FilePick } from '../../fields';
import { download, fileName } from '../../fields/download';
import { HotspotFrame } from '../../panels';
import FileDifferences from './FileDifferences.vue';
import ProfileBar from './ProfileBar.vue';
import TaughtLines from './TaughtLines.vue';
import { useHotspot } from './use-hotspot';
import { useTaughtFile } from './use-taught-file';

const props = defineProps<{ planId: string; siteId?: string }>();
const { store, site, profiles, profile, settings, where } = useHotspot(() => props.siteId);
const taught = useTaughtFile(site, () => profile.value?.id, settings);
const { file, draft, doubts, problem, lines, changing, unread, readBack } = taught;
const passwords = ref(false);
const known = ref(true);
const doubt = computed(() => doubts.value[0] ?? null);
const titleOf = (id: string) => settings.value.find((one) => one.id === id)?.title ?? id;
const textAt = (path: string) => lines.value.find((one) => one.entry.path === path)?.entry;
const isLeftOut = computed(() => file.value !== null && file.value.secretText === '');

function dropped(event: DragEvent): void {
  const given = event.dataTransfer?.files[0];
  if (given) void (site.value?.taught && !draft.value ? taught.read(given) : taught.give(given));
}

function takeOver(chosen: { setting: Setting; says: SettingValue }[]): void {
  store.edit(`${where.value}: ${chosen.length} from ${readBack.value!.name}`, (draftPlan) => {
    for (const { setting, says } of chosen) setting.write(draftPlan, says);
  });
  store.notice = `${chosen.length} taken over. Undo takes them back.`;
  readBack.value = null;
}

function saveOurs(): void {
  const ours = hotspotFile(store.plan!, site.value!.id, MODES, {
    passwords: passwords.value,
    profileId: profile.value!.id,
  });
  download(
    `${fileName(`${site.value!.name} ${profile.value!.name}`)}-hotspot.json`,
    hotspotJson.mediaType,
    hotspotJson.write(ours, undefined),
  );
}

async function readOurs(given: File): Promise<void> {
  const { value, findings } = hotspotJson.read(new Uint8Array(await given.arrayBuffer()));
  if (!value) {
    readBack.value = { name: given.name, differences: [], problems: findings.map(describeReadFinding) };
    return;
  }
  const compared = compareHotspotFile(store.plan!, site.value!.id, MODES, value, profile.value!.id);
  readBack.value = {
    name: given.name,
    differences: compared.differences.map(({ settingId, says }) => ({
      setting: settings.value.find((one) => one.id === settingId)!,
      says,
      line: null,
    })),
    problems: compared.findings.map(describeReadFinding),
  };
}
</script>

<template>
  <HotspotFrame :plan-id="planId" :site="site">
    <template v-if="site && profile">
      <ProfileBar :site="site" :profiles="profiles" :profile="profile" />
      <div class="body" @dragover.prevent @drop.prevent="dropped">
        <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
        <FileDifferences
          v-if="readBack"
          v-bind="readBack"
          :passwords="passwords"
          @take="takeOver"
          @close="readBack = null"
        />
        <section aria-labelledby="own-file" class="part">
          <h2 id="own-file">The hotspot’s own settings file{{ file ? `: ${file.name}` : '' }}</h2>
          <template v-if="!file || isLeftOut">
            <p v-if="isLeftOut" class="is-doubtful">
              What is what in {{ file!.name }} is known, and the file itself was left out of the plan file with the
              passwords: give it again.
            </p>
            <p class="wide">
              Give it a file that your hotspot’s settings page saved: lines such as <code>key = value</code>, with
              sections or without, YAML, TOML or JSON. It finds out which key is which setting, and asks where it is in
              doubt. From then on that file is written with only what you changed; every other byte stays.
            </p>
            <FilePick label="Settings file of the hotspot" primary data-testid="give-file" @pick="taught.give"
              >Give it a file</FilePick
            >
          </template>
          <template v-else>
            <div v-if="doubt" class="doubt doubt-panel" role="group" aria-label="A doubt" data-testid="doubt">
              <p>
                Is <code>{{ doubt.path }}</code>, line {{ textAt(doubt.path)?.line }}, the
                <strong>{{ titleOf(doubt.settingId) }}</strong>?
                <span class="soft">{{
                  doubt.because === 'value' ? 'It has the same value.' : 'Its name is alike.'
                }}</span>
              </p>
              <el-button size="small" @click="taught.answer(doubt, true)">Yes</el-button>
              <el-button size="small" @click="taught.answer(doubt, false)">No, carry it along</el-button>
              <span class="soft">{{ doubts.length }} to answer, or leave them</span>
            </div>
            <div class="act-row">
              <template v-if="draft">
                <el-button type="primary" data-testid="keep-file" @click="taught.keep()">Keep what is what</el-button>
                <el-button @click="taught.giveUp()">Not this file</el-button>
              </template>
              <template v-else>
                <el-button type="primary" data-testid="save-file" @click="taught.save()"
                  >Save it for {{ profile.name }}</el-button
                >
                <FilePick label="File saved from the hotspot, to compare" data-testid="read-file" @pick="taught.read"
                  >Compare with a saved one</FilePick
                >
                <el-button @click="taught.forget()">Forget this file</el-button>
              </template>
              <span data-testid="file-state">
                {{ file.keys.length }} of {{ lines.length }} values are known;
                {{
                  changing === 0
                    ? 'the file says what the plan says'
                    : `${changing} ${changing === 1 ? 'line' : 'lines'} will be changed`
                }}<span v-if="unread" class="is-broken">; {{ unread }} cannot be read</span>.
              </span>
            </div>
            <div class="act-row">
              <el-checkbox v-model="known">Only lines with a value</el-checkbox>
              <el-checkbox v-model="passwords">Show passwords</el-checkbox>
            </div>
            <TaughtLines
              :text="file.secretText"
              :lines="lines"
              :settings="settings"
              :passwords="passwords"
              :known="known"
              @teach="taught.teach"
            />
          </template>
        </section>
        <section aria-labelledby="our-file" class="part">
          <h2 id="our-file">A file of our own</h2>
          <p class="wide soft">
            All settings of {{ profile.name }} by name, to keep or hand on. Passwords are left out unless shown here.
          </p>
          <div class="act-row">
            <el-button @click="saveOurs">Save our file</el-button>
            <FilePick
              label="Settings file of our own"
              accept=".json,application/json"
              data-testid="read-ours"
              @pick="readOurs"
              >Read one</FilePick
            >
            <el-checkbox v-if="!file" v-model="passwords">With passwords</el-checkbox>
          </div>
        </section>
      </div>
    </template>
  </HotspotFrame>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  padding: 8px 20px 28px;
}

.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  justify-items: start;
}

.part > :deep(.wide-table) {
  justify-self: stretch;
}

.wide {
  max-width: 84ch;
}

.doubt {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}

code {
  font-family: var(--mono);
}
</style>
