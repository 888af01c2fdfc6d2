/** What a hotspot is set to for P25. */
import type { ModeSheet } from '../../formats/mode-sheet';
import { networkName } from '../../plan/networks';
import { nacText, nacWords } from './addresses';

export const sheet: ModeSheet = (plan, site, profile) => {
  const { nac, networkIds } = site.p25!;
  const { startGroup } = profile.p25;
  const networks = networkIds.map((id) => networkName(plan, id));
  const start = startGroup === null ? 'linked to nothing' : `linked to group ${startGroup}`;
  return {
    values: { nac: nac === null ? null : nacText(nac), networks, startGroup },
    lines: [
      {
        label: 'P25',
        text: `NAC ${nacWords(nac)} hex, groups of ${networks.join(' and ') || 'no network'}; at start ${start}`,
      },
    ],
  };
};
