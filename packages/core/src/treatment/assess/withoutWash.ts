import type { Method } from '@feverfew/knowledge';

const bare = new WeakMap<Method, Method>();

/** Without the wash that would follow it: a round has one of its own. */
export function withoutWash(method: Method): Method {
  if (!method.washAfter) return method;
  const known = bare.get(method);
  if (known) return known;
  const made = { ...method, washAfter: false };
  bare.set(method, made);
  return made;
}
