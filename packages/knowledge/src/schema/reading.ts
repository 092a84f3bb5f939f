import { z } from 'zod';
import { AGES } from '../vocabulary.js';
import { Id } from './vocabulary.js';

const Ids = z.array(Id);

/** A trouble whose cause is in the same sentence: another one is meant. */
const MarkRule = z.strictObject({
  markIds: Ids.min(1),
  isThen: Id,
  /** All that is given must hold; in each list one is enough. */
  where: z.strictObject({
    triedIds: Ids.optional(),
    places: z.array(z.string()).optional(),
    notPlaces: z.array(z.string()).optional(),
    itemIds: Ids.optional(),
    ages: z.array(z.enum(AGES)).optional(),
    /** How the words begin that it was read from. */
    begins: z.array(z.string()).optional(),
  }),
});

/** A kind of piece that is another kind when made so, or of such a fibre. */
const KindRule = z.strictObject({
  itemIds: Ids.min(1),
  isThen: Id,
  makes: z.array(z.string()).optional(),
  fibreIds: Ids.optional(),
});

/** What the reader of typed sentences has to know of single records. */
export const ReadingRules = z.strictObject({
  /** In order: the first that holds. */
  markRules: z.array(MarkRule),
  kindRules: z.array(KindRule),
  /** Not known what it is: a stain, a smell. */
  unknownMarkId: Id,
  unknownSmellId: Id,
  /** Dye from another piece; what it ran from is not the piece. */
  runMarkId: Id,
  /** "Yellow" with nothing else, and yellow of the skin. */
  yellowMarkId: Id,
  skinYellowMarkId: Id,
  /** Pieces a head lies on. */
  sleptOnItemIds: Ids,
  /** Troubles that name a kind and no thing: "ink from a gel pen" is the pen. */
  vagueMarkIds: Ids,
  /** Last words that say less than what comes before them: "curry gravy". */
  weakHeadMarkIds: Ids,
  /** Dishes and products that are named after what is in them: "strawberry ice cream". */
  flavouredMarkIds: Ids,
  /** Troubles that are not spilt: their age tells nothing of wet or dry. */
  notSpiltMarkIds: Ids,
  /** Troubles whose name says wet and means no liquid on the piece now. */
  notWetMarkIds: Ids,
  /** Products that are themselves what happened, where nothing else did. */
  productsAsMarks: z.array(z.strictObject({ agentId: Id, markId: Id })),
  /** A wash with an unknown product, or with one that is not in the catalogue. */
  washAgentId: Id,
  otherAgentId: Id,
  /** Kinds whose name is a cloth as well: "velvet curtains" are curtains. */
  clothItemIds: Ids,
  /** Fine work: a grandmother's is taken for old. */
  fineItemIds: Ids,
  /** Pieces with a filling, and fibres that are one. */
  filledItemIds: Ids,
  fillingFibreIds: Ids,
  /** "Down the shirt" is no down. */
  downFibreId: Id,
  stretchFibreId: Id,
  unknownFibreId: Id,
  /** "Car seat" is the car's own, unless a child is mentioned. */
  ownSeatItemId: Id,
  /** Kinds that are mostly meant where only the cloth is named. */
  madeOf: z.array(z.strictObject({ fibreId: Id, itemIds: Ids.min(1) })),
  /** Who is in a name, by the stems of its words: "dog wee" tells of pets. */
  whoInNames: z.record(z.string(), z.array(z.string())),
  /** Stems of words that are plural for one piece too: "trousers". */
  pluralNames: z.array(z.string()),
  /** A piece of a load of washing of which none is named. */
  loadItemId: Id,
});
export type ReadingRules = z.infer<typeof ReadingRules>;
