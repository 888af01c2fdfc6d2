/** `./relay check | trace | build FILE`: the core on a plan file. Exit code 0 whole, 1 findings, 2 bad input. */
import { readFileSync } from 'node:fs';
import { carryOut, propose } from '@relay/core/build/build';
import { explain } from '@relay/core/checks/explain';
import { runChecks } from '@relay/core/checks/run';
import { describeReadFinding } from '@relay/core/formats/format';
import { planJson } from '@relay/core/formats/plan-json';
import { FACT_WORDS, HOP_NAMES } from '@relay/core/path/facts';
import { indexPlan } from '@relay/core/path/plan-index';
import type { Direction } from '@relay/core/path/types';
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

function describe(name: string, direction: Direction): string[] {
  const lines = direction.hops.map((hop) => {
    const facts = hop.facts.map((fact) => `${FACT_WORDS[fact.key].name} ${FACT_WORDS[fact.key].read(fact.has)}${fact.state === 'whole' ? '' : ` (expects ${FACT_WORDS[fact.key].read(fact.expects)})`}`);
    return `  ${HOP_NAMES[hop.id].padEnd(12)}${hop.state.padEnd(9)} ${facts.join(', ')}`;
  });
  return [`${name}: ${direction.verdict}${direction.at ? ` at ${HOP_NAMES[direction.at].toLowerCase()}` : ''}`, ...lines];
}

function trace({ plan, json, channel }: Request): number {
  if (!channel) throw new BadInput('No channel was named: add --channel NAME.');
  const found = indexPlan(plan).paths().filter(({ context }) => context.channel.name === channel);
  if (found.length === 0) throw new BadInput(`The plan has no channel “${channel}”.`);
  if (json) print(JSON.stringify(found.map(({ path }) => path), null, 2));
  else {
    for (const { path, context } of found) {
      print([`${context.channel.name} on ${context.radio.name}`, ...describe('call', path.call), ...describe('reply', path.reply)].join('\n'));
      if (path.arrives) print(`ends up at ${plan.networks.byId[path.arrives.networkId]!.name}, ${path.arrives.kind} ${path.arrives.number}${path.arrives.name ? `, ${path.arrives.name}` : ''}`);
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
