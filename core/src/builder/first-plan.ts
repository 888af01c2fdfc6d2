/**
 * A first plan from a handful of answers: station, radio, site, network, what is wanted, and the codeplug built from
 * it.
 */
import { emptyPlan, newNetwork, newRadio, newRepeater } from '../plan/create';
import { edit } from '../plan/edit';
import { addHotspot } from '../plan/hotspot';
import { MODE_DATA, NETWORK_MODE_IDS } from '../plan/modes';
import { putRow } from '../plan/table';
import type { ModeId, NetworkModeId, Plan } from '../plan/types';
import { isCallSign } from '../units/call-signs';
import { formatMHz, meantMHz, MOST_HZ, parseMHz, parseWhole } from '../units/quantities';
import { carryOut } from './build';
import type { BuildModes } from './mode-build';
import type { FirstAnswers, FirstProblem, FirstQuestion, ModeFirst } from './mode-first';

export interface FirstModes {
  build: BuildModes;
  first: Readonly<Record<ModeId, ModeFirst>>;
}

/** In the order in which they are asked; the mode's own come last. */
export function firstQuestions(modes: FirstModes, mode: ModeId): FirstQuestion[] {
  const first = modes.first[mode];
  return [
    { key: 'callSign', label: 'Your call sign', example: 'QO3VES' },
    ...(first.id ? [{ key: 'id', label: first.id.label, example: '999 2417' }] : []),
    first.through === 'hotspot'
      ? {
          key: 'frequency',
          label: 'Your hotspot’s frequency',
          example: first.exampleMHz,
          hint: 'In MHz. A clear one can be found later; listen first.',
        }
      : { key: 'frequency', label: 'The repeater sends on', example: first.exampleMHz, hint: 'In MHz.' },
    ...first.questions,
  ];
}

const isNetworkMode = (mode: ModeId): mode is NetworkModeId => (NETWORK_MODE_IDS as readonly ModeId[]).includes(mode);

const IDS = { radioId: 'radio', siteId: 'site', networkId: 'network' };

/** @returns the plan, or what is wrong with the answers, question by question */
export function firstPlan(
  modes: FirstModes,
  mode: ModeId,
  answers: FirstAnswers,
): { plan: Plan; problems: [] } | { plan: null; problems: FirstProblem[] } {
  const first = modes.first[mode];
  const problems: FirstProblem[] = [];
  const answer = (key: string) => (answers[key] ?? '').trim();
  for (const { key, label, optional } of firstQuestions(modes, mode))
    if (!optional && answer(key) === '')
      problems.push({ key, problem: `${label}: found nothing, expected an answer.` });
  const wrong = (key: string, problem: string) => {
    if (!problems.some((one) => one.key === key)) problems.push({ key, problem });
  };
  const callSign = answer('callSign').toUpperCase();
  if (!isCallSign(callSign)) wrong('callSign', `Found “${answer('callSign')}”, expected a call sign such as QO3VES.`);
  const id = first.id ? parseWhole(answer('id')) : null;
  if (first.id && (id === null || id < 1 || id > first.id.most))
    wrong('id', `Found “${answer('id')}”, expected the number you were given, such as 999 2417.`);
  const txHz = parseMHz(answer('frequency'));
  if (txHz === null || txHz <= 0 || txHz > MOST_HZ)
    wrong(
      'frequency',
      `Found “${answer('frequency')}”, expected a frequency in MHz, such as ${meantMHz(answer('frequency')) ?? first.exampleMHz}.`,
    );
  if (problems.length > 0) return { plan: null, problems };
  let found: FirstProblem | null = null;
  const { plan } = edit(emptyPlan('My plan'), (draft) => {
    Object.assign(draft.station, { callSign, dmrId: id });
    putRow(draft.radios, newRadio(IDS.radioId, 'Handheld', mode === 'fm' ? ['fm'] : [mode, 'fm'], draft.station));
    if (first.through === 'hotspot' && isNetworkMode(mode))
      addHotspot(draft, IDS.siteId, `${callSign} 01`, txHz!, [mode]);
    else putRow(draft.sites, newRepeater(IDS.siteId, `Repeater ${formatMHz(txHz!)}`, txHz!, txHz!));
    if (isNetworkMode(mode)) {
      putRow(draft.networks, newNetwork(mode, IDS.networkId, MODE_DATA[mode].name, draft));
      MODE_DATA[mode].blanks.networkAdded?.(draft, IDS.networkId);
    }
    const wanted = first.furnish(draft, IDS, answers);
    if ('problem' in wanted) found = wanted;
    else putRow(draft.wants, { id: 'want', destination: wanted, radioId: IDS.radioId, siteId: IDS.siteId });
  });
  if (found) return { plan: null, problems: [found] };
  return { plan: edit(plan, carryOut(modes.build)).plan, problems: [] };
}
