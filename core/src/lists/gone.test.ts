import { expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { repeaterOf, sitesPlan } from '../testing/sample-sites';
import { markGone, takenFrom } from './gone';

const goneOn = (plan: ReturnType<typeof sitesPlan>) =>
  takenFrom(plan, 'Isles club').map(({ id, listing }) => [id, listing.goneOn]);

it('marks what a newer version of its list lacks, keeps the first day of it, and takes the mark back', () => {
  const plan = sitesPlan((draft) => void (repeaterOf(draft, 'rp3').listing.list = { name: 'Another', issuedOn: null }));
  const others = takenFrom(plan, 'Isles club').map((one) => one.id);
  expect(others).not.toContain('rp3');
  const held = others.map((id) => id !== 'rp2');
  const marked = edit(plan, markGone('Isles club', held, '2026-11-20')).plan;
  expect(goneOn(marked)).toEqual(others.map((id) => [id, id === 'rp2' ? '2026-11-20' : null]));
  expect(goneOn(edit(marked, markGone('Isles club', held, '2026-11-26')).plan)).toEqual(goneOn(marked));
  expect(
    edit(
      marked,
      markGone(
        'Isles club',
        others.map(() => true),
        '2026-11-26',
      ),
    ).plan,
  ).toEqual(plan);
  expect(
    edit(
      plan,
      markGone(
        'Isles club',
        others.map(() => true),
        '2026-11-26',
      ),
    ).patches,
  ).toEqual([]);
});
