import { describe, expect, it } from 'vitest';
import { profileOf } from '@relay/core/testing/profile-of';
import { samplePlan } from '@relay/core/testing/sample-plan';
import { readPlace } from '../../fields/field';
import { ageDays, distanceText, homeOf, placeWords } from './place';

describe('a place that was typed', () => {
  it.each([
    ['46.71, -33.42', { lat: 46.71, lon: -33.42 }],
    ['46.71 -33.42', { lat: 46.71, lon: -33.42 }],
    ['46,71; -33,42', { lat: 46.71, lon: -33.42 }],
  ])('%s', (text, position) => expect(readPlace(text)).toEqual(position));

  it('may be a locator, and nothing else', () => {
    expect(readPlace('HN36gr')!.lat).toBeCloseTo(46.729_166_7, 6);
    for (const text of ['', 'Hask', '95, 0', 'ZZ99']) expect(readPlace(text)).toBeNull();
  });
});

it('home is where the station is, else the first hotspot with a position', () => {
  expect(
    homeOf(
      samplePlan((plan) => {
        plan.station.position = { lat: 46.7, lon: -33.4 };
        profileOf(plan, 's1').location = { lat: 46.71, lon: -33.42, publish: true };
      }),
    ),
  ).toEqual({ lat: 46.7, lon: -33.4 });
  expect(homeOf(samplePlan())).toBeNull();
  expect(
    homeOf(samplePlan((plan) => void (profileOf(plan, 's1').location = { lat: 46.71, lon: -33.42, publish: true }))),
  ).toEqual({ lat: 46.71, lon: -33.42 });
});

it('distances, places and ages read as people write them', () => {
  expect([distanceText(12_345, 'km'), distanceText(1609.344, 'mi')]).toEqual(['12.3', '1.0']);
  expect(placeWords({ lat: 46.71, lon: -33.42 })).toBe('46.71, -33.42 · HN36gr');
  expect(ageDays('2026-08-25', Date.parse('2026-11-23T12:00:00Z'))).toBe(90);
});
