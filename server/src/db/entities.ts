/** Tables as TypeORM schemas. The shape of the database itself is made by the migrations only. */
import { EntitySchema } from 'typeorm';
import type { Patch } from '@relay/core/plan/patches';
import type { Plan } from '@relay/core/plan/types';

export interface PlanRow {
  id: string;
  name: string;
  version: number;
  document: Plan;
  createdAt: Date;
  updatedAt: Date;
  deletedAt: Date | null;
  /** The version that `document` is of; the edits after it stand in the history. */
  documentVersion: number;
  /** Why it cannot be read; `null` for a sound plan. */
  spoiled: string | null;
  /** Whether secrets stand apart from its document and history. */
  sealed: boolean;
}

export interface EditRow {
  planId: string;
  /** The version that this edit made. */
  version: number;
  id: string;
  kind: 'edit' | 'undo' | 'redo' | 'format';
  target: string | null;
  label: string;
  patches: Patch[];
  inverse: Patch[];
  at: Date;
}

export const PlanEntity = new EntitySchema<PlanRow>({
  name: 'Plan',
  tableName: 'plan',
  columns: {
    id: { type: 'uuid', primary: true },
    name: { type: 'text' },
    version: { type: 'integer' },
    document: { type: 'jsonb' },
    createdAt: { type: 'timestamptz', name: 'created_at', createDate: true },
    updatedAt: { type: 'timestamptz', name: 'updated_at', updateDate: true },
    deletedAt: { type: 'timestamptz', name: 'deleted_at', nullable: true },
    documentVersion: { type: 'integer', name: 'document_version' },
    spoiled: { type: 'text', nullable: true },
    sealed: { type: 'boolean' },
  },
});

export const EditEntity = new EntitySchema<EditRow>({
  name: 'PlanEdit',
  tableName: 'plan_edit',
  columns: {
    planId: { type: 'uuid', name: 'plan_id', primary: true },
    version: { type: 'integer', primary: true },
    id: { type: 'uuid', unique: true },
    kind: { type: 'text' },
    target: { type: 'uuid', nullable: true },
    label: { type: 'text' },
    patches: { type: 'jsonb' },
    inverse: { type: 'jsonb' },
    at: { type: 'timestamptz', createDate: true },
  },
});
