/** The page on the architecture, held against the tree and the layer tool. */
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { MODE_IDS } from '../plan/modes';
import { MODES } from './modes';

const ROOT = join(import.meta.dirname, '../../..');
const page = readFileSync(join(ROOT, 'docs/architecture.md'), 'utf8');
const section = (title: string) => page.split(`## ${title}\n`)[1]!.split('\n## ')[0]!;
const cells = (title: string) =>
  section(title)
    .split('\n')
    .filter((line) => line.startsWith('| ') && !line.startsWith('|---'))
    .slice(1)
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    );
const ticked = (cell: string) => [...cell.matchAll(/`([^`]+)`/g)].map((match) => match[1]!);
const foldersIn = (path: string) =>
  readdirSync(join(ROOT, path)).filter((name) => statSync(join(ROOT, path, name)).isDirectory());

/** Files of a mode on one side of the core, without tests, checks and formats. */
const filesOf = (side: string, mode: string) =>
  readdirSync(join(ROOT, 'core/src', side, mode)).map((name) =>
    name.endsWith('.ts') ? name.slice(0, -3) : `${name}/`,
  );

describe('docs/architecture.md', () => {
  const floors = cells('The core, from the bottom up');

  it('has every folder of the core once, and no other', () => {
    const named = floors.map(([, folder]) => ticked(folder!)[0]!.replace('/', ''));
    expect([...named].sort()).toEqual(foldersIn('core/src').sort());
  });

  it('has the floors in the order that the layer tool holds', () => {
    const { FLOORS } = createRequire(import.meta.url)(join(ROOT, '.dependency-cruiser.cjs')) as { FLOORS?: string[][] };
    const byFloor = floors
      .filter(([floor]) => /^\d+$/.test(floor!))
      .reduce<string[][]>((all, [floor, folder]) => {
        (all[Number(floor) - 1] ??= []).push(ticked(folder!)[0]!.replace('/', ''));
        return all;
      }, []);
    expect(byFloor.map((one) => one.sort())).toEqual(FLOORS!.map((one) => [...one].sort()));
  });

  it('has every folder of the pages', () => {
    const named = cells('Around the core').flatMap(([folder]) => ticked(folder!));
    for (const folder of foldersIn('web/src')) expect(named).toContain(`web/src/${folder}/`);
    for (const folder of named) expect(existsSync(join(ROOT, folder)), folder).toBe(true);
  });

  it('has every role of a mode with those that lack it, as the tree has them', () => {
    const names = Object.fromEntries(MODE_IDS.map((mode) => [MODES[mode].name, mode]));
    for (const [side, files, , without] of cells('A mode')) {
      const lacking = without === '' ? [] : without!.split(', ').map((name) => names[name]);
      for (const file of ticked(files!)) {
        const lack = MODE_IDS.filter((mode) => !filesOf(ticked(side!)[0]!, mode).includes(file));
        expect([file, lack.sort()]).toEqual([file, lacking.sort()]);
      }
    }
  });

  it('has every file of a mode, as a role or as its own', () => {
    const roles = cells('A mode').flatMap(([, files]) => ticked(files!));
    const own = [
      ...section('A mode')
        .split('Beside these stand')[1]!
        .matchAll(/`([^`]+)`/g),
    ].flatMap((match) => match[1]!.split(/\s+/));
    for (const side of ['plan/modes', 'modes']) {
      for (const mode of MODE_IDS) {
        const unnamed = filesOf(side, mode).filter(
          (file) => !file.endsWith('.test') && file !== 'index' && ![...roles, ...own].includes(file),
        );
        expect([mode, unnamed]).toEqual([mode, []]);
      }
    }
  });
});
