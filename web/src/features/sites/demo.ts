/** What the demo has in place beside its plans and lists; nothing of it is loaded for anybody else. */

/** No administration allots call signs that begin with Q, so such a station is the demo's. */
export const isDemoStation = (callSign: string): boolean => callSign.startsWith('Q');

/** The way along the coast of the isles: the file that the demo brings. */
export async function demoTrack(): Promise<{ name: string; gpx: string }> {
  const { default: gpx } = await import('../../../../demo/lists/coast-road.gpx?raw');
  return { name: 'coast-road.gpx', gpx };
}
