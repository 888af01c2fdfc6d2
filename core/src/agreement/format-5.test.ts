/**
 * Plans and files of format 5, as the program wrote them that had that format: the demo plans, a plan with cross-mode
 * ways and sixty generated ones. Brought to today's format the named plans say what that program said. What the
 * generated ones say was taken again with format 7, which stopped taking for wrong what nobody had said.
 */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planJson } from '../formats/plan-json';
import { applyPatches, type Patch } from '../plan/patches';
import { type Plan, PLAN_FORMAT_VERSION } from '../plan/types';
import { rows } from '../plan/table';
import { validatePlan } from '../plan/validate';
import { codeplugCsv } from '../registries/codeplug-csv';
import { planIndex } from '../registries/modes';
import { agreementOf } from './agreement';

/** Radio, channel, verdict, hop, answer only, outcome, place. */
type ChannelRow = [string, string, string, string | null, boolean, string, string];
/** Check, severity, message, radio, channel, site, network. */
type FindingRow = [string, string, string, string | null, string | null, string | null, string | null];

interface Said {
  channels: ChannelRow[];
  findings: FindingRow[];
}

const folder = new URL('../testing/format-5/', import.meta.url);
const taken = (name: string) => readFileSync(new URL(name, folder));
const named = JSON.parse(taken('named.json').toString()) as {
  today: string;
  plans: (Said & { name: string; plan: unknown })[];
};
const generated = JSON.parse(taken('generated.json').toString()) as {
  today: string;
  base: object;
  generated: (Said & { patches: Patch[] })[];
};

/** Checks that came since: what they say is another matter. */
const SINCE = ['several-modes-linked', 'cable-before-radio'];

function saidNow(plan: Plan, today: string): Said {
  const { channels, findings } = agreementOf(plan, planIndex(plan, { today }));
  return {
    channels: channels.map((one) => [
      one.radioId,
      one.channelId,
      one.verdict,
      one.at,
      one.replyOnly,
      one.outcome,
      one.place,
    ]),
    findings: findings
      .filter(({ check }) => !SINCE.includes(check))
      .map(({ check, severity, message, subject }) => [
        check,
        severity,
        message,
        subject.radioId ?? null,
        subject.channelId ?? null,
        subject.siteId ?? null,
        subject.networkId ?? null,
      ]),
  };
}

function opened(document: unknown): Plan {
  const { plan, problems } = validatePlan(document);
  expect(problems).toEqual([]);
  expect(plan!.formatVersion).toBe(PLAN_FORMAT_VERSION);
  return plan!;
}

describe('plans of format 5', () => {
  it.each(named.plans)('$name says what it said', ({ plan, channels, findings }) => {
    expect(saidNow(opened(plan), named.today)).toEqual({ channels, findings });
  });

  it.each(generated.generated.map((one, at) => ({ at, ...one })))(
    'generated plan $at says what it said',
    ({ patches, channels, findings }) => {
      const old = applyPatches(structuredClone(generated.base) as Plan, patches);
      expect(saidNow(opened(old), generated.today)).toEqual({ channels, findings });
    },
  );

  it('say more than one thing', () => {
    const verdicts = new Set(generated.generated.flatMap((one) => one.channels.map((channel) => channel[2])));
    expect([...verdicts].sort()).toEqual(['broken', 'doubtful', 'whole']);
    expect(
      new Set(generated.generated.flatMap((one) => one.findings.map((finding) => finding[0]))).size,
    ).toBeGreaterThan(30);
  });

  it('opened and saved again stay what they are', () => {
    const first = opened(named.plans[1]!.plan);
    expect(planJson.read(planJson.write(first, { passwords: true })).value).toEqual(first);
  });
});

describe('codeplug tables of that time', () => {
  const plan = opened(named.plans.find((one) => one.name === 'all-modes')!.plan);
  it.each(['handheld', 'pilot', 'portable', 'rambler'])('%s.csv opens as the codeplug it was', (radioId) => {
    const { value, findings } = codeplugCsv.read(taken(`${radioId}.csv`));
    expect(findings).toEqual([]);
    expect(rows(value!.channels).map((one) => one.name)).toEqual(
      rows(plan.codeplugs[radioId]!.channels).map((one) => one.name),
    );
    expect(value!.dmr).toEqual(plan.codeplugs[radioId]!.dmr);
    expect(value!.c4fm).toEqual(plan.codeplugs[radioId]!.c4fm);
    expect(rows(value!.zones)).toEqual(rows(plan.codeplugs[radioId]!.zones));
  });
});
