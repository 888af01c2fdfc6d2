/** `./relay check | trace | build FILE`: the core on a plan file. Exit code 0 whole, 1 findings, 2 bad input. */
import { readFileSync } from 'node:fs';
import { carryOut, propose } from '@relay/core/registries/builder';
import { explained, runChecks } from '@relay/core/registries/checks';
import { describeReadFinding, textOf } from '@relay/core/formats/format';
import { planJson } from '@relay/core/formats/plan-json';
import { type DirectionView, describePath } from '@relay/core/path/describe';
import { arrivalWords } from '@relay/core/path/place';
import type { PathContext } from '@relay/core/path/types';
import { planIndex } from '@relay/core/registries/modes';
import { ADDRESS_MAX, ADDRESS_MIN, SIMPLEX_SLOT } from '@relay/core/plan/modes/dmr/limits';
import { travel } from '@relay/core/modes/dmr/routes/travel';
import { edit } from '@relay/core/plan/edit';
import { networkName } from '@relay/core/plan/networks';
import { hotspotsOf } from '@relay/core/plan/sites';
import type { Arrival, Plan } from '@relay/core/plan/types';

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
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(file);
  } catch (error) {
    throw new BadInput(`${file} cannot be read: ${(error as Error).message}`);
  }
  const { value, findings } = planJson.read(bytes);
  if (!value) throw new BadInput(findings.map((one) => `${file}: ${describeReadFinding(one)}`).join('\n'));
  return value;
}

function print(text: string): void {
  process.stdout.write(`${text}\n`);
}

function check({ plan, json }: Request): number {
  const index = planIndex(plan, { today: today() });
  const findings = runChecks(index).map((finding) => ({ ...finding, text: explained(finding) }));
  const paths = index.paths().map(({ path }) => path);
  const tally = { whole: 0, doubtful: 0, broken: 0 };
  for (const path of paths) tally[path.verdict] += 1;
  if (json) print(JSON.stringify({ paths: tally, findings }, null, 2));
  else {
    for (const { check: id, severity, pointer, text } of findings)
      print(
        `${severity.padEnd(9)} ${id}  ${text.what}\n          at ${pointer}${text.fixLabels[0] ? `; mend: ${text.fixLabels[0]}` : ''}`,
      );
    print(
      `${paths.length} paths: ${tally.whole} whole, ${tally.doubtful} doubtful, ${tally.broken} broken; ${findings.length} findings`,
    );
  }
  return findings.length > 0 ? EXIT.findings : EXIT.whole;
}

function describe(title: string, { hops, words }: DirectionView): string[] {
  const pair = ({ name, has, expects, state }: (typeof hops)[number]['pairs'][number]) =>
    `${name} ${has}${state === 'whole' ? '' : ` (expects ${expects})`}`;
  return [
    `${title}: ${words}`,
    ...hops.map((hop) => `  ${hop.kind.padEnd(12)}${hop.state.padEnd(9)} ${hop.pairs.map(pair).join(', ')}`),
  ];
}

/** Where one number goes through a hotspot, by its rules. */
function traceNumber({ plan, json, number, hotspot, isPrivate }: Request): number {
  const site = hotspotsOf(plan).find((one) => hotspot === undefined || one.name === hotspot);
  if (!site)
    throw new BadInput(hotspot === undefined ? 'The plan has no hotspot.' : `The plan has no hotspot “${hotspot}”.`);
  const value = Number(number);
  if (!/^\d+$/.test(number!) || value < ADDRESS_MIN || value > ADDRESS_MAX)
    throw new BadInput(`Found number “${number}”, expected ${ADDRESS_MIN} to ${ADDRESS_MAX.toLocaleString('en')}.`);
  const way = travel(planIndex(plan), site.id, {
    kind: isPrivate ? 'private' : 'group',
    slot: SIMPLEX_SLOT,
    number: value,
  });
  print(
    json
      ? JSON.stringify(way, null, 2)
      : [`${way.sent.kind} ${value} through ${site.name}`, way.words, way.shown, way.doubt ?? '']
          .filter(Boolean)
          .join('\n'),
  );
  return way.routed && way.doubt === null ? EXIT.whole : EXIT.findings;
}

/** Where a call ends up, with the number that is called where the channel calls one. */
function landing(context: PathContext, arrives: Arrival): string {
  const { channel, site, index } = context;
  const { address, name } = arrivalWords(context, arrives);
  const called = channel.mode === 'dmr' ? `calls ${channel.dmr.call.number}; ` : '';
  const where = arrives.networkId === null ? site!.name : networkName(index.plan, arrives.networkId);
  return `${called}ends up at ${[where, address, name].filter(Boolean).join(', ')}`;
}

function trace(request: Request): number {
  if (request.number !== undefined) return traceNumber(request);
  const { plan, json, channel } = request;
  if (!channel) throw new BadInput('Neither channel nor number was named: add --channel NAME or --number N.');
  const found = planIndex(plan, { today: today() })
    .paths()
    .filter(({ context }) => context.channel.name === channel);
  if (found.length === 0) throw new BadInput(`The plan has no channel “${channel}”.`);
  if (json)
    print(
      JSON.stringify(
        found.map(({ path }) => path),
        null,
        2,
      ),
    );
  else {
    for (const { path, context } of found) {
      const view = describePath(path, context);
      print(
        [
          `${context.channel.name} on ${context.radio.name}: ${view.words}`,
          ...describe('Call', view.call),
          ...describe('Reply', view.reply),
        ].join('\n'),
      );
      if (path.arrives) print(landing(context, path.arrives));
    }
  }
  return found.every(({ path }) => path.verdict === 'whole') ? EXIT.whole : EXIT.findings;
}

function build({ plan, json }: Request): number {
  const items = propose(plan);
  const built = edit(plan, carryOut()).plan;
  print(json ? JSON.stringify(items, null, 2) : textOf(planJson.write(built, { passwords: true })).trimEnd());
  return runChecks(planIndex(built, { today: today() })).length > 0 ? EXIT.findings : EXIT.whole;
}

const COMMANDS: Readonly<Record<string, (request: Request) => number>> = { check, trace, build };

function main([name = '', ...words]: string[]): number {
  const command = COMMANDS[name];
  if (!command) throw new BadInput(`Unknown command “${name}”.`);
  const valued = ['--channel', '--number', '--hotspot'];
  const valueOf = (flag: string) => (words.includes(flag) ? words[words.indexOf(flag) + 1] : undefined);
  const file = words.find((word, place) => !word.startsWith('--') && !valued.includes(words[place - 1] ?? ''));
  return command({
    plan: readPlan(file),
    json: words.includes('--json'),
    channel: valueOf('--channel'),
    number: valueOf('--number'),
    hotspot: valueOf('--hotspot'),
    isPrivate: words.includes('--private'),
  });
}

try {
  process.exitCode = main(process.argv.slice(2));
} catch (error) {
  if (!(error instanceof BadInput)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = EXIT.badInput;
}
