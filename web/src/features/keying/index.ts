export { default as KeyingView } from './KeyingView.vue';
export { default as TeachView } from './TeachView.vue';
