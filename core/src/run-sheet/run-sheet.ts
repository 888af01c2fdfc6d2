/** The ordered steps to carry a plan out. The order is common practice: identity, back-up, radio, one network, test, the next network, test. */
import { reprogramming } from '../compare/written';
import { formatId } from '../modes/dmr/addresses';
import { needsDmrId } from '../modes/dmr/networks';
import { MODES } from '../modes/registry';
import type { PlanIndex } from '../path/types';
import { hotspotsOf, repeatersOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { Plan } from '../plan/types';
import { formatMHz } from '../radio-math/quantities';
import type { Step } from './step';

/** `12 channels, 12 contacts and 1 receive list`; what there is none of is left out. */
function listed(counts: readonly [number, string][]): string {
  const words = counts.filter(([count]) => count > 0).map(([count, what]) => `${count} ${what}${count === 1 ? '' : 's'}`);
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

function hotspotSteps(plan: Plan): Step[] {
  return hotspotsOf(plan).map((site) => ({
    id: `hotspot-${site.id}`,
    title: `Set up hotspot ${site.name}`,
    todo: [
      'Save a copy of its present settings or its card first.',
      'Change the default password of its settings page; keep the page off the open internet.',
      `Set receive and transmit to ${formatMHz(site.rxHz)} MHz. Transmit only where your licence and your national rules allow.`,
      ...Object.values(MODES).flatMap((mode) => mode.runSheet.hotspot(plan, site)),
      'Apply the settings section by section; give it about 70 s to start again.',
    ],
    proof: 'Its settings page shows the frequency and the mode you set.',
  }));
}

function radioSteps(index: PlanIndex): Step[] {
  const { plan } = index;
  return rows(plan.radios).flatMap((radio): Step[] => {
    const codeplug = plan.codeplugs[radio.id]!;
    if (codeplug.channels.order.length === 0) return [];
    const changes = reprogramming(index, radio.id);
    const written = plan.written[radio.id];
    const enter = written
      ? changes
        ? `Enter what changed since it was last written: ${listed([[changes.channels.length, 'channel'], [changes.contacts.length, 'contact'], [changes.receiveLists.length, 'receive list'], [changes.zones.length, 'zone'], [changes.rooms.length, 'room']])}; the list says which.`
        : 'Nothing: it holds what is planned.'
      : `Enter ${listed([[codeplug.contacts.order.length, 'contact'], [codeplug.receiveLists.order.length, 'receive list'], [codeplug.channels.order.length, 'channel'], [codeplug.zones.order.length, 'zone'], [codeplug.rooms.order.length, 'room']])} from its table.`;
    return [
      {
        id: `radio-${radio.id}`,
        title: `Write ${radio.name}`,
        todo: ['Read the radio and keep the file: it is the way back.', ...Object.values(MODES).flatMap((mode) => mode.runSheet.radio(plan, radio)), enter],
        proof: 'Reading it back gives the same table. Then mark it as written here.',
      },
    ];
  });
}

/** Repeaters are shared, so they come last, when the radio is known to work. */
function repeaterSteps({ plan, paths }: PlanIndex): Step[] {
  const used = new Set(paths().map(({ context }) => context.site?.id));
  const names = repeatersOf(plan).filter((site) => used.has(site.id)).map((site) => site.name);
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
      proof: 'The repeater answers with its carrier or a station answers you; a low tone or an error means that it does not hear you.',
    },
  ];
}

export function runSheet(index: PlanIndex): Step[] {
  const { plan } = index;
  const { callSign, dmrId } = plan.station;
  return [
    {
      id: 'identity',
      title: 'Your identity',
      todo: [needsDmrId(plan) || dmrId !== null ? `Call sign ${callSign || 'not entered yet'}, DMR ID ${dmrId === null ? 'not entered yet' : formatId(dmrId)}: compare both with your licence and your registration.` : `Call sign ${callSign || 'not entered yet'}: compare it with your licence.`],
      proof: 'It is the same, character by character.',
    },
    ...hotspotSteps(plan),
    ...radioSteps(index),
    ...Object.values(MODES).flatMap((mode) => mode.runSheet.steps(index)),
    ...repeaterSteps(index),
  ];
}
