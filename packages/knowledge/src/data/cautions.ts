import type { Caution } from '../schema/hazard.js';

export const cautions: readonly Caution[] = [
  {
    id: 'followLabel',
    severity: 'note',
    text: "Follow the product's own label where it differs. Local rules apply.",
    ground: 'The maker knows the strength.',
    sourceIds: ['productLabel'],
  },
  {
    id: 'poisonLine',
    severity: 'note',
    text: 'Splash in the eye or swallowed: rinse with water and call your local poison line or emergency number.',
    ground: 'No medical advice is given here.',
    sourceIds: ['poisonCentre'],
  },
  {
    id: 'hotWater',
    severity: 'warning',
    text:
      'Water from 45 °C scalds. No bare hands above 43 °C; cold water in first, kettle last; gloves do not ' +
      'insulate.',
    ground: 'Scald table: minutes at 49 °C.',
    sourceIds: ['scaldTable'],
  },
  {
    id: 'tongs',
    severity: 'danger',
    text:
      'Above 50 °C: tongs, not hands. 54 °C scalds in half a minute, 60 °C in seconds; children faster. Do not ' +
      'carry a hot tub.',
    ground: 'Scald table: half a minute at 54 °C, five seconds at 60 °C.',
    sourceIds: ['scaldTable'],
  },
  {
    id: 'openSoak',
    severity: 'warning',
    text: 'An open soak needs a shut or watched room: children and animals can drown or drink from it.',
    ground: 'Drowning and poisoning risk.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'stayWithIt',
    severity: 'danger',
    text: 'Stay with it while it works. Never leave this soak alone.',
    ground: 'Fumes, fire or quick damage.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'gloves',
    severity: 'note',
    text: 'Wear gloves.',
    ground: 'Skin irritation, body fluids.',
    sourceIds: ['clp', 'commonPractice'],
  },
  {
    id: 'bodyFluids',
    severity: 'warning',
    text: 'Body fluid: gloves, do not shake the piece, wash it apart, wash your hands.',
    ground: 'Infection.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'mouldMask',
    severity: 'warning',
    text: 'Mould: mask, outdoors, brush away from your face. Large patches: discard.',
    ground: 'Spores.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'eyesOxygen',
    severity: 'warning',
    text: 'Oxygen bleach burns eyes: goggles when handling the powder, gloves in the bath, no dust.',
    ground: 'Eye Dam. 1 at powder strength.',
    sourceIds: ['clp'],
  },
  {
    id: 'strongBottle',
    severity: 'warning',
    text:
      'A strong bottle: gloves and goggles before it is cut down, product into water. Peroxide above 12 %, ' +
      'vinegar and ammonia above 10 % are not for the household.',
    ground: 'CLP limits for eyes and skin; EU restriction of peroxide above 12 %.',
    sourceIds: ['clp', 'productLabel'],
  },
  {
    id: 'eyesPeroxide',
    severity: 'note',
    text: 'Peroxide: gloves; above 6 % goggles too. Bleaches whatever it touches.',
    ground: 'Eye Dam. 1 from 8 %, Eye Irrit. 2 from 5 %.',
    sourceIds: ['clp'],
  },
  {
    id: 'noClosedVessel',
    severity: 'danger',
    text: 'Gives off gas: never in a closed bottle, sprayer or under a clipped lid.',
    ground: 'Pressure bursts the vessel.',
    sourceIds: ['chemHandbook'],
  },
  {
    id: 'mixFresh',
    severity: 'note',
    text: 'Mix fresh and pour away what is left.',
    ground: 'Peroxide decays and gives off gas.',
    sourceIds: ['chemHandbook'],
  },
  {
    id: 'acidFumes',
    severity: 'note',
    text: 'Open a window. With asthma keep away from the fumes.',
    ground: 'Acid vapour irritates airways.',
    sourceIds: ['clp'],
  },
  {
    id: 'acidNeverChlorine',
    severity: 'danger',
    text: 'Never together with chlorine bleach, not in one wash, drawer, bucket or on one mark: chlorine gas.',
    ground: 'Hypochlorite and acid.',
    sourceIds: ['poisonCentre', 'chemHandbook'],
  },
  {
    id: 'eyesAcid',
    severity: 'warning',
    text: 'Citric acid irritates eyes: gloves, no dust. Not on stone or metal.',
    ground: 'Eye Irrit. 2.',
    sourceIds: ['clp'],
  },
  {
    id: 'eyesAlkali',
    severity: 'warning',
    text: 'Soda irritates eyes: gloves, no dust. Not in aluminium or zinc.',
    ground: 'Eye Irrit. 2.',
    sourceIds: ['clp'],
  },
  {
    id: 'boraxCare',
    severity: 'danger',
    text: 'Borax: never for children’s textiles, never when pregnant. Only where it may be sold to households.',
    ground: 'Repr. 1B.',
    sourceIds: ['clp', 'reach'],
  },
  {
    id: 'ammoniaFumes',
    severity: 'danger',
    text: 'Ammonia: outdoors or wide-open window, gloves, never with chlorine bleach.',
    ground: 'Corrosive, chloramines.',
    sourceIds: ['clp', 'poisonCentre'],
  },
  {
    id: 'chlorineAlone',
    severity: 'danger',
    text: 'Chlorine bleach meets water only. Never acid, ammonia, urine, peroxide, alcohol or another cleaner.',
    ground: 'Toxic gas.',
    sourceIds: ['poisonCentre'],
  },
  {
    id: 'chlorineFumes',
    severity: 'danger',
    text: 'Wide-open window, gloves, goggles; cold water only; never with asthma.',
    ground: 'Chlorine vapour.',
    sourceIds: ['clp'],
  },
  {
    id: 'reducerCare',
    severity: 'danger',
    text:
      'Reducer: powder into plenty of water, wide-open window, tongs; never acid, never damp powder, never ' +
      'with asthma, never on metal zips, snaps or thread.',
    ground: 'Sulphur dioxide, self-heating.',
    sourceIds: ['clp', 'chemHandbook'],
  },
  {
    id: 'flammable',
    severity: 'danger',
    text:
      'Flammable vapour: outdoors or wide-open window, no flame, no spark, no hot water near it. Small ' +
      'amounts, gloves.',
    ground: 'Flam. Liq. 2 and 3.',
    sourceIds: ['clp'],
  },
  {
    id: 'solventPads',
    severity: 'warning',
    text: 'Used pads: spread flat to dry outdoors or into a lidded metal can with water; never in a heap.',
    ground: 'Self-heating, fire.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'noDryerAfterSolvent',
    severity: 'danger',
    text: 'No tumble dryer in this round at all. Wash alone, only when no smell is left.',
    ground: 'Vapour and residue ignite.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'acetoneNeverPeroxide',
    severity: 'danger',
    text: 'Never with peroxide, not even traces: full rinse and dry between.',
    ground: 'Explosive peroxides.',
    sourceIds: ['chemHandbook'],
  },
  {
    id: 'enzymeDust',
    severity: 'note',
    text: 'Enzymes: do not breathe dust or spray.',
    ground: 'Respiratory sensitisation.',
    sourceIds: ['clp'],
  },
  {
    id: 'foamInFrontLoader',
    severity: 'note',
    text: 'Dish detergent foams over in a front loader: rinse it out before the machine.',
    ground: 'At most a teaspoon in the drum.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'foams',
    severity: 'note',
    text: 'Foams for long; hand rinse, not a full machine load.',
    ground: 'Foam.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'heavyWet',
    severity: 'warning',
    text: 'Heavy when wet: two people, no lifting over the rim alone.',
    ground: 'Wet wool weighs two to three times its dry mass.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'noHeatBeforeGone',
    severity: 'warning',
    text: 'No dryer, iron or hot wash until the mark is gone in daylight.',
    ground: 'Heat sets what is left.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'electric',
    severity: 'danger',
    text: 'No liquid into electric blankets or heated pads.',
    ground: 'Shock, fire.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'oilyRags',
    severity: 'danger',
    text:
      'Oily pads and cloths heat up by themselves: spread flat outdoors or into a lidded metal can with water; ' +
      'no dryer while oil is left.',
    ground: 'Drying oils and oily rags self-heat.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'superGlueHeat',
    severity: 'danger',
    text: 'Let super glue cure first. Never cotton wool or wool on it while wet: it heats violently.',
    ground: 'Fast curing on cellulose and protein.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'paraffinFire',
    severity: 'danger',
    text:
      'Paraffin cream makes cloth burn readily, and washing may not take it out: no smoking, no flame, no ' +
      'dryer with it.',
    ground: 'Paraffin-based skin products on fabric.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'oldFelt',
    severity: 'warning',
    text: 'Old felt may hold mercury: gloves, no brushing, no steam, not near children.',
    ground: 'Old hat felting.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'oxalicCare',
    severity: 'danger',
    text: 'Oxalic acid is poisonous: gloves, goggles, no dust, locked away; not on stone or metal; rinse very well.',
    ground: 'Acute Tox. 4, Eye Dam. 1.',
    sourceIds: ['clp'],
  },
  {
    id: 'unknownCare',
    severity: 'danger',
    text:
      'A product nobody can name meets nothing: rinse it out with plenty of water first, and keep its bottle ' +
      'for the poison line.',
    ground: 'Its partners are not known.',
    sourceIds: ['poisonCentre', 'commonPractice'],
  },
  {
    id: 'softenerFilmCare',
    severity: 'note',
    text: 'Softener leaves a film: not on towels, sports kit, or flame-retardant cloth.',
    ground: 'Film stops absorbing and feeds flame.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'sicknessWash',
    severity: 'warning',
    text:
      'Where sickness is the reason: gloves, wash apart, as hot as the piece allows with a bleach-containing ' +
      'detergent, clean the drum after.',
    ground: 'Hygiene.',
    sourceIds: ['commonPractice'],
  },
  {
    id: 'steamScald',
    severity: 'warning',
    text: 'Steam scalds: hands away, let the piece hang, do not hold it.',
    ground: 'Scald.',
    sourceIds: ['scaldTable'],
  },
  {
    id: 'washAlone',
    severity: 'note',
    text: 'Wash it alone.',
    ground: 'What comes out goes into other pieces.',
    sourceIds: ['commonPractice'],
  },
];
