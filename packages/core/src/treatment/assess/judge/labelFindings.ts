import { type Fibre, type Method, PROGRAMMES } from '@feverfew/knowledge';
import { allowsOxygen, type Borne, borneAlone, borneWithLabel } from '../../../envelope/labelPermission.js';
import { type Finding, finding } from '../../../finding/finding.js';
import type { LimitOwner } from '../../../finding/limitOwner.js';
import { oncePerPlan } from '../../case/oncePerPlan.js';
import type { PlanContext } from '../../case/planContext.js';
import type { WorkWindow } from '../workWindow.js';

/** The sign that lets a machine wash be so warm: read, or taken as usual. */
const washSign = (usual: PlanContext['usual']) => (usual?.washC == null ? 'wash' : 'usualWash');

interface Held {
  readonly fibre: Fibre;
  readonly owner: Extract<LimitOwner, { kind: 'fibre' }>;
  readonly alone: Borne;
  readonly withLabel: Borne;
}

const SOURCES = ['careLabel', 'iso3758'];

/** Where the label outweighs what a fibre alone would say, or an oxygen bath goes past its window for other baths. */
export function labelFindings(method: Method, window: WorkWindow, context: PlanContext): Finding[] {
  const held = heldHere(context);
  return [
    ...heatFinding(method, window, held, context),
    ...programmeFinding(method, held, context),
    ...oxygenFindings(method, window, held, context),
  ];
}

/** What each fibre of the piece bears, alone and with its label. */
const heldHere = oncePerPlan(({ facts, index }: PlanContext): readonly Held[] => {
  const { piece } = facts;
  // A fixed order, so that the order of entry changes nothing.
  const keyOf = ({ owner }: Held) => JSON.stringify([owner.fibreId, owner.part, owner.sharePct]);
  const byKey = (a: Held, b: Held) => (keyOf(a) < keyOf(b) ? -1 : 1);
  const told = piece.parts.flatMap(({ name, fibres }) =>
    fibres.flatMap(({ fibreId, sharePct }): Held[] => {
      const fibre = index.fibres.get(fibreId);
      if (!fibre) return [];
      const owner = { kind: 'fibre', fibreId, sharePct, part: name } as const;
      const withLabel = borneWithLabel(fibre, piece, sharePct);
      return [{ fibre, owner, alone: borneAlone(fibre, piece), withLabel }];
    }),
  );
  return told.sort(byKey);
});

function heatFinding(
  method: Method,
  { tempC }: WorkWindow,
  held: readonly Held[],
  { facts, usual }: PlanContext,
) {
  const wash = facts.piece.label?.wash;
  const [first] = held
    .filter(({ alone }) => method.wetting !== 'dry' && tempC.max > alone.maxC)
    .sort((a, b) => a.alone.maxC - b.alone.maxC);
  if (!first || wash?.kind !== 'machine') return [];
  const by: LimitOwner = { kind: 'label', sign: washSign(usual), tempC: wash.maxC };
  return [
    finding(
      'allowedByLabel',
      { what: 'heat', owner: first.owner, by, aloneMax: first.alone.maxC, usedMax: tempC.max },
      SOURCES,
    ),
  ];
}

function programmeFinding(method: Method, held: readonly Held[], { facts, usual }: PlanContext) {
  const rank = (one: Method['programme']) => PROGRAMMES.indexOf(one);
  const first = held.find(({ alone }) => method.inMachine && rank(method.programme) > rank(alone.programme));
  const wash = facts.piece.label?.wash;
  if (!first || wash?.kind !== 'machine') return [];
  const by: LimitOwner = { kind: 'label', sign: washSign(usual), tempC: wash.maxC };
  return [
    finding(
      'allowedByLabel',
      { what: 'machine', owner: first.owner, by, aloneMax: null, usedMax: null },
      SOURCES,
    ),
  ];
}

function oxygenFindings(method: Method, { pH }: WorkWindow, held: readonly Held[], context: PlanContext) {
  if (!context.index.factsOf(method).oxygenBath) return [];
  const { label } = context.facts.piece;
  const by: LimitOwner = { kind: 'label', sign: label?.bleach === 'any' ? 'bleachAny' : 'bleachOxygenOnly' };
  const barred = held.find(({ alone }) =>
    alone.chemistry.some((rule) => rule.chemistry === 'percarbonate' && rule.verdict === 'never'),
  );
  const [past] = held
    .filter(({ fibre }) => (pH?.high ?? 0) > fibre.pH.max)
    .sort((a, b) => a.fibre.pH.max - b.fibre.pH.max);
  if (allowsOxygen(context.facts.piece)) {
    if (barred)
      return [
        finding(
          'allowedByLabel',
          { what: 'oxygen', owner: barred.owner, by, aloneMax: null, usedMax: null },
          SOURCES,
        ),
      ];
    if (past)
      return [
        finding(
          'allowedByLabel',
          { what: 'alkali', owner: past.owner, by, aloneMax: past.fibre.pH.max, usedMax: pH?.high ?? 0 },
          SOURCES,
        ),
      ];
    return [];
  }
  return past
    ? [
        finding(
          'oxygenBathBorne',
          { owner: past.owner, otherMaxPH: past.fibre.pH.max, pH: pH?.high ?? 0 },
          past.fibre.pHSourceIds,
        ),
      ]
    : [];
}
