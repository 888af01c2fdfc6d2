import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What lists say beyond frequencies and tones: access of other modes, what a site reaches, and which groups are always on. */
export class DirectoryMore1764200000004 implements MigrationInterface {
  readonly name = 'DirectoryMore1764200000004';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE directory_site
      ADD COLUMN nac text,
      ADD COLUMN group_id text,
      ADD COLUMN networks text[] NOT NULL DEFAULT '{}',
      ADD COLUMN linked text NOT NULL DEFAULT '',
      ADD COLUMN fingerprint text NOT NULL DEFAULT ''`);
    await runner.query('ALTER TABLE directory_group ADD COLUMN is_static boolean NOT NULL DEFAULT true');
    // What columns were taken for, by the look of the list: next month's list of the same kind needs no choosing.
    await runner.query(
      'CREATE TABLE directory_recipe (signature text PRIMARY KEY, fields text[] NOT NULL, used_at timestamptz NOT NULL DEFAULT now())',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE directory_recipe');
    await runner.query('ALTER TABLE directory_group DROP COLUMN is_static');
    await runner.query(
      'ALTER TABLE directory_site DROP COLUMN nac, DROP COLUMN group_id, DROP COLUMN networks, DROP COLUMN linked, DROP COLUMN fingerprint',
    );
  }
}
