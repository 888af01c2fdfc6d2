// @ts-check
/** The one command. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuild } from './build.mjs';
import { Failure, knownCause } from './failure.mjs';
import { ensureChromium, ensureNodePackages } from './packages.mjs';
import { home, ROOT } from './paths.mjs';
import { isServing, reset, serve, status, stopAll } from './serve.mjs';

const HELP = `Yellow Relay

  ./relay demo            bring everything, load the demo plans, serve until Ctrl+C   [--port N]
  ./relay start           the same without the demo plans
  ./relay stop            stop the server and its database
  ./relay status          what is running
  ./relay reset           delete all plans of this checkout (asks first)   [--yes]
  ./relay backup FILE     everything that is stored, with the database's own tools; the server may run
  ./relay restore FILE    bring that back; what was there is kept aside
  ./relay access          set the password that a server open to the network asks for   [--off]
  ./relay test [STAGE…]   source (lint and types), unit, server, browser
  ./relay bench           measure speed

  ./relay check FILE                    findings of a plan file        [--json]
  ./relay trace FILE --channel NAME     the path of a channel          [--json]
  ./relay trace FILE --number N         where a number goes            [--private] [--hotspot NAME] [--json]
  ./relay build FILE                    the plan file, built from its wants   [--json: the difference list]
`;

/** Runs the bundled command line on the core, with the same exit code. @param {string[]} words */
function commandLine(words) {
  ensureNodePackages();
  ensureBuild();
  return (
    spawnSync(process.execPath, [join(ROOT, 'cli', 'dist', 'main.js'), ...words], { stdio: 'inherit' }).status ?? 2
  );
}

/** @type {Record<string, (words: string[]) => unknown>} */
const COMMANDS = {
  demo: (words) => serve({ demo: true, words }),
  start: (words) => serve({ demo: false, words }),
  stop: () => stopAll(),
  status: () => status(),
  reset: (words) => reset(words),
  access: async (words) => {
    ensureNodePackages();
    await (await import('./access.mjs')).access(words);
  },
  backup: async (words) => (await import('./backup.mjs')).backup(words),
  restore: async (words) => (await import('./backup.mjs')).restore(words, isServing),
  test: async (words) => (await import('./test-run.mjs')).testRun(words),
  bench: async (words) => {
    if (words.includes('browser')) ensureChromium();
    ensureNodePackages();
    return (
      spawnSync(process.execPath, ['--expose-gc', '--import', 'tsx', join(ROOT, 'bench', 'main.ts'), ...words], {
        cwd: ROOT,
        stdio: 'inherit',
      }).status ?? 1
    );
  },
  check: (words) => commandLine(['check', ...words]),
  trace: (words) => commandLine(['trace', ...words]),
  build: (words) => commandLine(['build', ...words]),
  help: () => console.log(HELP),
};

/** @param {string[]} words */
export async function main([name = 'help', ...words]) {
  const command = Object.hasOwn(COMMANDS, name.replace(/^--/, '')) ? COMMANDS[name.replace(/^--/, '')] : undefined;
  try {
    if (!command) throw new Failure(`Unknown command “${name}”: ./relay help lists them.`);
    const code = await command(words);
    if (typeof code === 'number') process.exitCode = code;
  } catch (error) {
    const cause = error instanceof Failure ? error.message : knownCause(String(error), home());
    console.error(cause ?? error);
    process.exitCode = 2;
  }
}
