export { default as BuildDrawer } from './BuildDrawer.vue';
