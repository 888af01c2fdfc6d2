export { default as HotspotFrame } from './HotspotFrame.vue';
export { default as NextStep } from './NextStep.vue';
export { default as PathPanel } from './PathPanel.vue';
export { default as PlaceFindings } from './PlaceFindings.vue';
export { default as StepList } from './StepList.vue';
export { default as SeeItHappen } from './SeeItHappen.vue';
