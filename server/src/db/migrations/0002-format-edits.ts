import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Bringing a plan to a newer format is recorded among its edits. */
export class FormatEdits1764000000002 implements MigrationInterface {
  readonly name = 'FormatEdits1764000000002';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE plan_edit DROP CONSTRAINT plan_edit_kind_check');
    await runner.query(
      "ALTER TABLE plan_edit ADD CONSTRAINT plan_edit_kind_check CHECK (kind IN ('edit', 'undo', 'redo', 'format'))",
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("DELETE FROM plan_edit WHERE kind = 'format'");
    await runner.query('ALTER TABLE plan_edit DROP CONSTRAINT plan_edit_kind_check');
    await runner.query(
      "ALTER TABLE plan_edit ADD CONSTRAINT plan_edit_kind_check CHECK (kind IN ('edit', 'undo', 'redo'))",
    );
  }
}
