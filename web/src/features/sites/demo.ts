/** What the demo has in place beside its plans and lists; nothing of it is loaded for anybody else. */
import type { ReadTrip } from './trip';

/** No administration allots call signs that begin with Q, so such a station is the demo's. */
export const isDemoStation = (callSign: string): boolean => callSign.startsWith('Q');

/** The way along the coast of the isles, as the file that the demo brings. */
export async function demoTrip(): Promise<ReadTrip & { name: string }> {
  const [{ default: track }, { readGpx }] = await Promise.all([
    import('../../../../demo/lists/coast-road.gpx?raw'),
    import('./trip'),
  ]);
  return { name: 'coast-road.gpx', ...readGpx(track) };
}
