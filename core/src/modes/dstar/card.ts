/** What is sent in UR: links that are wanted, and the commands that every gateway takes. */
import type { ModeCard } from '../../card/mode-card';
import { COMMAND_NAMES } from '../../plan/modes/dstar/limits';
import { rows } from '../../plan/table';
import { fieldText, writeCommand } from './addresses';
import { COMMAND_TITLES, reflectorWords, targetOf } from './links';

export const card: ModeCard = (plan) => {
  const targets = rows(plan.wants).map(({ destination }) => targetOf(plan, destination));
  const wanted = new Set(targets.flatMap((target) => (target ? [reflectorWords(target)] : [])));
  const links = [...wanted].map((name) => ({
    enter: `${name.replace(' ', '')}L`,
    name,
    note: 'links; then back to CQCQCQ to talk',
  }));
  const commands = COMMAND_NAMES.map((command) => ({
    enter: fieldText(writeCommand({ kind: command })),
    name: COMMAND_TITLES[command],
    note: 'in UR, the letter in the eighth place',
  }));
  const out = 'To leave, send seven spaces and U in UR, and wait for “not linked”.';
  return [{ title: 'Reflectors', lines: links.length > 0 ? [...links, ...commands] : [], out }];
};
