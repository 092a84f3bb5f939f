/** Long work in steps: after each, the caller may do something else first. */
export type InSteps<Result> = Generator<undefined, Result>;

/** All of it in one go. */
export function atOnce<Result>(steps: InSteps<Result>): Result {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
