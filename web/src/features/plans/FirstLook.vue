<script setup lang="ts">
/** What this is, in two sentences and one relay line: the demo's first path, as it is traced here and now. */
import { describePath } from '@relay/core/path/describe';
import { edit } from '@relay/core/plan/edit';
import { firstPlan, firstQuestions } from '@relay/core/registries/first';
import { planIndex } from '@relay/core/registries/modes';
import { computed, ref } from 'vue';
import { RelayLine } from '../../relay-line';

const answers = Object.fromEntries(firstQuestions('dmr').map(({ key, example }) => [key, example || 'secret']));
const { plan } = firstPlan('dmr', answers);
/** One digit of the hotspot is off, or is not: one sees what that does to the call. */
const isOff = ref(true);
const view = computed(() => {
  if (!plan) return null;
  const shown = edit(plan, (draft) => {
    if (isOff.value) draft.sites.byId['site']!.dmr!.colorCode = 7;
  }).plan;
  const traced = planIndex(shown).paths()[0];
  return traced ? describePath(traced.path, traced.context) : null;
});
</script>

<template>
  <section class="look" aria-label="What Yellow Relay does">
    <p class="lead">
      Yellow Relay keeps your radios, hotspots, repeaters and networks in one plan and builds codeplugs and hotspot
      profiles from it. It follows every call from the microphone to the far end and back, and says which setting breaks
      it and what to change.
    </p>
    <div v-if="view" class="line"><RelayLine :view="view" :finding="null" all="" /></div>
    <p class="try">
      <el-button size="small" @click="isOff = !isOff">{{
        isOff ? 'Set the hotspot’s color code back to 1' : 'Put one digit wrong'
      }}</el-button>
      <span class="soft">A made-up call, traced here as yours will be.</span>
    </p>
  </section>
</template>

<style scoped>
.look {
  display: grid;
  gap: 12px;
}

.lead {
  max-width: 72ch;
  font-size: 15px;
  line-height: 22px;
}

.line {
  padding: 10px 14px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-radius: 3px;
}

.try {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
</style>
