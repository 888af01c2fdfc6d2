<script setup lang="ts">
import type { ExplainedFinding } from '@relay/core/agreement/agreement';
import { SeeItHappen } from '../../panels';

defineProps<{
  finding: ExplainedFinding;
  current: boolean;
  /** What the press says that mends all findings alike; empty: none. */
  all: string;
}>();
defineEmits<{ choose: []; mend: [at: number]; mendAll: []; path: [] }>();
</script>

<template>
  <div class="slot">
    <article
      class="card"
      :class="[`card--${finding.severity}`, { 'card--current': current }]"
      :aria-current="current"
      :data-check="finding.check"
      @click="$emit('choose')"
    >
      <p>
        <b :class="`is-${finding.severity}`">{{ finding.severity }}</b> {{ finding.what }}
      </p>
      <p class="soft">
        {{ finding.why
        }}<template v-if="finding.source">
          <cite>{{ finding.source.kind === 'published' ? finding.source.name : finding.source.kind }}</cite></template
        >
      </p>
      <p v-if="finding.fixes.length === 0">{{ finding.remedy }}</p>
      <div class="acts">
        <el-button v-for="(label, i) in finding.fixLabels" :key="i" size="small" @click.stop="$emit('mend', i)">{{
          label
        }}</el-button>
        <el-button v-if="all && finding.fixes.length" size="small" @click.stop="$emit('mendAll')">{{ all }}</el-button>
        <el-button size="small" link @click.stop="$emit('path')">Show the path</el-button>
        <router-link :to="{ name: 'help-check', params: { checkId: finding.check } }">Why</router-link>
        <SeeItHappen :check="finding.check" />
      </div>
    </article>
  </div>
</template>

<style scoped>
.slot {
  padding-bottom: 8px;
}

.card {
  display: grid;
  gap: 4px;
  padding: 9px 12px;
  background: var(--raised);
  border: 1px solid var(--hairline);
  border-left: 4px solid var(--hairline);
  border-radius: 3px;
}

.card--broken {
  border-left-color: var(--broken);
}

.card--doubtful {
  border-left: 4px dashed var(--doubtful);
}

.card--current {
  background: var(--yellow-pale);
}

cite {
  margin-left: 4px;
  font-style: normal;
  font-size: 12px;
}

cite::before {
  content: '· ';
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.acts .el-button + .el-button {
  margin-left: 0;
}
</style>
