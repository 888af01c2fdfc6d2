import { expect, it } from 'vitest';
import { bandText, readBand, saysNothing } from './field';

it.each([
  ['430–440', { lowHz: 430e6, highHz: 440e6 }],
  ['430 - 440', { lowHz: 430e6, highHz: 440e6 }],
  ['69,9 to 70.5 MHz', { lowHz: 69.9e6, highHz: 70.5e6 }],
  ['440–430', null],
  ['430', null],
  ['430–440–450', null],
  ['', null],
])('%s is a band, or is none', (text, band) => expect(readBand(text)).toEqual(band));

it('a single frequency is a band only where one is asked for; what is shown is read', () => {
  expect([readBand('433.5–433.5'), readBand('433.5–433.5', true)]).toEqual([null, { lowHz: 433.5e6, highHz: 433.5e6 }]);
  expect(readBand(bandText({ lowHz: 69.9e6, highHz: 70.5e6 }))).toEqual({ lowHz: 69.9e6, highHz: 70.5e6 });
  expect(['', ' Not said ', '0'].map(saysNothing)).toEqual([true, true, false]);
});
