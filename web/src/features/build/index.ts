import { defineAsyncComponent } from 'vue';

export { default as BuildDrawer } from './BuildDrawer.vue';
export const RulesDrawer = defineAsyncComponent(() => import('./RulesDrawer.vue'));
