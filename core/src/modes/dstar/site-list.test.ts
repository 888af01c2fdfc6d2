import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bytesOf, describeReadFinding, textOf } from '../../formats/format';
import { siteListCsv } from './formats/site-list-csv';
import { edit } from '../../plan/edit';
import { newRepeater, NO_LISTING } from '../../plan/create';
import { putRow } from '../../plan/table';
import type { Plan } from '../../plan/types';
import { dstarPlan } from '../../testing/sample-dstar';
import { siteListOf } from './site-list';

const listed = (change: (plan: Plan) => void = () => undefined) =>
  dstarPlan((plan) => {
    plan.radios.byId['r2']!.dstar!.siteList = { sites: 3, groups: 2, nameLength: 12, nearSearch: true };
    change(plan);
  });
const listOf = (plan: Plan) => siteListOf(plan, plan.radios.byId['r2']!);

describe('a site list', () => {
  it('has access in eight characters, the shift by direction and size, duplex with zero shift for a hotspot', () => {
    expect(listOf(listed())).toEqual({
      left: [],
      rows: [
        {
          group: 'Hotspots',
          name: 'Home',
          subName: 'Hask',
          callSign: 'QO3VES B',
          gateway: 'QO3VES G',
          freqHz: 439_125_000,
          direction: 'duplex 0',
          offsetHz: 0,
          position: { lat: 46.71, lon: -33.42 },
          utcOffsetMin: -120,
        },
        {
          group: 'Isles club',
          name: 'Merrin Ridge',
          subName: '',
          callSign: 'QO1MRR B',
          gateway: 'QO1MRR G',
          freqHz: 438_700_000,
          direction: 'duplex -',
          offsetHz: 7_600_000,
          position: { lat: 46.75, lon: -33.36 },
          utcOffsetMin: -120,
        },
      ],
    });
    expect(() => siteListOf(listed(), listed().radios.byId['r1']!)).toThrow('has no site list');
  });

  it('keeps within what the radio holds, and says what it left out; names differ', () => {
    const more = listed((plan) => {
      for (const [id, list] of [
        ['x1', 'Isles club'],
        ['x2', 'Isles club'],
        ['x3', 'Another list'],
      ] as const) {
        const site = newRepeater(id, 'Merrin Ridge North', 439_000_000, 434_000_000, {
          ...NO_LISTING,
          list: { name: list, issuedOn: null },
        });
        site.dstar = {
          callSign: `QO1${id.toUpperCase()}`,
          module: 'B',
          families: null,
          cable: false,
          utcOffsetMin: null,
        };
        putRow(plan.sites, site);
      }
      plan.sites.byId['x2']!.dstar!.cable = true;
    });
    const { rows, left } = listOf(more);
    expect(left).toEqual([{ name: 'Merrin Ridge North', why: 'Pilot holds 2 groups, and they are full' }]);
    expect(rows.map((one) => one.name)).toEqual(['Home', 'Merrin Ridge', 'Mrrn Ridge N']);
    const fewer = edit(more, (plan) => void (plan.radios.byId['r2']!.dstar!.siteList!.sites = 1)).plan;
    expect(listOf(fewer).left).toHaveLength(3);
  });

  it('goes out and comes in the same, whatever is in it', () => {
    const text = fc.string({ maxLength: 20 }).map((one) => one.replace(/[\u0000-\u001f\ud800-\udfff]/g, ''));
    const call = fc.constantFrom('QO3VES B', 'QO1    G', 'QO9ABCDA');
    const row = fc.record({
      group: text,
      name: text,
      subName: text,
      callSign: call,
      gateway: call,
      freqHz: fc.integer({ min: 1, max: 60_000_000 }).map((n) => n * 100),
      direction: fc.constantFrom('duplex -' as const, 'duplex +' as const, 'duplex 0' as const),
      offsetHz: fc.integer({ min: 0, max: 500_000 }).map((n) => n * 100),
      position: fc.option(
        fc.record({
          lat: fc.integer({ min: -9000, max: 9000 }).map((n) => n / 100),
          lon: fc.integer({ min: -18_000, max: 18_000 }).map((n) => n / 100),
        }),
      ),
      utcOffsetMin: fc.option(fc.integer({ min: -840, max: 840 })),
    });
    fc.assert(
      fc.property(fc.array(row, { maxLength: 6 }), (rows) => {
        expect(siteListCsv.read(siteListCsv.write(rows, undefined))).toEqual({ value: rows, findings: [] });
      }),
    );
  });

  it.each([
    [
      'QO3VES B',
      'QO3VESB',
      'Line 2, Call sign: found “QO3VESB”, expected eight characters with the letter in the eighth place.',
    ],
    ['duplex 0', 'simplex', 'Line 2, Direction: found “simplex”, expected duplex -, duplex +, duplex 0.'],
    ['46.71', 'north', 'Line 2, Latitude: found “north”, expected latitude and longitude in degrees, or neither.'],
    [
      '33.42,-2',
      '33.42,noon',
      'Line 2, UTC offset h: found “noon”, expected hours ahead of UTC such as 1 or -3.5, or nothing.',
    ],
    ['Direction', 'Way', 'Line 1, Direction: found “Way”, expected a column headed “Direction” in place 7.'],
  ])('with %s as %s is not read, and says the line', (from, to, message) => {
    const { value, findings } = siteListCsv.read(
      bytesOf(textOf(siteListCsv.write(listOf(listed()).rows, undefined)).replace(from, to)),
    );
    expect(value).toBeNull();
    expect(findings.map(describeReadFinding)).toContain(message);
  });
});
