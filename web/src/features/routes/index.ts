export { default as RoutesView } from './RoutesView.vue';
