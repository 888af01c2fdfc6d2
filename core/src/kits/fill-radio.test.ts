import { describe, expect, it } from 'vitest';
import { newRadio } from '../plan/create';
import { typed } from '../testing/kits/typed-kit';
import { fillRadio } from './fill-radio';

/** A program with a fixed number of places, capitals only, and a column for each channel of a zone. */
const CHANNELS = [
  'No.,Name,RX Freq,TX Freq,Color Code,Slot,Power',
  ...Array.from(
    { length: 14 },
    (_, at) => `${at + 1},HASK ${String.fromCharCode(65 + at)}AB,438.${650 + at}00,431.05000,1,1,High`,
  ),
  '15,,,,,,',
  '16,,,,,,',
];
const ZONES = ['No.,Zone Name,Channel 1,Channel 2,Channel 3', '1,HOME,HASK AAB,HASK BAB,HASK CAB', '2,AWAY,HASK DAB,,'];
const text = (lines: readonly string[]) => `${lines.join('\r\n')}\r\n`;

describe('what a kit shows of its radio', () => {
  it('fills in what nobody has said, and leaves what was said', async () => {
    const { kit } = await typed({ 'channels.csv': text(CHANNELS), 'zones.csv': text(ZONES) });
    const radio = newRadio('r', 'Handheld', ['dmr']);
    radio.limits = { ...radio.limits, channels: null, zones: null, channelsPerZone: null, nameLength: 12 };
    expect(fillRadio(radio, kit).sort()).toEqual(['channels', 'channelsPerZone', 'letters']);
    expect(radio.limits).toMatchObject({ channels: 16, channelsPerZone: 3, zones: null, nameLength: 12 });
    expect(radio.letters).toBe('capitals');
    expect(fillRadio(radio, kit)).toEqual([]);
  });
});
