<script setup lang="ts">
/** One site of a list, corrected: kept above the list’s value, with who and why, over newer versions. */
import { computed, ref, watch } from 'vue';
import { CORRECTABLE, type CorrectableField, CORRECTIONS } from '@relay/core/lists/corrections';
import type { Correction, FiledSite } from '@relay/core/lists/filed';
import { api } from '../../sync/api';
import { usePlanStore } from '../../sync/plan-store';

const site = defineModel<FiledSite | null>({ required: true });
/** `undo`: what was taken back is corrected again; the words that it says then. */
const emit = defineEmits<{ corrected: [words: string, undo?: () => Promise<string>] }>();
const store = usePlanStore();
const field = ref<CorrectableField>('tone');
const text = ref('');
const why = ref('');
const problem = ref('');
const chosen = computed(() => CORRECTIONS[field.value]);
const present = computed(() => (site.value ? chosen.value.show(site.value) : ''));

watch(
  [site, field],
  () => {
    text.value = present.value;
    problem.value = '';
  },
  { immediate: true },
);

async function run(
  act: (of: FiledSite) => Promise<unknown>,
  words: string,
  undo?: () => Promise<string>,
): Promise<void> {
  try {
    await act(site.value!);
    emit('corrected', words, undo);
    site.value = null;
    why.value = '';
  } catch (error) {
    problem.value = (error as Error).message;
  }
}

function save(): void {
  // Read here as on the server: the reason stands beside the field at once.
  if (chosen.value.read(text.value.trim()) === null)
    problem.value = `Found “${text.value}”, expected ${chosen.value.expected}.`;
  else
    void run(
      (of) =>
        api.correct(of, {
          field: field.value,
          text: text.value,
          who: store.plan?.station.callSign ?? '',
          why: why.value.trim(),
        }),
      `${site.value!.callSign}: ${chosen.value.title.toLowerCase()} was corrected.`,
    );
}

function takeBack({ field: of, text: had, who, why: because }: Correction): Promise<void> {
  const { listId, line, callSign } = site.value!;
  const title = CORRECTIONS[of].title.toLowerCase();
  return run(
    (one) => api.uncorrect(one, of),
    `${callSign}: the list’s own ${title} holds again.`,
    async () => {
      await api.correct({ listId, line }, { field: of, text: had, who, why: because });
      return `${callSign}: ${title} is corrected again.`;
    },
  );
}
</script>

<template>
  <el-drawer
    :model-value="site !== null"
    size="min(460px, 100%)"
    :title="site ? `Correct ${site.callSign} ${site.module}` : ''"
    @update:model-value="site = null"
  >
    <form v-if="site" class="form" @submit.prevent="save">
      <p class="soft">
        {{ site.listName }} keeps its own value; yours stands above it, also when a newer version of the list is
        imported.
      </p>
      <label
        >What is wrong
        <el-select :persistent="false" v-model="field" aria-label="What is wrong"
          ><el-option v-for="one in CORRECTABLE" :key="one" :value="one" :label="CORRECTIONS[one].title" /></el-select
      ></label>
      <p>
        Now: <span class="mono">{{ present || 'nothing' }}</span>
      </p>
      <label
        >Should be
        <input
          v-model="text"
          class="plain-input mono"
          :aria-invalid="problem !== ''"
          aria-describedby="correction-problem"
      /></label>
      <p v-if="problem" id="correction-problem" role="alert" class="is-broken">{{ problem }}</p>
      <label
        >Why <input v-model="why" class="plain-input" maxlength="200" placeholder="heard it, asked the keeper …"
      /></label>
      <div v-if="site.corrections.length">
        <h3>Corrected so far</h3>
        <ul>
          <li v-for="one in site.corrections" :key="one.field">
            {{ CORRECTIONS[one.field].title }}: <span class="mono">{{ one.text || 'nothing' }}</span>, the list says
            <span class="mono">{{ one.was || 'nothing' }}</span><span class="soft">
              · {{ [one.who, one.why, one.madeAt.slice(0, 10)].filter(Boolean).join(' · ') }}</span
            >
            <el-button link @click="takeBack(one)">Take back</el-button>
          </li>
        </ul>
      </div>
    </form>
    <template #footer>
      <el-button @click="site = null">Close</el-button>
      <el-button type="primary" data-testid="save-correction" @click="save">Correct it</el-button>
    </template>
  </el-drawer>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
}

label {
  display: grid;
  gap: 2px;
}

h3 {
  margin: 6px 0 0;
  font-size: 13px;
}

ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
