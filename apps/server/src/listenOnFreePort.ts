import type { NestExpressApplication } from '@nestjs/platform-express';

const MOST_TRIES = 20;

/** Listens on the port asked for, or the next free one above it. */
export async function listenOnFreePort(
  app: NestExpressApplication,
  host: string,
  port: number,
): Promise<number> {
  for (let candidate = port; candidate < port + MOST_TRIES; candidate += 1) {
    try {
      await app.listen(candidate, host);
      return candidate;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    }
  }
  throw new Error(`No free port from ${port} to ${port + MOST_TRIES - 1}.`);
}
