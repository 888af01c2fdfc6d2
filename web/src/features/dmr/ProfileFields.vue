<script setup lang="ts">
/** The networks that a hotspot logs in to. */
import { computed } from 'vue';
import { type DmrNetwork, dmrNetworks } from '@relay/core/modes/dmr/networks';
import { newLogin } from '@relay/core/plan/modes/dmr/blanks';
import type { NetworkLogin } from '@relay/core/plan/modes/dmr/types';
import type { ProfileValues, Site } from '@relay/core/plan/types';
import { usePlanStore } from '../../sync/plan-store';
import { SourceMark } from '../../fields';
import LoginForm from './LoginForm.vue';

const props = defineProps<{ site: Site; profile: ProfileValues }>();
const emit = defineEmits<{ change: [label: string, recipe: (profile: ProfileValues) => void] }>();
const store = usePlanStore();
const networks = computed(() => dmrNetworks(store.plan!));
const loginOf = (network: DmrNetwork) => props.profile.dmr.logins[network.id];

function switchLogin(network: DmrNetwork, on: boolean): void {
  emit('change', `${network.name} login ${on ? 'on' : 'off'}`, (profile) => {
    const login = (profile.dmr.logins[network.id] ??= newLogin());
    login.enabled = on;
    login.serverId ??= network.servers.order[0] ?? null;
  });
}

const changeLogin = (network: DmrNetwork, label: string, recipe: (login: NetworkLogin) => void) =>
  emit('change', `${network.name} ${label}`, (profile) => recipe(profile.dmr.logins[network.id]!));
</script>

<template>
  <h3>Network logins</h3>
  <p class="soft">
    {{
      profile.dmr.selection === 'several'
        ? 'Rules decide which network takes a call.'
        : 'Without network selection every call goes to the first network that is on.'
    }}
    <router-link :to="{ name: 'routes', params: { planId: store.planId!, siteId: site.id } }"
      >Routes and the numbers on the radio</router-link
    >
  </p>
  <p v-if="networks.length === 0" class="soft">
    No network in the plan yet.
    <router-link :to="{ name: 'networks', params: { planId: store.planId! } }">Add a network</router-link>
  </p>
  <section v-for="network in networks" :key="network.id" :aria-label="network.name" class="login">
    <div class="switch">
      <el-switch
        :model-value="loginOf(network)?.enabled ?? false"
        :aria-label="`Log in to ${network.name}`"
        @update:model-value="switchLogin(network, $event === true)"
      /><strong>{{ network.name }}</strong
      ><SourceMark :at="['dmr', 'logins', network.id, 'enabled']" :label="`Log in to ${network.name}`" />
    </div>
    <LoginForm
      v-if="loginOf(network)"
      :site-id="site.id"
      :network="network"
      :login="loginOf(network)!"
      @change="(label, recipe) => changeLogin(network, label, recipe)"
    />
  </section>
</template>

<style scoped>
h3 {
  margin: 6px 0 0;
  font-size: 13px;
}

.login {
  display: grid;
  gap: 10px;
  padding-bottom: 8px;
}
</style>
