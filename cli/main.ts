/** `./relay check | trace | build FILE`: the core on a plan file. Exit code 0 whole, 1 findings, 2 bad input. */
import { readFileSync } from 'node:fs';
import { carryOut, propose } from '@relay/core/build/build';
import { explain } from '@relay/core/checks/explain';
import { runChecks } from '@relay/core/checks/run';
import { describeReadFinding } from '@relay/core/formats/format';
import { planJson } from '@relay/core/formats/plan-json';
import { describePath, type RelayView } from '@relay/core/path/describe';
import { modeOf } from '@relay/core/modes/registry';
import { indexPlan } from '@relay/core/path/plan-index';
import { ADDRESS_MAX, ADDRESS_MIN, SIMPLEX_SLOT } from '@relay/core/modes/dmr/limits';
import { travel } from '@relay/core/modes/dmr/routes/travel';
import { edit } from '@relay/core/plan/edit';
import { rows } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';

const EXIT = { whole: 0, findings: 1, badInput: 2 } as const;

class BadInput extends Error {}

interface Request {
  plan: Plan;
  json: boolean;
  channel: string | undefined;
  number: string | undefined;
  hotspot: string | undefined;
  isPrivate: boolean;
}

/** The core has no clock: ages are held against this day. */
const today = (): string => new Date().toISOString().slice(0, 10);

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
  const index = indexPlan(plan, { today: today() });
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

/** Where one number goes through a hotspot, by its rules. */
function traceNumber({ plan, json, number, hotspot, isPrivate }: Request): number {
  const site = rows(plan.sites).find((one) => hotspot === undefined || one.name === hotspot);
  if (!site) throw new BadInput(hotspot === undefined ? 'The plan has no hotspot.' : `The plan has no hotspot “${hotspot}”.`);
  const value = Number(number);
  if (!/^\d+$/.test(number!) || value < ADDRESS_MIN || value > ADDRESS_MAX) throw new BadInput(`Found number “${number}”, expected ${ADDRESS_MIN} to ${ADDRESS_MAX.toLocaleString('en')}.`);
  const way = travel(indexPlan(plan), site.id, { kind: isPrivate ? 'private' : 'group', slot: SIMPLEX_SLOT, number: value });
  print(json ? JSON.stringify(way, null, 2) : [`${way.sent.kind} ${value} through ${site.name}`, way.words, way.shown, way.doubt ?? ''].filter(Boolean).join('\n'));
  return way.routed && way.doubt === null ? EXIT.whole : EXIT.findings;
}

function trace(request: Request): number {
  if (request.number !== undefined) return traceNumber(request);
  const { plan, json, channel } = request;
  if (!channel) throw new BadInput('Neither channel nor number was named: add --channel NAME or --number N.');
  const found = indexPlan(plan, { today: today() }).paths().filter(({ context }) => context.channel.name === channel);
  if (found.length === 0) throw new BadInput(`The plan has no channel “${channel}”.`);
  if (json) print(JSON.stringify(found.map(({ path }) => path), null, 2));
  else {
    for (const { path, context } of found) {
      const view = describePath(path, context);
      print([`${context.channel.name} on ${context.radio.name}: ${view.words}`, ...describe(view.call), ...describe(view.reply)].join('\n'));
      const { arrives } = path;
      const called = modeOf(context.channel.mode).build.contact(context.channel);
      if (arrives) print(`${called ? `calls ${called.number}; ` : ''}ends up at ${arrives.networkId === null ? context.site!.name : plan.networks.byId[arrives.networkId]!.name}, ${arrives.address}${arrives.name ? `, ${arrives.name}` : ''}`);
    }
  }
  return found.every(({ path }) => path.verdict === 'whole') ? EXIT.whole : EXIT.findings;
}

function build({ plan, json }: Request): number {
  const items = propose(plan);
  const built = edit(plan, carryOut()).plan;
  print(json ? JSON.stringify(items, null, 2) : planJson.write(built, { passwords: true }).trimEnd());
  return runChecks(indexPlan(built, { today: today() })).length > 0 ? EXIT.findings : EXIT.whole;
}

const COMMANDS: Readonly<Record<string, (request: Request) => number>> = { check, trace, build };

function main([name = '', ...words]: string[]): number {
  const command = COMMANDS[name];
  if (!command) throw new BadInput(`Unknown command “${name}”.`);
  const valued = ['--channel', '--number', '--hotspot'];
  const valueOf = (flag: string) => (words.includes(flag) ? words[words.indexOf(flag) + 1] : undefined);
  const file = words.find((word, place) => !word.startsWith('--') && !valued.includes(words[place - 1] ?? ''));
  return command({ plan: readPlan(file), json: words.includes('--json'), channel: valueOf('--channel'), number: valueOf('--number'), hotspot: valueOf('--hotspot'), isPrivate: words.includes('--private') });
}

try {
  process.exitCode = main(process.argv.slice(2));
} catch (error) {
  if (!(error instanceof BadInput)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = EXIT.badInput;
}
