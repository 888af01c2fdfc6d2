import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * A tone keeps its sense, and what a list does not say is unknown: one text for what opens a site and one for what it sends, the
 * width, and groups whose slot nobody has said (slot 0).
 */
export class Tones1764300000005 implements MigrationInterface {
  readonly name = 'Tones1764300000005';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE directory_site ADD COLUMN tone text, ADD COLUMN tone_out text, ADD COLUMN width_hz integer CHECK (width_hz IN (12500, 25000))',
    );
    await runner.query(
      `UPDATE directory_site SET tone = CASE WHEN ctcss_hz IS NOT NULL THEN trim(to_char(ctcss_hz, 'FM990.0')) WHEN dcs IS NOT NULL THEN 'D' || dcs || 'N' END`,
    );
    await runner.query('ALTER TABLE directory_site DROP COLUMN ctcss_hz, DROP COLUMN dcs');
    await runner.query('ALTER TABLE directory_group DROP CONSTRAINT directory_group_slot_check');
    await runner.query(
      'ALTER TABLE directory_group ADD CONSTRAINT directory_group_slot_check CHECK (slot IN (0, 1, 2))',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM directory_group WHERE slot = 0');
    await runner.query('ALTER TABLE directory_group DROP CONSTRAINT directory_group_slot_check');
    await runner.query('ALTER TABLE directory_group ADD CONSTRAINT directory_group_slot_check CHECK (slot IN (1, 2))');
    await runner.query('ALTER TABLE directory_site ADD COLUMN ctcss_hz double precision, ADD COLUMN dcs text');
    await runner.query(
      `UPDATE directory_site SET ctcss_hz = CASE WHEN tone ~ '^[0-9]+[.]' THEN tone::double precision END, dcs = CASE WHEN tone LIKE 'D%' THEN substr(tone, 2, 3) END`,
    );
    await runner.query('ALTER TABLE directory_site DROP COLUMN tone, DROP COLUMN tone_out, DROP COLUMN width_hz');
  }
}
