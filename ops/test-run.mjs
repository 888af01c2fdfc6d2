// @ts-check
/** `./relay test [STAGE…]`: one line a stage, the details of what failed, and a plain closing line. */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild } from './build.mjs';
import { Failure } from './failure.mjs';
import { ensureChromium, ensureNodePackages, ensurePostgres } from './packages.mjs';
import { home, ROOT } from './paths.mjs';

/** @typedef {{ passed: number, failed: number, output: string }} Result */

const bin = (/** @type {string} */ name) => join(ROOT, 'node_modules', '.bin', name);

/**
 * @param {string} program @param {string[]} words @param {Record<string, string>} [env]
 * @returns {Promise<{ ok: boolean, output: string }>}
 */
function run(program, words, env = {}) {
  return new Promise((done) => {
    const child = spawn(program, words, {
      cwd: ROOT,
      env: { ...process.env, NO_COLOR: '1', FORCE_COLOR: '0', ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (output += chunk));
    child.on('close', (code) => done({ ok: code === 0, output }));
    child.on('error', (error) => done({ ok: false, output: String(error) }));
  });
}

/**
 * Several tools that each pass or fail, two at a time.
 * @param {[string, string[]][]} tools @returns {Promise<Result>}
 */
async function tools(tools) {
  /** @type {Result} */
  const total = { passed: 0, failed: 0, output: '' };
  const waiting = [...tools];
  const work = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const [program, words] = next;
      const { ok, output } = await run(bin(program), words);
      total[ok ? 'passed' : 'failed'] += 1;
      if (!ok) total.output += `${program} ${words.join(' ')}\n${output}\n`;
    }
  };
  await Promise.all([work(), work()]);
  return total;
}

function reportFile(/** @type {string} */ name) {
  const folder = join(home(), 'reports');
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `${name}.json`);
  rmSync(file, { force: true });
  return file;
}

/** @param {string[]} projects @param {string} name @param {string[]} [more] @returns {Promise<Result>} */
async function vitest(projects, name, more = []) {
  const file = reportFile(name);
  const { ok, output } = await run(bin('vitest'), [
    'run',
    ...projects.flatMap((one) => ['--project', one]),
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${file}`,
    ...more,
  ]);
  if (!existsSync(file)) return { passed: 0, failed: 1, output };
  const report = JSON.parse(readFileSync(file, 'utf8'));
  // A file that cannot be loaded fails without a failed test: it counts as one.
  const failed = Math.max(report.numFailedTests, ok ? 0 : 1);
  return { passed: report.numPassedTests, failed, output: failed > 0 ? output : '' };
}

/** @returns {Promise<Result>} */
async function browser() {
  const file = reportFile('browser');
  const { ok, output } = await run(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
    PLAYWRIGHT_JSON_OUTPUT_FILE: file,
  });
  if (!existsSync(file)) return { passed: 0, failed: 1, output };
  const { stats } = JSON.parse(readFileSync(file, 'utf8'));
  const failed = Math.max(stats.unexpected + stats.flaky, ok ? 0 : 1);
  return { passed: stats.expected, failed, output: failed > 0 ? output : '' };
}

/** Each checks the core again: what has the same surroundings goes together. */
const TYPED = ['tsconfig.plain.json', 'tsconfig.node.json', 'tsconfig.tests.json', 'ops'];

/** @type {Record<string, () => Promise<Result>>} */
const STAGES = {
  // Lint and types. Each tool takes one core; the longest begin, so that the last ones end together.
  source: () =>
    tools([
      ['vue-tsc', ['-p', 'web', '--noEmit']],
      ['eslint', ['.', '--max-warnings', '0']],
      ...TYPED.map((part) => /** @type {[string, string[]]} */ (['tsc', ['-p', part]])),
      ['prettier', ['--check', '--log-level', 'warn', '.']],
      ['depcruise', ['core/src', 'server/src', 'web/src', 'cli', 'demo', '--config', '.dependency-cruiser.cjs']],
      ['knip', ['--no-progress']],
      ['tsx', ['docs/generate.ts', '--check']],
    ]),
  // By itself it leaves one core idle; tests on the database have it to themselves.
  unit: () => vitest(['unit', 'web'], 'unit', ['--maxWorkers=2']),
  server: () => vitest(['server'], 'server'),
  browser,
};

/** @param {string[]} words */
export async function testRun(words) {
  const chosen = words.length > 0 ? words : Object.keys(STAGES);
  const unknown = chosen.find((name) => !Object.hasOwn(STAGES, name));
  if (unknown) throw new Failure(`Unknown stage “${unknown}”: the stages are ${Object.keys(STAGES).join(', ')}.`);
  ensureNodePackages();
  if (chosen.some((name) => ['unit', 'server', 'browser'].includes(name))) ensurePostgres();
  if (chosen.some((name) => ['unit', 'browser'].includes(name))) ensureBuild();
  if (chosen.includes('browser')) ensureChromium();
  let [passed, failed] = [0, 0];
  for (const name of chosen) {
    const start = performance.now();
    const result = await /** @type {() => Promise<Result>} */ (STAGES[name])();
    passed += result.passed;
    failed += result.failed;
    console.log(
      `${name.padEnd(9)}${result.passed} passed, ${result.failed} failed in ${((performance.now() - start) / 1000).toFixed(1)} s`
        .replace(' passed,', ' ok,')
        .replace(' failed in', ' not ok,'),
    );
    if (result.failed > 0) console.log(result.output);
  }
  console.log(`${passed} passed, ${failed} failed`);
  return failed > 0 || passed === 0 ? 1 : 0;
}
