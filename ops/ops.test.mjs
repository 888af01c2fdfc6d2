// @ts-check
import { spawn, spawnSync } from 'node:child_process';
import {
  closeSync,
  existsSync,
  mkdtempSync,
  openSync,
  readFileSync,
  statSync,
  unlinkSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import {
  databaseUrl,
  dump,
  ensureDatabase,
  restoreDump,
  runningCluster,
  startCluster,
  stopCluster,
} from './cluster.mjs';
import { Failure, failureFrom, knownCause } from './failure.mjs';
import { withLock } from './lock.mjs';
import { openLog, rotate } from './logs.mjs';
import { ensureNodePackages, installer, isAsLocked } from './packages.mjs';
import { clusterFolder, ROOT } from './paths.mjs';
import { freePort, portIsFree, runs, until } from './processes.mjs';

const temporary = () => mkdtempSync(join(tmpdir(), 'relay-ops-'));

/** @param {string[]} words @param {string} home */
function relay(words, home, env = {}) {
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(ROOT, 'relay'), ...words], {
    encoding: 'utf8',
    env: { ...process.env, RELAY_HOME: home, ...env },
  });
  return { status, out: stdout.trim(), err: stderr.trim() };
}

describe('what a user is told', () => {
  it.each([
    [
      'initdb: could not write: No space left on device',
      'The disk that holds /here is full: free some space, then run the same command again.',
    ],
    [
      'Error: ENOSPC: no space left on device, write',
      'The disk that holds /here is full: free some space, then run the same command again.',
    ],
    [
      'mkdir: EACCES: permission denied',
      'This account may not write to /here: give it the right, or set RELAY_HOME to a folder of its own.',
    ],
    [
      'npm error code EAI_AGAIN',
      'The package registry cannot be reached: check the network, then run the same command again.',
    ],
  ])('%s', (output, line) => expect(knownCause(output, '/here')).toBe(line));

  it('is the last words of the program when the cause is not known', () => {
    expect(failureFrom('initdb', 'one\ntwo\nthree\nfour\n', '/here').message).toBe('initdb failed: two | three | four');
  });

  it('is which command an administrator must run, without sudo', () => {
    const machine = { uid: 1000, hasSudo: false, hasApt: true };
    expect(() => installer(machine, ['postgresql'])).toThrow(
      'Needed and not found: postgresql. This account cannot install (no sudo): ask an administrator to run “apt-get install postgresql”.',
    );
    expect(installer({ ...machine, hasSudo: true }, ['postgresql'])).toEqual(['sudo']);
    expect(installer({ ...machine, uid: 0 }, ['postgresql'])).toEqual([]);
    expect(() => installer({ ...machine, hasApt: false }, ['postgresql'])).toThrow(/no Debian system/);
  });

  it('is one line, and exit code 2, for a wrong word, port or stage', () => {
    const home = temporary();
    expect(relay(['dance'], home)).toMatchObject({
      status: 2,
      err: 'Unknown command “dance”: ./relay help lists them.',
    });
    expect(relay(['start', '--port', 'x'], home)).toMatchObject({
      status: 2,
      err: 'Found port “x”, expected a number from 1 to 65535.',
    });
    expect(relay(['test', 'nothing'], home).err).toContain('Unknown stage “nothing”');
    expect(relay(['reset'], home).err).toContain('add --yes');
  });
});

describe('the packages', () => {
  const lock = {
    packages: {
      '': { version: '0.1.0' },
      core: { version: '0.1.0' },
      'node_modules/a': { version: '1.0.0', integrity: 'x' },
      'node_modules/win': { version: '2.0.0', integrity: 'y', optional: true },
    },
  };
  const installed = (/** @type {Record<string, object>} */ packages) => ({ packages });

  it('are as locked after a plain installation, without those of other platforms', () => {
    expect(isAsLocked(lock, installed({ 'node_modules/a': { version: '1.0.0', integrity: 'x' } }))).toBe(true);
  });

  it('are not where one is missing, or of another version', () => {
    expect(isAsLocked(lock, installed({}))).toBe(false);
    expect(isAsLocked(lock, installed({ 'node_modules/a': { version: '1.0.1', integrity: 'z' } }))).toBe(false);
  });

  it('of this checkout are not installed again under a test that is running', () => {
    expect(ensureNodePackages()).toBe('unchanged');
  });
});

describe('a port', () => {
  it('that is taken is said in one line', async () => {
    const other = createServer();
    const port = await new Promise((done) =>
      other.listen(0, '127.0.0.1', () => done(/** @type {import('node:net').AddressInfo} */ (other.address()).port)),
    );
    expect(await portIsFree(port)).toBe(false);
    // The busy port is found before anything is installed, built or started.
    expect(relay(['start', '--port', String(port)], temporary())).toMatchObject({
      status: 2,
      err: `Port ${port} is taken by another program: stop that, or choose another with --port.`,
    });
    await new Promise((done) => other.close(done));
  });
});

describe('a record of what runs', () => {
  it('that is stale or cut short counts as none: a pid alone may belong to something else', () => {
    const home = temporary();
    writeFileSync(join(home, 'run.json'), JSON.stringify({ launcher: process.pid, server: 1, port: 4417 }));
    // This test's own process is no launcher of that home.
    expect(runs(process.pid, 'no such mark')).toBe(false);
    writeFileSync(join(home, 'run.json'), '{"launcher":');
    expect(relay(['status'], home)).toMatchObject({ status: 3, out: 'server    stopped\ndatabase  stopped' });
    expect(relay(['stop'], home).out).toBe('Nothing was running.');
    expect(existsSync(join(home, 'run.json'))).toBe(false);
  });
});

describe('the lock', () => {
  it.each([
    ['says nothing', ''],
    ['names a process that is another one by now', `${process.pid} 1`],
  ])('that %s belongs to nobody', async (_, text) => {
    const home = temporary();
    writeFileSync(join(home, 'lock'), text);
    const old = new Date(Date.now() - 10_000);
    utimesSync(join(home, 'lock'), old, old);
    expect(await withLock(home, async () => 'mine')).toBe('mine');
  });

  it('is taken over when its owner is gone, and given back after a failure', async () => {
    const home = temporary();
    writeFileSync(join(home, 'lock'), '999999999');
    await expect(
      withLock(home, async () => {
        throw new Failure('inside');
      }),
    ).rejects.toThrow('inside');
    expect(existsSync(join(home, 'lock'))).toBe(false);
    const order = /** @type {string[]} */ ([]);
    const slow = (/** @type {string} */ name) =>
      withLock(home, async () => {
        order.push(`${name} in`);
        await new Promise((go) => setTimeout(go, 30));
        order.push(`${name} out`);
      });
    // Both are this process, which runs, so the second must wait.
    await Promise.all([slow('a'), slow('b')]);
    expect(order.map((word) => word.slice(2))).toEqual(['in', 'out', 'in', 'out']);
  });
});

describe('the cluster', () => {
  const folder = clusterFolder(temporary());
  afterAll(() => void (stopCluster(folder), spawnSync('rm', ['-rf', folder])));

  it('is created, reused, and recovered after a crash with what it held', async () => {
    const first = await startCluster(folder);
    expect(first.done).toBe('created');
    const url = await ensureDatabase(first, 'things');
    const { default: pg } = await import('pg');
    const ask = async (/** @type {string} */ text) => {
      const client = new pg.Client({ connectionString: url });
      await client.connect();
      const { rows } = await client.query(text);
      await client.end();
      return rows;
    };
    await ask('CREATE TABLE kept (n int)');
    await ask('INSERT INTO kept VALUES (7)');
    expect(await ask('SELECT rolsuper FROM pg_roles WHERE rolname = current_user')).toEqual([{ rolsuper: false }]);
    expect((await startCluster(folder)).done).toBe('was running');
    const running = /** @type {{ pid: number }} */ (runningCluster(folder));
    const children = spawnSync('pgrep', ['-P', String(running.pid)], { encoding: 'utf8' })
      .stdout.trim()
      .split('\n')
      .filter(Boolean);
    for (const pid of [running.pid, ...children.map(Number)])
      try {
        process.kill(pid, 'SIGKILL');
      } catch (error) {
        // A connection that just ended took its process with it.
        if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'ESRCH') throw error;
      }
    await new Promise((go) => setTimeout(go, 300));
    expect(existsSync(join(folder, 'data', 'postmaster.pid'))).toBe(true);
    const again = await startCluster(folder);
    expect(again.done).toBe('recovered after a crash');
    expect(databaseUrl(again, 'things')).toBe(url);
    expect(await ask('SELECT n FROM kept')).toEqual([{ n: 7 }]);
    expect(readFileSync(join(folder, 'secrets.json'), 'utf8')).toContain('password');
    expect(await ask('SHOW data_checksums')).toEqual([{ data_checksums: 'on' }]);
    expect(await ask('SELECT rolcreatedb FROM pg_roles WHERE rolname = current_user')).toEqual([
      { rolcreatedb: false },
    ]);
    expect(stopCluster(folder)).toBe(true);
    expect(stopCluster(folder)).toBe(false);
  }, 60_000);

  it('whose passwords are lost, or cut short, gets new ones and keeps what it holds', async () => {
    const { default: pg } = await import('pg');
    for (const spoil of [
      () => unlinkSync(join(folder, 'secrets.json')),
      () => writeFileSync(join(folder, 'secrets.json'), '{"admin'),
    ]) {
      spoil();
      const cluster = await startCluster(folder);
      expect(cluster.done).toBe('got new passwords');
      const client = new pg.Client({ connectionString: await ensureDatabase(cluster, 'things') });
      await client.connect();
      expect((await client.query('SELECT n FROM kept')).rows).toEqual([{ n: 7 }]);
      await client.end();
    }
  }, 60_000);

  it('is dumped and brought back by its own tools; what was there is kept aside', async () => {
    const { default: pg } = await import('pg');
    const cluster = await startCluster(folder);
    const url = await ensureDatabase(cluster, 'things');
    const file = join(temporary(), 'things.dump');
    const out = openSync(file, 'w');
    dump(cluster, 'things', out);
    closeSync(out);
    const ask = async (/** @type {string} */ text, database = url) => {
      const client = new pg.Client({ connectionString: database });
      await client.connect();
      const { rows } = await client.query(text);
      await client.end();
      return rows;
    };
    await ask('UPDATE kept SET n = 8');
    const back = openSync(file, 'r');
    const before = await restoreDump(cluster, 'things', back);
    closeSync(back);
    expect(await ask('SELECT n FROM kept')).toEqual([{ n: 7 }]);
    expect(await ask('SELECT n FROM kept', databaseUrl(cluster, before))).toEqual([{ n: 8 }]);
  }, 60_000);
});

describe('a log', () => {
  it('past its size is put aside and begun anew, for its owner alone', () => {
    const file = join(temporary(), 'x.log');
    closeSync(openLog(file));
    expect(rotate(file, 10)).toBe(false);
    writeFileSync(file, 'more than ten letters');
    expect(rotate(file, 10)).toBe(true);
    expect([readFileSync(file, 'utf8'), readFileSync(`${file}.1`, 'utf8')]).toEqual(['', 'more than ten letters']);
    expect([statSync(file).mode & 0o777, statSync(`${file}.1`).mode & 0o777]).toEqual([0o600, 0o600]);
  });
});

describe('opening to the network', () => {
  it('needs a password first, which is kept as a hash', () => {
    const home = temporary();
    const start = () =>
      spawnSync(process.execPath, [join(ROOT, 'relay'), 'start', '--port', '4499'], {
        encoding: 'utf8',
        env: { ...process.env, RELAY_HOME: home, RELAY_LISTEN: '0.0.0.0' },
      });
    expect(start()).toMatchObject({
      status: 2,
      stderr: expect.stringContaining('set a password first with ./relay access'),
    });
    const set = (/** @type {string} */ input) =>
      spawnSync(process.execPath, [join(ROOT, 'relay'), 'access'], {
        encoding: 'utf8',
        env: { ...process.env, RELAY_HOME: home },
        input,
      });
    expect(set('short\n').stderr).toContain('Found 5 letters, expected a password of at least 12.');
    expect(set('a long enough password\n').status).toBe(0);
    const kept = readFileSync(join(home, 'access'), 'utf8');
    expect(kept).toMatch(/^\$argon2id\$/);
    expect(kept).not.toContain('long enough');
  });
});

describe('serving', () => {
  it('started twice at once serves once; a killed server comes back; stop takes all down', async () => {
    const home = temporary();
    const port = String(await freePort());
    const url = `http://127.0.0.1:${port}/api/v1/ready`;
    const ready = async () => (await fetch(url).catch(() => null))?.ok === true;
    const start = () => {
      const child = spawn(process.execPath, [join(ROOT, 'relay'), 'start', '--port', port], {
        env: { ...process.env, RELAY_HOME: home },
        stdio: ['ignore', 'pipe', 'pipe'],
      });
      const said = { text: '', code: /** @type {number | null} */ (null), ended: false };
      for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said.text += chunk));
      child.on('exit', (code) => Object.assign(said, { code, ended: true }));
      return said;
    };
    const both = [start(), start()];
    expect(await until(() => both.some((one) => one.ended), 60_000)).toBe(true);
    const loser = /** @type {typeof both[0]} */ (both.find((one) => one.ended));
    const winner = /** @type {typeof both[0]} */ (both.find((one) => one !== loser));
    expect(loser.text).toContain(`Already running at http://127.0.0.1:${port}`);
    expect(loser.code).toBe(2);
    expect(await ready()).toBe(true);
    expect(winner.text).toMatch(/database {4}created .*\d\.\d\d s/);
    expect(relay(['status'], home)).toMatchObject({ status: 0, out: expect.stringContaining('server    ready') });
    const { server } = JSON.parse(readFileSync(join(home, 'run.json'), 'utf8'));
    process.kill(server, 'SIGKILL');
    expect(await until(() => winner.text.includes('is started again; nothing saved was lost'), 20_000)).toBe(true);
    expect(await until(ready, 20_000)).toBe(true);
    const cluster = /** @type {{ pid: number }} */ (runningCluster(clusterFolder(home)));
    process.kill(cluster.pid, 'SIGKILL');
    expect(await until(() => winner.text.includes('The database had ended and is started again'), 20_000)).toBe(true);
    expect(await until(ready, 20_000)).toBe(true);
    for (const log of [join(home, 'server.log'), join(clusterFolder(home), 'postgres.log')])
      expect(statSync(log).mode & 0o777).toBe(0o600);
    expect(relay(['stop'], home).out).toBe('Stopped.');
    expect(await until(() => winner.ended, 10_000)).toBe(true);
    expect(relay(['status'], home)).toMatchObject({ status: 3, out: 'server    stopped\ndatabase  stopped' });
    expect(relay(['reset', '--yes'], home).out).toContain('All plans were deleted.');
    expect(existsSync(clusterFolder(home))).toBe(false);
  }, 120_000);
});
