/** What can be done, for Find: each action by the words people call it, with its place and its key. */
import { modeOf } from '@relay/core/registries/modes';
import { NETWORK_MODE_IDS } from '@relay/core/plan/modes/index';
import { hotspotsOf } from '@relay/core/plan/sites';
import type { Plan } from '@relay/core/plan/types';

export interface Action {
  id: string;
  title: string;
  /** Where it is done. */
  detail: string;
  /** Other words for it. */
  words?: string;
  key?: string;
  to: { name: string; params?: Record<string, string>; query?: Record<string, string> };
}

const COMMON: readonly Action[] = [
  { id: 'radio', title: 'Add a radio', detail: 'Radios', to: { name: 'radios', query: { act: 'add' } } },
  { id: 'hotspot', title: 'Add a hotspot', detail: 'Hotspots', to: { name: 'hotspots', query: { act: 'add' } } },
  {
    id: 'repeater',
    title: 'Enter a repeater by hand',
    detail: 'Sites',
    words: 'add',
    to: { name: 'sites', query: { view: 'plan', act: 'add' } },
  },
  {
    id: 'import',
    title: 'Import a list of repeaters',
    detail: 'Sites',
    words: 'read csv file',
    to: { name: 'sites', query: { act: 'import' } },
  },
  { id: 'map', title: 'Show the map', detail: 'Sites', to: { name: 'sites', query: { map: '1' } } },
  { id: 'trip', title: 'Repeaters along a trip', detail: 'Sites', to: { name: 'sites', query: { view: 'trip' } } },
  { id: 'channel', title: 'Add a channel', detail: 'Codeplugs', to: { name: 'codeplugs', query: { act: 'add' } } },
  {
    id: 'shift',
    title: 'Shift of channels',
    detail: 'Codeplugs',
    words: 'offset duplex transmit set change',
    to: { name: 'codeplugs' },
  },
  { id: 'build', title: 'Build from wants', detail: 'Wants', to: { name: 'wants', query: { build: '1' } } },
  { id: 'card', title: 'Print the pocket card', detail: 'Carry out', words: 'paper', to: { name: 'card' } },
  {
    id: 'sheet',
    title: 'Print the run sheet and settings',
    detail: 'Carry out',
    words: 'paper steps',
    to: { name: 'carry-out' },
  },
  {
    id: 'files',
    title: 'Save files for the radios, or the plan',
    detail: 'Carry out',
    words: 'export csv json download',
    to: { name: 'carry-out' },
  },
  { id: 'rooms', title: 'Find a room', detail: 'Room book', to: { name: 'rooms' } },
  {
    id: 'mend',
    title: 'Mend what does not agree',
    detail: 'Agreement',
    words: 'findings fix',
    key: '.',
    to: { name: 'agreement' },
  },
];

export function actionsOf(plan: Plan): Action[] {
  return [
    ...COMMON,
    ...NETWORK_MODE_IDS.map((mode): Action => ({
      id: `network-${mode}`,
      title: `Add a network of ${modeOf(mode).name}`,
      detail: 'Networks',
      to: { name: 'networks', query: { act: `add-${mode}` } },
    })),
    ...hotspotsOf(plan).flatMap((site): Action[] => [
      {
        id: `r-${site.id}`,
        title: `Routes of ${site.name}`,
        detail: 'Hotspots',
        words: 'rules numbers',
        to: { name: 'routes', params: { siteId: site.id } },
      },
      {
        id: `n-${site.id}`,
        title: `Add a network to ${site.name}`,
        detail: 'Routes',
        to: { name: 'routes', params: { siteId: site.id }, query: { add: 'network' } },
      },
      {
        id: `f-${site.id}`,
        title: `Find a clear frequency for ${site.name}`,
        detail: 'Hotspots',
        words: 'move shift',
        to: { name: 'hotspots', params: { siteId: site.id } },
      },
    ]),
  ];
}
