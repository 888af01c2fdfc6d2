import { defineCheck } from '../../../checks/check';
import { channelsOfSite, set } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import { baseCallSign } from '../../../units/call-signs';
import { withModule } from '../addresses';
import { isDstar } from '../channel';
import { GATEWAY_LETTER } from '../../../plan/modes/dstar/limits';

/** Whether two call signs differ by one letter: another one, one more, or one less. */
function differByOne(a: string, b: string): boolean {
  if (a === b || Math.abs(a.length - b.length) > 1) return false;
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  let at = 0;
  while (at < short.length && short[at] === long[at]) at += 1;
  return short.length === long.length
    ? short.slice(at + 1) === long.slice(at + 1)
    : short.slice(at) === long.slice(at + 1);
}

export const siteCallSignNearMiss = defineCheck({
  id: 'site-call-sign-near-miss',
  severity: 'doubtful',
  title: 'A D-STAR site under another call sign by one letter',
  docs: {
    summary:
      'The D-STAR call sign of a hotspot differs by one letter from the station’s, or that of a repeater from the one it is listed under.',
    why: 'Channels are built from it: RPT1 and RPT2 would name a site that is not there, and nothing answers.',
    remedy: 'Compare with the licence, or with the list; a club’s call sign that happens to be near is kept as it is.',
    source: { kind: 'common practice', name: 'a site answers to its own call sign only' },
  },
  messages: {
    hotspot: '{site} has the D-STAR call sign {has}; the station is {expects}.',
    repeater: '{site} has the D-STAR call sign {has}; it is listed as {expects}.',
  },
  fixes: { set: 'Set {site} and its channels to {expects}' },
  check(index, report) {
    for (const site of rows(index.plan.sites)) {
      if (!site.dstar) continue;
      const { callSign: has, module } = site.dstar;
      const expects = site.kind === 'hotspot' ? baseCallSign(index.plan.station.callSign) : site.listing.callSign;
      if (expects === '' || has === '' || !differByOne(has, expects)) continue;
      const pointer = toPointer(['sites', 'byId', site.id, 'dstar', 'callSign']);
      const renamed = new Map(
        [module, GATEWAY_LETTER].map((letter) => [withModule(has, letter), withModule(expects, letter)]),
      );
      const along = channelsOfSite(index, site.id).flatMap(({ channel, pointer: at }) =>
        isDstar(channel)
          ? (['rpt1', 'rpt2'] as const).flatMap((field) => {
              const fresh = renamed.get(channel.dstar[field]);
              return fresh === undefined ? [] : [set(`${at}/dstar/${field}`, fresh)];
            })
          : [],
      );
      report({
        message: site.kind,
        data: { site: site.name, has, expects },
        pointer,
        subject: { siteId: site.id },
        fixes: [{ id: 'set', patches: [set(pointer, expects), ...along] }],
      });
    }
  },
});
