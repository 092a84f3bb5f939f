import { type ExecutionContext, Injectable } from '@nestjs/common';
import { ThrottlerGuard, type ThrottlerLimitDetail } from '@nestjs/throttler';
import type { Response } from 'express';
import { ServerError } from '../problems/serverError.js';

const MINUTE_MS = 60_000;

/** Codes that may be tried in a minute: by one address, and by all of them together. */
export const TRIES = [
  { name: 'address', ttl: MINUTE_MS, limit: 5 },
  { name: 'house', ttl: MINUTE_MS, limit: 20, getTracker: () => 'house' },
];

/** Limits how often a code is tried. */
@Injectable()
export class TriesGuard extends ThrottlerGuard {
  protected override async throwThrottlingException(
    context: ExecutionContext,
    { timeToBlockExpire }: ThrottlerLimitDetail,
  ): Promise<void> {
    context.switchToHttp().getResponse<Response>().setHeader('Retry-After', timeToBlockExpire);
    throw new ServerError('tooManyTries', { message: 'Too many tries. Wait a minute, then try again.' });
  }
}
