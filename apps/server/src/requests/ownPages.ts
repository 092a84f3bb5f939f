import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { isNameInHouse } from '../network/houseNames.js';
import { ServerError } from '../problems/serverError.js';
import { isFromNetwork } from './door.js';

/** Only reads; nothing of them changes what is kept. */
const READING = new Set(['GET', 'HEAD', 'OPTIONS']);
/** The origin of a request by the browser: our own page, or none (typed, a bookmark). */
const OWN_SITES = new Set(['same-origin', 'none']);

/**
 * Answers only under names that are this server's own. A page elsewhere may let a name of its own point here, and would
 * then be taken for one of ours (DNS rebinding, common practice); a numeric address cannot be registered by others.
 * @param names further names by which devices in the house reach it
 */
export const requireOwnHost =
  (names: readonly string[]): RequestHandler =>
  (request: Request, _response: Response, next: NextFunction) => {
    const name = hostName(request.headers.host);
    const isOwn = isFromNetwork(request) ? isNameInHouse : isLoopback;
    next(
      name !== null && isOwn(name, names)
        ? undefined
        : new ServerError('foreignHost', { message: 'This server is not reached by that name.' }),
    );
  };

/**
 * Refuses what a page from elsewhere sends or asks for (cross-site request forgery): by Origin where there is one, and
 * by Sec-Fetch-Site. Programs that are no browser send neither, and are let through.
 */
export function requireOwnPage(request: Request, _response: Response, next: NextFunction): void {
  const { origin, host } = request.headers;
  const site = request.headers['sec-fetch-site'];
  const isOwn =
    (origin === undefined || originHost(origin) === host?.toLowerCase()) &&
    (site === undefined || OWN_SITES.has(String(site)));
  next(
    isOwn
      ? undefined
      : new ServerError('foreignPage', {
          message: 'A page from elsewhere asked for this. Nothing was done.',
        }),
  );
}

/** What changes something comes as JSON, which no form of another page can send, or without a body. */
export function requireJson(request: Request, _response: Response, next: NextFunction): void {
  const hasBody =
    Number(request.headers['content-length'] ?? 0) > 0 || request.headers['transfer-encoding'] !== undefined;
  next(
    READING.has(request.method) || !hasBody || request.is('application/json')
      ? undefined
      : new ServerError('notJson', { message: 'Send it as application/json. Nothing was done.' }),
  );
}

/** The name in a Host header, in small letters and without port; null where it does not read as one. */
export function hostName(host: string | undefined): string | null {
  if (!host || !/^[\w.:[\]-]+$/.test(host)) return null;
  return read(`http://${host}`)?.hostname ?? null;
}

/** This computer alone: what a server that listens on loopback is called. */
export const isLoopback = (name: string): boolean =>
  name === 'localhost' || name === '[::1]' || /^127(\.\d{1,3}){3}$/.test(name);

const originHost = (origin: string): string | null => read(origin)?.host ?? null;

const read = (address: string): URL | null => (URL.canParse(address) ? new URL(address) : null);
