export { default as CardView } from './CardView.vue';
