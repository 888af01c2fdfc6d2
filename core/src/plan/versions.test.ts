import { describe, expect, it } from 'vitest';
import { samplePlan } from '../testing/sample-plan';
import { edit } from './edit';
import type { EditRecord } from './history';
import { pastVersions, planBefore } from './versions';

/** Three edits of a plan, with the plan before each. */
function edited() {
  const before = [samplePlan()];
  const edits = ['Hask', 'Merrin', 'Dunsel'].map((name, at): EditRecord & { at: string } => {
    const { plan, patches, inverse } = edit(before.at(-1)!, (draft) => void (draft.name = name));
    before.push(plan);
    const when = `2026-11-2${at}T10:00:00.000Z`;
    return { id: `e${at}`, kind: 'edit', target: null, label: name, patches, inverse, at: when };
  });
  return { before, edits, plan: before.at(-1)! };
}

describe('older versions of a plan', () => {
  it('are told newest first, each by the edit behind it', () => {
    const { edits } = edited();
    expect(pastVersions(edits).map(({ editId, label }) => [editId, label])).toEqual([
      ['e2', 'Dunsel'],
      ['e1', 'Merrin'],
      ['e0', 'Hask'],
    ]);
  });

  it('are the plan as it was', () => {
    const { before, edits, plan } = edited();
    edits.forEach(({ id }, at) => expect(planBefore(plan, edits, id)).toEqual(before[at]));
  });

  it('reach back to where the document was brought to a newer format', () => {
    const { edits } = edited();
    const format: EditRecord & { at: string } = { ...edits[1]!, id: 'f', kind: 'format' };
    expect(pastVersions([edits[0]!, format, edits[2]!]).map(({ editId }) => editId)).toEqual(['e2']);
  });

  it('are none for an edit that is not there', () => {
    const { edits, plan } = edited();
    expect(() => planBefore(plan, edits, 'e9')).toThrow('There is no edit e9.');
  });
});
