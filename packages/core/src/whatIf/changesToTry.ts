import { type Knowledge, LIKELIEST_FIBRE_ID } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { workMarks } from '../trouble/workMarks.js';

interface State {
  readonly facts: TroubleFacts;
  readonly household: Household;
}

/** Facts behind every kind of change. Words for each stand in `changeWords`. */
export interface ChangeFacts {
  buy: { agentIds: readonly string[] };
  enterStrength: { agentId: string; pct: number };
  switchOn: { agentId: string };
  followPosition: { positionId: string };
  soilGone: { componentId: string };
  marksApart: { markId: string };
  withoutFibre: { fibreId: string; part: string };
  fibreKnown: { fibreId: string };
  colourProven: Record<string, never>;
  colourWhite: Record<string, never>;
  conditionSound: Record<string, never>;
  noMetal: Record<string, never>;
  codeFound: { code: 'W' };
  labelSays: { sign: 'wash60' | 'wash40' | 'oxygenOnly' | 'anyBleach' };
  stillWet: Record<string, never>;
  notTried: { agentId: string };
  largerVessel: { volumeL: number };
  machine: Record<string, never>;
}
export type ChangeCode = keyof ChangeFacts;

/** One fact with another value than entered. Changes of one topic exclude each other. */
export type Change = {
  [Code in ChangeCode]: {
    readonly code: Code;
    readonly facts: Readonly<ChangeFacts[Code]>;
    readonly topic: string;
    readonly apply: (state: State) => State;
  };
}[ChangeCode];

function change<Code extends ChangeCode>(
  code: Code,
  facts: ChangeFacts[Code],
  topic: string,
  apply: (state: State) => State,
): Change {
  return { code, facts, topic, apply } as unknown as Change;
}

const LARGE_VESSEL_L = 150;

/**
 * Every change that could matter to a method, easiest for the person first. What guards people (asthma, children,
 * sale of borax)
 * is never among them.
 */
export function changesToTry(
  methodId: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): Change[] {
  const index = indexKnowledge(knowledge);
  const method = index.methods.get(methodId);
  if (!method) return [];
  const { agents } = index.factsOf(method);
  return [
    ...houseChanges(agents, household),
    ...positionChanges(method.positionId, index.positions.get(method.positionId ?? '')?.dispute),
    ...troubleChanges(facts, knowledge),
    ...pieceChanges(facts),
    ...(method.inMachine && !household.hasMachine
      ? [change('machine', {}, 'machine', setIn('household', { hasMachine: true }))]
      : []),
    ...(method.liquorRatioLPerKg === null ? [] : [largerVessel()]),
  ];
}

const setIn =
  <K extends keyof State>(key: K, fields: Partial<State[K]>) =>
  (state: State): State => ({ ...state, [key]: { ...state[key], ...fields } });

const onPiece =
  (fields: Partial<TroubleFacts['piece']>) =>
  (state: State): State => ({
    ...state,
    facts: { ...state.facts, piece: { ...state.facts.piece, ...fields } },
  });

function houseChanges(
  agents: ReturnType<ReturnType<typeof indexKnowledge>['factsOf']>['agents'],
  household: Household,
): Change[] {
  const cupboard = new Map(household.cupboard.map((entry) => [entry.agentId, entry.strengthPct]));
  const put = (entries: Household['cupboard']) => (state: State) => ({
    ...state,
    household: {
      ...state.household,
      cupboard: [
        ...state.household.cupboard.filter((old) => entries.every((entry) => entry.agentId !== old.agentId)),
        ...entries,
      ],
    },
  });
  const missing = agents.filter((agent) => !cupboard.has(agent.id) && agent.chemistries.length > 0);
  return [
    ...(missing.length > 0
      ? [
          change(
            'buy',
            { agentIds: missing.map((agent) => agent.id) },
            'cupboard',
            put(missing.map(({ id, strength }) => ({ agentId: id, strengthPct: strength?.recipe ?? null }))),
          ),
        ]
      : []),
    ...agents.flatMap(({ id, strength }) =>
      strength && cupboard.has(id)
        ? [
            change(
              'enterStrength',
              { agentId: id, pct: strength.recipe },
              `strength ${id}`,
              put([{ agentId: id, strengthPct: strength.recipe }]),
            ),
          ]
        : [],
    ),
    ...agents
      .filter((agent) => agent.offByDefault)
      .map((agent) =>
        change(
          'switchOn',
          { agentId: agent.id },
          `gate ${agent.id}`,
          setIn('household', { allowChlorine: true, allowAmmonia: true, allowOxalic: true }),
        ),
      ),
  ];
}

function positionChanges(positionId: string | null, dispute: string | undefined): Change[] {
  if (positionId === null || dispute === undefined) return [];
  return [
    change('followPosition', { positionId }, 'position', (state) => ({
      ...state,
      facts: { ...state.facts, positions: { ...state.facts.positions, [dispute]: positionId } },
    })),
  ];
}

function troubleChanges(facts: TroubleFacts, knowledge: Knowledge): Change[] {
  const components = [
    ...new Set(
      workMarks(facts, knowledge).flatMap((work) => work.components.map(({ component }) => component.id)),
    ),
  ];
  return [
    ...(components.length > 1
      ? components.map((componentId) =>
          change('soilGone', { componentId }, `soil ${componentId}`, (state) => ({
            ...state,
            facts: { ...state.facts, goneComponentIds: [...state.facts.goneComponentIds, componentId] },
          })),
        )
      : []),
    ...(facts.markIds.length > 1
      ? facts.markIds.map((markId) =>
          change('marksApart', { markId }, 'marks', setIn('facts', alone(markId, facts, knowledge))),
        )
      : []),
    ...(facts.wetness === 'dry'
      ? [change('stillWet', {}, 'wetness', setIn('facts', { wetness: 'wet' }))]
      : []),
    ...facts.tried.map(({ agentId }) =>
      change('notTried', { agentId }, `tried ${agentId}`, (state) => ({
        ...state,
        facts: { ...state.facts, tried: state.facts.tried.filter((one) => one.agentId !== agentId) },
      })),
    ),
  ];
}

/** One of several marks treated by itself: the others are still on the piece, and so is what they forbid to people. */
function alone(markId: string, facts: TroubleFacts, knowledge: Knowledge): Partial<TroubleFacts> {
  const idsOf = (id: string): string[] =>
    workMarks({ ...facts, markIds: [id] }, knowledge).flatMap(({ components }) =>
      components.map(({ component }) => component.id),
    );
  const own = idsOf(markId);
  const others = facts.markIds.filter((id) => id !== markId).flatMap(idsOf);
  return {
    goneComponentIds: [...new Set([...facts.goneComponentIds, ...others.filter((id) => !own.includes(id))])],
  };
}

function pieceChanges({ piece }: TroubleFacts): Change[] {
  const label = piece.label ?? BLANK_LABEL;
  const says = (sign: ChangeFacts['labelSays']['sign'], fields: Partial<CareLabel>) =>
    change('labelSays', { sign }, 'label', onPiece({ label: { ...label, ...fields } }));
  return [
    ...(piece.fastness !== 'proven' && piece.colour !== 'white'
      ? [change('colourProven', {}, 'colour', onPiece({ fastness: 'proven' }))]
      : []),
    ...(piece.code !== 'W' && piece.code !== 'WS'
      ? [change('codeFound', { code: 'W' }, 'code', onPiece({ code: 'W' }))]
      : []),
    says('wash40', { wash: { kind: 'machine', maxC: 40, bars: 0 } }),
    says('wash60', { wash: { kind: 'machine', maxC: 60, bars: 0 } }),
    says('oxygenOnly', { bleach: 'oxygenOnly' }),
    says('anyBleach', { bleach: 'any' }),
    ...fibreChanges(piece),
    ...(piece.metalParts ? [change('noMetal', {}, 'metal', onPiece({ metalParts: false }))] : []),
    ...(piece.condition === 'sound'
      ? []
      : [change('conditionSound', {}, 'condition', onPiece({ condition: 'sound' }))]),
    ...(piece.colour === 'white'
      ? []
      : [change('colourWhite', {}, 'colour', onPiece({ colour: 'white', fastness: 'proven' }))]),
  ];
}

function fibreChanges(piece: TroubleFacts['piece']): Change[] {
  const unknown = piece.parts.length === 0 || piece.parts.some((part) => part.fibres.length === 0);
  const parts = piece.parts.length > 0 ? piece.parts : [{ name: 'whole piece', fibres: [] }];
  const cotton = parts.map((part) =>
    part.fibres.length > 0 ? part : { ...part, fibres: [{ fibreId: LIKELIEST_FIBRE_ID, sharePct: 100 }] },
  );
  const without = piece.parts.flatMap((part) =>
    part.fibres
      .filter(() => piece.parts.reduce((sum, one) => sum + one.fibres.length, 0) > 1)
      .map(({ fibreId }) =>
        change(
          'withoutFibre',
          { fibreId, part: part.name },
          `fibre ${part.name}`,
          onPiece({
            parts: piece.parts.flatMap((one) => {
              if (one !== part) return [one];
              const fibres = one.fibres.filter((share) => share.fibreId !== fibreId);
              return fibres.length > 0 ? [{ ...one, fibres }] : [];
            }),
          }),
        ),
      ),
  );
  return [
    ...(unknown
      ? [change('fibreKnown', { fibreId: LIKELIEST_FIBRE_ID }, 'fibres', onPiece({ parts: cotton }))]
      : []),
    ...without,
  ];
}

const largerVessel = (): Change =>
  change('largerVessel', { volumeL: LARGE_VESSEL_L }, 'vessel', (state) => ({
    ...state,
    household: {
      ...state.household,
      vessels: [
        ...state.household.vessels,
        {
          id: 'larger',
          name: 'a larger tub',
          volumeL: LARGE_VESSEL_L,
          material: 'plastic',
          lid: false,
          form: 'bucket',
          shape: null,
        },
      ],
    },
  }));
