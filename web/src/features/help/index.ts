export { default as CheckList } from './CheckList.vue';
export { default as CheckPage } from './CheckPage.vue';
export { default as HelpFrame } from './HelpFrame.vue';
