export { default as ChannelPanel } from './ChannelPanel.vue';
export { default as NetworkForm } from './RoomNetworkForm.vue';
export { default as RadioFields } from './RadioFields.vue';
export { default as SiteFields } from './SiteFields.vue';
export { default as StartFields } from './StartRoom.vue';
