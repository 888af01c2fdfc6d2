import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Plans, and every edit made to them in order. */
export class Plans1763800000001 implements MigrationInterface {
  readonly name = 'Plans1763800000001';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE plan (
        id uuid PRIMARY KEY,
        name text NOT NULL CHECK (name <> ''),
        version integer NOT NULL CHECK (version >= 1),
        document jsonb NOT NULL,
        created_at timestamptz NOT NULL DEFAULT now(),
        updated_at timestamptz NOT NULL DEFAULT now(),
        deleted_at timestamptz
      )`);
    await runner.query(`
      CREATE TABLE plan_edit (
        plan_id uuid NOT NULL REFERENCES plan (id) ON DELETE CASCADE,
        version integer NOT NULL CHECK (version >= 2),
        id uuid NOT NULL UNIQUE,
        kind text NOT NULL CHECK (kind IN ('edit', 'undo', 'redo')),
        target uuid,
        label text NOT NULL,
        patches jsonb NOT NULL,
        inverse jsonb NOT NULL,
        at timestamptz NOT NULL DEFAULT now(),
        PRIMARY KEY (plan_id, version)
      )`);
    await runner.query('CREATE INDEX plan_by_name ON plan (name) WHERE deleted_at IS NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE plan_edit');
    await runner.query('DROP TABLE plan');
  }
}
