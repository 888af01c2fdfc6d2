export { default as CompareView } from './CompareView.vue';
