import { describe, expect, it } from 'vitest';
import { putDealt, saveRoom } from '../modes/c4fm/book';
import { roomNetwork } from '../modes/c4fm/rooms';
import { newNetwork } from '../plan/create';
import { tableOf } from '../plan/table';
import type { Plan } from '../plan/types';
import { dstarPlan } from '../testing/sample-dstar';
import { p25Plan } from '../testing/sample-p25';
import { samplePlan } from '../testing/sample-plan';
import { roomsPlan } from '../testing/sample-rooms';
import { sitesPlan } from '../testing/sample-sites';
import { cardOf } from '../registries/outputs';

const section = (plan: Plan, mode: string, title: string) =>
  cardOf(plan).find((one) => one.mode === mode && one.title === title);

const keep =
  (roomId: string, category: string, uses = 0) =>
  (plan: Plan) => {
    const network = roomNetwork(plan, roomId === 'news' ? 'rm2' : 'rm1')!;
    saveRoom(plan, { network, room: network.rooms.byId[roomId]! }, { id: `cat-${category}`, name: category });
    Object.values(plan.shared.c4fm.entries.byId).find((one) => one.roomId === roomId)!.uses = uses;
  };

describe('the pocket card', () => {
  it('lists the groups of a P25 network and the group that unlinks', () => {
    const { lines, out } = section(p25Plan(), 'P25', 'Foghorn')!;
    expect(lines.map((one) => [one.enter, one.name])).toEqual([
      ['4170', 'Quay Watch'],
      ['5880', 'All Isles'],
      ['9999', 'Unlink Foghorn'],
      ['9991', 'Echo Foghorn'],
    ]);
    expect(out).toContain('9999');
  });

  it('says so where no group unlinks', () => {
    const plan = p25Plan((draft) => {
      const network = draft.networks.byId['p1']!;
      if (network.mode === 'p25') network.special.unlink = null;
    });
    expect(section(plan, 'P25', 'Foghorn')!.out).not.toContain('9999');
  });

  it('has the rooms of the book by category, what is used most first, and every number that disconnects', () => {
    const plan = roomsPlan((draft) =>
      [keep('evening', 'Evenings', 1), keep('deck', 'Evenings', 4), keep('news', 'News')].forEach((one) => one(draft)),
    );
    expect(section(plan, 'C4FM', 'Evenings')!.lines.map((one) => `${one.enter} ${one.name}, ${one.note}`)).toEqual([
      '41377 Ferry Deck, Skerry',
      '41205 Isles Evening, Hask, Skerry',
    ]);
    expect(section(plan, 'C4FM', 'News')!.out).toContain('99999');
  });

  it('says where a radio keeps a room, and nothing of a group of another mode that has the same number', () => {
    const plan = roomsPlan((draft) => {
      keep('evening', 'Evenings')(draft);
      putDealt(draft, 'r3');
      draft.networks.byId['p9'] = {
        ...newNetwork('p25', 'p9', 'Foghorn'),
        groups: tableOf([{ id: 'same', number: 41_205, name: 'Same Number' }]),
      };
      draft.networks.order.push('p9');
    });
    expect(section(plan, 'C4FM', 'Evenings')!.lines[0]!.note).toBe('Hask, Skerry; category 1 in Rambler');
    expect(section(plan, 'P25', 'Foghorn')!.lines.find((one) => one.enter === '41205')!.note).toBe('');
  });

  it('has the commands of D-STAR with the letter in its place', () => {
    const lines = section(dstarPlan(), 'D-STAR', 'Reflectors')!.lines.map((one) => one.enter);
    expect(lines).toEqual(expect.arrayContaining(['LNK001CL', '·······U', '·······I']));
  });

  it('leaves out modes that call nothing, and sections with nothing on them', () => {
    expect(cardOf(sitesPlan()).map((one) => one.mode)).not.toContain('FM');
    expect(cardOf(samplePlan()).map((one) => one.mode)).toEqual(['DMR']);
    expect(cardOf(roomsPlan()).some((one) => one.mode === 'C4FM')).toBe(false);
  });
});
