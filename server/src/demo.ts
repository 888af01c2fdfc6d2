/** What the demo begins with: its plans, its lists of repeaters, and a correction that somebody made. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEMO_PLANS } from '../../demo/ostrey-isles';
import type { Directory } from './directory/directory';
import { readList } from './directory/reader';
import type { Plans } from './plans/plans';

/** By the names of their files, so that a newer version takes their place. */
const LISTS = [
  { file: 'isles-club.csv', source: 'Ostrey Isles club', licence: 'invented, for the demo', issuedOn: '2026-10-20' },
  { file: 'survey.csv', source: 'a survey by ear', licence: 'invented, for the demo', issuedOn: '2026-09-01' },
  { file: 'harbour-book.geojson', source: 'harbour book', licence: 'invented, for the demo', issuedOn: null },
] as const;

/** The club's list has an old tone for this repeater: somebody found out. */
const CORRECTED = {
  list: 'isles-club',
  callSign: 'QO1ELY',
  correction: { field: 'tone', text: '103.5', who: 'QO3VES', why: 'asked its keeper' },
} as const;

async function loadLists(directory: Directory, folder: string): Promise<void> {
  if ((await directory.lists()).length > 0 || (await directory.lists(true)).length > 0) return;
  for (const { file, ...list } of LISTS) {
    const bytes = new Uint8Array(readFileSync(join(folder, file)));
    const reader = readList({ bytes, fields: null, recipes: {} });
    try {
      const name = file.replace(/\.\w+$/, '');
      const { list: added } = await directory.add({ ...list, name }, reader, new AbortController().signal);
      if (name !== CORRECTED.list) continue;
      const line = await directory.lineOf(added.id, CORRECTED.callSign);
      if (line !== null) await directory.correct(added.id, line, CORRECTED.correction);
    } finally {
      await reader.close();
    }
  }
}

/**
 * Loads the demo where there is nothing yet, deleted plans and forgotten lists included. `folder`: of the demo's lists.
 */
export async function loadDemo(plans: Plans, directory: Directory, folder: string): Promise<void> {
  if ((await plans.list(false)).length === 0 && (await plans.list(true)).length === 0) {
    const encoder = new TextEncoder();
    for (const demo of Object.keys(DEMO_PLANS)) await plans.create(encoder.encode(JSON.stringify({ demo })));
  }
  await loadLists(directory, folder);
}
