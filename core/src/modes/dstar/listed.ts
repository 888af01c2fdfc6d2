/** What a list of sites says of D-STAR: the module, and the families of reflectors that are reached. */
import type { ModeListed } from '../../lists/mode-listed';
import type { Plan } from '../../plan/types';
import { families } from './links';

/** Families that a list names, by their letters or by their names in the plan. */
function familiesNamed(plan: Plan, networks: readonly string[]): string[] {
  const named = new Set(networks.map((name) => name.toLowerCase()));
  return families(plan)
    .filter(({ letters, name }) => named.has(letters.toLowerCase()) || named.has(name.toLowerCase()))
    .map(({ letters }) => letters);
}

export const listed: ModeListed<'dstar'> = {
  heading: /^d-?star$/i,
  named: /\bD-?STAR\b/i,
  columns: {},
  asSite: (plan, { callSign, module, networks }) => ({
    callSign: callSign.slice(0, 20),
    module,
    families: familiesNamed(plan, networks),
    cable: false,
    utcOffsetMin: null,
  }),
  refresh: (fresh, there) => ({
    ...fresh,
    module: fresh.module || (there?.module ?? ''),
    families: fresh.families!.length > 0 ? fresh.families : (there?.families ?? []),
    utcOffsetMin: there?.utcOffsetMin ?? null,
  }),
  words: (_plan, block) => ({
    module: block ? block.module || 'not said' : 'no D-STAR',
    reflectors: block ? (block.families?.join(', ') ?? 'every family') || 'not said' : 'no D-STAR',
  }),
};
