import type {
  Agent,
  Caution,
  Chemistry,
  Fibre,
  ForbiddenPair,
  Item,
  Knowledge,
  Mark,
  Mechanism,
  Method,
  NamedCheck,
  PartKind,
  Position,
  SoilComponent,
  Substitution,
  UsualPiece,
} from '@feverfew/knowledge';
import { bathIsComputed } from '@feverfew/knowledge';
import type { PHRange } from '../quantity/pHRange.js';

/** What follows from a method's agents alone, whatever the piece. */
export interface MethodFacts {
  readonly agents: readonly Agent[];
  readonly chemistries: readonly Chemistry[];
  readonly mechanisms: ReadonlySet<Mechanism>;
  /** pH as the method or its products state it; null when nothing wet is used. */
  readonly pH: PHRange | null;
  /** Amounts and products are known: the bath's pH is worked out instead. */
  readonly pHIsComputed: boolean;
  /** Mild acid or peroxide alone, at most an hour and rinsed or blotted out after. */
  readonly briefAcid: boolean;
  /** Acid of the strong kind on a spot for minutes, rinsed out after. */
  readonly spotAcid: boolean;
  /** An oxygen-bleach bath, by hand or in the drum. */
  readonly oxygenBath: boolean;
}

/** The knowledge by id, with what can be worked out once for all plans. */
export interface KnowledgeIndex {
  readonly fibres: ReadonlyMap<string, Fibre>;
  readonly items: ReadonlyMap<string, Item>;
  readonly partsByName: ReadonlyMap<string, PartKind>;
  readonly components: ReadonlyMap<string, SoilComponent>;
  readonly marks: ReadonlyMap<string, Mark>;
  readonly agents: ReadonlyMap<string, Agent>;
  readonly cautions: ReadonlyMap<string, Caution>;
  readonly checks: ReadonlyMap<string, NamedCheck>;
  readonly methods: ReadonlyMap<string, Method>;
  /** What a kind of piece usually is, by the kind. */
  readonly usualOf: ReadonlyMap<string, UsualPiece>;
  readonly positions: ReadonlyMap<string, Position>;
  /** Views of every dispute, in the order of the disputes. */
  readonly positionsOf: ReadonlyMap<string, readonly Position[]>;
  /** Methods of each view that has its own. */
  readonly methodsOfPosition: ReadonlyMap<string, readonly Method[]>;
  readonly factsOf: (method: Method) => MethodFacts;
  /** Pairs that forbid two agents to meet; empty when they may. */
  readonly pairsBetween: (one: Agent, other: Agent) => readonly ForbiddenPair[];
  /** The finding that forbids an agent next to chlorine bleach, by the agent's id; absent if they may meet. */
  readonly besideChlorine: ReadonlyMap<string, ForbiddenPair>;
  /** What was worked out for a method's bath before, by temperature, water and dose. */
  readonly bathPHOf: (method: Method, key: string, make: () => PHRange | null) => PHRange | null;
  /** The method with one agent replaced by its stand-in. */
  readonly standIn: (method: Method, substitution: Substitution) => Method;
}

/** Baths remembered for one method. */
const MAX_BATHS = 400;
/** Longest contact that counts as brief for a weak acid that is rinsed out, min. */
const BRIEF_MIN = 60;
/** The same for oxalic acid, min. Common practice, no source. */
const SPOT_ACID_MIN = 10;

const indexes = new WeakMap<Knowledge, KnowledgeIndex>();

/** Index of a body of knowledge, built once for each. */
export function indexKnowledge(knowledge: Knowledge): KnowledgeIndex {
  const known = indexes.get(knowledge);
  if (known) return known;
  const byId = <T extends { id: string }>(family: readonly T[]) =>
    new Map(family.map((record) => [record.id, record]));
  const agents = byId(knowledge.agents);
  const facts = new WeakMap<Method, MethodFacts>();
  const pairs = new Map<string, readonly ForbiddenPair[]>();
  const standIns = new WeakMap<Method, Map<string, Method>>();
  const baths = new Map<string, Map<string, PHRange | null>>();
  const recipes = new WeakMap<Method, string>();
  const index: KnowledgeIndex = {
    fibres: byId(knowledge.fibres),
    items: byId(knowledge.items),
    partsByName: new Map(knowledge.parts.map((part) => [part.name, part])),
    components: byId(knowledge.components),
    marks: byId(knowledge.marks),
    agents,
    cautions: byId(knowledge.cautions),
    checks: byId(knowledge.checks),
    methods: byId(knowledge.methods),
    usualOf: new Map(knowledge.usualPieces.map((usual) => [usual.itemId, usual])),
    positions: byId(knowledge.positions),
    positionsOf: new Map(
      knowledge.disputes.map(({ id }) => [
        id,
        knowledge.positions.filter((position) => position.dispute === id),
      ]),
    ),
    methodsOfPosition: new Map(
      knowledge.positions.flatMap(({ id }) => {
        const own = knowledge.methods.filter((method) => method.positionId === id);
        return own.length > 0 ? [[id, own]] : [];
      }),
    ),
    factsOf: (method) => remember(facts, method, () => methodFacts(method, agents)),
    pairsBetween: (one, other) =>
      remember(pairs, `${one.id} ${other.id}`, () =>
        knowledge.forbiddenPairs.filter((pair) => meets(pair, one, other)),
      ),
    besideChlorine: new Map(
      knowledge.agents.flatMap(({ id, chemistries }) => {
        const pair = knowledge.forbiddenPairs.find(({ a, b }) => a === 'chlorine' && chemistries.includes(b));
        return pair ? [[id, pair]] : [];
      }),
    ),
    bathPHOf: (method, key, make) => {
      // The steps of a round are one method cut to its place: what they are made of is the same.
      const recipe = remember(recipes, method, () => recipeKey(method));
      const own = remember(baths, recipe, () => new Map<string, PHRange | null>());
      const known = own.get(key);
      if (known !== undefined) return known;
      // A household has few temperatures and waters; a sweep over many starts again from time to time.
      if (own.size >= MAX_BATHS) own.clear();
      const made = make();
      own.set(key, made);
      return made;
    },
    standIn: (method, substitution) =>
      remember(
        remember(standIns, method, () => new Map<string, Method>()),
        substitution.id,
        () => ({
          ...method,
          pH: null,
          agents: method.agents.map((use) =>
            use.agentId === substitution.wantedAgentId ? { ...use, agentId: substitution.useAgentId } : use,
          ),
        }),
      ),
  };
  indexes.set(knowledge, index);
  return index;
}

/** What a method's liquid is made of, and whether it is left to dry. */
const recipeKey = ({ id, agents, dwellMin }: Method): string =>
  [id, dwellMin.max, ...agents.map((use) => use.agentId)].join(' ');

interface Memory<K, V> {
  get(key: K): V | undefined;
  set(key: K, value: V): unknown;
}

function remember<K, V>(memory: Memory<K, V>, key: K, make: () => V): V {
  const known = memory.get(key);
  if (known !== undefined) return known;
  const made = make();
  memory.set(key, made);
  return made;
}

function methodFacts(method: Method, known: ReadonlyMap<string, Agent>): MethodFacts {
  const agents = method.agents.flatMap((use) => known.get(use.agentId) ?? []);
  const chemistries = [...new Set(agents.flatMap((agent) => agent.chemistries))];
  return {
    agents,
    chemistries,
    mechanisms: mechanismsOf(method, agents, chemistries),
    pH: statedPH(method, agents),
    pHIsComputed: bathIsComputed(method, agents),
    briefAcid:
      chemistries.every((chemistry) => MILD.includes(chemistry)) &&
      method.dwellMin.max <= BRIEF_MIN &&
      (method.rinse === 'full' || method.rinse === 'damp'),
    spotAcid:
      chemistries.includes('oxalicAcid') &&
      chemistries.every((chemistry) => chemistry === 'oxalicAcid' || MILD.includes(chemistry)) &&
      method.dwellMin.max <= SPOT_ACID_MIN &&
      method.rinse === 'full',
    oxygenBath:
      chemistries.includes('percarbonate') && (method.liquorRatioLPerKg !== null || method.inMachine),
  };
}

const ALKALIS: readonly Chemistry[] = ['mildAlkali', 'strongAlkali', 'ammonia'];

/** Everything the agents and the way of working bring; acid and alkali in one mix cancel each other. */
function mechanismsOf(
  method: Method,
  agents: readonly Agent[],
  chemistries: readonly Chemistry[],
): ReadonlySet<Mechanism> {
  const all = new Set([...method.extraMechanisms, ...agents.flatMap((agent) => agent.mechanisms)]);
  if (chemistries.includes('weakAcid') && ALKALIS.some((alkali) => chemistries.includes(alkali))) {
    all.delete('acidity');
    all.delete('alkalinity');
  }
  return all;
}

const MILD: readonly Chemistry[] = ['weakAcid', 'peroxide', 'detergent', 'water'];

function statedPH(method: Method, agents: readonly Agent[]): MethodFacts['pH'] {
  if (method.pH) return stated(method.pH.low, method.pH.high);
  if (agents.length === 0 || method.wetting === 'dry') return null;
  return stated(
    Math.min(...agents.map((agent) => agent.pH.low)),
    Math.max(...agents.map((agent) => agent.pH.high)),
  );
}

function stated(low: number, high: number): PHRange {
  const likely = (low + high) / 2;
  return { low, high, likely, at25: likely, basis: 'stated', ionicStrength: 0, firm: true };
}

function meets({ a, b }: ForbiddenPair, one: Agent, other: Agent): boolean {
  const has = (agent: Agent, chemistry: Chemistry) => agent.chemistries.includes(chemistry);
  return (has(one, a) && has(other, b)) || (has(one, b) && has(other, a));
}
