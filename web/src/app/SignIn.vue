<script setup lang="ts">
/** Asked when the server says that it wants its password: over whatever is open, so that nothing typed is lost. */
import { onMounted, ref, useTemplateRef } from 'vue';
import { api, ApiProblem, SignInNeeded } from '../sync/api';

const open = ref(false);
const password = ref('');
const failure = ref('');
const busy = ref(false);
const field = useTemplateRef('field');

async function signIn(): Promise<void> {
  busy.value = true;
  failure.value = '';
  try {
    await api.signIn(password.value);
    // Everything that was asked in vain is asked again.
    location.reload();
  } catch (error) {
    failure.value =
      error instanceof SignInNeeded
        ? 'This is not the password.'
        : error instanceof ApiProblem
          ? error.message
          : 'The server does not answer: try again in a moment.';
  } finally {
    busy.value = false;
  }
}

onMounted(() => (open.value = true));
</script>

<template>
  <el-dialog
    v-model="open"
    title="This server asks for its password"
    width="min(420px, 92vw)"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
    :show-close="false"
    @opened="field?.focus()"
  >
    <form class="sign-in" @submit.prevent="signIn">
      <label for="shared-password">Password</label>
      <input
        id="shared-password"
        ref="field"
        v-model="password"
        class="plain-input"
        type="password"
        autocomplete="current-password"
        required
      />
      <p v-if="failure" class="is-broken" role="alert">{{ failure }}</p>
      <p class="soft">
        Whoever runs this server knows it. What you typed and is not saved yet is kept in this browser.
      </p>
      <el-button type="primary" native-type="submit" :loading="busy">Sign in</el-button>
    </form>
  </el-dialog>
</template>

<style scoped>
.sign-in {
  display: grid;
  gap: 8px;
}

.sign-in p {
  margin: 0;
}
</style>
