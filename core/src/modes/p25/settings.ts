/** What a hotspot is set to for P25: its access code, and the group that it links to when it starts. */
import { atSite, inProfile } from '../../settings/make';
import type { ModeSettings } from '../../settings/setting';
import { nacText, readNac } from './addresses';

const GROUP_MAX = 65_534;

export const settings: ModeSettings = (of) => {
  const { nac } = of.site.p25!;
  return [
    atSite({
      id: 'p25-nac',
      terms: [['nac']],
      section: 'modes',
      title: 'P25 NAC',
      kind: 'text',
      mayLack: true,
      fits: (text) => readNac(text) !== null,
      expects: 'three hex digits',
      value: nac === null ? null : nacText(nac),
      set: (draft, text: string | null) =>
        void (draft.sites.byId[of.site.id]!.p25!.nac = text === null ? null : readNac(text)),
    }),
    inProfile(of, {
      id: 'p25-start',
      terms: [['p25'], ['group', 'static', 'start']],
      section: 'at start',
      title: 'P25 group',
      kind: 'number',
      range: [1, GROUP_MAX],
      mayLack: true,
      lackWords: 'no group',
      path: ['p25', 'startGroup'],
      get: ({ p25: { startGroup } }) => startGroup,
      set: ({ p25 }, group: number | null) => void (p25.startGroup = group),
    }),
  ];
};
