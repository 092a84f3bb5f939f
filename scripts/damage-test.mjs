import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  symlinkSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/**
 * Spoils the data directory of a demo house in one way after another. The next start has to come up with the whole
 * house, or to end within ten seconds (more where an undisturbed start takes longer) with words that name the way back.
 * Nothing in the directory may be overwritten by that. Then the newest backup has to bring the house back.
 *
 * npm run damage-test -- [from which kind on]
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const PORT = 4895;
const BASE = `http://127.0.0.1:${PORT}`;
const MAX_MS = 10_000;

const files = (at, least = 1) =>
  readdirSync(at, { recursive: true })
    .map((name) => join(at, String(name)))
    .filter((path) => statSync(path).isFile() && statSync(path).size >= least);
const largest = (at) => files(at).sort((a, b) => statSync(b).size - statSync(a).size)[0];
const garbage = (path, from = 0, every = 8192) => {
  const bytes = readFileSync(path);
  for (let at = from; at < bytes.length; at += every) bytes.fill(0x5a, at, Math.min(at + 64, bytes.length));
  writeFileSync(path, bytes);
};
const gone = (path) => rmSync(path, { recursive: true, force: true });
const emptied = (path) => {
  gone(path);
  mkdirSync(path);
};
const each = (paths, spoil) => {
  for (const path of paths) spoil(path);
};
const halved = (path) => truncateSync(path, Math.floor(statSync(path).size / 2));

/** What is done to the directory of the database; `house` is the data directory around it. */
const DAMAGES = [
  ['PG_VERSION is gone', (db) => gone(join(db, 'PG_VERSION'))],
  ['PG_VERSION is empty', (db) => writeFileSync(join(db, 'PG_VERSION'), '')],
  ['PG_VERSION is nonsense', (db) => writeFileSync(join(db, 'PG_VERSION'), '\u0000\u0001nonsense')],
  ['PG_VERSION is of an old release', (db) => writeFileSync(join(db, 'PG_VERSION'), '9.6\n')],
  ['all tables are gone', (db) => gone(join(db, 'base'))],
  ['all tables are empty files', (db) => each(files(join(db, 'base')), (path) => truncateSync(path, 0))],
  ['what is common to all databases is gone', (db) => gone(join(db, 'global'))],
  ['the control file is gone', (db) => gone(join(db, 'global/pg_control'))],
  ['the control file is cut', (db) => truncateSync(join(db, 'global/pg_control'), 100)],
  ['the control file is nonsense', (db) => garbage(join(db, 'global/pg_control'), 0, 64)],
  ['the map of files is nonsense', (db) => garbage(join(db, 'global/pg_filenode.map'), 0, 64)],
  [
    'a map of files is gone',
    (db) =>
      each(
        files(join(db, 'base')).filter((path) => path.endsWith('pg_filenode.map')),
        gone,
      ),
  ],
  ['the log of the database is gone', (db) => gone(join(db, 'pg_wal'))],
  ['the log of the database is empty', (db) => emptied(join(db, 'pg_wal'))],
  ['a segment of the log is cut', (db) => halved(largest(join(db, 'pg_wal')))],
  ['a segment of the log is nonsense', (db) => garbage(largest(join(db, 'pg_wal')))],
  ['the record of transactions is gone', (db) => gone(join(db, 'pg_xact'))],
  [
    'the record of transactions is cut',
    (db) => each(files(join(db, 'pg_xact')), (path) => truncateSync(path, 0)),
  ],
  ['the record of shared locks is gone', (db) => gone(join(db, 'pg_multixact'))],
  ['the largest file is cut in half', (db) => halved(largest(join(db, 'base')))],
  [
    'each page of every large file has a spoilt stretch',
    (db) => each(files(join(db, 'base'), 64_000), (path) => garbage(path, 5000)),
  ],
  [
    'each page of every large file has a spoilt head',
    (db) => each(files(join(db, 'base'), 64_000), (path) => garbage(path)),
  ],
  [
    'the directory is a file',
    (db) => {
      gone(db);
      writeFileSync(db, 'not a directory');
    },
  ],
  ['the directory is empty', emptied],
  ['the directory is gone', gone],
  [
    'the directory is a link that leads nowhere',
    (db, house) => {
      renameSync(db, `${house}.away`);
      symlinkSync(`${db}.nowhere`, db);
    },
  ],
  [
    'half of the directory was copied',
    (db) =>
      each(
        files(db).filter((_, at) => at % 2 === 0),
        gone,
      ),
  ],
  [
    'the settings of the database are gone',
    (db) => each(['postgresql.conf', 'postgresql.auto.conf', 'pg_hba.conf'], (name) => gone(join(db, name))),
  ],
  ['the key of the seal is nonsense', (_db, house) => writeFileSync(join(house, 'seal.key'), 'not hex')],
  [
    'the newest backup is cut, and PG_VERSION is gone',
    (db, house) => {
      const [newest] = readdirSync(join(house, 'backups')).sort().reverse();
      halved(join(house, 'backups', newest));
      gone(join(db, 'PG_VERSION'));
    },
  ],
];

const exported = async () =>
  createHash('sha256')
    .update(await fetch(`${BASE}/api/household/file`).then((answer) => answer.text()))
    .digest('hex');

/** One start: whether it came up, what it said, and how long it took to do either. */
async function start(house, ...more) {
  const server = spawn(
    process.execPath,
    [
      join(ROOT, 'apps/server/dist/main.js'),
      ...['--port', String(PORT), '--data-dir', house, '--template', template, ...more],
    ],
    { cwd: ROOT, stdio: ['ignore', 'ignore', 'pipe'] },
  );
  let said = '';
  server.stderr.on('data', (chunk) => {
    said += chunk;
  });
  const from = performance.now();
  const ended = new Promise((done) => server.once('exit', () => done(false)));
  const isUp = await Promise.race([untilUp(BASE).then(() => true), ended]);
  const tookMs = performance.now() - from;
  const end = async () => {
    server.kill('SIGTERM');
    await ended;
  };
  return { isUp, said, tookMs, end };
}

/** The directory as it is: names, sizes and what is in each file. */
const stateOf = (db) => {
  try {
    return files(db, 0)
      .map((path) => `${path} ${createHash('sha256').update(readFileSync(path)).digest('hex')}`)
      .sort()
      .join('\n');
  } catch (error) {
    return String(error.code);
  }
};

/** What the engine notes for itself while it tries to start; no row of a house is in it. */
const NOTES_OF_ENGINE = /postmaster\.pid|pg_internal\.init|global\/pg_control|pg_wal\//;

/** Files that are otherwise, new or gone. */
function changedBetween(before, after) {
  const [one, other] = [before, after].map((state) => new Set(state.split('\n')));
  const differ = [...one]
    .filter((file) => !other.has(file))
    .concat([...other].filter((file) => !one.has(file)));
  const names = differ.map((file) => file.split(' ')[0].split('/spoilt/').pop());
  return [...new Set(names)].filter((name) => !NOTES_OF_ENGINE.test(name));
}

const work = mkdtempSync(join(tmpdir(), 'feverfew-damage-'));
const sound = join(work, 'sound');
let failed = 0;
try {
  const first = await start(sound, '--demo');
  const whole = await exported();
  await first.end();
  // A start writes the backup of the day.
  const again = await start(sound);
  const longest = Math.max(MAX_MS, 2 * again.tookMs);
  await new Promise((done) => setTimeout(done, 3000));
  await again.end();
  console.log(
    `an undisturbed start takes ${(again.tookMs / 1000).toFixed(1)} s; backups: ${readdirSync(join(sound, 'backups')).join(' ')}`,
  );
  for (const [name, spoil] of DAMAGES.slice(Number(process.argv[2] ?? 0))) {
    const house = join(work, 'spoilt');
    cpSync(sound, house, { recursive: true });
    const db = join(house, 'db');
    spoil(db, house);
    const before = stateOf(db);
    const next = await start(house);
    const faults = [];
    if (next.isUp) {
      if ((await exported()) !== whole) faults.push('it came up with another house');
      await next.end();
    } else {
      if (!/restore|backup|seal\.key/i.test(next.said)) faults.push('it names no way back');
      if (/\n\s+at /.test(next.said)) faults.push('it shows a stack');
      if (next.tookMs > longest) faults.push('it was late');
      const changed = changedBetween(before, stateOf(db));
      if (changed.length > 0) faults.push(`overwritten: ${changed.slice(0, 4).join(', ')}`);
    }
    let back = 'up and whole';
    if (!next.isUp && !name.includes('seal')) {
      const restored = await start(house, '--restore', 'newest');
      back =
        restored.isUp && (await exported()) === whole
          ? 'brought back'
          : `not brought back: ${restored.said.slice(0, 200)}`;
      // A spoilt backup is said, and an older one is asked for.
      if (back !== 'brought back' && !name.includes('backup'))
        faults.push('the backup does not bring it back');
      if (name.includes('backup') && !restored.said.trim()) faults.push('a spoilt backup is not said');
      await restored.end();
    }
    if (faults.length > 0) failed += 1;
    const words = next.isUp ? '' : ` — ${next.said.trim().split('\n')[0]?.slice(0, 110)}`;
    console.log(
      `${faults.length > 0 ? 'FAULT' : 'ok'}: ${name}: ${(next.tookMs / 1000).toFixed(1)} s, ${back}${words}${faults.length > 0 ? ` [${faults.join('; ')}]` : ''}`,
    );
    gone(house);
  }
} finally {
  gone(work);
}
console.log(
  `${failed} of ${DAMAGES.length - Number(process.argv[2] ?? 0)} kinds of damage were not met with words and a way back`,
);
process.exit(failed === 0 ? 0 : 1);
