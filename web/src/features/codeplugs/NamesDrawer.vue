<script setup lang="ts">
/** How channels are called: what patterns can say, short forms of one's own, and every name that would change. */
import { computed, ref } from 'vue';
import { TOKENS } from '@relay/core/naming/pattern';
import { putRenamings, renamings } from '@relay/core/naming/rename';
import { nameRules } from '@relay/core/codeplug/room';
import { MODES } from '@relay/core/registries/modes';
import { VirtualRows } from '../../fields';
import { useLeftOut } from '../../fields/left-out';
import { usePlanStore } from '../../sync/plan-store';

const open = defineModel<boolean>({ required: true });
const props = defineProps<{ radioId: string }>();
const store = usePlanStore();
const plan = computed(() => store.plan!);
const radio = computed(() => plan.value.radios.byId[props.radioId]!);
const rules = computed(() => nameRules(plan.value, radio.value));
const all = computed(() => renamings(plan.value, MODES, props.radioId));
const { chosen, isLeft, tick } = useLeftOut(
  () => all.value,
  (one) => one.channelId,
);
const forms = computed(() => Object.entries(plan.value.shortForms).sort(([a], [b]) => a.localeCompare(b)));
const word = ref('');
const short = ref('');
const problem = ref('');

function addForm(): void {
  const key = word.value.trim().toLowerCase();
  const form = short.value.trim();
  problem.value =
    key === '' || /\s/.test(key) || key.length > 40
      ? `Found “${word.value}”, expected one word of at most 40 letters.`
      : form === '' || form.length > 20
        ? `Found “${short.value}”, expected a short form of 1 to 20 letters.`
        : '';
  if (problem.value !== '') return;
  store.edit(`short form of ${key}`, (draft) => void (draft.shortForms[key] = form));
  word.value = short.value = '';
}

function put(): void {
  const taken = chosen.value;
  store.edit(`${taken.length} names`, (draft) => putRenamings(draft, props.radioId, taken));
  store.notice = `${taken.length} ${taken.length === 1 ? 'name' : 'names'} changed.`;
  open.value = false;
}
</script>

<template>
  <el-drawer v-model="open" size="min(560px, 100%)" :title="`Names in ${radio.name}`">
    <div class="parts">
      <p>
        A zone can have a pattern, such as <code>{place} {group}</code>. Names fit {{ rules.length }} letters<template
          v-if="rules.shown < rules.length"
          >, differ within the {{ rules.shown }} that are seen</template
        ><template v-if="rules.letters && rules.letters !== 'any'"
          >, in {{ rules.letters === 'capitals' ? 'capitals' : 'letters without accents' }}</template
        >; numbers and call signs are never cut.
      </p>
      <dl class="tokens">
        <template v-for="(words, token) in TOKENS" :key="token">
          <dt class="mono">{{ '{' + token + '}' }}</dt>
          <dd>{{ words }}</dd>
        </template>
      </dl>
      <section aria-labelledby="short-forms">
        <h3 id="short-forms">Short forms of your own</h3>
        <ul v-if="forms.length" class="forms">
          <li v-for="[key, form] in forms" :key="key">
            {{ key }} → <b>{{ form }}</b>
            <el-button
              link
              :aria-label="`Forget the short form of ${key}`"
              @click="store.edit(`forget the short form of ${key}`, (draft) => delete draft.shortForms[key])"
              >Forget</el-button
            >
          </li>
        </ul>
        <form class="new" @submit.prevent="addForm">
          <input v-model="word" class="plain-input" aria-label="Word" placeholder="harbourmaster" />
          <input v-model="short" class="plain-input" aria-label="Its short form" placeholder="HbrM" />
          <el-button native-type="submit">Add</el-button>
        </form>
        <p v-if="problem" role="alert" class="is-broken">{{ problem }}</p>
      </section>
      <p v-if="all.length === 0" role="status" data-testid="no-renaming">
        Every name is as its zone says, fits, and differs from the others.
      </p>
      <table v-else class="plain" data-testid="renamings">
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">Take</span></th>
            <th scope="col">From</th>
            <th scope="col">To</th>
          </tr>
        </thead>
        <VirtualRows v-slot="{ row, at }" :rows="all" :key-of="(one) => one.channelId" :height="32">
          <tr :data-index="at">
            <td>
              <input
                type="checkbox"
                :checked="!isLeft(row.channelId)"
                :aria-label="`Rename ${row.from} to ${row.to}`"
                @change="tick(row.channelId, $event)"
              />
            </td>
            <td>{{ row.from }}</td>
            <td>{{ row.to }}</td>
          </tr>
        </VirtualRows>
      </table>
    </div>
    <template #footer>
      <el-button @click="open = false">Leave them</el-button>
      <el-button type="primary" :disabled="chosen.length === 0" data-testid="put-names" @click="put"
        >Change {{ chosen.length }} {{ chosen.length === 1 ? 'name' : 'names' }}</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 12px;
}

.tokens {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  margin: 0;
}

dd {
  margin: 0;
  color: var(--ink-soft);
}

h3 {
  margin: 0 0 4px;
  font-size: 13px;
}

.forms {
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}

.new {
  display: flex;
  gap: 6px;
}

.new input {
  width: 160px;
}
</style>
