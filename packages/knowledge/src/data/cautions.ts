import type { Caution } from '../schema/hazard.js';

const plain = { occasion: null, forbidsHeat: false, bars: [] as Caution['bars'] } satisfies Partial<Caution>;

export const cautions: readonly Caution[] = [
  {
    ...plain,
    id: 'followLabel',
    occasion: 'anyProduct',
    severity: 'note',
    text: "Follow the product's own label where it differs. Local rules apply.",
    ground: 'The maker knows the strength.',
    sourceIds: ['productLabel'],
  },
  {
    ...plain,
    id: 'poisonLine',
    occasion: 'mixing',
    severity: 'note',
    text:
      'Splash in the eye or swallowed: rinse with water and call your local poison line or emergency ' +
      'number.',
    ground: 'No medical advice is given here.',
    sourceIds: ['poisonCentre'],
  },
  {
    ...plain,
    id: 'hotWater',
    occasion: 'hot',
    severity: 'warning',
    text:
      'Water from 45 °C scalds. No bare hands above 43 °C; cold water in first, kettle last; gloves do not ' +
      'insulate.',
    ground: 'Scald table: minutes at 49 °C.',
    sourceIds: ['scaldTable'],
  },
  {
    ...plain,
    id: 'hotIron',
    severity: 'warning',
    text: 'The iron never left flat, never where a solvent was used before its smell is quite gone; children away.',
    ground: 'Common practice.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'tongs',
    occasion: 'scalding',
    severity: 'danger',
    text:
      'Above 50 °C: tongs, not hands. 54 °C scalds in half a minute, 60 °C in seconds; children faster. Do not ' +
      'carry a hot tub.',
    ground: 'Scald table: half a minute at 54 °C, five seconds at 60 °C.',
    sourceIds: ['scaldTable'],
  },
  {
    ...plain,
    id: 'openSoak',
    occasion: 'openSoak',
    severity: 'warning',
    text: 'An open soak needs a shut or watched room: children and animals can drown or drink from it.',
    ground: 'Drowning and poisoning risk.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'stayWithIt',
    occasion: 'attended',
    severity: 'danger',
    text: 'Stay with it while it works. Never leave this soak alone.',
    ground: 'Fumes, fire or quick damage.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'bodyFluids',
    occasion: 'bodyFluid',
    severity: 'warning',
    text: 'Body fluid: gloves, do not shake the piece, wash it apart, wash your hands.',
    ground: 'Infection.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'gloves',
    occasion: 'bodyFluid',
    severity: 'note',
    text: 'Wear gloves.',
    ground: 'Skin irritation, body fluids.',
    sourceIds: ['clp', 'commonPractice'],
  },

  {
    ...plain,
    id: 'mouldMask',
    severity: 'warning',
    text:
      'Mould: mask, outdoors, brush away from your face. A vacuum blows spores out again: outdoors too, ' +
      'or one with a fine-dust filter. Large patches: discard.',
    ground: 'Spores.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'eyesOxygen',
    severity: 'warning',
    text: 'Oxygen bleach burns eyes: goggles when handling the powder, gloves in the bath, no dust.',
    ground: 'Eye Dam. 1 at powder strength.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'strongBottle',
    occasion: 'strongBottle',
    severity: 'warning',
    text:
      'A strong bottle: gloves and goggles before it is cut down, product into water. Peroxide above 12 %, ' +
      'vinegar and ammonia above 10 % are not for the household.',
    ground: 'CLP limits for eyes and skin; EU restriction of peroxide above 12 %.',
    sourceIds: ['clp', 'eu1148', 'productLabel'],
  },
  {
    ...plain,
    id: 'eyesPeroxide',
    severity: 'note',
    text: 'Peroxide: gloves; above 6 % goggles too. Bleaches whatever it touches.',
    ground: 'Eye Dam. 1 from 8 %, Eye Irrit. 2 from 5 %.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'noClosedVessel',
    severity: 'danger',
    text: 'Gives off gas: never in a closed bottle, sprayer or under a clipped lid.',
    ground: 'Pressure bursts the vessel.',
    sourceIds: ['chemHandbook'],
  },
  {
    ...plain,
    id: 'mixFresh',
    severity: 'note',
    text: 'Mix fresh and pour away what is left.',
    ground: 'Peroxide decays and gives off gas.',
    sourceIds: ['chemHandbook'],
  },
  {
    ...plain,
    id: 'acidFumes',
    severity: 'note',
    text: 'Open a window. With asthma keep away from the fumes.',
    ground: 'Acid vapour irritates airways.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'acidNeverChlorine',
    severity: 'danger',
    text: 'Never together with chlorine bleach, not in one wash, drawer, bucket or on one mark: chlorine gas.',
    ground: 'Hypochlorite and acid.',
    sourceIds: ['poisonCentre', 'chemHandbook'],
  },
  {
    ...plain,
    id: 'eyesAcid',
    severity: 'warning',
    text: 'Citric acid irritates eyes: gloves, no dust. Not on stone or metal.',
    ground: 'Eye Irrit. 2.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'eyesAlkali',
    severity: 'warning',
    text: 'Soda irritates eyes: gloves, no dust. Not in aluminium or zinc.',
    ground: 'Eye Irrit. 2.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'boraxCare',
    severity: 'danger',
    text: 'Borax: never for children’s textiles, never when pregnant. Only where it may be sold to households.',
    ground: 'Repr. 1B.',
    sourceIds: ['clp', 'reach'],
  },
  {
    ...plain,
    id: 'ammoniaFumes',
    severity: 'danger',
    text:
      'Ammonia: outdoors or wide-open window, gloves and goggles, never with chlorine bleach, never with ' +
      'asthma.',
    ground: 'Corrosive, chloramines.',
    sourceIds: ['clp', 'poisonCentre'],
  },
  {
    ...plain,
    id: 'chlorineAlone',
    severity: 'danger',
    text: 'Chlorine bleach meets water only. Never acid, ammonia, urine, peroxide, alcohol or another cleaner.',
    ground: 'Toxic gas.',
    sourceIds: ['poisonCentre'],
  },
  {
    ...plain,
    id: 'chlorineFumes',
    severity: 'danger',
    text: 'Wide-open window, gloves, goggles; cold water only; never with asthma.',
    ground: 'Chlorine vapour.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'reducerCare',
    severity: 'danger',
    text:
      'Reducer: powder into plenty of water, wide-open window, tongs; never acid, never damp powder, never ' +
      'with asthma, never on metal zips, snaps or thread.',
    ground: 'Sulphur dioxide, self-heating.',
    sourceIds: ['clp', 'chemHandbook'],
  },
  {
    ...plain,
    id: 'flammable',
    bars: ['heat', 'tumble'],
    forbidsHeat: true,
    severity: 'danger',
    text:
      'Flammable vapour: outdoors or wide-open window, no flame, no spark, no hot water near it. Small ' +
      'amounts, gloves.',
    ground: 'Flam. Liq. 2 and 3.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'solventPads',
    forbidsHeat: true,
    severity: 'warning',
    text: 'Used pads: spread flat to dry outdoors or into a lidded metal can with water; never in a heap.',
    ground: 'Self-heating, fire.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'noDryerAfterSolvent',
    bars: ['tumble'],
    occasion: 'afterSolvent',
    forbidsHeat: true,
    severity: 'danger',
    text: 'No tumble dryer in this round at all. Wash alone, only when no smell is left.',
    ground: 'Vapour and residue ignite.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'acetoneNeverPeroxide',
    severity: 'danger',
    text: 'Never with peroxide, not even traces: full rinse and dry between.',
    ground: 'Explosive peroxides.',
    sourceIds: ['chemHandbook'],
  },
  {
    ...plain,
    id: 'enzymeDust',
    severity: 'warning',
    text: 'Enzymes: do not breathe dust or spray.',
    ground: 'Respiratory sensitisation.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'foamInFrontLoader',
    severity: 'note',
    text: 'Dish detergent foams over in a front loader: rinse it out before the machine.',
    ground: 'At most a teaspoon in the drum.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'foams',
    severity: 'note',
    text: 'Foams for long; hand rinse, not a full machine load.',
    ground: 'Foam.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'heavyWet',
    occasion: 'heavyWet',
    severity: 'warning',
    text: 'Heavy when wet: two people, no lifting over the rim alone.',
    ground: 'Wet wool weighs two to three times its dry mass.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'noHeatBeforeGone',
    occasion: 'notYetGone',
    severity: 'warning',
    text: 'No dryer and no iron until it is gone in daylight; no hotter wash than the step has.',
    ground: 'Heat sets what is left.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'electric',
    bars: ['water', 'soak'],
    severity: 'danger',
    text: 'No liquid into electric blankets or heated pads.',
    ground: 'Shock, fire.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'oilyRags',
    bars: ['tumble'],
    forbidsHeat: true,
    severity: 'danger',
    text:
      'Oily cloths can heat up by themselves, cooking and drying oils most, and burn in a dryer: no dryer before a ' +
      'hot wash has taken the oil out. Rags wet, in a lidded metal can, or spread flat outdoors.',
    ground: 'Unsaturated oils self-heat as they take up oxygen; mineral oil only feeds a fire.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'superGlueHeat',
    bars: ['blot'],
    severity: 'danger',
    text:
      'Let super glue set first, an hour and more, untouched. Never a cotton, wool or leather cloth, glove or pad on ' +
      'it while wet: it sets at once and burns skin.',
    ground: 'Fast curing on cellulose and protein.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'paraffinFire',
    bars: ['tumble', 'heat'],
    forbidsHeat: true,
    severity: 'danger',
    text:
      'Paraffin cream makes cloth burn readily, and washing may not take it out: no smoking, no flame, no ' +
      'dryer with it.',
    ground: 'Paraffin-based skin products on fabric.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'oldFelt',
    bars: ['brush', 'steam'],
    severity: 'warning',
    text: 'Old felt may hold mercury: gloves, no brushing, no steam, not near children.',
    ground: 'Old hat felting.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'oxalicCare',
    severity: 'danger',
    text:
      'Oxalic acid is poisonous: gloves, goggles, no dust, locked away; not on stone or metal; rinse very ' +
      'well.',
    ground: 'Acute Tox. 4, Eye Dam. 1.',
    sourceIds: ['clp'],
  },
  {
    ...plain,
    id: 'unknownCare',
    severity: 'danger',
    text:
      'A product nobody can name meets nothing: rinse it out with plenty of water first, and keep its bottle ' +
      'for the poison line.',
    ground: 'Its partners are not known.',
    sourceIds: ['poisonCentre', 'commonPractice'],
  },
  {
    ...plain,
    id: 'softenerFilmCare',
    severity: 'note',
    text: 'Softener leaves a film: not on towels, sports kit, or flame-retardant cloth.',
    ground: 'Film stops absorbing and feeds flame.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'sicknessWash',
    severity: 'warning',
    text:
      'Where sickness is the reason: gloves, wash apart, as hot as the piece allows, with bleach in the detergent ' +
      'only where its tag lets it; clean the drum after.',
    ground: 'Hygiene.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'steamScald',
    severity: 'warning',
    text: 'Steam scalds: hands away, let the piece hang, do not hold it.',
    ground: 'Scald.',
    sourceIds: ['scaldTable'],
  },
  {
    ...plain,
    id: 'washAlone',
    severity: 'note',
    text: 'Wash it alone.',
    ground: 'What comes out goes into other pieces.',
    sourceIds: ['commonPractice'],
  },
  {
    ...plain,
    id: 'aspiration',
    severity: 'danger',
    text: 'Swallowed: do not make them vomit, it goes into the lungs. Poison line or emergency number at once.',
    ground: 'Asp. Tox. 1 (CLP).',
    sourceIds: ['clp', 'poisonCentre'],
  },
  {
    ...plain,
    id: 'spentSolvent',
    severity: 'warning',
    text:
      'What is left goes to the hazardous-waste point, never down a drain. Its cloths and pads: dry flat ' +
      'outdoors, then bin.',
    ground: 'Fire in the drain, poison in water; local rules decide.',
    sourceIds: ['poisonCentre', 'memory'],
  },
  {
    ...plain,
    id: 'spentChlorine',
    severity: 'warning',
    text: 'Down the drain alone, with much water, after no other cleaner; not into a septic tank.',
    ground: 'Gas in the drain trap; kills what the tank lives by.',
    sourceIds: ['poisonCentre', 'memory'],
  },
  {
    ...plain,
    id: 'spentPoison',
    severity: 'warning',
    text:
      'What is left in the packet goes to the hazardous-waste point; a used bath down the drain with much ' +
      'water, not into a septic tank or onto soil.',
    ground: 'Toxic to people, plants and water.',
    sourceIds: ['poisonCentre', 'memory'],
  },
  {
    ...plain,
    id: 'narcoticVapour',
    severity: 'danger',
    text:
      'Its vapour makes dizzy and faint and breaks down to poison gas on hot surfaces: out into the air, ' +
      'never near a flame, heater or cigarette, and no dryer.',
    ground: 'Narcotic vapour; phosgene and hydrogen chloride on hot metal.',
    forbidsHeat: true,
    bars: ['heat', 'tumble'],
    sourceIds: ['clp', 'memory'],
  },
  {
    ...plain,
    id: 'hydrofluoric',
    severity: 'danger',
    text:
      'Hydrofluoric acid burns deep, often without pain at first: rinse skin or eyes with much water for ' +
      '15 minutes and more, and go to hospital at once, with the bottle. Touch the piece with gloves ' +
      'only, under running water.',
    ground: 'Fluoride poisons through whole skin.',
    sourceIds: ['poisonCentre', 'clp'],
  },
  {
    ...plain,
    id: 'proofingSpray',
    severity: 'danger',
    text:
      'Waterproofing spray outdoors only, with the wind, nobody near: breathed in, it can injure lungs ' +
      'badly. Never with asthma.',
    ground: 'Lung injury by impregnation sprays, reported by poison centres.',
    sourceIds: ['poisonCentre'],
  },
  {
    ...plain,
    id: 'keepWetFlood',
    occasion: 'keepWet',
    severity: 'danger',
    text:
      'Iodine with ammonia makes brown crystals that explode at a touch once dry: keep it wet, flood it ' +
      'with running water for many minutes, never let it dry, never scrape it.',
    ground: 'Nitrogen triiodide.',
    forbidsHeat: true,
    bars: ['dryIn', 'heat', 'tumble', 'brush', 'rub'],
    sourceIds: ['chemHandbook', 'memory'],
  },
  {
    ...plain,
    id: 'septicTank',
    occasion: 'septicTank',
    severity: 'warning',
    text:
      'A septic tank here: this does not go down the drain. Use it up, or take it to the hazardous-waste ' +
      'point.',
    ground: 'Kills what the tank lives by.',
    sourceIds: ['poisonCentre', 'memory'],
  },
  {
    ...plain,
    id: 'airFirst',
    occasion: 'solventOnIt',
    severity: 'danger',
    text:
      'Solvent is still in it: outdoors until no smell is left, before any water, machine or warmth. No ' +
      'flame, no dryer. Wash it alone.',
    ground: 'Vapour ignites in a drum, in warm water and in a dryer.',
    forbidsHeat: true,
    bars: ['tumble', 'heat'],
    sourceIds: ['poisonCentre', 'commonPractice'],
  },
  {
    ...plain,
    id: 'chlorineOnIt',
    occasion: 'chlorineOnIt',
    severity: 'danger',
    text:
      'Chlorine bleach is still on it, and what is there gives off gas with it: window wide open, leave ' +
      'if it stings, rinse with much cold water before anything else.',
    ground: 'Chloramines; chlorine with acid.',
    sourceIds: ['poisonCentre'],
  },
  {
    ...plain,
    id: 'hiddenUrine',
    severity: 'danger',
    text: 'Dried urine cannot be seen: no chlorine bleach on this piece until it has been washed through.',
    ground: 'Urea stays after the smell has gone; chloramines.',
    bars: ['chlorine'],
    sourceIds: ['poisonCentre'],
  },
  {
    ...plain,
    id: 'acidSulphur',
    severity: 'warning',
    text: 'Never with acid: it gives off sulphur dioxide.',
    ground: 'S₂O₃²⁻ + 2 H⁺ → S + SO₂ + H₂O.',
    sourceIds: ['chemHandbook'],
  },
  {
    ...plain,
    id: 'capsuleCare',
    severity: 'danger',
    text:
      'Capsules burst in small hands: eyes are burnt and lungs harmed. High up, closed, dry hands, straight into the ' +
      'drum; never cut open.',
    ground: 'Eye Dam. 1 of the concentrate; poison-centre guidance.',
    sourceIds: ['clp', 'poisonCentre'],
  },
];
