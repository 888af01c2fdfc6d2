import { profilePatches } from '../plan/profiles';
import { signed } from '../settings/words';
import { defineCheck } from './check';
import { eachProfile } from './walk';

export const offsetDiffersFromLabel = defineCheck({
  id: 'offset-differs-from-label',
  severity: 'doubtful',
  title: 'No offset set though the label says one',
  docs: {
    summary: 'The label of a hotspot says how far its oscillator is off, and no offset is set.',
    why: 'It is that much beside its frequency: voices break up, and some radios are not heard at all.',
    remedy: 'Set the offset, then watch the bit error rate and move in small steps. A factory reset loses it.',
    source: { kind: 'common practice', name: 'the label says the offset; a factory reset loses it' },
  },
  messages: { unset: 'The label of {site} says {expects} Hz, and no offset is set.' },
  fixes: { set: 'Set both offsets to {expects} Hz' },
  check(index, report) {
    eachProfile(index.plan, (site, { rxOffsetHz, txOffsetHz }, at) => {
      const { labelOffsetHz: label } = site;
      // What is set otherwise was tuned by ear or meter: it may be right.
      if (label === null || label === 0 || (rxOffsetHz ?? 0) !== 0 || (txOffsetHz ?? 0) !== 0) return;
      const data = { expects: signed(label) };
      report({
        message: 'unset',
        data: { site: site.name, ...data },
        pointer: at('rxOffsetHz'),
        subject: { siteId: site.id },
        fixes: [
          {
            id: 'set',
            data,
            patches: profilePatches(index.plan, site.id, (of) => {
              of.rxOffsetHz = label;
              of.txOffsetHz = label;
            }),
          },
        ],
      });
    });
  },
});
