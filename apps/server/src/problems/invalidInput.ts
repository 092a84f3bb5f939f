import type { StandardSchemaV1 } from '@standard-schema/spec';

/** A request that breaks its contract, with the path of every field at fault. */
export class InvalidInput extends Error {
  readonly errors: readonly { path: string; message: string }[];

  constructor(issues: readonly StandardSchemaV1.Issue[]) {
    super('The request breaks its contract.');
    this.errors = issues.map((issue) => ({
      path: (issue.path ?? []).map((part) => String(typeof part === 'object' ? part.key : part)).join('.'),
      message: issue.message,
    }));
  }
}
