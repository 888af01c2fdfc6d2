export { default as RadioFilesView } from './RadioFilesView.vue';
