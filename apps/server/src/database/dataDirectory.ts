import { randomBytes } from 'node:crypto';
import {
  existsSync,
  lstatSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { ServerError } from '../problems/serverError.js';

/** Where what lies in a data directory. */
export interface Places {
  readonly root: string;
  /** The database as it is used. */
  readonly db: string;
  /** One that is being made; found at a start, its maker was killed, and it is nothing. */
  readonly building: string;
  /** One that is whole, on its way to `db`. */
  readonly ready: string;
  readonly backups: string;
  readonly sealKey: string;
  /** The door to the household's network: its root certificate, and whether it is open. */
  readonly network: string;
}

export const placesOf = (root: string): Places => ({
  root,
  db: join(root, 'db'),
  building: join(root, 'db.new'),
  ready: join(root, 'db.ready'),
  backups: join(root, 'backups'),
  sealKey: join(root, 'seal.key'),
  network: join(root, 'network'),
});

/** An earlier version kept the database files next to the backups; they move here. */
const MOVING = 'db.moving';
const ASIDE = /^db\.old-/;
const OURS = new Set(['db', 'db.new', 'db.ready', 'backups', 'network', 'seal.key', 'seal.key.part', MOVING]);
const isOurs = (name: string): boolean => OURS.has(name) || ASIDE.test(name);
/** What PostgreSQL 18 names its files and directories at the top. */
const OF_POSTGRES =
  /^(PG_VERSION|base|global|pg_[a-z_]+|postgresql(\.auto)?\.conf|pg_(hba|ident)\.conf|postmaster\.(pid|opts))$/;
/** Databases that were put aside and are kept. */
const ASIDE_KEPT = 2;

/**
 * Puts a directory in order before anything is opened: a database of an earlier version moves to its place. What a
 * killed start left half made goes. Each step may be cut short and is gone on with the next time.
 * @param mayPutAside an empty house was asked for: what cannot be opened goes aside, whole
 * @returns whether there is a database
 * @throws ServerError notADataDirectory if foreign files lie in it, dataDamaged if what lies in it may have
 * been a house and cannot be opened; nothing is touched then
 */
export function settle(places: Places, mayPutAside: boolean): boolean {
  const { root, db, building, ready } = places;
  const others = readdirSync(root).filter((name) => !isOurs(name));
  const moving = join(root, MOVING);
  if (others.some((name) => !OF_POSTGRES.test(name)))
    throw new ServerError('notADataDirectory', { dataDir: root });
  const isWhole = others.includes('PG_VERSION');
  if (others.length > 0 && !isWhole && !existsSync(moving) && !mayPutAside)
    throw new ServerError('dataDamaged', { dataDir: root, cause: 'half of a database lies in it' });
  rmSync(building, { recursive: true, force: true });
  if (existsSync(moving) || others.includes('PG_VERSION')) {
    mkdirSync(moving, { recursive: true });
    for (const name of others) renameSync(join(root, name), join(moving, name));
    renameSync(moving, db);
  } else if (others.length > 0) {
    // Half of a database, or foreign files with such a name: they are put aside, not deleted.
    const aside = asideOf(root, new Date());
    mkdirSync(aside);
    for (const name of others) renameSync(join(root, name), join(aside, name));
  }
  if (existsSync(ready)) takePlace(places, new Date());
  if (!mayPutAside) requireOpenable(places);
  return existsSync(db);
}

/** What the database engine takes for a database; where the first is missing, it writes an empty one over what is there. */
const OF_A_DATABASE = ['PG_VERSION', 'base', 'global/pg_control'];

/** A house that was here is never furnished again as an empty one, because a part of it is missing. */
function requireOpenable({ root, db, backups }: Places): void {
  const damaged = (cause: string) => new ServerError('dataDamaged', { dataDir: root, cause });
  if (lstatSync(db, { throwIfNoEntry: false })) {
    if (!statSync(db, { throwIfNoEntry: false })?.isDirectory())
      throw damaged('its database is no directory');
    const missing = OF_A_DATABASE.find((name) => isMissing(join(db, name)));
    if (missing) throw damaged(`${missing} is missing from its database`);
    return;
  }
  const left = readdirSync(root).some((name) => ASIDE.test(name));
  const kept = existsSync(backups) && readdirSync(backups).length > 0;
  if (left || kept) throw damaged('its database is not there, though a house was');
}

function isMissing(path: string): boolean {
  const found = statSync(path, { throwIfNoEntry: false });
  return !found || (found.isFile() && found.size === 0);
}

/**
 * A database that is whole takes its place; the one there was is put aside. Cut short between the two, the next start
 * goes on with it.
 */
export function takePlace(places: Places, at: Date): void {
  const { db, building, ready } = places;
  if (existsSync(building)) renameSync(building, ready);
  putAside(places, at);
  renameSync(ready, db);
}

const asideOf = (root: string, at: Date): string =>
  join(root, `db.old-${at.toISOString().replaceAll(/[:.]/g, '-')}`);

/** Keeps a replaced database under the time of its replacement, and only the newest few. */
function putAside({ root, db }: Places, at: Date): void {
  // Also a link that leads nowhere: it lies in the way of the next one.
  if (!lstatSync(db, { throwIfNoEntry: false })) return;
  const aside = asideOf(root, at);
  renameSync(db, aside);
  const older = readdirSync(root)
    .filter((name) => ASIDE.test(name))
    .sort()
    .reverse()
    .slice(ASIDE_KEPT);
  for (const name of older) rmSync(join(root, name), { recursive: true, force: true });
}

/** 32 bytes, in hex. */
const SEAL_KEY_TEXT = /^[0-9a-f]{64}$/i;

/**
 * @param place where the text of the key was found, for people
 * @throws ServerError badSealKey where it is no key: an empty one would let anyone forge a seal
 */
export function keyOfText(text: string, place: string): Buffer {
  if (!SEAL_KEY_TEXT.test(text)) throw new ServerError('badSealKey', { place });
  return Buffer.from(text, 'hex');
}

/**
 * What plans of this house are sealed with in its files: made once, and never in a file itself. 32 bytes.
 * @throws ServerError badSealKey
 */
export function sealKeyOf({ sealKey }: Places): Buffer {
  if (!existsSync(sealKey)) {
    writeFileSync(`${sealKey}.part`, randomBytes(32).toString('hex'), { mode: 0o600 });
    renameSync(`${sealKey}.part`, sealKey);
  }
  return keyOfText(readFileSync(sealKey, 'utf8').trim(), sealKey);
}
