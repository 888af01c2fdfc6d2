import { describe, expect, it } from 'vitest';
import { edit } from '@relay/core/plan/edit';
import { rows } from '@relay/core/plan/table';
import { samplePlan } from '@relay/core/testing/sample-plan';
import { readCodeplug, replaceCodeplug, writeCodeplug } from './files';

describe('a codeplug table', () => {
  it('read into its radio keeps what the table does not hold: wants, rules and patterns of zones', async () => {
    const plan = samplePlan((draft) => {
      const [zone] = rows(draft.codeplugs['r1']!.zones);
      zone!.rule = { from: { kind: 'home' }, modes: ['dmr'], order: 'name' };
      zone!.pattern = '{network} {group}';
    });
    const { codeplug, findings } = await readCodeplug(await writeCodeplug(plan.codeplugs['r1']!));
    expect(findings).toEqual([]);
    expect(edit(plan, (draft) => replaceCodeplug(draft, 'r1', codeplug!)).plan.codeplugs).toEqual(plan.codeplugs);
  });
});
