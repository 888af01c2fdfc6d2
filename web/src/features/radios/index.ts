export { default as RadiosView } from './RadiosView.vue';
