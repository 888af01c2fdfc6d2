export { default as HotspotsView } from './HotspotsView.vue';
export { default as ProfilesView } from './ProfilesView.vue';
export { default as RecallView } from './RecallView.vue';
export { default as SettingsFileView } from './SettingsFileView.vue';
export { default as SetUpView } from './SetUpView.vue';
