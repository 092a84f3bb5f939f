import { type ArgumentMetadata, ParseUUIDPipe } from '@nestjs/common';
import { ServerError } from './serverError.js';

/** An id in an address, as the database writes it: in small letters. */
class IdPipe extends ParseUUIDPipe {
  override async transform(value: string, metadata: ArgumentMetadata): Promise<string> {
    const id = await super.transform(value, metadata);
    return (id ?? value).toLowerCase();
  }
}

/** What is no id names nothing: not found, in words, like one that is gone. */
export const ID = new IdPipe({
  exceptionFactory: () => new ServerError('notFound', { message: 'There is nothing at this address.' }),
});
