export { default as AgreementView } from './AgreementView.vue';
