import { DomainError } from '@feverfew/core';
import { Injectable } from '@nestjs/common';
import { ThrottlerGuard } from '@nestjs/throttler';

/** Codes one address may try in a minute. */
export const TRIES = { ttl: 60_000, limit: 5 };

/** Limits how often one address tries a code. */
@Injectable()
export class TriesGuard extends ThrottlerGuard {
  protected override async throwThrottlingException(): Promise<void> {
    throw new DomainError('tooManyTries', { message: 'Too many tries. Wait a minute, then try again.' });
  }
}
