/** What a radio, a site or a network has of D-STAR before anything was said of it. */
import { bandNameOf } from '../../../units/bands';
import { baseCallSign } from '../../../units/call-signs';
import type { ModeBlanks } from '../../mode-data';
import { networksOf } from '../../networks';
import { emptyTable } from '../../table';
import type { Plan } from '../../types';
import { MODULE_BY_BAND } from './limits';

/** The letter that the band of a frequency (Hz) asks for; `null` where no letter is usual. Common practice. */
export function moduleOfBand(freqHz: number): string | null {
  const band = bandNameOf(freqHz);
  return (band !== null && MODULE_BY_BAND[band]) || null;
}

/** Three letters that no family of the plan has yet, to be changed to the right ones. */
function freeLetters(plan: Plan): string {
  const taken = new Set(networksOf(plan, 'dstar').map((one) => one.letters));
  return [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((last) => `FA${last}`).find((one) => !taken.has(one)) ?? 'FAM';
}

export const blanks: ModeBlanks<'dstar'> = {
  radio: ({ callSign }) => ({ my: baseCallSign(callSign), suffix: '', siteList: null }),
  /** A hotspot commonly reaches every family; of a repeater nobody has said. */
  site(plan, site) {
    const callSign = site.kind === 'repeater' ? site.listing.callSign : baseCallSign(plan.station.callSign);
    const module = site.kind === 'repeater' ? site.listing.module : (moduleOfBand(site.rxHz) ?? 'B');
    return { callSign, module, families: site.kind === 'repeater' ? [] : null, cable: false, utcOffsetMin: null };
  },
  profile: () => ({ startLink: null, automatic: false }),
  codeplug: () => ({}),
  shared: () => ({}),
  network: (id, name, plan) => ({ id, name, mode: 'dstar', letters: freeLetters(plan), reflectors: emptyTable() }),
};
