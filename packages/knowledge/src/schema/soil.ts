import { z } from 'zod';
import { ChemistryRule } from './limitRule.js';
import { Note } from './note.js';
import { Age, Chemistry, Id, Mechanism, Share, SourceIds, TroubleKind } from './vocabulary.js';

/** Share of a component removed in one round by one mechanism under good conditions, as a range. */
export const Removal = z.strictObject({ mechanism: Mechanism, low: Share, high: Share });

/** A soil component: what it is, what moves it, and what must not be done to it. */
export const SoilComponent = z.strictObject({
  id: Id,
  name: z.string(),
  /** Empty where nothing takes it out: damage of the cloth. */
  removal: z.array(Removal),
  /** Highest bath temperature while the component is still there, °C. */
  maxTempC: z.number().nullable(),
  /**
   * Highest wash with nothing in it that removes this component, while it is still there, °C: the bath that is its
   * cure (oxygen, dye suspender, reducer) may be as hot as the label lets.
   */
  plainWashMaxC: z.number().nullable(),
  chemistry: z.array(ChemistryRule),
  /** Care for the person, whatever method is used. */
  cautionIds: z.array(Id),
  /** Germs of an illness: the piece is washed hot once the mark is gone. */
  infectious: z.boolean(),
  /** They are said from this share of a trouble on: a trace of fat is no oily rag. */
  cautionsFromShare: Share,
  /** Its dust or spores harm lungs: brushed off dry only by healthy ones, with a mask. */
  dustHarms: z.boolean(),
  /** With this it makes something that explodes once dry: kept wet and flooded out. */
  explosiveDryWith: Chemistry.nullable(),
  /** Gives off a vapour that burns: aired outdoors until no smell is left, before water, warmth or a machine. */
  vapourBurns: z.boolean(),
  /** Enzymes in the wash are worth having, where the fibre bears them. */
  proteinaceous: z.boolean(),
  /** True where heat and age fix it in the fibre. */
  heatSets: z.boolean(),
  note: z.string(),
  sourceIds: SourceIds,
});
export type SoilComponent = z.infer<typeof SoilComponent>;

/** A trouble people name in their own words, as a weighted set of components. */
export const MARK_NUMBERS = ['mass', 'one', 'many'] as const;

export const Mark = z.strictObject({
  id: Id,
  /** A noun, as in "There is … on the shirt". */
  name: z.string(),
  /** How it is counted: ink, a scorch, sweets. */
  number: z.enum(MARK_NUMBERS),
  /** A whole load has it: always, or where it is all over the piece. Each kind of piece then has a plan of its own. */
  wholeLoad: z.enum(['always', 'allOver']).optional(),
  aliases: z.array(z.string()),
  kind: TroubleKind,
  components: z.array(z.strictObject({ componentId: Id, weight: z.number().positive().max(1) })).min(1),
  /** A solid or paste is lifted before any liquid. */
  hasSolids: z.boolean(),
  bodyFluid: z.boolean(),
  /** No soil: the cloth itself has lost or changed something, and no cleaning helps. Its lines say what may. */
  damage: z.boolean(),
  /** Liquid fuel: in foam or padding it stays and burns, so such a piece is not cleaned at home. */
  fuel: z.boolean(),
  /** Drying oil: cloth soaked with it heats up by itself and can catch fire, until it has cured. */
  heatsItself: z.boolean(),
  /**
   * What stays in a filling that cannot be rinsed, and makes people ill. Such a piece is thrown away. Mould counts in
   * what is slept on, and in any large patch. Germs count where the filling is soaked. null = it does not stay.
   */
  staysInFilling: z.enum(['mould', 'germs']).nullable(),
  expectedSignIds: z.array(Id),
  /** A position that is followed may lift one of the components' rules while the mark is this fresh. */
  exceptions: z.array(z.strictObject({ chemistry: Chemistry, positionId: Id, ages: z.array(Age) })),
  /** What age does to it. */
  withAge: z.string(),
  /** Marks that look like it and want something else. */
  lookAlikeIds: z.array(Id),
  /** Cautions of the trouble as a whole, besides those of its components. */
  cautionIds: z.array(Id),
  /** Said next to the mark. */
  advice: z.array(Note),
  sourceIds: SourceIds,
});
export type Mark = z.infer<typeof Mark>;
