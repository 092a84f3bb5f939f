import { type DeviceRole, mayDo, type Route } from '@feverfew/contracts';
import { type CanActivate, type ExecutionContext, Inject, Injectable } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request, Response } from 'express';
import { ASKS_FOR } from '../api/requireRole.js';
import { ServerError } from '../problems/serverError.js';
import { getRequester, isFromNetwork } from '../requests/door.js';
import { identifyDevice } from './authenticate.js';
import { DevicesService } from './devices.service.js';

const REFUSED: Readonly<Record<DeviceRole, string>> = {
  look: 'This device only looks.',
  tub: 'This device only carries out what is under way.',
  all: '',
};

@Injectable()
export class RoleGuard implements CanActivate {
  constructor(@Inject(Reflector) private readonly reflector: Reflector) {}

  canActivate(context: ExecutionContext): boolean {
    const http = context.switchToHttp();
    const asked = this.reflector.getAllAndOverride<Route['role'] | undefined>(ASKS_FOR, [
      context.getHandler(),
      context.getClass(),
    ]);
    // A handler outside the table of routes is for devices that may do everything.
    const needs = asked ?? 'all';
    if (needs !== 'public') requireMay(http.getResponse<Response>(), needs);
    return true;
  }
}

/** @throws ServerError notAllowed where the device that asks may not do what is for `needs` */
export function requireMay(response: Response, needs: DeviceRole): void {
  const who = getRequester(response);
  if (who && mayDo(who.role, needs)) return;
  throw new ServerError('notAllowed', {
    message: `${who ? REFUSED[who.role] : ''} Nothing was changed. What it may do is set under Your house, Devices.`,
  });
}

/** Asks again once everything that was sent is there: a device may have been put out while it was sending. */
@Injectable()
export class StillLetInGuard implements CanActivate {
  constructor(
    @Inject(DevicesService) private readonly devices: DevicesService,
    @Inject(RoleGuard) private readonly role: RoleGuard,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const http = context.switchToHttp();
    const request = http.getRequest<Request>();
    const response = http.getResponse<Response>();
    // On the doorstep no device is let in yet.
    const isIn = isFromNetwork(request) && getRequester(response) !== null;
    if (!isIn || request.body === undefined) return true;
    await identifyDevice(this.devices, request, response);
    return this.role.canActivate(context);
  }
}

/**
 * The same after a wait of its own, where a request stood in a queue.
 * @throws ServerError notLetIn, notAllowed
 */
export async function requireStillMay(devices: DevicesService, response: Response, needs: DeviceRole) {
  await identifyDevice(devices, response.req, response);
  requireMay(response, needs);
}
