/** `./relay check | trace | build FILE`: the core on a plan file. Exit code 0 whole, 1 findings, 2 bad input. */
import { readFileSync } from 'node:fs';
import { carryOut, propose } from '@relay/core/build/build';
import { explain } from '@relay/core/checks/explain';
import { runChecks } from '@relay/core/checks/run';
import { describeReadFinding } from '@relay/core/formats/format';
import { planJson } from '@relay/core/formats/plan-json';
import { describePath, type RelayView } from '@relay/core/path/describe';
import { indexPlan } from '@relay/core/path/plan-index';
import { edit } from '@relay/core/plan/edit';
import type { Plan } from '@relay/core/plan/types';

const EXIT = { whole: 0, findings: 1, badInput: 2 } as const;

class BadInput extends Error {}

interface Request {
  plan: Plan;
  json: boolean;
  channel: string | undefined;
}

function readPlan(file: string | undefined): Plan {
  if (!file) throw new BadInput('No plan file was named.');
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    throw new BadInput(`${file} cannot be read: ${(error as Error).message}`);
  }
  const { value, findings } = planJson.read(text);
  if (!value) throw new BadInput(findings.map((one) => `${file}: ${describeReadFinding(one)}`).join('\n'));
  return value;
}

function print(text: string): void {
  process.stdout.write(`${text}\n`);
}

function check({ plan, json }: Request): number {
  const index = indexPlan(plan);
  const findings = runChecks(index).map((finding) => ({ ...finding, text: explain(finding) }));
  const paths = index.paths().map(({ path }) => path);
  const tally = { whole: 0, doubtful: 0, broken: 0 };
  for (const path of paths) tally[path.verdict] += 1;
  if (json) print(JSON.stringify({ paths: tally, findings }, null, 2));
  else {
    for (const { check: id, severity, pointer, text } of findings) print(`${severity.padEnd(9)} ${id}  ${text.what}\n          at ${pointer}${text.fixLabels[0] ? `; mend: ${text.fixLabels[0]}` : ''}`);
    print(`${paths.length} paths: ${tally.whole} whole, ${tally.doubtful} doubtful, ${tally.broken} broken; ${findings.length} findings`);
  }
  return findings.length > 0 ? EXIT.findings : EXIT.whole;
}

function describe({ hops, words }: RelayView['call']): string[] {
  const pair = ({ name, has, expects, state }: (typeof hops)[number]['pairs'][number]) => `${name} ${has}${state === 'whole' ? '' : ` (expects ${expects})`}`;
  return [words, ...hops.map((hop) => `  ${hop.kind.padEnd(12)}${hop.state.padEnd(9)} ${hop.pairs.map(pair).join(', ')}`)];
}

function trace({ plan, json, channel }: Request): number {
  if (!channel) throw new BadInput('No channel was named: add --channel NAME.');
  const found = indexPlan(plan).paths().filter(({ context }) => context.channel.name === channel);
  if (found.length === 0) throw new BadInput(`The plan has no channel “${channel}”.`);
  if (json) print(JSON.stringify(found.map(({ path }) => path), null, 2));
  else {
    for (const { path, context } of found) {
      const view = describePath(path, context);
      print([`${context.channel.name} on ${context.radio.name}: ${view.words}`, ...describe(view.call), ...describe(view.reply)].join('\n'));
      if (path.arrives) print(`calls ${context.channel.dmr.call.number}; ends up at ${plan.networks.byId[path.arrives.networkId]!.name}, ${path.arrives.kind} ${path.arrives.number}${path.arrives.name ? `, ${path.arrives.name}` : ''}`);
    }
  }
  return found.every(({ path }) => path.verdict === 'whole') ? EXIT.whole : EXIT.findings;
}

function build({ plan, json }: Request): number {
  const items = propose(plan);
  const built = edit(plan, carryOut()).plan;
  print(json ? JSON.stringify(items, null, 2) : planJson.write(built, { passwords: true }).trimEnd());
  return runChecks(indexPlan(built)).length > 0 ? EXIT.findings : EXIT.whole;
}

const COMMANDS: Readonly<Record<string, (request: Request) => number>> = { check, trace, build };

function main([name = '', ...words]: string[]): number {
  const command = COMMANDS[name];
  if (!command) throw new BadInput(`Unknown command “${name}”.`);
  const at = words.indexOf('--channel');
  const channel = at < 0 ? undefined : words[at + 1];
  const file = words.find((word, place) => !word.startsWith('--') && (at < 0 || place !== at + 1));
  return command({ plan: readPlan(file), json: words.includes('--json'), channel });
}

try {
  process.exitCode = main(process.argv.slice(2));
} catch (error) {
  if (!(error instanceof BadInput)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = EXIT.badInput;
}
