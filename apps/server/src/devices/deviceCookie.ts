import type { Request, Response } from 'express';

/** Browsers keep a cookie for at most 400 days (RFC 6265bis). It is set again whenever the device opens a page. */
const MAX_AGE_MS = 400 * 24 * 3600_000;

/*
 * Two names: a page over plain http may not write over what was set over https, and the prefix keeps anything but this
 * very server over https from setting the other.
 */
export const DEVICE_COOKIE = 'feverfew-device';
export const SAFE_DEVICE_COOKIE = '__Host-feverfew-device';

export function setDeviceCookie(request: Request, response: Response, token: string): void {
  response.cookie(request.secure ? SAFE_DEVICE_COOKIE : DEVICE_COOKIE, token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: request.secure,
    path: '/',
    maxAge: MAX_AGE_MS,
  });
}

/** What the request shows on this kind of line: what was seen on a plain one opens no safe one. */
export function deviceToken(request: Request): string | null {
  const name = `${request.secure ? SAFE_DEVICE_COOKIE : DEVICE_COOKIE}=`;
  const pairs = (request.headers.cookie ?? '').split(/;\s*/);
  const token = pairs.find((pair) => pair.startsWith(name))?.slice(name.length);
  return token && /^[\w-]{43}$/.test(token) ? token : null;
}
