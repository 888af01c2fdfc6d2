import type { Report } from '../../../checks/check';
import {
  channelPointer,
  channelSubject,
  type ContextOf,
  disagreementsIn,
  notesIn,
  radiosIn,
  set,
} from '../../../checks/walk';
import type { FactOf, PlanIndex } from '../../../path/types';
import { fieldText, readCommand } from '../addresses';
import { urFor } from '../links';

/** Calls `visit` for each D-STAR path whose pair does not agree. */
export const eachDisagreement = disagreementsIn('dstar');

/** Calls `visit` for each D-STAR path whose pair agrees and is worth a note. */
export const eachNote = notesIn('dstar');

export type DstarContext = ContextOf<'dstar'>;

/** UR is looked at where a call ends: at the site, its gateway or the network. */
export function eachUr(index: PlanIndex, visit: (context: DstarContext, fact: FactOf<'ur'>) => void): void {
  for (const hop of ['site', 'gateway', 'network'] as const) eachDisagreement(index, 'ur', hop, visit);
}

/** What is wrong with a UR that is not what it should be. */
export function urFault(context: DstarContext, fact: FactOf<'ur'>): 'left' | 'malformed' | 'other' {
  if (fact.state === 'doubtful') return 'left';
  return readCommand(context.channel.dstar.ur).kind === 'malformed' ? 'malformed' : 'other';
}

/** Reports a UR, with the press that sets what is expected where that is known. */
export function reportUr<M extends string>(
  report: Report<M, 'set'>,
  context: DstarContext,
  message: M,
  data: Record<string, string> = {},
): void {
  const expects = urFor(context.index.plan, context.channel.destination);
  const pointer = channelPointer(context, 'dstar', 'ur');
  report({
    message,
    data: { has: fieldText(context.channel.dstar.ur), expects: expects === null ? '' : fieldText(expects), ...data },
    pointer,
    subject: channelSubject(context),
    fixes: expects === null ? [] : [{ id: 'set', patches: [set(pointer, expects)] }],
  });
}

/** Every radio that has D-STAR, with its block and where that stands. */
export const eachDstarRadio = radiosIn('dstar');
