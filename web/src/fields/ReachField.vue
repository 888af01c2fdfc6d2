<script setup lang="ts">
/** Which networks of a mode a site reaches: none ticked means that it was not said. */
import FieldRow from './FieldRow.vue';

const props = defineProps<{
  label: string;
  networks: readonly { id: string; name: string }[];
  reached: readonly string[];
}>();
const emit = defineEmits<{ change: [networkIds: string[]] }>();

function tick(id: string, on: boolean): void {
  emit(
    'change',
    props.networks.map((one) => one.id).filter((other) => (other === id ? on : props.reached.includes(other))),
  );
}
</script>

<template>
  <FieldRow :label="label">
    <el-checkbox
      v-for="network in networks"
      :key="network.id"
      :model-value="reached.includes(network.id)"
      @update:model-value="tick(network.id, $event === true)"
      >{{ network.name }}</el-checkbox
    >
    <span v-if="networks.length === 0" class="soft">No such network in the plan yet.</span>
    <span v-else-if="reached.length === 0" class="soft">Not said.</span>
  </FieldRow>
</template>
