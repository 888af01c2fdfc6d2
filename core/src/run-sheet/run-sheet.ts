/**
 * The ordered steps to carry a plan out. The order is common practice: identity, back-up, radio, one network, test, the
 * next network, test.
 */
import type { CodeplugModes } from '../codeplug/mode-codeplug';
import { reprogramming } from '../compare/written';
import type { PlanIndex } from '../path/types';
import { recordsOf } from '../plan/records';
import { hotspotsOf, repeatersOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { ModeId, Plan, Radio } from '../plan/types';
import { formatMHz } from '../units/quantities';
import type { ModeRunSheet } from './mode-run-sheet';
import type { Step } from './step';

/** The modes as they are handed in. */
export type RunSheetModes = CodeplugModes & Readonly<Record<ModeId, { runSheet: ModeRunSheet }>>;

/** `12 channels, 12 contacts and 1 receive list`; what there is none of is left out. */
function listed(counts: readonly [number, string][]): string {
  const words = counts
    .filter(([count]) => count > 0)
    .map(([count, what]) => `${count} ${what}${count === 1 ? '' : 's'}`);
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

function hotspotSteps({ plan, profile }: PlanIndex, modes: RunSheetModes): Step[] {
  return hotspotsOf(plan).map((site) => ({
    id: `hotspot-${site.id}`,
    title: `Set up hotspot ${site.name}`,
    todo: [
      'Save a copy of its present settings or its card first.',
      'Change the default password of its settings page; keep the page off the open internet.',
      `Set receive and transmit to ${formatMHz(site.rxHz)} MHz. Transmit only where your licence and your national rules allow.`,
      ...Object.values(modes).flatMap((mode) => mode.runSheet.hotspot(plan, site, profile(site.id)!)),
      'Apply the settings section by section; give it about 70 s to start again. A new one: its Set-up sheet goes step by step.',
    ],
    proof: 'Its settings page shows the frequency and the mode you set.',
  }));
}

/** What must be entered into a radio: everything, or what changed since it was last written. */
function entering(index: PlanIndex, modes: RunSheetModes, radioId: string): string {
  const codeplug = index.plan.codeplugs[radioId]!;
  if (!index.plan.written[radioId]) {
    const records = recordsOf(codeplug).map(({ kind, table }): [number, string] => [table.order.length, kind.what]);
    return `Enter ${listed([...records, [codeplug.channels.order.length, 'channel'], [codeplug.zones.order.length, 'zone']])} from its table.`;
  }
  const changes = reprogramming(index, modes, radioId);
  if (!changes) return 'Nothing: it holds what is planned.';
  const records = changes.records.map(({ what, changes: rows }): [number, string] => [rows.length, what]);
  return `Enter what changed since it was last written: ${listed([[changes.channels.length, 'channel'], ...records])}; the list says which.`;
}

const kitOf = (plan: Plan, radio: Radio) => rows(plan.kits).find(({ radioId }) => radioId === radio.id);

/** Where the files of its own program are known, they are what is loaded. */
function fillingFiles(plan: Plan, radio: Radio): string[] {
  const kit = kitOf(plan, radio);
  if (!kit) return [];
  const files = kit.files.map(({ name }) => name.replace(/^.*[/\\]/, '')).join(', ');
  return [
    `Under Radio files fill ${files}, and save the zip.`,
    'Open the new files with the radio’s own program, look at a row you know, and write them to the radio.',
  ];
}

function radioSteps(index: PlanIndex, modes: RunSheetModes): Step[] {
  const { plan } = index;
  return rows(plan.radios).flatMap((radio): Step[] => {
    if (plan.codeplugs[radio.id]!.channels.order.length === 0) return [];
    return [
      {
        id: `radio-${radio.id}`,
        title: `Write ${radio.name}`,
        todo: [
          'Read the radio and keep the file: it is the way back.',
          ...fillingFiles(plan, radio),
          ...Object.values(modes).flatMap((mode) => mode.runSheet.radio(plan, radio)),
          entering(index, modes, radio.id),
        ],
        proof: kitOf(plan, radio)
          ? 'The radio’s files, saved again, compare clean under Radio files: that marks it as written.'
          : 'Reading it back gives the same table. Then mark it as written here.',
      },
    ];
  });
}

/** Repeaters are shared, so they come last, when the radio is known to work. */
function repeaterSteps({ plan, paths }: PlanIndex): Step[] {
  const used = new Set(paths().map(({ context }) => context.site?.id));
  const names = repeatersOf(plan)
    .filter((site) => used.has(site.id))
    .map((site) => site.name);
  if (names.length === 0) return [];
  return [
    {
      id: 'repeaters',
      title: names.length === 1 ? `Try ${names[0]}` : `Try the ${names.length} repeaters, the nearest first`,
      todo: [
        'Listen a minute on each before you transmit; they are shared, and some ask for leave first.',
        'Say your call sign and the group you call, and leave a second or two between overs. A dynamic group is silent until somebody keys it.',
        'Transmit only where your licence allows; do not programme or read a screen while driving.',
      ],
      proof:
        'The repeater answers with its carrier or a station answers you; a low tone or an error means that it does not hear you.',
    },
  ];
}

/** The steps to carry a plan out, in working order; each mode adds its own. */
export function runSheet(index: PlanIndex, modes: RunSheetModes): Step[] {
  const { plan } = index;
  const callSign = `Call sign ${plan.station.callSign || 'not entered yet'}`;
  const others = Object.values(modes)
    .map((mode) => mode.runSheet.identity?.(plan) ?? '')
    .filter(Boolean);
  return [
    {
      id: 'identity',
      title: 'Your identity',
      todo: [
        others.length > 0
          ? `${[callSign, ...others].join(', ')}: compare ${others.length === 1 ? 'both' : 'all'} with your licence and your registration.`
          : `${callSign}: compare it with your licence.`,
      ],
      proof: 'It is the same, character by character.',
    },
    ...hotspotSteps(index, modes),
    ...radioSteps(index, modes),
    ...Object.values(modes).flatMap((mode) => mode.runSheet.steps(index)),
    ...repeaterSteps(index),
  ];
}
