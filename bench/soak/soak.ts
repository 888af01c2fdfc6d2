/**
 * An attack on the running system, bounded and on loopback: processes killed, odd requests, many windows, long lists, a
 * large plan. It prints what it measured beside what is wanted, and fails when anything acknowledged was lost.
 */
import { generatedPlan } from '../generated-plan';
import { generatedList } from '../generated-list';
import { until } from '../../ops/processes.mjs';
import { fuzz, rawLines, send } from './fuzz';
import { type Edited, Served } from '../served';

const KILLS = 60;
const DATABASE_KILLS = 15;
const FUZZ = 25_000;
const CLIENTS = 50;
const CLIENT_MS = 30_000;
const ROWS = 300_000;
const LARGE = { channels: 4000, sites: 40, groups: 100 };
const EDITS_OF_LARGE = 3000;

let failed = false;

function tell(what: string, found: string, goal: string, isMet: boolean): void {
  if (!isMet) failed = true;
  console.log(`${isMet ? '   ' : '!! '}${what.padEnd(58)}${found.padEnd(34)}${goal}`);
}

const percentile = (all: readonly number[], share: number): number =>
  [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(all.length * share))] ?? 0;
const ms = (value: number) => `${value.toFixed(0)} ms`;
const smallPlan = () => generatedPlan({ channels: 60, sites: 3, groups: 30 });
const colorCode = (channelId: string, value: number) => [
  { op: 'replace' as const, path: `/codeplugs/r/channels/byId/${channelId}/dmr/colorCode`, value },
];

/** Sends an edit again and again until it is acknowledged: what a window does. Answers the version. */
async function persist(
  served: Served,
  planId: string,
  from: number,
  channelId: string,
  value: number,
): Promise<number> {
  const editId = crypto.randomUUID();
  for (let version = from; ;) {
    try {
      const { status, body } = await served.edit(planId, version, colorCode(channelId, value), editId);
      if (status === 200) return body.version;
      if (status === 409) version = (body as Edited).version;
      else if (status < 500) throw new Error(`An edit was refused: ${status} ${JSON.stringify(body).slice(0, 200)}`);
    } catch (error) {
      if (error instanceof Error && error.message.startsWith('An edit')) throw error;
    }
    await new Promise((go) => setTimeout(go, 30));
  }
}

/** Kills a process while edits are under way, and looks afterwards whether each that was acknowledged is there. */
async function kills(served: Served, rounds: number, kill: () => void): Promise<{ lost: number; backMs: number[] }> {
  const planId = await served.create(smallPlan());
  const channels = (await served.open(planId)).document.codeplugs['r']!.channels.order;
  const backMs: number[] = [];
  let lost = 0;
  let version = 1;
  let count = 0;
  for (let round = 0; round < rounds; round += 1) {
    const value = round % 16;
    const under = Array.from({ length: 5 }, (_, at) =>
      persist(served, planId, version, channels[at]!, (value + at) % 16),
    );
    await new Promise((go) => setTimeout(go, (round * 7) % 25));
    kill();
    const start = performance.now();
    await until(async () => !(await served.isReady()), 3000, 5);
    if (!(await until(() => served.isReady(), 60_000, 20))) throw new Error('It did not come back.');
    backMs.push(performance.now() - start);
    version = Math.max(...(await Promise.all(under)));
    count += under.length;
    const { document, version: now } = await served.open(planId);
    lost += under.filter(
      (_, at) =>
        (document.codeplugs['r']!.channels.byId[channels[at]!] as { dmr: { colorCode: number } }).dmr.colorCode !==
        (value + at) % 16,
    ).length;
    // Each once, whatever was sent again.
    if (now !== count + 1) lost += Math.abs(now - count - 1);
  }
  return { lost, backMs };
}

async function manyClients(served: Served): Promise<void> {
  const planId = await served.create(smallPlan());
  const channels = (await served.open(planId)).document.codeplugs['r']!.channels.order;
  const took: number[] = [];
  const end = performance.now() + CLIENT_MS;
  const last = await Promise.all(
    Array.from({ length: CLIENTS }, async (_, client) => {
      let version = 1;
      let value = 0;
      while (performance.now() < end) {
        value = (value + 1) % 16;
        const start = performance.now();
        version = await persist(served, planId, version, channels[client]!, value);
        took.push(performance.now() - start);
      }
      return value;
    }),
  );
  const { document, version } = await served.open(planId);
  const wrong = last.filter(
    (value, client) =>
      (document.codeplugs['r']!.channels.byId[channels[client]!] as { dmr: { colorCode: number } }).dmr.colorCode !==
      value,
  ).length;
  const lost = wrong + Math.abs(version - 1 - took.length);
  const rate = took.length / (CLIENT_MS / 1000);
  tell(
    `${CLIENTS} windows on one plan, ${CLIENT_MS / 1000} s`,
    `${rate.toFixed(0)} edits a second`,
    '≥ 100',
    rate >= 100,
  );
  tell(
    '   of these, the slowest of a hundred',
    ms(percentile(took, 0.99)),
    '≤ 2,000 ms',
    percentile(took, 0.99) <= 2000,
  );
  tell('   of these, lost', String(lost), '0', lost === 0);
}

async function largePlan(served: Served): Promise<void> {
  const planId = await served.create(generatedPlan(LARGE));
  const channels = (await served.open(planId)).document.codeplugs['r']!.channels.order;
  const took: number[] = [];
  let version = 1;
  for (let at = 0; at < EDITS_OF_LARGE; at += 1) {
    const start = performance.now();
    version = await persist(served, planId, version, channels[at % channels.length]!, (at * 5) % 16);
    took.push(performance.now() - start);
  }
  const size = `${LARGE.channels.toLocaleString('en')} channels, ${EDITS_OF_LARGE.toLocaleString('en')} edits`;
  tell(
    `${size}: an edit`,
    `${ms(percentile(took, 0.5))} (95 %: ${ms(percentile(took, 0.95))})`,
    '≤ 60 ms',
    percentile(took, 0.5) <= 60,
  );
  const undone: number[] = [];
  for (let at = 0; at < 100; at += 1) {
    const start = performance.now();
    version = await persist(served, planId, version, channels[channels.length - 1 - at]!, at % 16);
    undone.push(performance.now() - start);
  }
  tell('   and an undo, which is an edit', ms(percentile(undone, 0.5)), '≤ 60 ms', percentile(undone, 0.5) <= 60);
  const start = performance.now();
  await served.open(planId);
  tell('   and opening it', ms(performance.now() - start), 'no goal', true);
}

async function odd(served: Served): Promise<void> {
  const planId = await served.create(smallPlan());
  const base = new URL(served.url);
  const bad = new Map<number, string[]>();
  const requests = [...fuzz(FUZZ, [planId, crypto.randomUUID()])];
  let at = 0;
  await Promise.all(
    Array.from({ length: 8 }, async () => {
      while (at < requests.length) {
        const one = requests[(at += 1) - 1]!;
        const status = await send(base, one);
        if (status !== null && status >= 500 && status !== 501 && status !== 503)
          bad.set(status, [...(bad.get(status) ?? []), `${one.method} ${one.path} ${String(one.body).slice(0, 120)}`]);
      }
    }),
  );
  const raw = await rawLines(base);
  for (const status of raw)
    if (status !== null && status >= 500 && status !== 501 && status !== 505)
      bad.set(status, [...(bad.get(status) ?? []), 'a raw line']);
  const count = [...bad.values()].reduce((sum, all) => sum + all.length, 0);
  tell(`${FUZZ.toLocaleString('en')} odd requests: faults of the server`, String(count), '0', count === 0);
  for (const [status, all] of bad) console.log(`      ${status}: ${all.slice(0, 5).join('\n           ')}`);
}

async function longList(served: Served): Promise<void> {
  const body = generatedList(ROWS);
  const start = performance.now();
  const answer = await fetch(`${served.url}/lists?name=long`, { method: 'POST', body });
  const { good } = (await answer.json()) as { good: number };
  const { mostMb } = served.memory();
  tell(
    `a list of ${ROWS.toLocaleString('en')} rows: memory of the server at most`,
    `${mostMb.toFixed(0)} MB`,
    '≤ 500 MB',
    mostMb <= 500,
  );
  tell(
    '   and time',
    `${((performance.now() - start) / 1000).toFixed(1)} s, ${good.toLocaleString('en')} sites`,
    'no goal',
    good > 0,
  );
}

async function heldBy(served: Served, what: string, act: () => Promise<void>): Promise<void> {
  const before = await served.loop();
  await act();
  const after = await served.loop();
  const times = after.held - before.held;
  tell(
    `   meanwhile its loop was held longer than 50 ms`,
    `${times} times (since its start ${after.worstMs} ms at worst; ${after.worstWaitMs} with what other processes took)`,
    `0 (${what})`,
    times === 0,
  );
}

async function kill(served: Served): Promise<void> {
  const server = await kills(served, KILLS, () => process.kill(served.serverPid, 'SIGKILL'));
  tell(`server killed ${KILLS} times: acknowledged edits lost`, String(server.lost), '0', server.lost === 0);
  const database = await kills(served, DATABASE_KILLS, () => process.kill(served.databasePid!, 'SIGKILL'));
  const slowest = Math.max(...database.backMs);
  tell(
    `PostgreSQL killed ${DATABASE_KILLS} times: back by itself`,
    `${database.backMs.length} times, at most ${(slowest / 1000).toFixed(1)} s`,
    '15 of 15, ≤ 10 s',
    database.backMs.length === DATABASE_KILLS && slowest <= 10_000,
  );
  tell('   acknowledged edits lost', String(database.lost), '0', database.lost === 0);
}

const ACTS: Readonly<Record<string, (served: Served) => Promise<void>>> = {
  // On a server just started, so that the memory is this list's.
  list: (served) => heldBy(served, 'long list', () => longList(served)),
  windows: (served) => heldBy(served, 'many windows', () => manyClients(served)),
  plan: (served) => heldBy(served, 'large plan', () => largePlan(served)),
  odd: (served) => heldBy(served, 'odd requests', () => odd(served)),
  kill,
};

/** All of it, one after another, or one act alone. */
async function attack(names: readonly string[]): Promise<void> {
  const served = await Served.start();
  try {
    console.log(`${''.padEnd(3)}${'What'.padEnd(58)}${'found'.padEnd(34)}wanted`);
    for (const name of names) await ACTS[name]!(served);
  } finally {
    await served.stop();
  }
  if (failed) process.exitCode = 1;
}

/** `soak`, and each act by itself: `soak-list` and so on. */
export const SOAKS: Readonly<Record<string, () => Promise<void>>> = {
  soak: () => attack(Object.keys(ACTS)),
  ...Object.fromEntries(Object.keys(ACTS).map((name) => [`soak-${name}`, () => attack([name])])),
};
