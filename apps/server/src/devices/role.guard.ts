import { type DeviceRole, mayDo } from '@feverfew/contracts';
import { DomainError } from '@feverfew/core';
import { type CanActivate, type ExecutionContext, Inject, Injectable, SetMetadata } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request, Response } from 'express';
import { whoAsks } from '../requests/door.js';

const ASKS_FOR = 'asksFor';
const FOR_ANYBODY = 'anybody';

/** What a device has to be let in for to use this; where it is not said, `look` for what reads, `all` for the rest. */
export const AskFor = (role: DeviceRole) => SetMetadata(ASKS_FOR, role);
/** For one who is not let in, too. */
export const ForAnybody = () => SetMetadata(ASKS_FOR, FOR_ANYBODY);

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
    const asked = this.reflector.getAllAndOverride<DeviceRole | typeof FOR_ANYBODY | undefined>(ASKS_FOR, [
      context.getHandler(),
      context.getClass(),
    ]);
    if (asked === FOR_ANYBODY) return true;
    const who = whoAsks(http.getResponse<Response>());
    const needs = asked ?? (http.getRequest<Request>().method === 'GET' ? 'look' : 'all');
    if (who && mayDo(who.role, needs)) return true;
    throw new DomainError('notAllowed', {
      message: `${who ? REFUSED[who.role] : ''} Nothing was changed. What it may do is set under Your house, Devices.`,
    });
  }
}
