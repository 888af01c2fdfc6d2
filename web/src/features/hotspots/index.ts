export { default as HotspotsView } from './HotspotsView.vue';
