/** Acts on a draft that several places of the interface and the tests share. */
import type { Site } from './types';

/** A simplex hotspot sends and hears on one frequency, so both move. `hz` is whole Hz above 0. */
export function moveHotspot(site: Site, hz: number): void {
  site.rxHz = hz;
  site.txHz = hz;
}
