export { default as PlansView } from './PlansView.vue';
