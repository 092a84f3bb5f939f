import { readFileSync } from 'node:fs';
import { uptime } from 'node:os';
import { parseArgs } from 'node:util';
import { SteadyClock } from '../clock/steadyClock.js';
import { placesOf } from '../database/dataDirectory.js';
import { ServerError } from '../problems/serverError.js';

/** What this process was started with. */
export const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '4870' },
    'data-dir': { type: 'string', default: '.feverfew/data' },
    template: { type: 'string' },
    reset: { type: 'boolean', default: false },
    demo: { type: 'boolean', default: false },
    /** A household file to begin with, in place of what is there; “newest” is the newest good backup. */
    restore: { type: 'string' },
    /** Lists the backups there are, and ends. */
    backups: { type: 'boolean', default: false },
    /** Opens the house to other devices, as the switch on the page Devices does. */
    lan: { type: 'boolean', default: false },
    /** The first port tried for other devices, by http; by https the next. */
    'lan-port': { type: 'string', default: '4880' },
    /** A further name other devices reach this computer by; may be given several times. */
    'lan-name': { type: 'string', multiple: true, default: [] },
    /** For tests: a file that sets this server's clock (see `turned`), read on each call. */
    'clock-file': { type: 'string' },
  },
});
export const dataDir = values['data-dir'];
export const places = placesOf(dataDir);
const ahead = values['clock-file'];
/** For tests, min: how far time has gone on, and by how much more the computer's clock has jumped. */
const turned = (): number[] =>
  ahead
    ? readFileSync(ahead, 'utf8')
        .trim()
        .split(/\s+/)
        .map((min) => Number(min) * 60_000)
    : [];
export const steady = new SteadyClock(
  () => Date.now() + turned().reduce((sum, ms) => sum + ms, 0),
  () => uptime() * 1000 + (turned()[0] ?? 0),
);
export const clock = () => steady.read();

/** @throws ServerError badPort */
export function portOf(option: 'port' | 'lan-port'): number {
  const port = Number(values[option]);
  if (Number.isInteger(port) && port >= 1 && port <= 65_535) return port;
  throw new ServerError('badPort', { option, port: values[option] });
}
