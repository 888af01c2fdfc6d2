export { default as NetworkForm } from './P25NetworkForm.vue';
export { default as RadioFields } from './RadioFields.vue';
export { default as SiteFields } from './SiteFields.vue';
export { default as StartFields } from './StartGroup.vue';
