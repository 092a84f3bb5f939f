import type { CoursePass, Method } from '@feverfew/knowledge';

/**
 * Methods as steps of a round. Each is made once: what follows from a method's products alone is remembered by the
 * method itself.
 */

const cooled = new WeakMap<Method, Map<number, Method>>();

/** As a wash: no hotter than this, °C (0 = as the method has it), and as warm as it may be, by hand too. */
export function asWash(method: Method, maxC: number): Method {
  const own = cooled.get(method) ?? new Map<number, Method>();
  cooled.set(method, own);
  const known = own.get(maxC);
  if (known) return known;
  const { min, max } = method.tempC;
  const made = {
    ...method,
    tempC: { min, max: maxC > 0 ? Math.max(min, Math.min(max, maxC)) : max, prefer: 'hottest' as const },
  };
  own.set(maxC, made);
  return made;
}

/** Water that is no longer cold to the hand, °C. */
const LUKEWARM_C = 20;

const steps = new WeakMap<CoursePass, Map<string, Method>>();

/** The method as a step: no warmer and no longer than the course has it. */
export function asStep(method: Method, asked: CoursePass, asLong: boolean): Method {
  const own = steps.get(asked) ?? new Map<string, Method>();
  steps.set(asked, own);
  const key = `${method.id} ${asLong}`;
  const known = own.get(key);
  if (known) return known;
  const { tempC, dwellMin } = method;
  const warmest = Math.max(tempC.min, Math.min(tempC.max, asked.tempC?.max ?? tempC.max));
  const longest = Math.max(dwellMin.min, Math.min(dwellMin.max, asked.minutes?.max ?? dwellMin.max));
  const least = asLong ? Math.max(dwellMin.min, asked.minutes?.min ?? dwellMin.min) : dwellMin.min;
  const made: Method = {
    ...method,
    // A bath or spot that the course needs lukewarm or warmer is made as warm as allowed.
    tempC: {
      ...tempC,
      max: warmest,
      prefer: (asked.tempC?.min ?? 0) >= LUKEWARM_C ? 'hottest' : tempC.prefer,
    },
    dwellMin: { ...dwellMin, min: Math.min(least, longest), max: longest },
  };
  own.set(key, made);
  return made;
}
