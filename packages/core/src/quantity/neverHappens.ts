/** Ends a switch over every kind there is: a kind that is added does not compile until it has a case. */
export function neverHappens(kind: never): never {
  throw new Error(`no case for ${JSON.stringify(kind)}`);
}
