<script setup lang="ts">
/** The profiles of a hotspot: which one is looked at, which one it runs, and the acts on them. */
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { copyProfile, removeProfile, runProfile } from '@relay/core/plan/profile-acts';
import { freshName } from '@relay/core/plan/fresh-name';
import { ownPaths } from '@relay/core/plan/profiles';
import type { Hotspot, Profile } from '@relay/core/plan/types';
import { newId } from '../../fields/new-id';
import { TextField } from '../../fields';
import { takeName, type Taken } from '../../fields/field';
import { usePlanStore } from '../../sync/plan-store';

const props = defineProps<{ site: Hotspot; profiles: readonly Profile[]; profile: Profile }>();
const store = usePlanStore();
const route = useRoute();
const router = useRouter();
const naming = ref(false);
const name = useTemplateRef<HTMLElement>('name');
const isActive = (one: Profile) => one.id === props.site.activeProfileId;
const look = (id: string) => ({ query: { ...route.query, profile: id } });
const own = computed(() => ownPaths(props.profile).length);
const baseName = computed(() =>
  props.profile.baseId ? (store.plan!.profiles.byId[props.profile.baseId]?.name ?? '') : '',
);

async function add(): Promise<void> {
  const id = newId('profile');
  const from = props.profile;
  const names = props.profiles.map((one) => one.name);
  const title = freshName(names, (n) =>
    from.baseId === null ? (n === 1 ? 'Another' : `Another ${n}`) : `${from.name} ${n + 1}`,
  );
  store.edit(`${props.site.name}: add profile ${title}`, (draft) => copyProfile(draft, from.id, id, title));
  await router.push(look(id));
  await rename();
}

async function rename(): Promise<void> {
  naming.value = true;
  await nextTick();
  const field = name.value?.querySelector('input');
  field?.focus();
  field?.select();
}

function takeProfileName(text: string): Taken {
  const { id, name: before } = props.profile;
  const others = props.profiles.filter((one) => one.id !== id).map((one) => one.name);
  return takeName(
    text,
    60,
    (value) => {
      store.edit(`${props.site.name}: ${before} is ${value}`, (draft) => {
        draft.profiles.byId[id]!.name = value;
      });
      naming.value = false;
    },
    others,
  );
}

function run(): void {
  const { id, name: title } = props.profile;
  store.edit(`${props.site.name} runs ${title}`, (draft) => runProfile(draft, props.site.id, id));
  store.notice = `Agreement is for ${title} now.`;
}

function remove(): void {
  const { id, name: title } = props.profile;
  store.remove(`Removed ${title}`, (draft) => removeProfile(draft, id));
  void router.push({ query: { ...route.query, profile: undefined } });
}
</script>

<template>
  <div class="bar no-print" role="group" aria-label="Profiles">
    <router-link
      v-for="one in profiles"
      :key="one.id"
      :to="look(one.id)"
      class="one"
      :aria-current="one.id === profile.id ? 'true' : undefined"
      >{{ one.name }}<span v-if="isActive(one)" class="runs">runs</span></router-link
    >
    <el-button size="small" @click="add">{{ profile.baseId === null ? 'Add a profile' : 'Duplicate' }}</el-button>
    <template v-if="profiles.length > 1">
      <el-button v-if="!isActive(profile)" size="small" data-testid="run-profile" @click="run"
        >Run {{ profile.name }}</el-button
      >
      <el-button size="small" @click="rename">Rename</el-button>
      <el-button size="small" :aria-label="`Remove the profile ${profile.name}`" @click="remove">Remove</el-button>
      <span class="soft">{{
        profile.baseId === null
          ? 'The base: what the others do not set themselves is as here.'
          : own === 0
            ? `All as in ${baseName}. What you change here is set here only.`
            : `${own} ${own === 1 ? 'setting differs' : 'settings differ'} from ${baseName}.`
      }}</span>
    </template>
    <div v-if="naming" ref="name" class="naming">
      <TextField label="Name of the profile" :value="profile.name" :take="takeProfileName" />
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  padding: 10px 20px 4px;
}

.bar :deep(.el-button + .el-button) {
  margin-left: 0;
}

.one {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  padding: 3px 10px;
  background: var(--raised);
  border: 1px solid var(--edge);
  border-radius: 3px;
  text-decoration: none;
}

.one[aria-current] {
  font-weight: 600;
  border-color: var(--ink);
  box-shadow: inset 4px 0 0 var(--yellow);
}

.runs {
  padding-left: 8px;
  color: var(--good);
  font-size: 12px;
  font-weight: 400;
  border-left: 1px solid var(--hairline);
}

.naming {
  flex-basis: 100%;
  max-width: 520px;
}
</style>
