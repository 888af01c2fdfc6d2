import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { Format } from '../formats/format';
import { hotspotFile, hotspotJson } from '../formats/hotspot-json';
import { kitJson } from '../formats/kit-json';
import { planJson } from '../formats/plan-json';
import { radioJson } from '../formats/radio-json';
import { groupsCsv } from '../modes/dmr/formats/groups-csv';
import { dmrNetwork } from '../modes/dmr/networks';
import { siteListCsv } from '../modes/dstar/formats/site-list-csv';
import { siteListOf } from '../modes/dstar/site-list';
import { MODE_IDS } from '../plan/modes';
import { rows } from '../plan/table';
import { GENERIC_KINDS } from '../radios/kinds';
import { dstarPlan } from '../testing/sample-dstar';
import { samplePlan } from '../testing/sample-plan';
import { codeplugCsv } from './codeplug-csv';
import { FORMATS, sniffFormat } from './formats';
import { MODES } from './modes';

const SRC = join(import.meta.dirname, '..');
const FOLDERS = ['formats', ...MODE_IDS.map((mode) => `modes/${mode}/formats`)];
const plan = samplePlan();
const pilots = dstarPlan(
  (draft) =>
    void (draft.radios.byId['r2']!.dstar!.siteList = { sites: 3, groups: 2, nameLength: 12, nearSearch: true }),
);

/** A file of each format, as the program writes it. */
const WRITTEN: Readonly<Record<string, Uint8Array>> = {
  'plan-json': planJson.write(plan, { passwords: false }),
  'codeplug-csv': codeplugCsv.write(plan.codeplugs['r1']!, undefined),
  'hotspot-json': hotspotJson.write(hotspotFile(plan, 's1', MODES, { passwords: false }), undefined),
  'radio-json': radioJson.write(GENERIC_KINDS[0]!, undefined),
  'kit-json': kitJson.write({ name: 'Kit', files: [], tables: [] }, undefined),
  'groups-csv': groupsCsv.write(rows(dmrNetwork(plan, 'n1')!.groups), undefined),
  'site-list-csv': siteListCsv.write(siteListOf(pilots, pilots.radios.byId['r2']!).rows, undefined),
};
const all = FORMATS as unknown as readonly Format<unknown, unknown>[];

describe('the list of formats', () => {
  it('holds every file that defines one, once', () => {
    const files = FOLDERS.flatMap((folder) => {
      try {
        return readdirSync(join(SRC, folder)).map((name) => join(SRC, folder, name));
      } catch {
        // A mode without formats of its own.
        return [];
      }
    });
    const defining = files.filter(
      (file) => !file.endsWith('.test.ts') && /: Format<[^>]+> (=|\{)/.test(readFileSync(file, 'utf8')),
    );
    const ids = defining.map((file) => /id: '([a-z-]+)'/.exec(readFileSync(file, 'utf8'))![1]);
    expect(all.map((one) => one.id).sort()).toEqual(ids.sort());
    expect(Object.keys(WRITTEN).sort()).toEqual(ids);
  });

  it.each(all.map((format) => [format.id, format] as const))(
    '%s knows its own file among all, and reads it without a complaint',
    (id, format) => {
      expect([format.extensions.length > 0, format.name !== '', format.mediaType.includes('/')]).toEqual([
        true,
        true,
        true,
      ]);
      expect(sniffFormat(WRITTEN[id]!)?.id).toBe(id);
      const { value, findings } = format.read(WRITTEN[id]!);
      expect(findings).toEqual([]);
      expect(value).not.toBeNull();
    },
  );

  it.each(all.map((format) => [format.id, format] as const))(
    '%s refuses what is no such file, with its place, and does not throw',
    (_, format) => {
      for (const text of ['', '{', 'a,b\n1,2', '\u0000\u0001', '[1]']) {
        const bytes = new TextEncoder().encode(text);
        const { value, findings } = format.read(bytes);
        if (value === null) expect(findings.length).toBeGreaterThan(0);
        expect(format.sniff(bytes)).toBeLessThan(0.5);
      }
    },
  );

  it('names no format for a file that is none', () => {
    expect(sniffFormat(new TextEncoder().encode('hello'))).toBeNull();
  });
});
