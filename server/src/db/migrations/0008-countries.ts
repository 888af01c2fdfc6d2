import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sites have the country that their list says; a list names those that it has. */
export class Countries1764600000008 implements MigrationInterface {
  readonly name = 'Countries1764600000008';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE directory_site ADD COLUMN country text NOT NULL DEFAULT ''");
    await runner.query("ALTER TABLE directory_list ADD COLUMN countries text[] NOT NULL DEFAULT '{}'");
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE directory_site DROP COLUMN country');
    await runner.query('ALTER TABLE directory_list DROP COLUMN countries');
  }
}
