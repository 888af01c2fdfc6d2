/** Plans and their history. One transaction holds the document and its history row, or neither. */
import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';
import { In, IsNull, MoreThan, Not } from 'typeorm';
import { editByPatches } from '@relay/core/plan/edit';
import { applyPatches, type Patch, PatchError } from '@relay/core/plan/patches';
import type { Plan } from '@relay/core/plan/types';
import { shapeProblems, validatePlan } from '@relay/core/plan/validate';
import { EditEntity, type EditRow, PlanEntity, type PlanRow } from './db/entities';
import { InvalidPlan, InvalidRequest, NotFound, StaleVersion } from './errors';

export interface NewEdit {
  id: string;
  kind: EditRow['kind'];
  target: string | null;
  label: string;
  patches: Patch[];
}

export interface PlanSummary {
  id: string;
  name: string;
  version: number;
  updatedAt: string;
  deletedAt: string | null;
}

/** Edits kept at hand for undo when a plan is opened. */
const RECENT_EDITS = 200;

export const PLAN_CHANNEL = 'plan_changed';

/** A plan that the core finds unsound is refused with places and values. @throws InvalidPlan */
export function soundPlan(raw: unknown): Plan {
  const { plan, problems } = validatePlan(raw);
  if (!plan) throw new InvalidPlan(problems);
  return plan;
}

function summary(row: Omit<PlanRow, 'document'>): PlanSummary {
  return {
    id: row.id,
    name: row.name,
    version: row.version,
    updatedAt: row.updatedAt.toISOString(),
    deletedAt: row.deletedAt?.toISOString() ?? null,
  };
}

export class Plans {
  constructor(private readonly source: DataSource) {}

  async list(deleted: boolean): Promise<PlanSummary[]> {
    const found = await this.source.getRepository(PlanEntity).find({
      select: { id: true, name: true, version: true, updatedAt: true, deletedAt: true },
      where: { deletedAt: deleted ? Not(IsNull()) : IsNull() },
      order: { name: 'ASC', id: 'ASC' },
    });
    return found.map(summary);
  }

  async create(document: Plan): Promise<PlanSummary> {
    const row = this.source
      .getRepository(PlanEntity)
      .create({ id: randomUUID(), name: document.name, version: 1, document, deletedAt: null });
    return summary(await this.source.getRepository(PlanEntity).save(row));
  }

  /** @throws NotFound, also for a plan that was deleted */
  async open(id: string): Promise<{ plan: PlanRow; recent: EditRow[] }> {
    return this.source.transaction('REPEATABLE READ', async (manager) => {
      const plan = await manager.getRepository(PlanEntity).findOneBy({ id, deletedAt: IsNull() });
      if (!plan) throw new NotFound('The plan');
      const recent = await manager
        .getRepository(EditEntity)
        .find({ where: { planId: id }, order: { version: 'DESC' }, take: RECENT_EDITS });
      return { plan, recent: recent.reverse() };
    });
  }

  async editsAfter(id: string, version: number, manager = this.source.manager): Promise<EditRow[]> {
    return manager
      .getRepository(EditEntity)
      .find({ where: { planId: id, version: MoreThan(version) }, order: { version: 'ASC' } });
  }

  async duplicate(id: string, name: string): Promise<PlanSummary> {
    const { plan } = await this.open(id);
    return this.create({ ...plan.document, name });
  }

  async setDeleted(id: string, deletedAt: Date | null): Promise<PlanSummary> {
    const repository = this.source.getRepository(PlanEntity);
    const changed = await repository.update({ id }, { deletedAt });
    if (changed.affected !== 1) throw new NotFound('The plan');
    return summary(await repository.findOneByOrFail({ id }));
  }

  /**
   * Applies edits that were made on `version`, all or none.
   * @throws StaleVersion with what happened since, InvalidPlan, InvalidRequest for patches that do not fit
   */
  async edit(id: string, version: number, edits: readonly NewEdit[]): Promise<{ version: number; edits: EditRow[] }> {
    return this.source.transaction(async (manager) => {
      const row = await manager
        .getRepository(PlanEntity)
        .findOne({ where: { id, deletedAt: IsNull() }, lock: { mode: 'pessimistic_write' } });
      if (!row) throw new NotFound('The plan');
      if (row.version !== version) throw new StaleVersion(row.version, await this.editsAfter(id, version, manager));
      await this.refuseKnown(manager, edits);
      let document = row.document;
      const rows: EditRow[] = edits.map((edit, at) => {
        const applied = applyEdit(document, edit);
        document = applied.plan;
        return {
          planId: id,
          version: version + at + 1,
          id: edit.id,
          kind: edit.kind,
          target: edit.target,
          label: edit.label,
          patches: applied.patches,
          inverse: applied.inverse,
          at: new Date(),
        };
      });
      const sound = soundPlan(document);
      await manager
        .getRepository(PlanEntity)
        .update(
          { id },
          { document: sound as never, name: sound.name, version: version + rows.length, updatedAt: new Date() },
        );
      await manager.getRepository(EditEntity).insert(rows as never);
      await manager.query('SELECT pg_notify($1, $2)', [
        PLAN_CHANNEL,
        JSON.stringify({ id, version: version + rows.length }),
      ]);
      return { version: version + rows.length, edits: rows };
    });
  }

  private async refuseKnown(manager: EntityManager, edits: readonly NewEdit[]): Promise<void> {
    const known = await manager
      .getRepository(EditEntity)
      .find({ select: { id: true }, where: { id: In(edits.map((edit) => edit.id)) } });
    if (known[0])
      throw new InvalidRequest([
        { pointer: '/edits', found: `edit ${known[0].id}, which is recorded already`, expected: 'edits with new ids' },
      ]);
  }
}

function applyEdit(document: Plan, edit: NewEdit) {
  try {
    // Only what has the shape of a plan can have its references mended.
    const problems = shapeProblems(applyPatches(document, edit.patches));
    if (problems.length > 0) throw new InvalidPlan(problems);
    return editByPatches(document, edit.patches);
  } catch (error) {
    if (error instanceof PatchError)
      throw new InvalidRequest([{ pointer: error.pointer, found: error.found, expected: error.expected }]);
    throw error;
  }
}
