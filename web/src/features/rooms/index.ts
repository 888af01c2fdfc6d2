export { default as RoomsView } from './RoomsView.vue';
