export { default as NetworksView } from './NetworksView.vue';
