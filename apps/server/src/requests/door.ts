import type { IncomingMessage } from 'node:http';
import type { WhoAsks } from '@feverfew/contracts';
import type { Response } from 'express';

/** What a proxy adds (RFC 7239, RFC 9110 7.6.3, and common practice). */
const PASSED_ON = [
  'forwarded',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-real-ip',
  'via',
];

/** Requests that came from the household's network, and not from this computer. */
const fromNetwork = new WeakSet<IncomingMessage>();

export const markFromNetwork = (request: IncomingMessage): void => void fromNetwork.add(request);
/** What was passed on by something in between comes from elsewhere, whichever door it came through. */
export const isFromNetwork = (request: IncomingMessage): boolean =>
  fromNetwork.has(request) || PASSED_ON.some((header) => request.headers[header] !== undefined);

/** This computer itself: whoever sits at it may do everything. */
export const THIS_COMPUTER: WhoAsks = { deviceId: null, name: 'This computer', role: 'all' };

/** Who asks, as it was found out before anything else was read of the request; null for one who was not let in. */
export const whoAsks = (response: Response): WhoAsks | null => (response.locals.who as WhoAsks) ?? null;
export const setWhoAsks = (response: Response, who: WhoAsks | null): void => {
  response.locals.who = who;
};
