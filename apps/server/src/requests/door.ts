import type { IncomingMessage } from 'node:http';
import type { Requester } from '@feverfew/contracts';
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

/** A request from this computer itself may do everything. */
export const THIS_COMPUTER: Requester = { deviceId: null, name: 'This computer', role: 'all' };

/** Who asks, as it was found out before anything else was read of the request; null for one who was not let in. */
export const getRequester = (response: Response): Requester | null =>
  (response.locals.who as Requester) ?? null;
export const setRequester = (response: Response, who: Requester | null): void => {
  response.locals.who = who;
};
