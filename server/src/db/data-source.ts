import { DataSource } from 'typeorm';
import { EditEntity, PlanEntity } from './entities';
import { POOL } from './limits';
import { Plans1763800000001 } from './migrations/0001-plans';
import { FormatEdits1764000000002 } from './migrations/0002-format-edits';
import { Directory1764100000003 } from './migrations/0003-directory';
import { DirectoryMore1764200000004 } from './migrations/0004-directory-more';
import { Tones1764300000005 } from './migrations/0005-tones';
import { History1764400000006 } from './migrations/0006-history';
import { ForgottenLists1764500000007 } from './migrations/0007-forgotten-lists';
import { Countries1764600000008 } from './migrations/0008-countries';
import { upgradeStoredPlans } from './upgrade-plans';

const MIGRATION_LOCK = 0x72656c61;

function dataSource(url: string): DataSource {
  return new DataSource({
    type: 'postgres',
    url,
    entities: [PlanEntity, EditEntity],
    migrations: [
      Plans1763800000001,
      FormatEdits1764000000002,
      Directory1764100000003,
      DirectoryMore1764200000004,
      Tones1764300000005,
      History1764400000006,
      ForgottenLists1764500000007,
      Countries1764600000008,
    ],
    migrationsTransactionMode: 'all',
    synchronize: false,
    logging: false,
    extra: POOL,
  });
}

/** Connects and brings schema and plans up; several processes may do so at once. `key`: of the secrets of plans. */
export async function openDatabase(url: string, key: Uint8Array): Promise<DataSource> {
  const source = await dataSource(url).initialize();
  const runner = source.createQueryRunner();
  try {
    // Another process may be bringing many plans up.
    await runner.query('SET lock_timeout = 0; SET statement_timeout = 0');
    await runner.query('SELECT pg_advisory_lock($1)', [MIGRATION_LOCK]);
    await source.runMigrations();
    await upgradeStoredPlans(source, key);
  } finally {
    await runner.query('SELECT pg_advisory_unlock($1)', [MIGRATION_LOCK]);
    await runner.query('RESET lock_timeout; RESET statement_timeout');
    await runner.release();
  }
  return source;
}
