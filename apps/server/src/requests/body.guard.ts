import { type CanActivate, type ExecutionContext, Inject, Injectable, SetMetadata } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import express, { type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import { createYield } from '../turns/cooperative.js';
import { collectBody } from './collectBody.js';
import { jsonInTurns } from './jsonInTurns.js';
import { rejectUnstorableText } from './storableText.js';

const TAKES = 'takes';

/** How much a route takes, where it is not the usual size. */
const SIZES = {
  code: '2kb',
  usual: '200kb',
  picture: '600kb',
  log: '6mb',
  household: 400 * 1024 ** 2,
} as const;
type Size = keyof typeof SIZES;

/** The most a route takes; a household file is read row by row. */
export const Takes = (size: Size) => SetMetadata(TAKES, size);

const readerOf = (size: Size): readonly RequestHandler[] =>
  size === 'household'
    ? [collectBody(SIZES[size]), readInTurns, rejectUnstorableText]
    : [express.json({ limit: SIZES[size] }), rejectUnstorableText];

const READERS = Object.fromEntries(
  (Object.keys(SIZES) as Size[]).map((size) => [size, readerOf(size)]),
) as Record<Size, readonly RequestHandler[]>;

/** Reads what was sent, once it is known that the sender may use the route. */
@Injectable()
export class BodyGuard implements CanActivate {
  constructor(@Inject(Reflector) private readonly reflector: Reflector) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const http = context.switchToHttp();
    const size = this.reflector.get<Size | undefined>(TAKES, context.getHandler()) ?? 'usual';
    for (const handle of READERS[size])
      await done(handle, http.getRequest<Request>(), http.getResponse<Response>());
    return true;
  }
}

const done = (handle: RequestHandler, request: Request, response: Response): Promise<void> =>
  new Promise((resolve, reject) => {
    const next: NextFunction = (error?: unknown) => (error ? reject(error) : resolve());
    void handle(request, response, next);
  });

/** A household file, read row by row so that no tap waits for it. */
function readInTurns(request: Request, response: Response, next: NextFunction): void {
  if (!Buffer.isBuffer(request.body)) next();
  else
    jsonInTurns(request.body, createYield()).then(
      (file) => {
        request.body = file;
        response.locals.isSound = true;
        next();
      },
      (error: unknown) => next(error instanceof SyntaxError ? Object.assign(error, { status: 400 }) : error),
    );
}
