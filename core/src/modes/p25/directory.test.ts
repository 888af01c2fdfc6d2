import { describe, expect, it } from 'vitest';
import { p25Plan } from '../../testing/sample-p25';
import { compareDirectory, putDirectory } from '../../lists/directory';
import type { ModeDirectory } from '../../lists/mode-directory';
import { directory as p25Directory, type ListedP25Group } from './directory';
import { p25Networks } from './links';

const directory = p25Directory as unknown as ModeDirectory;
const network = () => structuredClone(p25Networks(p25Plan())[0]!);
const LIST = [
  { number: 4170, name: 'Quay Watch' },
  { number: 5880, name: 'Every Isle' },
  { number: 7130, name: 'Storm Watch' },
];

describe('a list of P25 groups', () => {
  it('is held against the network by number', () => {
    const { fresh, changed, same } = compareDirectory(directory, network(), LIST);
    expect([fresh, changed.map(({ entry, to }) => [entry.id, (to as ListedP25Group).name]), same]).toEqual([
      [{ number: 7130, name: 'Storm Watch' }],
      [['all', 'Every Isle']],
      1,
    ]);
  });

  it('goes in; what it lacks stays, and the second time nothing changes', () => {
    const into = network();
    putDirectory(directory, into, LIST.slice(1));
    expect(Object.values(into.groups.byId).map(({ number, name }) => [number, name])).toEqual([
      [4170, 'Quay Watch'],
      [5880, 'Every Isle'],
      [7130, 'Storm Watch'],
    ]);
    expect(into.groups.order).toHaveLength(3);
    expect(compareDirectory(directory, into, LIST)).toEqual({ fresh: [], changed: [], same: 3 });
  });
});
