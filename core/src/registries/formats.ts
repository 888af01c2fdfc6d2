/** Every file format that is written and read. A new one is a file with `Format`, and a line here. */
import type { Format } from '../formats/format';
import { hotspotJson } from '../formats/hotspot-json';
import { kitJson } from '../formats/kit-json';
import { planJson } from '../formats/plan-json';
import { radioJson } from '../formats/radio-json';
import { groupsCsv } from '../modes/dmr/formats/groups-csv';
import { siteListCsv } from '../modes/dstar/formats/site-list-csv';
import { codeplugCsv } from './codeplug-csv';

export const FORMATS: readonly Format<never, never>[] = [
  planJson,
  codeplugCsv,
  hotspotJson,
  kitJson,
  radioJson,
  groupsCsv,
  siteListCsv,
] as unknown as readonly Format<never, never>[];

/** The format that the beginning of a file looks most like; `null` when it looks like none. */
export function sniffFormat(bytes: Uint8Array): Format<never, never> | null {
  const scored = FORMATS.map((format) => ({ format, score: format.sniff(bytes) })).sort((a, b) => b.score - a.score);
  return scored[0] && scored[0].score >= 0.5 ? scored[0].format : null;
}
