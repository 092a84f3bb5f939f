import type { TypedKind } from '@feverfew/knowledge';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

/** What a word of the sentence was read as; `inHouse` and `asked` are products that were only spoken of. */
export type ReadKind = Exclude<TypedKind, 'cue' | 'else' | 'agent'> | 'tried' | 'inHouse' | 'asked' | 'piece';

/** One fact, with the words it came from. */
export interface ReadFact {
  readonly kind: ReadKind;
  /** Id of a record, or a value of the vocabulary of its kind. */
  readonly value: string;
  /** As typed. */
  readonly text: string;
  /** First character in the sentence, and the one after its last. */
  readonly from: number;
  readonly to: number;
  /** False where a slip was mended, or the person said "I think". */
  readonly isSure: boolean;
}

/** What has to be asked before it is taken. */
export interface Doubt {
  readonly kind: 'mark' | 'item' | 'fibre' | 'piece';
  /** The words it is about, as typed. */
  readonly text: string;
  /** Ids to choose from; the first is what was taken, if any was. */
  readonly options: readonly string[];
}

export interface UnreadWords {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

/** A typed sentence as it was understood. */
export interface SentenceReading {
  /** What can be planned on. */
  readonly facts: TroubleFacts;
  /** A piece of the house that was named; null = none was. */
  readonly pieceId: string | null;
  readonly reads: readonly ReadFact[];
  readonly doubts: readonly Doubt[];
  readonly unread: readonly UnreadWords[];
  /** Longer than what is read. */
  readonly isCut: boolean;
}
