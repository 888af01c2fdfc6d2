export { default as ChannelPanel } from './ChannelPanel.vue';
export { default as NetworkForm } from './FamilyForm.vue';
export { default as RadioFields } from './RadioFields.vue';
export { default as SiteFields } from './SiteFields.vue';
export { default as SiteListFile } from './SiteListFile.vue';
export { default as StartFields } from './StartLink.vue';
