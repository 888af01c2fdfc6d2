export { default as SitesView } from './SitesView.vue';
