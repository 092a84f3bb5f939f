import type { NextFunction, Request, RequestHandler, Response } from 'express';
import express from 'express';

/**
 * Reads a JSON body of known length into one buffer as its parts arrive. The usual reader, `express.raw`, joins
 * the parts at the end, and with a large house everyone else waits for that. It still reads what is compressed or comes
 * without a length.
 * @param maxBytes a larger body is refused with 413
 */
export function collectBody(maxBytes: number): RequestHandler {
  const joined = express.raw({ type: 'application/json', limit: maxBytes });
  return (request: Request, response: Response, next: NextFunction) => {
    const length = Number(request.headers['content-length']);
    const isPlain = (request.headers['content-encoding'] ?? 'identity') === 'identity';
    if (!request.is('application/json') || !isPlain || !(length > 0) || length > maxBytes) {
      void joined(request, response, next);
      return;
    }
    const body = Buffer.allocUnsafeSlow(length);
    let taken = 0;
    let isOver = false;
    const close = (error?: Error) => {
      if (isOver) return;
      isOver = true;
      next(error);
    };
    const breakOff = () => close(Object.assign(new Error('request aborted'), { status: 400 }));
    request
      .on('data', (part: Buffer) => {
        taken += part.copy(body, taken);
      })
      .once('end', () => {
        request.body = body.subarray(0, taken);
        close();
      })
      .once('error', breakOff)
      .once('close', breakOff);
  };
}
