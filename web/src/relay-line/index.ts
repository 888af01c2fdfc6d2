export { default as RelayLine } from './RelayLine.vue';
export { default as RelayStrip } from './RelayStrip.vue';
export { stripWords } from './strip-words';
