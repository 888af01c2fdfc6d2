/**
 * The files of a radio's own program: 4,000 channels of 80 columns learnt (goal: 1 s) and written (goal: 0.5 s), and a
 * codeplug beside 300,000 contacts, as ratios to cutting the same text with the CSV library alone.
 */
import Papa from 'papaparse';
import { compareChannels } from '@relay/core/compare/meaning';
import { kitTables } from '@relay/core/kits/kit-tables';
import { learnKit } from '@relay/core/kits/learn/learn-kit';
import { NO_EVIDENCE } from '@relay/core/kits/learn/learnt';
import { readKit } from '@relay/core/kits/read-kit';
import { readBack } from '@relay/core/kits/write/read-back';
import { fillFiles, writeKit } from '@relay/core/kits/write/write-kit';
import { KIT_MODES } from '@relay/core/registries/kits';
import { openTables } from '@relay/core/tables/open';
import { sampleCodeplug } from '@relay/core/testing/kits/codeplug';
import { DIALECTS } from '@relay/core/testing/kits/dialect';
import { makeKit } from '@relay/core/testing/kits/make-kit';
import { randomOf } from '@relay/core/testing/kits/random';
import { TYPED } from '@relay/core/testing/kits/typed-kit';

const CHANNELS = 4000;
const COLUMNS = 80;
const CONTACTS = 300_000;

interface Times {
  firstMs: number;
  medianMs: number;
}

/**
 * The first run, and the median of those behind it. Garbage is not collected in between: that also throws away what the
 * engine has compiled, which a worker keeps.
 */
async function timesOf(work: () => unknown, runs: number): Promise<Times> {
  const times: number[] = [];
  for (let run = 0; run <= runs; run += 1) {
    const start = performance.now();
    await work();
    times.push(performance.now() - start);
  }
  const [firstMs, ...later] = times;
  return { firstMs: firstMs!, medianMs: later.sort((a, b) => a - b)[Math.floor(runs / 2)]! };
}

export interface KitFigure {
  what: string;
  times: Times;
  /** What cutting the same table with the CSV library alone takes. */
  cutMs: number;
  goalMs: number | null;
}

/** The table of channels with columns that only the program knows, until it has as many as asked for. */
function widened(text: string): string {
  const [head = '', ...lines] = text.trimEnd().split('\r\n');
  const more = COLUMNS - head.split('","').length;
  const titles = Array.from({ length: more }, (_, at) => `"Own ${at + 1}"`).join(',');
  const cells = Array.from({ length: more }, (_, at) => `"${at % 7}"`).join(',');
  return [`${head},${titles}`, ...lines.map((line) => `${line},${cells}`)].join('\r\n') + '\r\n';
}

async function channelFigures(): Promise<KitFigure[]> {
  const random = randomOf(4000);
  const codeplug = sampleCodeplug(random, CHANNELS, ['dmr', 'fm']);
  const made = await makeKit(codeplug, { ...DIALECTS[0]!, nameLength: 24 }, random);
  const given = made.files.map(({ name, bytes }) =>
    name === 'channels.csv'
      ? { name, bytes: new TextEncoder().encode(widened(new TextDecoder().decode(bytes))) }
      : { name, bytes },
  );
  const text = new TextDecoder().decode(given[0]!.bytes);
  const { medianMs: cutMs } = await timesOf(() => Papa.parse(text).data.length, 7);
  const open = () => Promise.all(given.map(async ({ name, bytes }) => ({ name, file: await openTables(bytes) })));
  const learnTimes = await timesOf(async () => learnKit(await open(), KIT_MODES, NO_EVIDENCE), 7);
  const files = await open();
  const kit = { tables: learnKit(files, KIT_MODES, NO_EVIDENCE).tables.map(({ layout }) => layout) };
  const { tables, findings } = kitTables(kit, files);
  const content = readKit(tables, KIT_MODES, { findings });
  // One channel in ten changes.
  const next = structuredClone(content.codeplug);
  next.channels.order.forEach((id, at) => {
    if (at % 10 === 0) next.channels.byId[id]!.power = next.channels.byId[id]!.power === 'low' ? 'high' : 'low';
  });
  const options = { keepOthers: true };
  const writeTimes = await timesOf(() => fillFiles(next, kit, files, KIT_MODES, options), 7);
  const { writing, zones, scanLists, made: filled } = await fillFiles(next, kit, files, KIT_MODES, options);
  const backTimes = await timesOf(() => readBack(writing, kit, filled, { zones, 'scan lists': scanLists }), 7);
  const compareTimes = await timesOf(() => compareChannels(KIT_MODES, next, content.codeplug), 7);
  const width = text.split('\r\n', 1)[0]!.split('","').length;
  const count = CHANNELS.toLocaleString('en');
  return [
    { what: `${count} channels of ${width} columns opened and learnt`, times: learnTimes, cutMs, goalMs: 1000 },
    { what: 'the same written, one channel in ten changed', times: writeTimes, cutMs, goalMs: 500 },
    { what: 'and read back', times: backTimes, cutMs, goalMs: null },
    { what: `two codeplugs of ${count} channels compared`, times: compareTimes, cutMs, goalMs: 100 },
  ];
}

/** A directory of somebody's whole network beside a small codeplug: it is passed by, not taken in. */
async function contactFigures(): Promise<KitFigure[]> {
  const rows = Array.from(
    { length: CONTACTS },
    (_, at) => `${at + 4},Station ${at},Private Call,${9_990_000 + at}\r\n`,
  );
  const contacts = TYPED['contacts.csv']! + rows.join('');
  const { medianMs: cutMs } = await timesOf(() => Papa.parse(contacts).data.length, 3);
  const given = Object.entries({ ...TYPED, 'contacts.csv': contacts }).map(([name, text]) => ({
    name,
    bytes: new TextEncoder().encode(text),
  }));
  const open = () => Promise.all(given.map(async ({ name, bytes }) => ({ name, file: await openTables(bytes) })));
  const learnTimes = await timesOf(async () => learnKit(await open(), KIT_MODES, NO_EVIDENCE), 3);
  const files = await open();
  const kit = { tables: learnKit(files, KIT_MODES, NO_EVIDENCE).tables.map(({ layout }) => layout) };
  const { tables, findings } = kitTables(kit, files);
  const readTimes = await timesOf(() => readKit(tables, KIT_MODES, { findings }), 3);
  const { codeplug } = readKit(tables, KIT_MODES, { findings });
  const writeTimes = await timesOf(() => writeKit(codeplug, kit, files, KIT_MODES, { keepOthers: true }), 3);
  const count = CONTACTS.toLocaleString('en');
  return [
    { what: `${count} contacts opened and learnt`, times: learnTimes, cutMs, goalMs: null },
    { what: 'the same read, with what channels name taken in', times: readTimes, cutMs, goalMs: null },
    { what: 'a small codeplug written beside them, and read back', times: writeTimes, cutMs, goalMs: null },
  ];
}

export async function benchKits(): Promise<KitFigure[]> {
  const figures = [...(await channelFigures()), ...(await contactFigures())];
  for (const { what, times, cutMs, goalMs } of figures) {
    const goal = goalMs === null ? '' : ` (goal ${goalMs} ms)`;
    const ratio = `${(times.medianMs / cutMs).toFixed(1)} × cutting its table`;
    console.log(
      `${what}: ${times.medianMs.toFixed(0)} ms, ${ratio}${goal}; the first time ${times.firstMs.toFixed(0)} ms`,
    );
  }
  return figures;
}
