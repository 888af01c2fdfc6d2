export { default as RehearseView } from './RehearseView.vue';
