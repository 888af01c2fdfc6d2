/**
 * `./relay bench`: each figure as a ratio within one run. Names of parts as arguments run those alone; with `--keep`
 * the figures of radio files are kept for the documentation.
 */
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { benchAgreement } from './agreement';
import { benchBrowser } from './browser';
import { benchDirectory } from './directory';
import { benchKits } from './kits';
import { benchRehearse } from './rehearse';
import { benchRoutes } from './routes';
import { benchSites } from './sites';
import { benchWorkshop } from './workshop';
import { SOAKS } from './soak/soak';

const isKept = process.argv.includes('--keep');

const PARTS: Readonly<Record<string, () => void | Promise<void>>> = {
  agreement: benchAgreement,
  routes: benchRoutes,
  sites: benchSites,
  directory: benchDirectory,
  kits: keepingKits,
  workshop: benchWorkshop,
  rehearse: benchRehearse,
};

async function keepingKits(): Promise<void> {
  const figures = await benchKits();
  if (!isKept) return;
  const kept = { on: new Date().toISOString().slice(0, 10), cores: cpus().length, node: process.version, figures };
  writeFileSync(new URL('../docs/kits-speed.json', import.meta.url), `${JSON.stringify(kept, null, 2)}\n`);
}

/** Only when they are named: they take minutes, and one kills what it started. */
const LONG: Readonly<Record<string, () => Promise<void>>> = { browser: benchBrowser, ...SOAKS };
const ALL = { ...PARTS, ...LONG };

const asked = process.argv.slice(2).filter((word) => word !== '--keep');
const unknown = asked.find((name) => !Object.hasOwn(ALL, name));
if (unknown !== undefined) {
  console.error(`Found “${unknown}”, expected ${Object.keys(ALL).join(' or ')}.`);
  process.exit(2);
}
for (const name of asked.length > 0 ? asked : Object.keys(PARTS)) await ALL[name as keyof typeof ALL]!();
// The application keeps listening for what no benchmark sends.
process.exit();
