/** What a hotspot is set to for D-STAR. */
import type { ModeSheet } from '../../formats/mode-sheet';
import { reflectorWords } from './links';

export const sheet: ModeSheet = (_plan, site, profile) => {
  const { callSign, module } = site.dstar!;
  const { automatic } = profile.dstar;
  const startLink = profile.dstar.startLink && reflectorWords(profile.dstar.startLink);
  const start = startLink ? `linked to ${startLink}, ${automatic ? 'automatic' : 'manual'}` : 'linked to nothing';
  return {
    values: { callSign, module, startLink, automatic },
    lines: [{ label: 'D-STAR', text: `${callSign}, module ${module}; at start ${start}` }],
  };
};
