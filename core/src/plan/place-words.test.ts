import { expect, it } from 'vitest';
import { samplePlan } from '../testing/sample-plan';
import { placeWords } from './place-words';

const plan = samplePlan();

it.each([
  ['', 'the whole file'],
  ['/station', 'station'],
  ['/station/callSign', 'station: call sign'],
  ['/radios/byId/r1/limits/nameLength', 'radio “Handheld”: name length'],
  ['/codeplugs/r1/channels/byId/ch-w-g1/dmr/colorCode', 'codeplug of “Handheld”, channel “Hask Wide”, DMR: color code'],
  ['/codeplugs/r1/channels/byId/ch-w-g1/rxHz', 'codeplug of “Handheld”, channel “Hask Wide”: receive frequency'],
  ['/radios/byId/r1/bands/0/lowHz', 'radio “Handheld”, bands, number 1: low hz'],
  ['/networks/byId/nowhere/name', 'network “nowhere”: name'],
  ['/strange/thing', 'strange: thing'],
])('%s is told as %s', (pointer, words) => expect(placeWords(plan, pointer)).toBe(words));

it('tells of a document that is none', () => {
  expect(placeWords(null, '/radios/byId/r1/name')).toBe('radio “r1”: name');
  expect(placeWords([1], '/0')).toBe('number 1');
});
