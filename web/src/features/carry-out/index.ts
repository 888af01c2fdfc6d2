export { default as CarryOutView } from './CarryOutView.vue';
