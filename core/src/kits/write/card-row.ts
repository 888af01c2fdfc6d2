/** What a list of sites on a card says of a site. */
import type { ListedSite } from '../../lists/types';

/** A site, by the fields of a list of sites. */
export interface CardRow {
  name: string;
  texts: Readonly<Record<string, string>>;
}

const CALL_LENGTH = 7;

/** A call sign with its module where radios look for it: in the eighth place. */
const withLetter = (callSign: string, letter: string) =>
  `${callSign.slice(0, CALL_LENGTH).padEnd(CALL_LENGTH)}${letter}`;
const degrees = (value: number) => String(Math.round(value * 1e6));

/** What a list of sites says of a site. `modeId`: as which of its modes. */
export function cardRow(site: ListedSite, modeId: string, list: string): CardRow {
  const { callSign, module, name, place, country, txHz, rxHz, lat, lon, tone } = site;
  const shift = (rxHz ?? txHz) - txHz;
  return {
    name: name || place || callSign,
    texts: {
      place,
      ...(country === '' ? {} : { country }),
      group: list,
      call: module === '' ? callSign : withLetter(callSign, module),
      gateway: withLetter(callSign, 'G'),
      mode: modeId,
      rx: String(txHz),
      tx: String(rxHz ?? txHz),
      shift: String(Math.abs(shift)),
      direction: shift > 0 ? '+' : shift < 0 ? '-' : '0',
      ...(tone === null ? {} : { 'tone-tx': tone }),
      ...(lat === null || lon === null ? {} : { lat: degrees(lat), lon: degrees(lon) }),
    },
  };
}
