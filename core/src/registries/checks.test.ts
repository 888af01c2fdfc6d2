import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { MODE_IDS } from '../plan/modes';
import { CHECKS } from './checks';

const SRC = join(import.meta.dirname, '..');
const FOLDERS = ['checks', ...MODE_IDS.map((mode) => `modes/${mode}/checks`)].map((folder) => join(SRC, folder));
const files = FOLDERS.flatMap((folder) => readdirSync(folder).map((name) => join(folder, name)));
/** A check's file defines it; what is beside it (registry, walkers, runner) does not. */
const defining = files.filter(
  (file) => !file.endsWith('.test.ts') && /= (?:defineCheck|valueCheck|reachCheck)\(/.test(readFileSync(file, 'utf8')),
);

describe('the list of checks', () => {
  it('holds every file that defines one, under the file’s name, once', () => {
    expect(CHECKS.map((check) => check.id).sort()).toEqual(defining.map((file) => basename(file, '.ts')).sort());
    expect(CHECKS.length).toBeGreaterThanOrEqual(20);
  });

  it('has a table of cases beside each', () => {
    expect(defining.filter((file) => !files.includes(file.replace(/\.ts$/, '.test.ts')))).toEqual([]);
  });

  it('is the one that is published', () => {
    const page = readFileSync(join(SRC, '../../docs/checks.md'), 'utf8');
    expect([...page.matchAll(/^`([a-z0-9-]+)` · /gm)].map((match) => match[1])).toEqual(
      CHECKS.map((check) => check.id),
    );
  });

  it.each(CHECKS.map((check) => [check.id, check] as const))(
    '%s says what, why and what to do in whole sentences',
    (_, { docs, title, messages }) => {
      for (const text of [docs.summary, docs.why, docs.remedy]) expect(text).toMatch(/^[A-Z“].*\.$/s);
      expect(title).not.toMatch(/[.!]$/);
      for (const message of Object.values(messages)) expect(message).toMatch(/\.$/);
    },
  );
});
