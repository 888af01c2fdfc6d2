/** Single settings, for Find: each by the label that its field has, and other words people have for it. */
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { hotspotsOf, repeatersOf } from '@relay/core/plan/sites';
import type { ModeId, Plan, Site } from '@relay/core/plan/types';
import type { Action } from './actions';

type Setting = readonly [label: string, words?: string];

const STATION: readonly Setting[] = [
  ['Call sign'],
  ['DMR ID', 'number'],
  ['Further DMR IDs'],
  ['Position', 'locator latitude longitude'],
  ['Region', 'licence band plan itu'],
  ['Name of this plan', 'rename title'],
];

const HOTSPOT: readonly Setting[] = [
  ['Frequency', 'transmit output MHz'],
  ['Node', 'simplex duplex listens on shift receive input offset'],
  ['Output power', 'watts level'],
  ['Receive offset', 'BER tuning ppm label'],
  ['Transmit offset', 'BER tuning ppm label'],
  ['Host name', 'address'],
  ['Hang time, radio side', 'hold stay mode'],
  ['Hang time, network side', 'hold stay mode'],
  ['It speaks announcements', 'voice spoken'],
  ['Time zone'],
  ['Language'],
  ['Its settings page is open to the internet', 'public private security'],
  ['It carries out commands sent by radio', 'remote security'],
  ['Usual distance', 'level power'],
  ['Standby', 'silent'],
  ['Position', 'locator latitude longitude publish privacy'],
  ['The default password was changed', 'security'],
];

const REPEATER: readonly Setting[] = [
  ['Sends on', 'frequency transmit output MHz'],
  ['Shift', 'offset receive input duplex'],
  ['Status', 'on off the air'],
];

/** What a site has of each mode. */
const OF_MODE: { readonly [M in ModeId]: readonly Setting[] } = {
  dmr: [['Color code', 'CC colour']],
  dstar: [
    ['Call sign on the air', 'gateway'],
    ['Module', 'letter port'],
    ['Offset from UTC', 'time zone'],
  ],
  c4fm: [
    ['Takes group ID', 'digital group number'],
    ['Sends group ID', 'digital group number'],
    ['Passes voice', 'narrow wide'],
  ],
  p25: [['NAC', 'network access code']],
  fm: [
    ['Opens on', 'tone CTCSS DCS'],
    ['Sends tone', 'CTCSS DCS'],
  ],
};

const settingsOf = (site: Site): Setting[] => [
  ...(site.kind === 'hotspot' ? HOTSPOT : REPEATER),
  ...MODE_IDS.filter((mode) => site[mode] !== null).flatMap((mode) => OF_MODE[mode]),
];

export function settingActions(plan: Plan): Action[] {
  const actions = (id: string, detail: string, to: Action['to'], settings: readonly Setting[]): Action[] =>
    settings.map(([label, words = '']) => ({
      id: `${id}-${label}`,
      title: label,
      detail,
      words: `set change ${words}`,
      to: { ...to, query: { ...to.query, field: label } },
    }));
  return [
    ...actions('station', 'Station', { name: 'station' }, STATION),
    ...[...hotspotsOf(plan), ...repeatersOf(plan)].flatMap((site) => {
      const to =
        site.kind === 'hotspot'
          ? { name: 'hotspots', params: { siteId: site.id } }
          : { name: 'sites', query: { view: 'plan', site: site.id } };
      return actions(site.id, site.name, to, settingsOf(site));
    }),
  ];
}
