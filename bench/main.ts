/** `./relay bench`: each figure as a ratio within one run. Names of parts as arguments run those alone. */
import { benchAgreement } from './agreement';
import { benchBrowser } from './browser';
import { benchDirectory } from './directory';
import { benchRoutes } from './routes';
import { benchSites } from './sites';
import { SOAKS } from './soak/soak';

const PARTS: Readonly<Record<string, () => void | Promise<void>>> = {
  agreement: benchAgreement,
  routes: benchRoutes,
  sites: benchSites,
  directory: benchDirectory,
  browser: benchBrowser,
  ...SOAKS,
};

const asked = process.argv.slice(2);
const unknown = asked.find((name) => !Object.hasOwn(PARTS, name));
if (unknown !== undefined) {
  console.error(`Found “${unknown}”, expected ${Object.keys(PARTS).join(' or ')}.`);
  process.exit(2);
}
// The soak takes minutes and kills what it started: only when it is named.
for (const name of asked.length > 0 ? asked : Object.keys(PARTS).filter((one) => !Object.hasOwn(SOAKS, one)))
  await PARTS[name]!();
// The application keeps listening for what no benchmark sends.
process.exit();
