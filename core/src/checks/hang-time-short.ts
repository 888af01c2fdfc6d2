import { networkModesOf } from '../path/mode-path';
import { listensFor } from '../plan/carriage';
import { GOOD_HANG_S, hangOf, SHORT_HANG_S } from '../plan/hang';
import { profilePatches } from '../plan/profiles';
import type { Hang } from '../plan/types';
import { defineCheck } from './check';
import { eachProfile } from './walk';

const SIDES: readonly [keyof Hang, string][] = [
  ['radioS', 'radio'],
  ['networkS', 'network'],
];

export const hangTimeShort = defineCheck({
  id: 'hang-time-short',
  severity: 'doubtful',
  title: 'Hang time short for several modes',
  docs: {
    summary: 'A hotspot listens for several modes, and leaves one of them within a few seconds after an over.',
    why: 'The mode changes under you between two overs: another mode’s traffic takes the hotspot, and your answer is lost.',
    remedy: `Set about ${GOOD_HANG_S} s on the radio side and on the network side.`,
    source: { kind: 'common practice', name: '20 s is good; too short, and the mode changes under you' },
  },
  messages: {
    short:
      '{site} leaves {mode} {has} s after an over on the {side} side, and listens for {count} modes; expected about {expects} s.',
  },
  fixes: { longer: 'Set {expects} s' },
  check(index, report) {
    eachProfile(index.plan, (site, profile, at) => {
      const on = networkModesOf(index.modes).filter(({ id }) => site[id] !== null && listensFor(profile, id));
      if (on.length < 2) return;
      const told = new Set<string>();
      for (const { id, name } of on) {
        for (const [key, side] of SIDES) {
          const { seconds, isOwn } = hangOf(profile, id, key);
          // What is common to all modes is told once.
          const place = isOwn ? `${id} ${key}` : key;
          if (seconds === null || seconds >= SHORT_HANG_S || told.has(place)) continue;
          told.add(place);
          const data = {
            site: site.name,
            mode: isOwn ? name : 'a mode',
            has: seconds,
            side,
            count: on.length,
            expects: GOOD_HANG_S,
          };
          report({
            message: 'short',
            data,
            pointer: isOwn ? `${at('modeHang', id)}/${key}` : `${at('hang')}/${key}`,
            subject: { siteId: site.id },
            fixes: [
              {
                id: 'longer',
                patches: profilePatches(index.plan, site.id, (of) => {
                  if (isOwn) of.modeHang[id] = { ...of.modeHang[id]!, [key]: GOOD_HANG_S };
                  else of.hang = { ...of.hang, [key]: GOOD_HANG_S };
                }),
              },
            ],
          });
        }
      }
    });
  },
});
