import { DomainError } from '@feverfew/core';
import { ParseUUIDPipe } from '@nestjs/common';

/** An id in an address. What is none names nothing: not found, in words, like one that is gone. */
export const ID = new ParseUUIDPipe({
  exceptionFactory: () => new DomainError('notFound', { message: 'There is nothing at this address.' }),
});
