import { z } from 'zod';
import { Id, SourceIds } from './vocabulary.js';

/** A word of the trade, said in one plain line to who has never heard it. */
export const Word = z.strictObject({
  id: Id,
  name: z.string(),
  /** Other words and forms it has in texts; "(or )fast" only if the words in brackets come before it. */
  aliases: z.array(z.string()),
  /** One line, no word of the trade in it that is not itself in the list. */
  line: z.string().max(200),
  sourceIds: SourceIds,
});
export type Word = z.infer<typeof Word>;
