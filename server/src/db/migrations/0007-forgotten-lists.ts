import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A forgotten list can be brought back for a while; what users know better outlives it. */
export class ForgottenLists1764500000007 implements MigrationInterface {
  readonly name = 'ForgottenLists1764500000007';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE directory_list ADD COLUMN forgotten_at timestamptz');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM directory_list WHERE forgotten_at IS NOT NULL');
    await runner.query('ALTER TABLE directory_list DROP COLUMN forgotten_at');
  }
}
