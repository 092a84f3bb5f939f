import { type ArgumentMetadata, StandardSchemaValidationPipe } from '@nestjs/common';
import { InvalidInput } from './invalidInput.js';

/** Holds what was sent against the contract of its route. @throws InvalidInput with the place of every fault */
export class ContractPipe extends StandardSchemaValidationPipe {
  constructor() {
    super({ exceptionFactory: (issues) => new InvalidInput(issues) });
  }

  override async transform<Value>(value: Value, metadata: ArgumentMetadata): Promise<Value> {
    try {
      return await super.transform(value, metadata);
    } catch (error) {
      throw asInvalid(error);
    }
  }
}

/** A check of the schema stumbled over a value of another kind, such as an object with a length: it is no sound input. */
export const asInvalid = (error: unknown): unknown =>
  error instanceof TypeError
    ? new InvalidInput([{ path: [], message: 'Something in it is not of the kind that is asked for.' }])
    : error;
