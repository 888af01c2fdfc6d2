/** `./relay bench`: each figure as a ratio within one run. Names of parts as arguments run those alone. */
import { benchAgreement } from './agreement';
import { benchRoutes } from './routes';
import { benchSites } from './sites';

const PARTS: Readonly<Record<string, () => void>> = { agreement: benchAgreement, routes: benchRoutes, sites: benchSites };

const asked = process.argv.slice(2);
const unknown = asked.find((name) => !Object.hasOwn(PARTS, name));
if (unknown !== undefined) {
  console.error(`Found “${unknown}”, expected ${Object.keys(PARTS).join(' or ')}.`);
  process.exitCode = 2;
} else for (const name of asked.length > 0 ? asked : Object.keys(PARTS)) PARTS[name]!();
