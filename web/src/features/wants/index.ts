export { default as WantsView } from './WantsView.vue';
