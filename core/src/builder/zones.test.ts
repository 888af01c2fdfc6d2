import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { newRepeater, NO_LISTING } from '../plan/create';
import { edit } from '../plan/edit';
import { putRow, rows } from '../plan/table';
import type { Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { propose, buildZones } from '../registries/builder';
import { type ZoneReport } from './zones';

function zoned(plan: Plan, siteIds: string[], name = 'Trip'): { plan: Plan; report: ZoneReport } {
  let report: ZoneReport | null = null;
  const next = edit(plan, (draft) => void (report = buildZones(draft, { radioId: 'r1', siteIds, name }))).plan;
  return { plan: next, report: report! };
}

const channelsOf = (plan: Plan) => rows(plan.codeplugs['r1']!.channels);

describe('a zone from sites', () => {
  const bare = () =>
    sitesPlan((plan) => {
      plan.wants.order
        .filter((id) => !id.startsWith('w-g') && id !== 'w-echo')
        .forEach((id) => {
          delete plan.wants.byId[id];
          plan.wants.order.splice(plan.wants.order.indexOf(id), 1);
        });
      plan.codeplugs['r1']!.channels.order.filter((id) => /head|mast|fm/.test(id)).forEach((id) => {
        delete plan.codeplugs['r1']!.channels.byId[id];
        plan.codeplugs['r1']!.channels.order.splice(plan.codeplugs['r1']!.channels.order.indexOf(id), 1);
      });
    });

  it('has a channel for each group on its slot and one for FM, all whole', () => {
    const { plan, report } = zoned(bare(), ['rp1', 'rp3']);
    expect(report).toEqual({ added: 4, reused: 0, zones: ['Trip'], skipped: [] });
    const made = channelsOf(plan).slice(4);
    expect(
      made.map((channel) => [
        channel.mode,
        channel.mode === 'dmr'
          ? `${channel.dmr.call.number}/${channel.dmr.slot}`
          : channel.mode === 'fm' && channel.fm.toneTx,
      ]),
    ).toEqual([
      ['dmr', '417/1'],
      ['dmr', '588/2'],
      ['dmr', '591/2'],
      ['fm', '110.9'],
    ]);
    expect(agreementOf(plan)).toMatchObject({ tally: { whole: 8 }, findings: [] });
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
    // No want stands behind them, and building leaves them alone.
    expect(propose(plan)).toEqual([]);
  });

  it('uses the channels that are there', () => {
    const { plan, report } = zoned(sitesPlan(), ['rp1', 'rp2', 'rp3']);
    expect(report).toEqual({ added: 1, reused: 4, zones: ['Trip'], skipped: [] });
    expect(zoned(plan, ['rp1', 'rp2', 'rp3'], 'Again').report).toMatchObject({ added: 0, reused: 5, zones: ['Again'] });
  });

  it('says what got no channel, and why', () => {
    const plan = edit(bare(), (draft) => {
      repeaterOf(draft, 'rp1').dmr!.carries!.groups.push({ slot: 1, number: 599, static: true });
      repeaterOf(draft, 'rp2').dmr!.carries!.networkId = null;
      draft.radios.byId['r1']!.fm = null;
    }).plan;
    const { report } = zoned(plan, ['rp1', 'rp2', 'rp3', 'gone']);
    expect(report.skipped).toEqual([
      { name: 'Hask Head', why: 'group 599 is not in the directory of Lantern' },
      { name: 'Port Ellery', why: 'Handheld has no FM' },
    ]);
  });

  // The value: 500 sites, 250 zones of 64 channels, names of 16 letters.
  it('takes 500 sites into 250 zones of 64 channels with names of 16 letters, none twice', () => {
    const plan = edit(bare(), (draft) => {
      Object.assign(draft.radios.byId['r1']!.limits, { zones: 250, channelsPerZone: 64, nameLength: 16 });
      for (let n = 0; n < 500; n += 1) {
        const site = newRepeater(
          `x${n}`,
          ['North Cape Lighthouse', 'Merrin Mountain Upper Station', 'Sand Bar'][n % 3]!,
          438_000_000 + (n % 300) * 6250,
          430_400_000 + (n % 300) * 6250,
          NO_LISTING,
        );
        if (n % 2 === 0)
          site.dmr = {
            colorCode: n % 16,
            carries: {
              networkId: 'n1',
              groups: [
                { slot: 1, number: 417, static: true },
                { slot: 2, number: 588, static: true },
              ],
              takesOthers: false,
            },
          };
        else site.fm = { toneIn: '88.5', toneOut: null, widthHz: 12_500 };
        putRow(draft.sites, site);
      }
    }).plan;
    const { plan: next, report } = zoned(
      plan,
      plan.sites.order.filter((id) => id.startsWith('x')),
      'All of the Ostrey Isles',
    );
    expect(report).toMatchObject({ added: 750, reused: 0, skipped: [] });
    const { channels, zones } = next.codeplugs['r1']!;
    for (const names of [rows(channels).map((one) => one.name), rows(zones).map((one) => one.name)]) {
      expect(new Set(names).size).toBe(names.length);
      expect(Math.max(...names.map((name) => name.length))).toBeLessThanOrEqual(16);
    }
    expect(report.zones).toHaveLength(Math.ceil(750 / 64));
    expect(Math.max(...rows(zones).map((zone) => zone.channelIds.length))).toBe(64);
    expect(agreementOf(next).tally).toEqual({ whole: 754, doubtful: 0, broken: 0 });
  });

  it('stops where the radio is full, and says so', () => {
    const full = (limits: object) =>
      zoned(edit(bare(), (draft) => void Object.assign(draft.radios.byId['r1']!.limits, limits)).plan, ['rp1', 'rp3'])
        .report;
    expect(full({ channels: 6 })).toMatchObject({
      added: 2,
      skipped: [{ why: 'Handheld holds 6 channels, and they are full' }, { name: 'Port Ellery' }],
    });
    const zones = bare().codeplugs['r1']!.zones.order.length + 1;
    expect(full({ zones, channelsPerZone: 2 })).toMatchObject({
      added: 2,
      zones: ['Trip'],
      skipped: [{ why: `Handheld holds ${zones} zones, and they are full` }, {}],
    });
  });
});
