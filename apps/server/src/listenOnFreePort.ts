import type { AddressInfo, Server } from 'node:net';

const MAX_TRIES = 20;

/**
 * Listens on the port asked for, or the next free one above it; 0 takes any.
 * @returns the port it listens on
 */
export async function listenOnFreePort(server: Server, host: string, port: number): Promise<number> {
  for (let candidate = port; candidate < port + MAX_TRIES; candidate += 1) {
    try {
      await listen(server, host, candidate);
      return (server.address() as AddressInfo).port;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    }
  }
  throw new Error(`No free port from ${port} to ${port + MAX_TRIES - 1}.`);
}

const listen = (server: Server, host: string, port: number): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen({ host, port }, () => {
      server.off('error', reject);
      resolve();
    });
  });
