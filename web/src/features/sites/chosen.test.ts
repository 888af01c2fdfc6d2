import { describe, expect, it } from 'vitest';
import type { FiledSite } from '@relay/core/lists/filed';
import { useChosen } from './chosen';

const site = (line: number) => ({ listId: 'a', line }) as FiledSite;

describe('sites on their way into the plan', () => {
  it('go in the order of the page, what was ticked elsewhere after', () => {
    let page = [site(1), site(2), site(3)];
    const { ticked, adding, toAdd, remember, addTicked } = useChosen(() => page);
    remember(page);
    page = [site(9), site(3), site(7), site(1)];
    remember(page);
    ticked.value = new Set(['a/1', 'a/2', 'a/3', 'a/9', 'a/5']);
    addTicked();
    expect(toAdd.value.map((one) => one.line)).toEqual([9, 3, 1, 2]);
    expect(adding.value).toBe(true);
  });
});
