export { default as CodeplugsView } from './CodeplugsView.vue';
