import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Lists of sites as they were imported, and what users know better. A site is known by its list and line, over versions by call sign, module and frequency. */
export class Directory1764100000003 implements MigrationInterface {
  readonly name = 'Directory1764100000003';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE directory_list (
        id uuid PRIMARY KEY,
        name text NOT NULL UNIQUE CHECK (name <> ''),
        source text NOT NULL,
        licence text NOT NULL,
        issued_on date,
        layout text NOT NULL,
        site_count integer NOT NULL CHECK (site_count >= 0),
        imported_at timestamptz NOT NULL DEFAULT now()
      )`);
    await runner.query(`
      CREATE TABLE directory_site (
        list_id uuid NOT NULL REFERENCES directory_list (id) ON DELETE CASCADE,
        line integer NOT NULL,
        call_sign text NOT NULL,
        module text NOT NULL,
        name text NOT NULL,
        place text NOT NULL,
        lat double precision CHECK (lat BETWEEN -90 AND 90),
        lon double precision CHECK (lon BETWEEN -180 AND 180),
        tx_hz bigint NOT NULL CHECK (tx_hz > 0),
        rx_hz bigint CHECK (rx_hz > 0),
        modes text[] NOT NULL,
        color_code smallint CHECK (color_code BETWEEN 0 AND 15),
        ctcss_hz double precision,
        dcs text,
        status text NOT NULL CHECK (status IN ('on the air', 'off the air', 'not said')),
        confirmed_on date,
        notes text NOT NULL,
        PRIMARY KEY (list_id, line)
      )`);
    await runner.query('CREATE INDEX directory_site_by_call_sign ON directory_site (call_sign text_pattern_ops)');
    await runner.query(`
      CREATE TABLE directory_group (
        list_id uuid NOT NULL,
        line integer NOT NULL,
        slot smallint NOT NULL CHECK (slot IN (1, 2)),
        number integer NOT NULL CHECK (number BETWEEN 1 AND 16776415),
        PRIMARY KEY (list_id, line, slot, number),
        FOREIGN KEY (list_id, line) REFERENCES directory_site (list_id, line) ON DELETE CASCADE
      )`);
    await runner.query(`
      CREATE TABLE directory_correction (
        list_id uuid NOT NULL REFERENCES directory_list (id) ON DELETE CASCADE,
        call_sign text NOT NULL,
        module text NOT NULL,
        tx_hz bigint NOT NULL,
        field text NOT NULL CHECK (field IN ('tone', 'colorCode', 'groups', 'input', 'status', 'notes')),
        text text NOT NULL,
        was text NOT NULL,
        who text NOT NULL,
        why text NOT NULL,
        made_at timestamptz NOT NULL DEFAULT now(),
        PRIMARY KEY (list_id, call_sign, module, tx_hz, field)
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE directory_correction');
    await runner.query('DROP TABLE directory_group');
    await runner.query('DROP TABLE directory_site');
    await runner.query('DROP TABLE directory_list');
  }
}
