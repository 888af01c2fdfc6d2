import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * The document is written now and then, the edits after it stand in the history; secrets stand apart, encrypted; a plan
 * that cannot be read says why; the near index is told of changes by a counter.
 */
export class History1764400000006 implements MigrationInterface {
  readonly name = 'History1764400000006';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE plan ADD COLUMN document_version integer, ADD COLUMN spoiled text, ADD COLUMN sealed boolean NOT NULL DEFAULT false',
    );
    // What is stored from now on has its secrets apart; what was, is sealed when the server starts.
    await runner.query('ALTER TABLE plan ALTER COLUMN sealed SET DEFAULT true');
    await runner.query('UPDATE plan SET document_version = version');
    await runner.query('ALTER TABLE plan ALTER COLUMN document_version SET NOT NULL');
    await runner.query(`
      CREATE TABLE plan_secret (
        plan_id uuid NOT NULL REFERENCES plan (id) ON DELETE CASCADE,
        id uuid NOT NULL,
        sealed text NOT NULL,
        PRIMARY KEY (plan_id, id)
      )`);
    await runner.query('CREATE TABLE directory_stamp (stamp bigint NOT NULL)');
    await runner.query('INSERT INTO directory_stamp VALUES (1)');
    // Long headings: what a list looks like is kept as its fingerprint.
    await runner.query('UPDATE directory_recipe SET signature = md5(signature)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE directory_stamp');
    await runner.query('DROP TABLE plan_secret');
    await runner.query('ALTER TABLE plan DROP COLUMN document_version, DROP COLUMN spoiled, DROP COLUMN sealed');
  }
}
