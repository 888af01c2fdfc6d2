/**
 * Writes the parts of the documentation that are made from the code; with `--check` only says whether they are current.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { CHECKS } from '@relay/core/registries/checks';
import { PLAN_SCHEMA } from '@relay/core/plan/schema';
import { SCENARIO_SCHEMA } from '@relay/core/rehearse/scenario-schema';
import { GOOD_SET_UPS } from '@relay/core/testing/good-set-ups';
import { KNOWN_FAULTS } from '@relay/core/testing/known-faults';
import { kitsPage } from './kits';
import { openApi } from '../server/src/openapi';

function checksPage(): string {
  const lines = [
    '# What is checked',
    '',
    `Made from the checks themselves by \`docs/generate.ts\`. ${CHECKS.length} checks.`,
    '',
    `Two tables hold them to the truth, each a file that can be read: \`core/src/testing/good-set-ups.ts\`, ${GOOD_SET_UPS.length} set-ups that`,
    `work on the air and must get no finding that says otherwise, and \`core/src/testing/known-faults.ts\`, ${KNOWN_FAULTS.length} faults that people`,
    'make, each of which must give exactly its finding and the press that mends it. `core/src/agreement/truth.test.ts` tries both.',
    '',
  ];
  for (const { id, title, severity, docs, messages, fixes } of CHECKS) {
    lines.push(
      `## ${title}`,
      '',
      `\`${id}\` · ${severity}`,
      '',
      docs.summary,
      '',
      `**Why:** ${docs.why}`,
      '',
      `**What to do:** ${docs.remedy}`,
      '',
    );
    if (docs.source) lines.push(`**Source:** ${docs.source.name} (${docs.source.kind})`, '');
    lines.push('Says:', '', ...Object.values(messages).map((message) => `- ${message}`), '');
    if (Object.keys(fixes).length > 0) lines.push('Mends:', '', ...Object.values(fixes).map((fix) => `- ${fix}`), '');
  }
  return `${lines.join('\n').trimEnd()}\n`;
}

const kits = await kitsPage();

const FILES: Readonly<Record<string, () => string>> = {
  'checks.md': checksPage,
  'kits.md': () => kits,
  'plan.schema.json': () => `${JSON.stringify(PLAN_SCHEMA, null, 2)}\n`,
  'scenario.schema.json': () => `${JSON.stringify(SCENARIO_SCHEMA, null, 2)}\n`,
  'openapi.json': () => `${JSON.stringify(openApi, null, 2)}\n`,
};

const stale = Object.entries(FILES).filter(([name, make]) => {
  const path = new URL(name, import.meta.url);
  const text = make();
  let now = '';
  try {
    now = readFileSync(path, 'utf8');
  } catch {
    // Not written yet: as good as stale.
  }
  if (now === text) return false;
  if (!process.argv.includes('--check')) writeFileSync(path, text);
  return true;
});

for (const [name] of stale)
  console.log(
    `docs/${name} ${process.argv.includes('--check') ? 'is stale: run npx tsx docs/generate.ts' : 'written'}`,
  );
if (process.argv.includes('--check') && stale.length > 0) process.exitCode = 1;
