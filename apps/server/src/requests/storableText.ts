import type { NextFunction, Request, Response } from 'express';
import { InvalidInput } from '../problems/invalidInput.js';

/** No form of this tool nests its answers deeper than this. */
const DEEPEST = 40;

interface TextFault {
  readonly path: readonly string[];
  readonly message: string;
}

/**
 * What no database keeps and no file carries: a zero character, half of a pair (lone surrogate), nesting without end.
 * Walked without recursion, so that depth cannot end the server.
 * @param given anything that was read as JSON
 * @param inside its nesting depth
 * @returns the first one found, with its place; null where all is sound
 */
export function findTextFault(given: unknown, inside = 0): TextFault | null {
  const left: { readonly value: unknown; readonly path: Path | null; readonly depth: number }[] = [
    { value: given, path: null, depth: inside },
  ];
  for (let at = left.pop(); at; at = left.pop()) {
    const { value, path, depth } = at;
    if (typeof value === 'string') {
      if (!isSound(value)) return { path: namesOf(path), message: NOT_SOUND };
    } else if (value !== null && typeof value === 'object') {
      if (depth >= DEEPEST) return { path: namesOf(path).slice(0, 8), message: 'This is nested too deep.' };
      for (const [name, inner] of Object.entries(value)) {
        const place = { name, in: path };
        if (!isSound(name)) return { path: namesOf(path), message: NOT_SOUND };
        left.push({ value: inner, path: place, depth: depth + 1 });
      }
    }
  }
  return null;
}

/** Refuses a body with text in it that could not be kept. */
export function rejectUnstorableText(request: Request, response: Response, next: NextFunction): void {
  // Looked through already, row by row.
  const fault = response.locals.isSound ? null : findTextFault(request.body);
  next(fault ? new InvalidInput([fault]) : undefined);
}

const NOT_SOUND = 'There is a character in it that cannot be kept. Type it again.';
/** With the flag u, a surrogate in its pair is no surrogate any more: only lone ones are found. */
const NOT_KEPT = /[\0\p{Surrogate}]/u;
const isSound = (text: string): boolean => !NOT_KEPT.test(text);

/** A path, built from the inside out, so that nothing is copied on the way. */
interface Path {
  readonly name: string;
  readonly in: Path | null;
}

function namesOf(path: Path | null): string[] {
  const names: string[] = [];
  for (let at = path; at; at = at.in) names.unshift(at.name);
  return names;
}
