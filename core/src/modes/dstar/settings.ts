/** What a hotspot is set to for D-STAR: what it is called, and what it links to when it starts. */
import { atSite, inProfile } from '../../settings/make';
import type { ModeSettings } from '../../settings/setting';
import { reflectorWords } from './links';

const REFLECTOR = /^([A-Z]{3}\d{3}) ?([A-Z])$/i;

export const settings: ModeSettings = (of) => {
  const { callSign, module } = of.site.dstar!;
  const ofSite = (key: 'callSign' | 'module', id: string, title: string, value: string, length: number) =>
    atSite({
      terms: key === 'module' ? [['module']] : [['dstar'], ['call'], ['sign']],
      id,
      section: 'modes',
      title,
      kind: 'text',
      length,
      value,
      set: (draft, text: string) => void (draft.sites.byId[of.site.id]!.dstar![key] = text.toUpperCase()),
    });
  return [
    ofSite('callSign', 'dstar-call-sign', 'D-STAR call sign', callSign, 7),
    ofSite('module', 'dstar-module', 'D-STAR module', module, 1),
    inProfile(of, {
      id: 'dstar-start',
      terms: [
        ['reflector', 'link'],
        ['start', 'reflector', 'dstar'],
      ],
      section: 'at start',
      title: 'D-STAR link',
      kind: 'text',
      mayLack: true,
      lackWords: 'nothing',
      fits: (text) => REFLECTOR.test(text),
      expects: 'three letters, three digits and a module, such as ABC001 C',
      path: ['dstar', 'startLink'],
      get: ({ dstar: { startLink } }) => startLink && reflectorWords(startLink),
      set({ dstar }, text: string | null) {
        const [, reflector, letter] = REFLECTOR.exec(text ?? '') ?? [];
        dstar.startLink =
          reflector && letter ? { reflector: reflector.toUpperCase(), module: letter.toUpperCase() } : null;
      },
      words: 'reflector',
    }),
    inProfile(of, {
      id: 'dstar-automatic',
      terms: [
        ['start', 'automatic', 'auto'],
        ['dstar', 'reflector', 'link'],
      ],
      section: 'at start',
      title: 'D-STAR links when it starts',
      kind: 'switch',
      path: ['dstar', 'automatic'],
      get: ({ dstar: { automatic } }) => automatic,
      set: ({ dstar }, on: boolean) => void (dstar.automatic = on),
      hint: 'Off: the link is made when somebody asks for it.',
    }),
  ];
};
