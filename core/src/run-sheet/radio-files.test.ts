import { describe, expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { putRow } from '../plan/table';
import { planIndex } from '../registries/modes';
import { runSheet } from '../registries/outputs';
import { samplePlan } from '../testing/sample-plan';

const stepOf = (plan: ReturnType<typeof samplePlan>) =>
  runSheet(planIndex(plan, { today: '2026-11-26' })).find(({ id }) => id === 'radio-r1')!;

describe('the step that writes a radio', () => {
  it('fills, loads and compares the files of its own program, where they are known', () => {
    const plan = edit(samplePlan(), (draft) => {
      const file = { name: 'kit/channels.csv', kind: 'delimited', dialect: 'UTF-8, commas', pattern: '' };
      putRow(draft.kits, { id: 'k', name: 'Kit', radioId: 'r1', secretFiles: '', files: [file], tables: [] });
    }).plan;
    expect(stepOf(plan).todo).toContain('Under Radio files fill channels.csv, and save the zip.');
    expect(stepOf(plan).proof).toContain('compare clean under Radio files');
  });

  it('says nothing of them where nobody has given any', () => {
    expect(stepOf(samplePlan()).todo.join(' ')).not.toContain('Radio files');
    expect(stepOf(samplePlan()).proof).toContain('mark it as written');
  });
});
