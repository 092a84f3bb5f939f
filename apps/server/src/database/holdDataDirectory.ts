import { createHash } from 'node:crypto';
import { mkdirSync, realpathSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { ServerError } from '../problems/serverError.js';

/**
 * Exclusive use of a data directory, for as long as the process lives. An abstract socket on Linux frees itself
 * even on SIGKILL; a named pipe does the same on Windows. Two processes on one directory would lose rows silently.
 * @throws ServerError dataDirectoryInUse
 */
export async function holdDataDirectory(dataDir: string): Promise<Server> {
  mkdirSync(dataDir, { recursive: true });
  const path = realpathSync(dataDir);
  const name = `feverfew-${createHash('sha1').update(path).digest('hex')}`;
  const address =
    process.platform === 'win32'
      ? `\\\\.\\pipe\\${name}`
      : process.platform === 'linux'
        ? `\0${name}`
        : `/tmp/${name}.sock`;
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', (error: NodeJS.ErrnoException) => {
      reject(error.code === 'EADDRINUSE' ? new ServerError('dataDirectoryInUse', { dataDir: path }) : error);
    });
    server.listen(address, () => {
      server.unref();
      resolve(server);
    });
  });
}
