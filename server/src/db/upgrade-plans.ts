/**
 * Stored plans of an older format, or without a mode that this program knows, are brought up to date when the server
 * starts; each upgrade is an edit in the plan's history. Secrets that still stand in documents and histories are taken
 * out of them. A plan that cannot be read is set aside with the reason, and the others go on.
 */
import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';
import { diff } from '@relay/core/plan/diff';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { applyEach, type Patch, PatchError } from '@relay/core/plan/patches';
import { mapPatchSecrets, mapSecrets } from '@relay/core/plan/secrets';
import { type Plan, PLAN_FORMAT_VERSION } from '@relay/core/plan/types';
import { validatePlan } from '@relay/core/plan/validate';
import { Vault } from '../plans/vault';
import { EditEntity, type EditRow, PlanEntity } from './entities';

const NEEDS = `
  SELECT id FROM plan WHERE spoiled IS NULL AND (
    NOT sealed
    OR jsonb_typeof(document -> 'formatVersion') IS DISTINCT FROM 'number'
    OR (document ->> 'formatVersion')::numeric < $1 OR NOT coalesce(document -> 'shared' ?& $2::text[], false)
  ) ORDER BY id`;

/** How many plans were changed: brought up, sealed, or set aside. */
export async function upgradeStoredPlans(source: DataSource, key: Uint8Array): Promise<number> {
  const old = (await source.query(NEEDS, [PLAN_FORMAT_VERSION, MODE_IDS])) as { id: string }[];
  for (const { id } of old) await source.transaction((manager) => upgradeOne(manager, id, key));
  return old.length;
}

async function upgradeOne(manager: EntityManager, id: string, key: Uint8Array): Promise<void> {
  const row = await manager
    .getRepository(PlanEntity)
    .findOneOrFail({ where: { id }, lock: { mode: 'pessimistic_write' } });
  const history = await manager.getRepository(EditEntity).find({ where: { planId: id }, order: { version: 'ASC' } });
  const since = history.filter((one) => one.version > row.documentVersion);
  const brought = broughtUp(row.document, since);
  if ('why' in brought) {
    await manager.getRepository(PlanEntity).update({ id }, { spoiled: brought.why });
    return;
  }
  const vault = new Vault(key, id);
  const seal = (secret: string) => (row.sealed ? secret : vault.seal(secret));
  const stored = mapSecrets(brought.now, seal);
  const plan = mapSecrets(brought.plan, seal);
  const patches = diff(stored, plan);
  const isNewFormat = patches.length > 0;
  const version = row.version + (isNewFormat ? 1 : 0);
  await sealHistory(manager, history, seal);
  await manager
    .getRepository(PlanEntity)
    .update(
      { id },
      { document: plan as never, documentVersion: version, version, sealed: true, updatedAt: row.updatedAt },
    );
  if (isNewFormat)
    await manager.getRepository(EditEntity).insert({
      planId: id,
      version,
      id: randomUUID(),
      kind: 'format',
      target: null,
      label: `plan format ${PLAN_FORMAT_VERSION}`,
      patches,
      inverse: diff(plan, stored),
      at: new Date(),
    } as never);
  for (const one of vault.takeFresh())
    await manager.query('INSERT INTO plan_secret (plan_id, id, sealed) VALUES ($1, $2, $3)', [id, one.id, one.sealed]);
}

/** The document as it is now and as this program reads it, or why it cannot. */
function broughtUp(document: Plan, since: readonly EditRow[]): { now: Plan; plan: Plan } | { why: string } {
  try {
    const now = applyEach(
      document,
      since.map((one) => one.patches),
    ).document;
    const { plan, problems } = validatePlan(now);
    const [first] = problems;
    return plan
      ? { now, plan }
      : { why: `At ${first!.pointer || 'the document'} found ${first!.found}, expected ${first!.expected}.` };
  } catch (error) {
    if (error instanceof PatchError) return { why: error.message };
    return { why: `It cannot be read: ${error instanceof Error ? error.message : String(error)}` };
  }
}

async function sealHistory(
  manager: EntityManager,
  history: readonly EditRow[],
  seal: (secret: string) => string,
): Promise<void> {
  for (const { planId, version, patches, inverse } of history) {
    const sealed = { patches: mapPatchSecrets(patches, seal), inverse: mapPatchSecrets(inverse, seal) };
    const isSame = (before: readonly Patch[], after: readonly Patch[]) => after.every((one, at) => one === before[at]);
    if (isSame(patches, sealed.patches) && isSame(inverse, sealed.inverse)) continue;
    await manager.getRepository(EditEntity).update({ planId, version }, sealed as never);
  }
}
