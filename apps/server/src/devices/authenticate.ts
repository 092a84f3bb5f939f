import { ROUTES } from '@feverfew/contracts';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { ServerError } from '../problems/serverError.js';
import { isFromNetwork, setRequester, THIS_COMPUTER } from '../requests/door.js';
import { deviceToken } from './deviceCookie.js';
import type { DevicesService } from './devices.service.js';

const isPublic = ({ method, path }: Request): boolean =>
  Object.values(ROUTES).some(
    (route) => route.role === 'public' && route.method === method && route.path === path,
  );

/**
 * Finds out who asks, before anything of what was sent is read. This computer is always let in; from the household's
 * network only a device that shows what it was given.
 */
export const authenticate =
  (devices: DevicesService): RequestHandler =>
  (request: Request, response: Response, next: NextFunction) => {
    void identifyDevice(devices, request, response).then(() => next(), next);
  };

/** @throws ServerError notLetIn */
export async function identifyDevice(
  devices: DevicesService,
  request: Request,
  response: Response,
): Promise<void> {
  if (!isFromNetwork(request)) return setRequester(response, THIS_COMPUTER);
  const token = deviceToken(request);
  const who = token === null ? null : await devices.whoShows(token);
  if (who) return setRequester(response, who);
  if (isPublic(request)) return;
  throw new ServerError('notLetIn', {
    message: 'This device is not connected. Get a code for it under Your house, Devices.',
  });
}
