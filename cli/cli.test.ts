import { bytesOf, textOf } from '@relay/core/formats/format';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it, vi } from 'vitest';
import { planJson } from '@relay/core/formats/plan-json';
import type { Recipe } from '@relay/core/plan/edit';
import { channelOf, samplePlan } from '@relay/core/testing/sample-plan';
import { routedPlan } from '@relay/core/testing/sample-routes';

// Each case starts processes, and a busy machine takes its time for that.
vi.setConfig({ testTimeout: 60_000 });

const folder = mkdtempSync(join(tmpdir(), 'relay-cli-'));

function file(name: string, change?: Recipe): string {
  const path = join(folder, name);
  writeFileSync(path, planJson.write(samplePlan(change), { passwords: true }));
  return path;
}

/** The command as it is built and shipped; `./relay check` calls the same file. */
function run(...words: string[]) {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(import.meta.dirname, 'dist/main.js'), ...words],
    { encoding: 'utf8' },
  );
  return { status, out: stdout, err: stderr };
}

const sound = file('sound.json');
const routed = join(folder, 'routed.json');
writeFileSync(routed, planJson.write(routedPlan(), { passwords: true }));
const broken = file('broken.json', (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 7));

describe('check', () => {
  it('ends with 0 when all is whole', () =>
    expect(run('check', sound)).toEqual({
      status: 0,
      out: '4 paths: 4 whole, 0 doubtful, 0 broken; 0 findings\n',
      err: '',
    }));

  it('ends with 1 and says what, where and the mend', () => {
    const { status, out } = run('check', broken);
    expect(status).toBe(1);
    expect(out).toContain('Hask Wide: channel has 7, site has 1.');
    expect(out).toContain('at /codeplugs/r1/channels/byId/ch-w-g1/dmr/colorCode; mend: Set the channel to 1');
    expect(JSON.parse(run('check', broken, '--json').out)).toMatchObject({
      paths: { broken: 1 },
      findings: [{ check: 'color-code-differs' }],
    });
  });

  it.each([
    ['no file', ['check'], 'No plan file was named.'],
    ['a file that is not there', ['check', join(folder, 'gone.json')], 'cannot be read'],
    ['another command', ['dance', sound], 'Unknown command “dance”.'],
  ])('ends with 2 for %s', (_, words, message) =>
    expect(run(...words)).toMatchObject({ status: 2, out: '', err: expect.stringContaining(message) as string }),
  );

  it('ends with 2 for a broken plan, and says the place', () => {
    const path = join(folder, 'bad.json');
    writeFileSync(
      path,
      textOf(planJson.write(samplePlan(), { passwords: true })).replace('"colorCode": 1', '"colorCode": 16'),
    );
    const { status, err } = run('check', path);
    expect(status).toBe(2);
    expect(err).toMatch(/colorCode: found 16, expected at most 15/);
  });
});

describe('trace', () => {
  it('shows the hops there and back', () => {
    const { status, out } = run('trace', broken, '--channel', 'Hask Wide');
    expect(status).toBe(1);
    expect(out).toContain('Hask Wide on Handheld: broken at the hotspot');
    expect(out).toContain('color code 7 (expects 1)');
    expect(run('trace', sound, '--channel', 'Hask Wide').out).toContain('ends up at Lantern, group 417, Hask Wide');
    expect(JSON.parse(run('trace', '--json', '--channel', 'Hask Wide', sound).out)).toMatchObject([
      { verdict: 'whole' },
    ]);
    expect(run('trace', sound, '--channel', 'Nobody')).toMatchObject({
      status: 2,
      err: 'The plan has no channel “Nobody”.\n',
    });
    expect(run('trace', sound)).toMatchObject({
      status: 2,
      err: 'Neither channel nor number was named: add --channel NAME or --number N.\n',
    });
  });

  it('says where a number goes', () => {
    expect(run('trace', routed, '--number', '8000417')).toMatchObject({
      status: 0,
      out: 'group 8000417 through Home\nTo Causeway, group 417, Harbour (rule 2).\nThe hotspot’s own page shows 8000417, the network’s 417; the answer comes back as 8000417.\n',
    });
    expect(run('trace', routed, '--number', '623').out).toContain(
      'Probably not meant: Causeway has group 623, Ferry Crew',
    );
    expect(run('trace', routed, '--private', '--number', '4000', '--hotspot', 'Home')).toMatchObject({
      status: 1,
      out: expect.stringContaining('Nowhere: no rule takes private 4000.') as string,
    });
    expect(run('trace', routed, '--number', '0')).toMatchObject({
      status: 2,
      err: 'Found number “0”, expected 1 to 16,776,415.\n',
    });
    expect(run('trace', routed, '--number', '5', '--hotspot', 'Away')).toMatchObject({
      status: 2,
      err: 'The plan has no hotspot “Away”.\n',
    });
  });
});

describe('build', () => {
  it('writes the built plan, and the difference list on request', () => {
    const moved = file('moved.json', (plan) => void (plan.sites.byId['s1']!.dmr!.colorCode = 2));
    expect((JSON.parse(run('build', moved, '--json').out) as { field: string }[]).map((item) => item.field)).toEqual([
      'Color code',
      'Color code',
      'Color code',
      'Color code',
    ]);
    const { status, out } = run('build', moved);
    expect(status).toBe(0);
    expect(channelOf(planJson.read(bytesOf(out)).value!, 'g1').dmr.colorCode).toBe(2);
  });
});
