export { default as StationView } from './StationView.vue';
