/** Recall from the radio: which radio has which entry, one press for those that lack, and what each comes to. */
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { profileMatrix } from '../agreement/profile-matrix';
import { edit } from '../plan/edit';
import { removeRow, rows } from '../plan/table';
import type { Hotspot, Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { runProfile } from '../plan/profile-acts';
import { MODES, planIndex } from '../registries/modes';
import { codeplugCsv } from '../registries/codeplug-csv';
import { recallPlan, slotsPlan } from '../testing/sample-recall';
import { buildRecall, missingEntries, recallMatrix } from './recall';

const cells = (plan: Plan) =>
  recallMatrix(plan, MODES, 's1').map((row) => [
    `${plan.radios.byId[row.radioId]!.name} ${row.mode}`,
    row.cells.map(({ lack }) => lack ?? 'there').join(' '),
  ]);
const c4fmRadio = (plan: Plan) => rows(plan.radios).find((one) => one.c4fm)!;
const codes = (plan: Plan) => plan.codeplugs[c4fmRadio(plan).id]!.c4fm.codes;

describe('the matrix of slots and radios', () => {
  it('says what each radio lacks, and one press completes it', () => {
    const bare = slotsPlan();
    expect(validatePlan(bare).problems).toEqual([]);
    for (const [, words] of cells(bare)) expect(words).toBe('missing missing missing missing missing');
    const count = missingEntries(recallMatrix(bare, MODES, 's1'));
    expect(count).toBe(cells(bare).length * 5);
    const full = edit(bare, (draft) => void expect(buildRecall(draft, MODES, 's1')).toBe(count)).plan;
    expect(validatePlan(full).problems).toEqual([]);
    for (const [, words] of cells(full)) expect(words).toBe('there there there there there');
    expect(edit(full, (draft) => void buildRecall(draft, MODES, 's1')).plan).toBe(full);
    const { tally, findings } = agreementOf(full);
    expect([tally.doubtful, tally.broken, findings.map((one) => one.what)]).toEqual([0, 0, []]);
    expect(cells(full).map(([name]) => name!.split(' ')[1])).toEqual(['dmr', 'dstar', 'c4fm', 'p25']);
  });

  it('sends what each mode sends: a group, UR, a tone code', () => {
    const plan = recallPlan();
    const channels = Object.values(plan.codeplugs).flatMap((one) => rows(one.channels));
    const third = channels.filter((one) => one.destination?.kind === 'recall' && one.destination.slotId === 'slot3');
    expect(
      third.map((one) =>
        one.mode === 'dmr'
          ? one.dmr.call
          : one.mode === 'dstar'
            ? one.dstar.ur
            : one.mode === 'p25'
              ? one.p25.group
              : '',
      ),
    ).toEqual([{ kind: 'group', number: 990_003 }, 'SLOT 3  ', 5_003]);
    expect(rows(codes(plan)).map(({ name, code }) => [name, code])).toEqual([
      ['1 Base', '771'],
      ['2 DMR only', '772'],
      ['3 D-STAR only', '773'],
      ['4 C4FM only', '774'],
      ['5 Standby', '775'],
    ]);
  });

  // A radio with five codes and slots 1 to 5: all five can be reached; with four, one is named that cannot.
  it('fills a radio that keeps four codes with the first four, and names the fifth', () => {
    const plan = edit(
      slotsPlan((draft) => void (c4fmRadio(draft).c4fm!.dtmfMemories = 4)),
      (draft) => void buildRecall(draft, MODES, 's1'),
    ).plan;
    const name = c4fmRadio(plan).name;
    expect(cells(plan).find(([who]) => who === `${name} c4fm`)![1]).toBe('there there there there no room');
    const told = agreementOf(plan).findings.map((one) => one.what);
    expect(told).toContain(`${name} keeps 4 codes: slot 5, Standby of Home cannot be recalled from it.`);
    expect(told).toContain('Home: slot 4 cannot be left for slot 5: no radio of C4FM recalls it.');
  });

  it('with one code gone, one slot cannot be left for another, and one press gives it back', () => {
    const plan = recallPlan((draft) => {
      const second = rows(codes(draft)).find((one) => one.code === '772')!;
      removeRow(codes(draft), second.id);
    });
    const [finding, ...more] = agreementOf(plan).findings;
    expect(more).toEqual([]);
    expect([finding!.what, finding!.fixLabels]).toEqual([
      'Home: slot 4 cannot be left for slot 2: no radio of C4FM recalls it.',
      ['Add the entry for slot 2'],
    ]);
  });

  it('a slot that goes takes the links of its entries along, and a plan with codes goes through its table', () => {
    const plan = recallPlan();
    const gone = edit(plan, (draft) => removeRow((draft.sites.byId['s1'] as Hotspot).recall, 'slot2')).plan;
    expect(validatePlan(gone).problems).toEqual([]);
    expect(
      rows(codes(gone))
        .filter((one) => one.recalls === null)
        .map((one) => one.code),
    ).toEqual(['772']);
    const codeplug = plan.codeplugs[c4fmRadio(plan).id]!;
    const { value, findings } = codeplugCsv.read(codeplugCsv.write(codeplug, undefined));
    expect([value!.c4fm.codes, findings]).toEqual([codeplug.c4fm.codes, []]);
  });
});

describe('a call that recalls a profile', () => {
  it('is taken by the hotspot, and goes nowhere else', () => {
    const plan = recallPlan();
    const index = planIndex(plan);
    const paths = index.paths().filter(({ context }) => context.recalls !== null);
    expect(paths.length).toBe(15);
    for (const { path, context } of paths) {
      expect(path.verdict).toBe('whole');
      expect(path.arrives).toBeNull();
      expect(path.call.hops.map((hop) => hop.id)).toEqual(['radio', 'air', 'site', 'destination']);
      expect(context.recalls!.id).toBe(
        context.channel.destination?.kind === 'recall' ? context.channel.destination.slotId : '',
      );
    }
  });

  it('from a mode that is off in the profile that runs is not heard', () => {
    const plan = edit(recallPlan(), (draft) => runProfile(draft, 's1', 'only-c4fm')).plan;
    const heard = planIndex(plan)
      .paths()
      .filter(({ context, path }) => context.recalls !== null && path.verdict === 'whole');
    expect(heard).toEqual([]);
  });
});

describe('the matrix of profiles and paths', () => {
  it('says under which profiles a path is whole, and after which slot its radio has it whole', () => {
    const plan = edit(recallPlan(), (draft) => runProfile(draft, 's1', 'only-c4fm')).plan;
    const matrix = profileMatrix(plan, 's1', planIndex);
    expect(matrix.profiles.map(({ name, isActive, tally }) => [name, isActive, tally.broken > 0])).toEqual([
      ['Base', false, false],
      ['DMR only', false, true],
      ['D-STAR only', false, true],
      ['C4FM only', true, true],
      ['Standby', false, false],
    ]);
    const room = matrix.rows.find((row) => row.strips[3]!.verdict === 'whole')!;
    expect([room.strips[1]!.verdict, room.after]).toEqual(['broken', []]);
    // The DMR radio is not heard now: no slot that it recalls can be reached from here.
    const group = matrix.rows.find((row) => row.radioId === 'r1' && row.strips[1]!.verdict === 'whole')!;
    expect([group.strips[3]!.verdict, group.after]).toEqual(['broken', []]);
    // Running DMR only, its own radio recalls the slots under which another path of it would be whole.
    const dmr = profileMatrix(
      edit(plan, (draft) => {
        runProfile(draft, 's1', 'only-dmr');
        draft.profiles.byId['only-dmr']!.set.dmr = { logins: { n1: { enabled: false } } };
      }).plan,
      's1',
      planIndex,
    );
    const again = dmr.rows.find((row) => row.channelId === group.channelId)!;
    expect([again.strips[1]!.verdict, again.after]).toEqual(['broken', ['slot 1, Base', 'slot 5, Standby']]);
  });
});
