/** The kits of the demo are what their maker makes; the borrowed one is understood without a question. */
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { openTables } from '@relay/core/tables/open';
import { demoKits } from '@relay/core/testing/kits/demo-kits';
import { learnMade } from '@relay/core/testing/kits/measure';
import { borrowedKit } from './borrowed';

const folder = fileURLToPath(new URL('layouts/', import.meta.url));

describe('demo/layouts', async () => {
  const made = [
    ...(await demoKits()).map(({ dialect, made: { files } }) => ({ id: dialect.id, files })),
    { id: 'borrowed', files: (await borrowedKit()).files },
  ];

  it('holds these kits and no other', () => {
    expect(readdirSync(folder).sort()).toEqual(made.map(({ id }) => id).sort());
  });

  it.each(made)('$id is as it is made: the same cells in the same tables', async ({ id, files }) => {
    expect(readdirSync(`${folder}${id}`).sort()).toEqual(files.map(({ name }) => name).sort());
    for (const { name, bytes } of files) {
      const [kept, now] = await Promise.all([openTables(readFileSync(`${folder}${id}/${name}`)), openTables(bytes)]);
      // A workbook holds the time at which it was packed; its cells are the same.
      expect(kept.tables).toEqual(now.tables);
    }
  });

  it('has a borrowed kit that needs no question', async () => {
    expect((await learnMade(await borrowedKit())).asked).toEqual([]);
  });
});
