import { afterAll, beforeAll, expect, it } from 'vitest';
import { SCENARIOS } from '../../demo/scenarios';
import { type Running, startServer } from './harness';

let server: Running;
beforeAll(async () => void (server = await startServer()));
afterAll(() => server.stop());

const check = (body: string) =>
  fetch(`${server.url}/api/v1/scenarios/check`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body,
  });

it('takes each scenario that ships', async () => {
  for (const scenario of SCENARIOS) expect((await check(JSON.stringify(scenario))).status, scenario.id).toBe(204);
});

it('says the place of what is wrong, and of what is no JSON that it is none', async () => {
  const wrong = structuredClone(SCENARIOS[0]!);
  Object.assign(wrong.acts[0]!, { radio: 'lost' });
  const answer = await check(JSON.stringify(wrong));
  expect(answer.status).toBe(422);
  expect(await answer.json()).toMatchObject({ problems: [{ pointer: '/acts/0/radio', found: 'lost' }] });
  expect((await check('{')).status).toBe(400);
});
