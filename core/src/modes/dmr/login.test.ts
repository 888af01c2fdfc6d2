import { describe, expect, it } from 'vitest';
import { newServer } from '../../plan/create';
import { newLogin } from '../../plan/modes/dmr/blanks';
import { tableOf } from '../../plan/table';
import { profileOf } from '../../testing/profile-of';
import { samplePlan } from '../../testing/sample-plan';
import { bestServer, freeSuffix, loginGaps } from './login';
import { dmrNetwork } from './networks';

const delay = (medianMs: number) => ({
  medianMs,
  lowMs: medianMs - 1,
  highMs: medianMs + 1,
  lost: 0,
  at: '2026-11-02T18:30:00Z',
});

describe('the server that is set', () => {
  // The delays decide where there are any; a server that was never measured is no candidate then.
  it.each<[string, (number | null)[], string | null]>([
    ['none', [], null],
    ['nothing measured: the first', [null, null], 's0'],
    ['the least delay', [80, 20, 50], 's1'],
    ['the least of those measured', [null, 90, 40], 's2'],
    ['equal delays: the first', [30, 30], 's0'],
  ])('%s', (_, delays, best) => {
    const network = dmrNetwork(samplePlan(), 'n1')!;
    const servers = tableOf(
      delays.map((ms, at) => ({
        ...newServer(`s${at}`, `S${at}`, `s${at}.example`),
        delay: ms === null ? null : delay(ms),
      })),
    );
    expect(bestServer({ ...network, servers })).toBe(best);
  });
});

it('what a login lacks is named', () => {
  expect(loginGaps(samplePlan(), 's1', 'n1', null)).toEqual(['network']);
  expect(
    loginGaps(
      samplePlan((plan) => void (plan.station.dmrId = null)),
      's1',
      'n1',
      newLogin(),
    ),
  ).toEqual(expect.arrayContaining(['server', 'password', 'own-id']));
  expect(loginGaps(samplePlan(), 's1', 'n1', { ...newLogin(), enabled: true, serverId: 's', password: 'x' })).toEqual(
    [],
  );
});

it('a free suffix is the lowest that no other hotspot has', () => {
  const plan = samplePlan((draft) => void (profileOf(draft, 's1').dmr.logins['n1']!.suffix = 1));
  expect([freeSuffix(plan, 's1'), freeSuffix(plan, 'another')]).toEqual([1, 2]);
});
