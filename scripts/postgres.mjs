import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { installPackages } from './chromium.mjs';

const DEBIANS = '/usr/lib/postgresql';
const CONFIG = '/etc/postgresql-common/createcluster.conf';
/** Whom PostgreSQL runs as where root runs the tests: it refuses root. */
const USER = 'postgres';
const START_MS = 60_000;
const isRoot = process.getuid?.() === 0;

/** Where Debian's PostgreSQL lies, the newest; null where there is none. */
function programs() {
  if (!existsSync(DEBIANS)) return null;
  const [newest] = readdirSync(DEBIANS)
    .filter((version) => existsSync(join(DEBIANS, version, 'bin/postgres')))
    .sort((a, b) => Number(b) - Number(a));
  return newest ? join(DEBIANS, newest, 'bin') : null;
}

/**
 * Debian's PostgreSQL for the tests on both engines: installed when absent and root. It makes no cluster of its own and
 * starts nothing.
 * @returns false where there is none and none can be installed
 */
export function ensurePostgres() {
  if (programs()) return true;
  if (!isRoot || !existsSync('/usr/bin/apt-get')) return false;
  console.log('Installing PostgreSQL from Debian …');
  if (!existsSync(CONFIG)) installPackages('postgresql-common');
  spawnSync('sed', ['-i', 's/^#\\?create_main_cluster.*/create_main_cluster = false/', CONFIG]);
  installPackages('postgresql');
  return programs() !== null;
}

/**
 * A cluster of a test's own, as an ordinary user, reached by a socket in a directory nobody else sees.
 * @param isDurable writes to the disk before it acknowledges, as a real one does
 */
export async function startCluster({ isDurable }) {
  const bin = programs();
  const root = mkdtempSync(join(tmpdir(), 'feverfew-pg-'));
  const [data, socket] = [join(root, 'data'), join(root, 'socket')];
  mkdirSync(socket);
  chmodSync(root, 0o755);
  if (isRoot) spawnSync('chown', ['-R', USER, root]);
  const asUser = (program, ...args) =>
    isRoot
      ? [
          'setpriv',
          ['--reuid', USER, '--regid', USER, '--init-groups', '--pdeathsig', 'INT', program, ...args],
        ]
      : [program, args];
  const made = spawnSync(
    ...asUser(
      join(bin, 'initdb'),
      '-D',
      data,
      '-U',
      USER,
      '-A',
      'trust',
      '-E',
      'UTF8',
      '--locale=C.UTF-8',
      '-k',
      '-N',
    ),
    { stdio: ['ignore', 'ignore', 'pipe'] },
  );
  if (made.status !== 0) throw new Error(`initdb: ${made.stderr}`);
  let server = null;
  const url = (database) => `postgres://${USER}@localhost/${database}?host=${encodeURIComponent(socket)}`;
  const isUp = () =>
    spawnSync(join(bin, 'pg_isready'), ['-q', '-h', socket, '-U', USER], { stdio: 'ignore' }).status === 0;

  async function start() {
    const settings = {
      listen_addresses: '',
      unix_socket_directories: socket,
      max_connections: 200,
      fsync: isDurable ? 'on' : 'off',
      log_min_messages: 'panic',
    };
    const options = Object.entries(settings).flatMap(([name, value]) => ['-c', `${name}=${value}`]);
    const until = Date.now() + START_MS;
    while (Date.now() < until) {
      // Killed before, it starts as soon as the last of its processes has seen that.
      if (!server || server.exitCode !== null || server.signalCode !== null)
        server = spawn(...asUser(join(bin, 'postgres'), '-D', data, ...options), { stdio: 'ignore' });
      if (isUp()) return;
      await new Promise((done) => setTimeout(done, 100));
    }
    throw new Error('PostgreSQL did not come up');
  }
  const end = async (signal) => {
    if (!server || server.exitCode !== null || server.signalCode !== null) return;
    const gone = new Promise((done) => server.once('exit', done));
    server.kill(signal);
    await gone;
  };
  await start();
  return {
    url,
    start,
    kill: () => end('SIGKILL'),
    createDatabase: (name) =>
      spawnSync(join(bin, 'createdb'), ['-h', socket, '-U', USER, name], { stdio: 'inherit' }),
    stop: async () => {
      await end('SIGINT');
      rmSync(root, { recursive: true, force: true });
    },
  };
}
