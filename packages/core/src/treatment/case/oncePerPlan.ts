/**
 * Worked out once for each plan, however often it is asked. The answer is kept with the context it was worked out from,
 * and goes with it.
 * @param make must depend on nothing but its context
 */
export function oncePerPlan<Context extends object, Answer extends NonNullable<unknown>>(
  make: (context: Context) => Answer,
): (context: Context) => Answer {
  const known = new WeakMap<Context, Answer>();
  return (context) => {
    const before = known.get(context);
    if (before !== undefined) return before;
    const made = make(context);
    known.set(context, made);
    return made;
  };
}
