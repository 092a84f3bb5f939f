import { DomainError } from '@feverfew/core';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { isFromNetwork, setWhoAsks, THIS_COMPUTER } from '../requests/door.js';
import { deviceToken } from './deviceCookie.js';
import type { DevicesService } from './devices.service.js';

/** What one who is not let in may ask for: to be let in, the certificate that makes the line a safe one, and whether
 * this server is up. */
const DOORSTEP: readonly (readonly [method: string, path: string])[] = [
  ['POST', '/devices/join'],
  ['GET', '/network/root.crt'],
  ['GET', '/health'],
  ['GET', '/ready'],
];

/**
 * Finds out who asks, before anything of what was sent is read. This computer is always let in; from the household's
 * network only a device that shows what it was given.
 */
export const requireLetIn =
  (devices: DevicesService): RequestHandler =>
  (request: Request, response: Response, next: NextFunction) => {
    void findOut(devices, request, response).then(() => next(), next);
  };

/** @throws DomainError notLetIn */
export async function findOut(devices: DevicesService, request: Request, response: Response): Promise<void> {
  if (!isFromNetwork(request)) return setWhoAsks(response, THIS_COMPUTER);
  const token = deviceToken(request);
  const who = token === null ? null : await devices.whoShows(token);
  if (who) return setWhoAsks(response, who);
  if (DOORSTEP.some(([method, path]) => request.method === method && request.path === path)) return;
  throw new DomainError('notLetIn', {
    message: 'This device is not let in. A code for it is made under Your house, Devices.',
  });
}
