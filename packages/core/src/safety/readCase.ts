import {
  type Agent,
  type Caution,
  type ChemistryRule,
  type Fibre,
  type Item,
  type Knowledge,
  type Mark,
  type Note,
  type PartKind,
  type SoilComponent,
  STANDING_CAUTIONS,
  UNKNOWN_FIBRE_ID,
} from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { wordsOf } from './knownWords.js';

/** The basis of a check: the entered facts, and all that follows from them by the bare knowledge. */
export interface CaseRead {
  readonly facts: TroubleFacts;
  readonly knowledge: Knowledge;
  readonly household: Household;
  readonly fibres: readonly Fibre[];
  readonly item: Item | undefined;
  readonly parts: readonly PartKind[];
  readonly marks: readonly Mark[];
  /** What of the trouble is left, and all that was ever in it. */
  readonly left: readonly SoilComponent[];
  readonly told: readonly SoilComponent[];
  /** Cautions the trouble and the piece ask for. */
  readonly cautions: readonly Caution[];
  /** Every rule on a chemistry that the piece or the trouble brings with it. */
  readonly rules: readonly ChemistryRule[];
  readonly never: ReadonlySet<string>;
  /** Water runs through it: what was put in can be rinsed out. */
  readonly drains: boolean;
  /** Tried before, and not washed out since. */
  readonly residues: readonly Agent[];
  readonly agentOf: (agentId: string) => Agent | undefined;
  readonly noteOf: (text: string) => Note | undefined;
  readonly cautionOf: (id: string) => Caution | undefined;
}

export function readCase(given: TroubleFacts, home: Household, knowledge: Knowledge): CaseRead {
  const index = indexKnowledge(knowledge);
  const household = guarded(home, given);
  const facts = onWebbing(given, knowledge);
  const { piece } = facts;
  const fibres = fibresOf(facts, index.fibres);
  const item = index.items.get(piece.itemId ?? '');
  const parts = [...new Set(piece.parts.map((part) => part.name))].flatMap(
    (name) => index.partsByName.get(name) ?? [],
  );
  const marks = causesOf(facts, knowledge).flatMap((id) => index.marks.get(id) ?? []);
  const told = [...new Set(marks.flatMap((mark) => mark.components.map((part) => part.componentId)))].flatMap(
    (id) => index.components.get(id) ?? [],
  );
  const left = told.filter((component) => !facts.goneComponentIds.includes(component.id));
  const gone = told.filter((component) => facts.goneComponentIds.includes(component.id));
  const { cautionOf, noteOf } = wordsOf(knowledge);
  const rules = [
    ...piece.parts.flatMap((part) => part.fibres.flatMap((share) => fibreRules(share, facts, index.fibres))),
    ...(piece.parts.some((part) => part.fibres.length === 0) || piece.parts.length === 0
      ? (index.fibres.get(UNKNOWN_FIBRE_ID)?.chemistry ?? [])
      : []),
    ...parts.flatMap((part) => part.chemistry),
    ...(item?.chemistry ?? []).map((rule) => ironByTag(rule, piece)),
    ...soilRules(left, facts, household, knowledge),
    ...gone.flatMap((component) => component.chemistry.filter((rule) => rule.protects !== 'piece')),
  ];
  return {
    facts,
    knowledge,
    household,
    fibres,
    item,
    parts,
    marks,
    left,
    told,
    cautions: cautionIdsOf(marks, told, item)
      .flatMap((id) => cautionOf(id) ?? [])
      .map((one) =>
        one.tagLifts && isWashable(facts)
          ? { ...one, bars: one.bars.filter((deed) => deed !== 'water') }
          : one,
      ),
    rules,
    never: new Set<string>([
      ...rules.filter((rule) => rule.verdict === 'never').map((rule) => rule.chemistry),
      ...colourNever(facts),
      ...(piece.condition === 'antique' ? [...NEVER_ON_WEAK, 'ammonia', 'strongAlkali'] : []),
      ...(piece.condition === 'thinning' ? NEVER_ON_WEAK : []),
    ]),
    drains: drainsThrough(facts, item, fibres, parts),
    residues: facts.tried.flatMap(({ agentId, washedOut }) =>
      washedOut === 'yes' ? [] : (index.agents.get(agentId) ?? []),
    ),
    agentOf: (agentId) => index.agents.get(agentId),
    noteOf,
    cautionOf,
  };
}

/** People and animals mentioned with the trouble are there, whatever the household says. */
const guarded = (home: Household, { people = [] }: TroubleFacts): Household => ({
  ...home,
  ...Object.fromEntries(people.map((one) => [one, true])),
});

/** Straps are judged by themselves: the tag of the cover they are sewn to says nothing about them. */
function onWebbing(facts: TroubleFacts, { parts }: Knowledge): TroubleFacts {
  const marked = facts.piece.parts[facts.partIndex];
  const kind = parts.find(({ name }) => name === marked?.name);
  return marked && kind?.plannedAs && kind.plannedAs !== facts.piece.itemId
    ? {
        ...facts,
        partIndex: 0,
        piece: { ...facts.piece, itemId: kind.plannedAs, parts: [marked], label: null, code: null },
      }
    : facts;
}

/** A fibre's rules in this piece: what only its tag opens, and what a trace of it bears. */
function fibreRules(
  { fibreId, sharePct }: { readonly fibreId: string; readonly sharePct: number },
  { piece }: TroubleFacts,
  known: ReadonlyMap<string, Fibre>,
): ChemistryRule[] {
  const oxygenSign = piece.label?.bleach === 'any' || piece.label?.bleach === 'oxygenOnly';
  return (known.get(fibreId)?.chemistry ?? []).map((rule): ChemistryRule => {
    const byTag = rule.chemistry === 'percarbonate' || rule.chemistry === 'peroxide';
    if (rule.whereLabelAllows && oxygenSign && byTag)
      return { ...rule, verdict: 'limited', bounds: rule.whereLabelAllows };
    const byIron = ironByTag(rule, piece);
    if (byIron !== rule) return byIron;
    return rule.upToShare && sharePct <= rule.upToShare.pct ? { ...rule, ...rule.upToShare } : rule;
  });
}

/** A hot iron that is opened by the iron on the tag. */
const ironByTag = (rule: ChemistryRule, { label }: TroubleFacts['piece']): ChemistryRule =>
  rule.whereLabelAllows &&
  rule.chemistry === 'contactHeat' &&
  ['low', 'medium', 'high'].includes(label?.iron ?? '')
    ? { ...rule, verdict: 'test', bounds: rule.whereLabelAllows }
    : rule;

/** Every fibre of every part; a missing one counts as the unknown fibre. */
function fibresOf({ piece }: TroubleFacts, known: ReadonlyMap<string, Fibre>): Fibre[] {
  const parts = piece.parts.length > 0 ? piece.parts : [{ fibres: [] }];
  const ids = parts.flatMap((part) =>
    part.fibres.length > 0 ? part.fibres.map((share) => share.fibreId) : [UNKNOWN_FIBRE_ID],
  );
  return [...new Set(ids)].flatMap((id) => known.get(id) ?? []);
}

/** Causes below this share of the odds are left out, as everywhere. */
const MIN_SHARE = 0.1;

/** The entered marks, each replaced by the causes its answers leave: odds times factors, normalised to one. */
function causesOf(facts: TroubleFacts, { diagnoses }: Knowledge): string[] {
  return facts.markIds.flatMap((markId) => {
    const diagnosis = diagnoses.find((candidate) => candidate.markId === markId);
    const given = (diagnosis?.questions ?? []).flatMap((question) =>
      question.answers.filter((answer) => answer.id === facts.answers[question.id]),
    );
    if (!diagnosis || given.length === 0) return [markId];
    const weights = diagnosis.causes.map((cause) =>
      given
        .flatMap((answer) => answer.factors)
        .reduce(
          (weight, factor) => (factor.markId === cause.markId ? weight * factor.factor : weight),
          cause.odds,
        ),
    );
    const all = weights.reduce((sum, weight) => sum + weight, 0);
    return diagnosis.causes
      .filter((_, index) => Math.round((1000 * (weights[index] ?? 0)) / all) / 1000 >= MIN_SHARE)
      .map((cause) => cause.markId);
  });
}

const isWashable = ({ piece }: Pick<TroubleFacts, 'piece'>): boolean =>
  ['machine', 'hand'].includes(piece.label?.wash?.kind ?? 'none');

/** Thin foam worn on the body follows the tag of its piece. */
export const isThinFoam = ({
  facts,
  item,
}: { readonly facts: Pick<TroubleFacts, 'piece'> } & Pick<CaseRead, 'item'>): boolean =>
  item?.thinFoam === true && isWashable(facts);

function cautionIdsOf(
  marks: readonly Mark[],
  told: readonly SoilComponent[],
  item: Item | undefined,
): readonly string[] {
  const share = (component: SoilComponent) =>
    Math.max(
      ...marks.flatMap((mark) =>
        mark.components.filter((part) => part.componentId === component.id).map((part) => part.weight),
      ),
    );
  return [
    ...marks.flatMap((mark) => mark.cautionIds),
    ...(marks.some((mark) => mark.bodyFluid) ? STANDING_CAUTIONS.bodyFluid : []),
    ...told.filter((one) => share(one) >= one.cautionsFromShare).flatMap((one) => one.cautionIds),
    ...(told.some((one) => one.vapourBurns) ? STANDING_CAUTIONS.solventOnIt : []),
    ...(item?.cautionIds ?? []),
  ];
}

const chosenIn = (
  { positions }: Partial<Pick<TroubleFacts, 'positions'>>,
  dispute: string,
): string | undefined => positions?.[dispute];

/** Soil rules, less those a followed position lifts for a single fresh mark. */
function soilRules(
  components: readonly SoilComponent[],
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): ChemistryRule[] {
  const mark =
    facts.markIds.length === 1 ? knowledge.marks.find((one) => one.id === facts.markIds[0]) : undefined;
  const lifted = (mark?.exceptions ?? [])
    .filter((exception) => {
      const dispute =
        knowledge.positions.find((position) => position.id === exception.positionId)?.dispute ?? '';
      const followed = chosenIn(facts, dispute) ?? chosenIn(household, dispute);
      return followed === exception.positionId && exception.ages.includes(facts.age);
    })
    .map((exception) => exception.chemistry);
  return components.flatMap((component) =>
    component.chemistry.filter((rule) => !lifted.includes(rule.chemistry)),
  );
}

/** Chlorine never on colour; a reducer never on mid and dark dyes; little at all on a dye that has bled. */
function colourNever({ piece }: TroubleFacts): string[] {
  if (piece.colour === 'white') return [];
  return [
    'chlorine',
    ...(['mid', 'dark', 'unknown'].includes(piece.colour) || piece.fastness === 'failed' ? ['reducer'] : []),
    ...(piece.fastness === 'failed'
      ? ['percarbonate', 'ammonia', 'strongAlkali', 'alcohol', 'ketone', 'ester']
      : []),
  ];
}

/** On weak cloth, and on cloth of some fifty years and more, these are a conservator's. */
const NEVER_ON_WEAK = [
  'chlorine',
  'reducer',
  'peroxide',
  'percarbonate',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'oxalicAcid',
];

function drainsThrough(
  { piece }: TroubleFacts,
  item: Item | undefined,
  fibres: readonly Fibre[],
  parts: readonly PartKind[],
): boolean {
  const made =
    item !== undefined &&
    !item.surfaceOnly &&
    (item.mostWetting === 'immersion' ||
      (item.labelDecides && ['machine', 'hand'].includes(piece.label?.wash?.kind ?? '')));
  const kept = [...(isThinFoam({ facts: { piece }, item }) ? [] : fibres), ...parts].some(
    ({ mostWetting }) => mostWetting !== null && mostWetting !== 'immersion',
  );
  const marked = fibres.some((fibre) => fibre.waterSensitive);
  return made && piece.label?.wash?.kind !== 'never' && !kept && !marked;
}

export const isAntique = ({ facts }: CaseRead): boolean => facts.piece.condition === 'antique';

/** Old or irreplaceable: tested before anything that could harm it. */
export const isFrail = ({ facts }: CaseRead): boolean =>
  ['antique', 'irreplaceable'].includes(facts.piece.condition);
