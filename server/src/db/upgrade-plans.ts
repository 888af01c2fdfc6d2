/**
 * Stored plans of an older format, or without a mode that this program knows, are brought up to date when the server
 * starts; each upgrade is an edit in the plan's history.
 */
import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';
import { diff } from '@relay/core/plan/diff';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { PLAN_FORMAT_VERSION } from '@relay/core/plan/types';
import { validatePlan } from '@relay/core/plan/validate';
import { EditEntity, PlanEntity } from './entities';

/** @throws Error naming the plan and the place when an upgraded plan is not sound: nothing is stored then. */
export async function upgradeStoredPlans(source: DataSource): Promise<number> {
  return source.transaction(async (manager) => {
    const old: { id: string }[] = await manager.query(
      "SELECT id FROM plan WHERE (document ->> 'formatVersion')::int < $1 OR NOT document -> 'shared' ?& $2::text[] ORDER BY id FOR UPDATE",
      [PLAN_FORMAT_VERSION, MODE_IDS],
    );
    for (const { id } of old) await upgradeOne(manager, id);
    return old.length;
  });
}

async function upgradeOne(manager: EntityManager, id: string): Promise<void> {
  const row = await manager.getRepository(PlanEntity).findOneByOrFail({ id });
  const { plan, problems } = validatePlan(row.document);
  if (!plan)
    throw new Error(
      `Plan ${id} (${row.name}) cannot be brought to format ${PLAN_FORMAT_VERSION}: at ${problems[0]!.pointer} found ${problems[0]!.found}, expected ${problems[0]!.expected}.`,
    );
  const version = row.version + 1;
  await manager
    .getRepository(PlanEntity)
    .update({ id }, { document: plan as never, version, updatedAt: row.updatedAt });
  await manager.getRepository(EditEntity).insert({
    planId: id,
    version,
    id: randomUUID(),
    kind: 'format',
    target: null,
    label: `plan format ${PLAN_FORMAT_VERSION}`,
    patches: diff(row.document, plan),
    inverse: diff(plan, row.document),
    at: new Date(),
  } as never);
}
