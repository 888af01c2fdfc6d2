<script setup lang="ts">
/** What to set on one hotspot, to lie beside it while its settings page is open. */
import { computed } from 'vue';
import { profileSheet } from '@relay/core/formats/profile-json';
import type { Plan, Site } from '@relay/core/plan/types';
import { formatMHz } from '@relay/core/radio-math/quantities';

const props = defineProps<{ plan: Plan; site: Site; withPasswords: boolean }>();
const sheet = computed(() => profileSheet(props.plan, props.site.id, { passwords: props.withPasswords }));
</script>

<template>
  <section class="sheet" :aria-label="`Settings of ${site.name}`">
    <h2>Settings of {{ sheet.hotspot }}</h2>
    <table class="plain">
      <tbody>
        <tr><th scope="row">Call sign</th><td class="mono">{{ sheet.callSign }}</td></tr>
        <tr><th scope="row">Receive / transmit</th><td class="mono">{{ formatMHz(sheet.receiveHz) }} / {{ formatMHz(sheet.transmitHz) }} MHz</td></tr>
        <tr v-if="sheet.dmr.colorCode !== null"><th scope="row">DMR</th><td>{{ sheet.dmr.enabled ? 'on' : 'off' }}, color code <span class="mono">{{ sheet.dmr.colorCode }}</span></td></tr>
        <tr v-if="sheet.dstar"><th scope="row">D-STAR</th><td>{{ sheet.dstar.enabled ? 'on' : 'off' }}, <span class="mono">{{ sheet.dstar.callSign }}</span>, module <span class="mono">{{ sheet.dstar.module }}</span>; at start {{ sheet.dstar.startLink ? `linked to ${sheet.dstar.startLink}, ${sheet.dstar.automatic ? 'automatic' : 'manual'}` : 'linked to nothing' }}</td></tr>
        <tr v-if="sheet.c4fm"><th scope="row">C4FM</th><td>{{ sheet.c4fm.enabled ? 'on' : 'off' }}, group ID <span class="mono">{{ sheet.c4fm.groupId }}</span>, rooms of {{ sheet.c4fm.networks.join(' and ') || 'no network' }}; at start {{ sheet.c4fm.startRoom ? `connected to ${sheet.c4fm.startRoom}` : 'connected to no room' }}</td></tr>
        <tr v-if="sheet.p25"><th scope="row">P25</th><td>{{ sheet.p25.enabled ? 'on' : 'off' }}, NAC <span class="mono">{{ sheet.p25.nac }}</span> hex, groups of {{ sheet.p25.networks.join(' and ') || 'no network' }}; at start {{ sheet.p25.startGroup === null ? 'linked to nothing' : `linked to group ${sheet.p25.startGroup}` }}</td></tr>
        <tr v-if="sheet.crossings.length"><th scope="row">Crossings</th><td>{{ sheet.crossings.join(', ') }}</td></tr>
        <template v-for="network in sheet.networks" :key="network.network">
          <tr><th scope="row">{{ network.network }}</th><td>{{ network.enabled ? 'on' : 'off' }}, server {{ network.server ?? 'none' }} <span class="mono">{{ network.host }}</span></td></tr>
          <tr><th scope="row">Login</th><td class="mono">{{ network.login ?? 'incomplete' }}</td></tr>
          <tr><th scope="row">Password</th><td class="mono">{{ network.password ?? '(left out)' }}</td></tr>
          <tr><th scope="row">Static groups</th><td class="mono">{{ network.staticGroups.map((one) => (one.onRadio === null || one.onRadio === one.number ? String(one.number) : `${one.number} (radio ${one.onRadio})`)).join(', ') || 'none' }}</td></tr>
        </template>
        <tr v-if="sheet.networks.length"><th scope="row">Network selection</th><td>{{ sheet.routes.selection === 'several' ? 'on' : 'off' }}</td></tr>
        <tr v-for="(rule, i) in sheet.routes.rules" :key="i"><th scope="row">Rule {{ i + 1 }}</th><td>{{ rule.sentence }}{{ rule.reply ? '' : '; no reply' }}</td></tr>
        <tr v-if="sheet.standby"><th scope="row">Standby</th><td>on</td></tr>
        <tr v-if="sheet.location"><th scope="row">Position</th><td class="mono">{{ sheet.location.lat }}, {{ sheet.location.lon }} {{ sheet.location.publish ? '(published)' : '(not published)' }}</td></tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.sheet {
  break-inside: avoid;
}

@media print {
  .sheet {
    margin-top: 24px;
  }
}

h2 {
  margin-bottom: 8px;
}

th {
  width: 150px;
}
</style>
