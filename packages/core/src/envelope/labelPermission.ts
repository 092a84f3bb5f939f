import {
  type Chemistry,
  type ChemistryRule,
  type Fibre,
  PROGRAMMES,
  type Programme,
} from '@feverfew/knowledge';
import { allowsIron } from '../textile/careLabel.js';
import type { PieceFacts } from '../textile/piece.js';

/** What a fibre bears in this piece: its own figures, or wider ones where the sewn-in label speaks for the piece. */
export interface Borne {
  readonly maxC: number;
  readonly maxPH: number;
  readonly oxygenMaxPH: number;
  readonly programme: Programme;
  readonly chemistry: readonly ChemistryRule[];
}

const OXYGEN: readonly Chemistry[] = ['percarbonate', 'peroxide'];
/** Fibres that felt stay on a mild programme whatever the tag's bars say. */
const MAX_FOR_FELTING: Programme = 'mild';

/** The label expressly allows bleaching with oxygen. */
export const allowsOxygen = ({ label }: Pick<PieceFacts, 'label'>): boolean =>
  label?.bleach === 'any' || label?.bleach === 'oxygenOnly';

/** What the fibre alone would say, whatever the label allows. */
export function borneAlone(fibre: Fibre, { label, colour }: PieceFacts): Borne {
  const { bathTempC } = fibre;
  const white = colour === 'white';
  const labelled = label?.wash?.kind === 'machine';
  const { white: ofWhite, coloured, unlabelledWhite, unlabelledColoured } = bathTempC;
  return {
    maxC: labelled ? (white ? ofWhite : coloured) : white ? unlabelledWhite : unlabelledColoured,
    maxPH: fibre.pH.max,
    oxygenMaxPH: fibre.pH.oxygenNeedsLabel ? fibre.pH.max : fibre.pH.oxygenMax,
    programme: fibre.mostProgramme,
    chemistry: fibre.chemistry,
  };
}

/**
 * What the fibre bears in a piece with this label. A sewn-in label speaks for the finished piece, all fibres
 * included: where it expressly allows a washing temperature, a programme or oxygen bleach, that outweighs what the
 * fibre alone would say, up to the ordinary household bath. It never lifts chemistry that destroys the fibre.
 */
export function borneWithLabel(fibre: Fibre, piece: PieceFacts, sharePct: number): Borne {
  const alone = borneAlone(fibre, piece);
  const wash = piece.label?.wash;
  const machine = wash?.kind === 'machine' ? wash : null;
  const oxygen = allowsOxygen(piece);
  return {
    maxC: machine ? Math.max(alone.maxC, machine.maxC) : alone.maxC,
    maxPH: alone.maxPH,
    oxygenMaxPH: oxygen ? Math.max(alone.oxygenMaxPH, fibre.pH.oxygenMax) : alone.oxygenMaxPH,
    programme: machine
      ? widerProgramme(alone.programme, fibre.felts ? MAX_FOR_FELTING : 'normal')
      : alone.programme,
    chemistry: fibre.chemistry.map((rule) => ruleHere(rule, piece, sharePct)),
  };
}

const widerProgramme = (one: Programme, other: Programme): Programme =>
  PROGRAMMES.indexOf(one) >= PROGRAMMES.indexOf(other) ? one : other;

function ruleHere(rule: ChemistryRule, piece: PieceFacts, sharePct: number): ChemistryRule {
  const { upToShare } = rule;
  const byTag = ruleByTag(rule, piece);
  if (byTag !== rule) return byTag;
  if (upToShare && sharePct <= upToShare.pct)
    return { ...rule, verdict: upToShare.verdict, bounds: upToShare.bounds };
  return rule;
}

/** A rule that a sign of the tag opens: its bleach sign for oxygen, its iron for a hot iron, in a hidden place first. */
export function ruleByTag(rule: ChemistryRule, piece: Pick<PieceFacts, 'label'>): ChemistryRule {
  const { chemistry, whereLabelAllows: bounds } = rule;
  if (!bounds) return rule;
  if (OXYGEN.includes(chemistry) && allowsOxygen(piece)) return { ...rule, verdict: 'limited', bounds };
  if (chemistry === 'contactHeat' && allowsIron(piece.label)) return { ...rule, verdict: 'test', bounds };
  return rule;
}
