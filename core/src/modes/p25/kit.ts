/** P25 in the files of other people's programs. */
import type { ModeKit } from '../../kits/kit-field';
import { GROUP_ALL } from '../../plan/modes/p25/limits';

export const kit: ModeKit = {
  called: /\bp-? ?25\b/,
  shownBy: ['nac', 'nac-rx', 'p25-group'],
  fields: [
    {
      id: 'nac',
      title: 'NAC sent',
      reads: { as: 'hex' },
      heading: /\bnac\b|network access|zugangscode|code d acces|codigo de acceso/,
      never: /\b(rx|receive|heard|empf\w*|reception|recep\w*|ricez\w*)\b/,
      telling: 0.3,
    },
    {
      id: 'nac-rx',
      title: 'NAC heard',
      reads: { as: 'hex' },
      heading:
        /\b(rx|receive|heard|empf\w*|reception|recep\w*|ricez\w*)\b.*\bnac\b|\bnac\b.*\b(rx|receive|heard|empf\w*|reception|recep\w*|ricez\w*)\b/,
      telling: 0.2,
    },
    {
      id: 'p25-group',
      title: 'Talk group (P25)',
      reads: { as: 'whole', low: 0, high: GROUP_ALL },
      heading:
        /p-? ?25 ?(tg|talk ?group|group|gruppe|groupe|grupo)|(tg|talk ?group|sprechgruppe|groupe|grupo) ?p-? ?25/,
      loose: /talk ?group|^tg( ?id)?$|sprechgruppe|\btgid\b/,
      telling: 0.2,
    },
  ],
  ofSite: ['nac', 'nac-rx'],
  links: [],
  roles: [],
};
