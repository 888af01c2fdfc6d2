<script setup lang="ts">
import { CHECKS } from '@relay/core/registries/checks';
</script>

<template>
  <h1>What is checked</h1>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">Check</th>
        <th scope="col">Weight</th>
        <th scope="col">What it finds</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="check in CHECKS" :key="check.id">
        <td>
          <router-link :to="{ name: 'help-check', params: { checkId: check.id } }">{{ check.title }}</router-link>
        </td>
        <td :class="`is-${check.severity}`">{{ check.severity }}</td>
        <td>{{ check.docs.summary }}</td>
      </tr>
    </tbody>
  </table>
</template>
