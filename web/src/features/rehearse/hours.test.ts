import { describe, expect, it } from 'vitest';
import { LEVELS, levelOf } from './hours';

describe('how busy an hour is', () => {
  it.each([
    [0, 'nobody'],
    [0.04, 'seldom'],
    [0.3, 'much'],
    [1, 'without a pause'],
  ])('%s is drawn as %s', (share, words) => {
    expect(LEVELS[levelOf(share)]!.words).toBe(words);
  });
  it('each step is itself', () => {
    for (const [at, { share }] of LEVELS.entries()) expect(levelOf(share)).toBe(at);
  });
});
