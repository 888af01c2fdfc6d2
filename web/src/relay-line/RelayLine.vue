<script setup lang="ts">
/**
 * A path as a yellow line through its stations: whole, dashed, or with a gap; the reply under it from right to left.
 */
import { computed } from 'vue';
import type { ExplainedFinding } from '@relay/core/agreement/agreement';
import type { RelayView } from '@relay/core/path/describe';
import { drawing } from './drawing';
import RelayHop from './RelayHop.vue';

const props = defineProps<{
  view: RelayView;
  finding: ExplainedFinding | null;
  /** What the press says that mends all findings alike; empty: none. */
  all: string;
  large?: boolean;
}>();
defineEmits<{ mend: [finding: ExplainedFinding, fix: number]; mendAll: [checkId: string] }>();

/** There is room for a few; the page of the findings has them all. */
const MOST_PRESSES = 2;

const call = computed(() => drawing(props.view.call, props.view.outcome === 'wrong place'));
const reply = computed(() => drawing(props.view.reply));
</script>

<template>
  <div class="relay" :class="{ 'relay--large': large }">
    <div class="head">
      <strong>{{ view.title }}</strong>
      <strong :class="`is-${view.verdict}`" data-testid="relay-verdict">{{ view.words }}</strong>
      <span v-if="finding" class="cause">{{ finding.what }}</span>
      <span v-if="finding" class="acts">
        <el-button
          v-for="(label, i) in finding.fixLabels.slice(0, MOST_PRESSES)"
          :key="i"
          :type="i === 0 ? 'primary' : 'default'"
          @click="$emit('mend', finding, i)"
          >{{ label }}</el-button
        >
        <el-button v-if="all" @click="$emit('mendAll', finding.check)">{{ all }}</el-button>
        <router-link class="why" :to="{ name: 'help-check', params: { checkId: finding.check } }">Why</router-link>
      </span>
    </div>
    <ol class="line" aria-label="Call">
      <RelayHop
        v-for="(hop, i) in view.call.hops"
        :key="hop.id"
        :hop="hop"
        :drawn="call[i]!"
        :bends="call[i]!.astray && !call[i - 1]!.astray"
        :large="large"
      />
    </ol>
    <div class="reply">
      <span class="soft">Reply</span>
      <svg :viewBox="`0 0 ${(reply.length - 1) * 200} 14`" preserveAspectRatio="none" aria-hidden="true">
        <template v-for="(part, i) in [...reply].reverse()" :key="i">
          <line
            v-if="part.before !== 'none'"
            :x1="i * 200"
            :x2="i * 200 + (part.before === 'gap' ? 150 : 200)"
            y1="7"
            y2="7"
            :class="`stroke stroke--${part.before === 'gap' ? 'pale' : part.before}`"
          />
          <path v-if="part.before === 'gap'" :d="`M${i * 200 + 156} 1 l7 4 l-7 4 l7 4`" class="zigzag" />
        </template>
      </svg>
      <span :class="`is-${view.reply.verdict}`">{{ view.reply.words }}</span>
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  min-height: 32px;
}

.cause {
  flex: 1;
  min-width: 200px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-left: auto;
}

.acts .el-button + .el-button {
  margin-left: 0;
}

.why {
  padding: 0 6px;
}

.line {
  display: grid;
  grid-auto-columns: minmax(0, 1fr);
  grid-auto-flow: column;
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}

.reply {
  display: grid;
  grid-template-columns: 44px minmax(120px, 1fr) auto;
  gap: 10px;
  align-items: center;
  margin-top: 4px;
  padding-right: 70px;
}

.reply svg {
  width: 100%;
  height: 14px;
}

.stroke {
  stroke: var(--yellow);
  stroke-width: 3;
}

.stroke--pale {
  stroke: var(--yellow-faint);
}

.stroke--dashed {
  stroke: var(--doubtful);
  stroke-dasharray: 12 8;
}

.zigzag {
  fill: none;
  stroke: var(--broken);
  stroke-width: 2.5;
  vector-effect: non-scaling-stroke;
}

.relay--large .line {
  margin-top: 14px;
}

@media (max-width: 760px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
    grid-auto-flow: row;
  }

  .reply {
    grid-template-columns: 44px minmax(0, 1fr);
    padding-right: 0;
  }

  .reply > :last-child {
    grid-column: 2;
  }
}
</style>
