import type { Method } from '../schema/method.js';

/** Figures are common practice without a source unless another one is named; estimates say so in the notes. */
const bath = {
  wetting: 'immersion', action: 'press', programme: 'none', waterParts: null, liquorRatioLPerKg: 12, pH: null, keep: 'covered', untilCool: false,
  maxRounds: 2, extraMechanisms: ['flush'], pickUpMLPerCm2: null, rinse: 'full', solventAftercare: false, washAfter: true, place: 'washable', sturdyOnly: false,
  whitesOnly: false, notWhenMostly: [], schoolId: null, componentIds: [], expectedSignIds: [], sourceIds: ['commonPractice'],
} satisfies Partial<Method>;
const spot = {
  wetting: 'spot', action: 'blot', programme: 'none', waterParts: 0, liquorRatioLPerKg: null, pH: null, keep: 'wet', untilCool: false,
  tempC: { min: 8, max: 25, prefer: 'coldest' }, maxRounds: 3, extraMechanisms: [], pickUpMLPerCm2: 0.25, rinse: 'full', solventAftercare: false, washAfter: true,
  place: 'washable', sturdyOnly: false, whitesOnly: false, notWhenMostly: [], schoolId: null, componentIds: [], expectedSignIds: [], sourceIds: ['commonPractice'],
} satisfies Partial<Method>;
const surface = {
  ...spot, wetting: 'surface', rinse: 'damp', washAfter: false, place: 'surface', pickUpMLPerCm2: 0.5,
} satisfies Partial<Method>;

export const methods: readonly Method[] = [
  {
    ...spot, id: 'coldFlush', name: 'Cold flush, then detergent', reason: 'Carries off what is still loose before anything can set it.',
    kinds: ['mark'], agents: [{ agentId: 'delicateDetergent', dose: { per: 'parts', parts: 1 } }], waterParts: 20,
    action: 'press', dwellMin: { min: 10, max: 20, lookEvery: 10 }, maxRounds: 2, harshness: 1, extraMechanisms: ['flush'], notWhenMostly: ['freshOil', 'resinWax', 'lacquer', 'ballpointInk'],
    notes: {
      firstAid: ['Hold the back of the mark under a thin cold stream until the water runs clear, about 3 min.'],
      apply: ['Work the detergent mix in from the outside inwards with your fingers; press, do not rub.'],
      rinse: ['Rinse cold from the back.'],
    },
  },
  {
    ...bath, id: 'coldSoak', name: 'Cold soak with delicate detergent', reason: 'Loosens protein without setting it; the fibre hardly notices.',
    kinds: ['mark', 'odour'], componentIds: ['haem', 'protein', 'amineOdour', 'urineSalts'],
    agents: [{ agentId: 'delicateDetergent', dose: { per: 'litre', unit: 'mL', amount: { low: 1, high: 3 } } }],
    tempC: { min: 8, max: 25, prefer: 'coldest' }, dwellMin: { min: 20, max: 30, lookEvery: 15 }, maxRounds: 3, harshness: 2, action: 'press',
    notes: { apply: ['Lay the piece in; move it barely.'], rinse: ['Change the cold water until it stays clear. Do not wring.'] },
  },
  {
    ...bath, id: 'delicateHandSoak', name: 'Delicate hand soak', reason: 'A mild detergent bath, hardly moved: the gentlest full wash.',
    kinds: ['mark', 'yellowing', 'odour', 'buildUp'], agents: [{ agentId: 'delicateDetergent', dose: { per: 'litre', unit: 'mL', amount: { low: 2, high: 4 } } }],
    tempC: { min: 12, max: 30, prefer: 'coldest' }, dwellMin: { min: 25, max: 30, lookEvery: 15 }, maxRounds: 2, harshness: 2, washAfter: false, notWhenMostly: ['freshOil', 'resinWax', 'lacquer', 'ballpointInk'],
    notes: {
      mix: ['Disperse the detergent well before the piece goes in.'], apply: ['Inside out; press the water through, do not rub.'],
      dwell: ['Dark water is dye or old soil: press a white cloth on the piece to tell.'], rinse: ['Rinse very well, then roll in a white towel kept for this. Do not wring.'],
    },
  },
  {
    ...spot, id: 'detergentSpot', name: 'Dish detergent on the mark', reason: 'Cuts fat and lifts loose soil; mild to fibre and colour.',
    kinds: ['mark'], componentIds: ['freshOil', 'oxidisedOil', 'tannin', 'sugar', 'chlorophyll', 'protein', 'starch', 'aluminiumSebum'],
    agents: [{ agentId: 'dishDetergent', dose: { per: 'parts', parts: 1 } }], waterParts: 2, tempC: { min: 15, max: 40, prefer: 'hottest' },
    action: 'press', dwellMin: { min: 10, max: 15, lookEvery: 10 }, harshness: 2, maxRounds: 2,
    notes: { apply: ['Work it in a little beyond the edge.'], rinse: ['Rinse until no foam comes.'] },
  },
  {
    ...spot, id: 'absorbentThenDetergent', name: 'Absorbent powder, then detergent', reason: 'Draws fresh oil out dry, before water can lock it in; no solvent.',
    kinds: ['mark'], componentIds: ['freshOil'], schoolId: 'oilPowder',
    agents: [{ agentId: 'absorbentPowder', dose: { per: 'parts', parts: 2 } }, { agentId: 'dishDetergent', dose: { per: 'parts', parts: 1 } }], waterParts: null,
    tempC: { min: 15, max: 30, prefer: 'hottest' }, pH: { low: 6, high: 8 }, keep: 'letDry', dwellMin: { min: 20, max: 60, lookEvery: 20 }, harshness: 1, maxRounds: 2, pickUpMLPerCm2: 0.15,
    notes: {
      firstAid: ['No water yet. Blot the oil with a white cloth.'], apply: ['Cover the mark with the powder, a little beyond the edge.'],
      dwell: ['Brush the powder off when it has clumped, then work the detergent in with cool water.'], rinse: ['Rinse until no foam comes.'],
    },
  },
  {
    ...surface, id: 'absorbentDry', name: 'Absorbent powder, dry', reason: 'Takes oil and smell up without any water.', place: 'both',
    kinds: ['mark', 'odour'], componentIds: ['freshOil', 'smokeOdour', 'mustyOdour'], wetting: 'dry', action: 'none', agents: [{ agentId: 'absorbentPowder', dose: { per: 'parts', parts: 1 } }], waterParts: null,
    keep: 'letDry', dwellMin: { min: 30, max: 480, lookEvery: 60 }, rinse: 'vacuum', harshness: 1, maxRounds: 3, pickUpMLPerCm2: 0.15,
    notes: { apply: ['Sprinkle a coat, leave it, do not press it in.'], rinse: ['Vacuum or brush it off.'] },
  },
  {
    ...surface, id: 'coldBlot', name: 'Cold water blot', reason: 'Lifts a fresh spill out of the surface with as little water as possible.',
    kinds: ['mark', 'odour'], agents: [{ agentId: 'water', dose: { per: 'parts', parts: 1 } }], dwellMin: { min: 2, max: 5, lookEvery: 2 }, harshness: 1, maxRounds: 4, keep: 'none', notWhenMostly: ['freshOil', 'resinWax', 'lacquer', 'ballpointInk'],
    notes: { apply: ['About 120 mL for a wine-glass-sized spot. Damp white cloth, press, lift, turn to a clean face; outside in.'], dwell: ['Blot dry after each pass. Stop when no more colour comes.'] },
  },
  {
    ...surface, id: 'detergentBlot', name: 'Dish detergent blot', reason: 'A few drops in warm water free sugar, fat and colour without flooding.',
    kinds: ['mark', 'odour', 'buildUp'], agents: [{ agentId: 'dishDetergent', dose: { per: 'parts', parts: 1 } }], waterParts: 100, tempC: { min: 15, max: 35, prefer: 'hottest' },
    dwellMin: { min: 3, max: 10, lookEvery: 5 }, harshness: 2, maxRounds: 3, schoolId: 'clearDetergent',
    notes: { apply: ['Blot with a wrung-out cloth from the outside inwards, 2–3 cm beyond the edge.'], rinse: ['Plain damp cloth until no foam shows, then a dry cloth.'] },
  },
  {
    ...surface, id: 'vinegarBlot', name: 'Vinegar and water, 1 to 1, blotted', reason: 'Mild acid loosens red fruit and wine colours and binds pet and fish smells.',
    kinds: ['mark', 'odour'], componentIds: ['anthocyanin', 'tannin', 'amineOdour', 'urineSalts', 'smokeOdour'], agents: [{ agentId: 'vinegar', dose: { per: 'parts', parts: 1 } }], waterParts: 1,
    pH: { low: 2.5, high: 2.7 }, dwellMin: { min: 5, max: 15, lookEvery: 5 }, harshness: 3, maxRounds: 3, schoolId: 'vinegarOneToOne', expectedSignIds: ['vinegarSmellGoes'],
    notes: { apply: ['Blot, do not rub; change the face of the cloth as soon as colour shows.'] },
  },
  {
    ...surface, id: 'peroxideDab', name: 'Peroxide 3 %, dabbed', reason: 'Bleaches plant colour and old protein where only the surface may be wetted.', place: 'both',
    kinds: ['mark', 'odour'], componentIds: ['haem', 'anthocyanin', 'betalain', 'tannin', 'mouldPigment', 'urineSalts', 'chlorophyll', 'quinoneDye'],
    agents: [{ agentId: 'peroxide', dose: { per: 'parts', parts: 1 } }], dwellMin: { min: 3, max: 5, lookEvery: 3 }, harshness: 5, maxRounds: 2, pickUpMLPerCm2: 0.1,
    notes: { apply: ['Dab with a cotton pad, on the mark only.'], dwell: ['Wine fades within seconds if it fades at all.'], rinse: ['Damp plain cloth twice, then air dry.'] },
  },
  {
    ...surface, id: 'whiteSoapBlot', name: 'White soap and cold water', reason: 'For code W upholstery: very little water, and the soap stays on the cloth.',
    kinds: ['mark'], componentIds: ['freshOil', 'protein', 'starch', 'oxidisedOil'], schoolId: 'whiteSoapOnW', agents: [{ agentId: 'whiteSoap', dose: { per: 'label' } }], waterParts: null, pH: { low: 8, high: 9.5 },
    dwellMin: { min: 3, max: 10, lookEvery: 5 }, harshness: 3, maxRounds: 3,
    notes: { apply: ['White cloth, cold water, a touch of soap; blot in widening circles to feather the edge.'], rinse: ['Rinse the cloth until white; the last pass is plain cold water only.'] },
  },
  {
    ...surface, id: 'bakingSodaPaste', name: 'Baking-soda paste 3 to 1', reason: 'Dries on the mark and draws oil and smell up with it.',
    kinds: ['odour', 'mark'], componentIds: ['freshOil', 'smokeOdour', 'mustyOdour'], agents: [{ agentId: 'bakingSoda', dose: { per: 'parts', parts: 3 } }], waterParts: 1,
    pH: { low: 8, high: 9.6 }, keep: 'letDry', dwellMin: { min: 20, max: 30, lookEvery: 15 }, rinse: 'vacuum', harshness: 3, maxRounds: 2,
    notes: { apply: ['Spread it thin. It must dry completely.'], rinse: ['Vacuum when it is chalk-dry.'] },
  },
  {
    ...spot, id: 'enzymePretreat', name: 'Enzyme pre-treater', reason: 'Protease cuts the protein that holds the mark.',
    kinds: ['mark'], componentIds: ['haem', 'protein', 'chlorophyll', 'aluminiumSebum'], agents: [{ agentId: 'enzymePretreater', dose: { per: 'parts', parts: 1 } }],
    tempC: { min: 15, max: 40, prefer: 'hottest' }, action: 'softBrush', dwellMin: { min: 10, max: 30, lookEvery: 10 }, harshness: 3, maxRounds: 2,
    notes: { apply: ['Cover the mark and a little beyond.'], dwell: ['Must not dry out: wet it again if it does.'] },
  },
  {
    ...spot, id: 'vinegarSpot', name: 'Vinegar and water, 1 to 1, then wash', reason: 'Acid binds the smell and loosens sweat salts; a wash carries it off.',
    kinds: ['odour', 'mark'], componentIds: ['amineOdour', 'urineSalts', 'aluminiumSebum'], agents: [{ agentId: 'vinegar', dose: { per: 'parts', parts: 1 } }], waterParts: 1,
    pH: { low: 2.5, high: 2.7 }, action: 'press', dwellMin: { min: 15, max: 60, lookEvery: 15 }, harshness: 3, maxRounds: 2, expectedSignIds: ['vinegarSmellGoes'], schoolId: 'vinegarOneToOne',
    notes: { firstAid: ['Rinse cold first, several times, until the water runs clear: hot water sets it.'], apply: ['Saturate the part that smells.'], wash: ['One cup of vinegar may go into the softener compartment, never with any chlorine product.'], dry: ['Sun until fully dry, then smell it again, dry and warm.'] },
  },
  {
    ...bath, id: 'vinegarSoak', name: 'Vinegar odour soak', reason: 'Neutralises sour and smoky smells in fibres that hold them.',
    kinds: ['odour'], componentIds: ['fattyAcidOdour', 'smokeOdour', 'mustyOdour'], agents: [{ agentId: 'vinegar', dose: { per: 'litre', unit: 'mL', amount: { low: 30, high: 45 } } }],
    pH: { low: 3.0, high: 4.3 }, tempC: { min: 10, max: 30, prefer: 'coldest' }, dwellMin: { min: 30, max: 60, lookEvery: 30 }, harshness: 3, maxRounds: 2, expectedSignIds: ['vinegarSmellGoes'], schoolId: 'lessAtFirst',
    notes: { mix: ['Just enough water to cover. Take the smaller amount the first time: too much stays in the nose.'], rinse: ['Rinse twice; the rest goes off on drying.'] },
  },
  {
    ...bath, id: 'vinegarRinse', name: 'Vinegar rinse against scale', reason: 'Dissolves hard-water film so cloth drinks water again.',
    kinds: ['buildUp', 'yellowing'], componentIds: ['hardnessScale', 'greyFilm'], agents: [{ agentId: 'vinegar', dose: { per: 'litre', unit: 'mL', amount: { low: 25, high: 45 } } }],
    pH: { low: 3.0, high: 4.3 }, tempC: { min: 15, max: 40, prefer: 'hottest' }, dwellMin: { min: 20, max: 40, lookEvery: 20 }, harshness: 3, maxRounds: 2, washAfter: true, schoolId: 'vinegarNotSoftener',
    notes: { apply: ['Press the water through now and then.'] },
  },
  {
    ...spot, id: 'airing', name: 'Air it, turned', reason: 'Moving dry air takes off loose smell before anything is wetted.', place: 'both', wetting: 'dry', action: 'none',
    kinds: ['odour'], agents: [], waterParts: null, extraMechanisms: ['airing'], dwellMin: { min: 240, max: 1440, lookEvery: 240 }, keep: 'none', rinse: 'none', washAfter: false, harshness: 1, maxRounds: 3,
    notes: { apply: ['Hang or lay it where air moves, inside out; wool and silk out of the sun.'], dwell: ['Turn it at each look.'] },
  },
  {
    ...spot, id: 'chillAndChip', name: 'Chill, chip, then blot', reason: 'Hard wax and resin break off cleanly; nothing chemical yet.', place: 'both', wetting: 'dry', action: 'none',
    kinds: ['mark'], componentIds: ['resinWax'], agents: [], waterParts: null, extraMechanisms: ['lift'], dwellMin: { min: 60, max: 180, lookEvery: 60 }, keep: 'none', rinse: 'none', washAfter: false, harshness: 1, maxRounds: 2,
    notes: { apply: ['Into the freezer in a bag, or ice in a bag on top.'], look: ['Crack it and lift the pieces with a blunt edge while it is cold.'] },
  },
  {
    ...spot, id: 'alcoholSpot', name: 'Alcohol from the back, onto a pad', reason: 'Dissolves ink, resin and leaf green and carries it into the pad.',
    kinds: ['mark'], componentIds: ['ballpointInk', 'resinWax', 'chlorophyll'], agents: [{ agentId: 'isopropanol', dose: { per: 'parts', parts: 1 } }],
    dwellMin: { min: 3, max: 10, lookEvery: 3 }, keep: 'wet', harshness: 5, maxRounds: 3, solventAftercare: true,
    notes: { apply: ['Mark face down on a white absorbent pad; drip from the back; move to a clean part of the pad each time.'], rinse: ['Air until dry, then rinse.'] },
  },
  {
    ...spot, id: 'acetoneSpot', name: 'Acetone from the back, onto a pad', reason: 'Dissolves varnish film.',
    kinds: ['mark'], componentIds: ['lacquer'], agents: [{ agentId: 'acetone', dose: { per: 'parts', parts: 1 } }], dwellMin: { min: 1, max: 5, lookEvery: 2 }, harshness: 7, maxRounds: 3, solventAftercare: true,
    notes: { apply: ['Mark face down on a white pad; drip from the back; new pad as soon as it takes colour.'], rinse: ['Air until dry, then rinse.'] },
  },
  {
    ...spot, id: 'esterSpot', name: 'Acetone-free remover, onto a pad', reason: 'Ethyl or butyl acetate dissolves varnish more slowly than acetone.',
    kinds: ['mark'], componentIds: ['lacquer'], agents: [{ agentId: 'esterRemover', dose: { per: 'parts', parts: 1 } }], dwellMin: { min: 2, max: 8, lookEvery: 3 }, harshness: 6, maxRounds: 3, solventAftercare: true,
    notes: { apply: ['Mark face down on a white pad; drip from the back.'], rinse: ['Air until dry, then rinse.'] },
  },
  {
    ...spot, id: 'spiritsSpot', name: 'Mineral spirits, then detergent', reason: 'Dry side before wet side: dissolves oil, wax and resin before water locks them.',
    kinds: ['mark'], componentIds: ['freshOil', 'oxidisedOil', 'resinWax'], schoolId: 'oilSolvent', agents: [{ agentId: 'mineralSpirits', dose: { per: 'parts', parts: 1 } }],
    dwellMin: { min: 3, max: 10, lookEvery: 5 }, harshness: 6, maxRounds: 2, solventAftercare: true,
    notes: { firstAid: ['No water yet. Blot.'], apply: ['Pour a little out; never dip a used brush back. Push down onto the pad, keep changing to a clean part.'], rinse: ['Blot out. Dish detergent with cool water, then hang outdoors until no smell is left.'], wash: ['Only when no smell is left: warm wash, alone.'] },
  },
  {
    ...spot, id: 'peroxideDetergentSpot', name: 'Peroxide and dish detergent, 2 to 1', reason: 'Bleaches while the detergent carries it in; for white cotton and terry.',
    kinds: ['mark'], componentIds: ['haem', 'betalain', 'anthocyanin', 'tannin', 'aluminiumSebum', 'chlorophyll'], whitesOnly: true,
    agents: [{ agentId: 'peroxide', dose: { per: 'parts', parts: 2 } }, { agentId: 'dishDetergent', dose: { per: 'parts', parts: 1 } }], pH: { low: 4.5, high: 7 },
    action: 'softBrush', dwellMin: { min: 10, max: 20, lookEvery: 10 }, harshness: 5, maxRounds: 2,
    notes: { mix: ['Mix for use; never keep it in a closed bottle.'], apply: ['Soft brush, from the outside inwards.'] },
  },
  {
    ...spot, id: 'citricSpot', name: 'Citric acid on rust', reason: 'Binds the iron and lets it go with the water.',
    kinds: ['mark'], componentIds: ['ironOxide'], agents: [{ agentId: 'citricAcid', dose: { per: 'parts', parts: 1 } }], waterParts: 10, pH: { low: 1.7, high: 2.2 }, tempC: { min: 15, max: 40, prefer: 'hottest' },
    dwellMin: { min: 30, max: 60, lookEvery: 20 }, harshness: 4, maxRounds: 3,
    notes: { mix: ['Dissolve completely.'], apply: ['Soak the mark; keep it wet.'], rinse: ['Rinse very well: acid that dries in weakens cotton and linen.'] },
  },
  {
    ...bath, id: 'oxygenSoak', name: 'Oxygen soak', reason: 'Peroxygen breaks colour and old oil; warmth and time do the work.',
    kinds: ['mark', 'yellowing', 'odour', 'dyeRun', 'buildUp'],
    componentIds: ['haem', 'betalain', 'anthocyanin', 'tannin', 'storageYellowing', 'greyFilm', 'oxidisedOil', 'aluminiumSebum', 'mouldPigment', 'looseDye', 'fattyAcidOdour', 'quinoneDye', 'mustyOdour', 'chlorophyll'],
    agents: [{ agentId: 'oxygenBleach', dose: { per: 'litre', unit: 'g', amount: { low: 5, high: 10 } } }], pH: { low: 10.4, high: 10.8 }, liquorRatioLPerKg: 12,
    tempC: { min: 30, max: 60, prefer: 'hottest' }, dwellMin: { min: 120, max: 240, lookEvery: 60 }, untilCool: true, harshness: 5, maxRounds: 3, schoolId: 'dissolveFirst',
    notes: { mix: ['Dissolve all of it first: undissolved grains bleach in spots.'], apply: ['Lay flat, fully under; a white plate keeps it down.'], dwell: ['Lid loose: the bath gives off oxygen.'], wash: ['Wash with half a measure of powder and an extra rinse.'] },
  },
  {
    ...bath, id: 'longOxygenSoak', name: 'Long oxygen soak for yellowed whites', reason: 'Old yellow goes slowly: six to eight hours, as warm as the label allows at the start.',
    kinds: ['yellowing'], componentIds: ['storageYellowing', 'greyFilm', 'oxidisedOil'], agents: [{ agentId: 'oxygenBleach', dose: { per: 'litre', unit: 'g', amount: { low: 5, high: 10 } } }], pH: { low: 10.4, high: 10.8 },
    tempC: { min: 30, max: 60, prefer: 'hottest' }, dwellMin: { min: 360, max: 480, lookEvery: 120 }, untilCool: true, harshness: 5, maxRounds: 3, schoolId: 'dissolveFirst', liquorRatioLPerKg: 15,
    notes: { mix: ['Dissolve all of it first: undissolved grains bleach in spots.'], apply: ['Lay flat, just covered. Support old cloth with a towel when lifting.'], dwell: ['The vessel is taken for about 7 h. Lid loose.'], wash: ['Wash with half a measure of powder and an extra rinse.'] },
  },
  {
    ...bath, id: 'dyeSuspendingSoak', name: 'Dye-suspending soak', reason: 'Keeps loose dye in the water instead of on the cloth.',
    kinds: ['dyeRun'], componentIds: ['looseDye'], agents: [{ agentId: 'dyeSuspender', dose: { per: 'litre', unit: 'mL', amount: { low: 3, high: 6 } } }],
    tempC: { min: 30, max: 60, prefer: 'hottest' }, dwellMin: { min: 20, max: 80, lookEvery: 20 }, harshness: 3, maxRounds: 3, schoolId: 'dyeSuspendingFirst',
    notes: { dwell: ['Keep it moving and watch the dye come off.'], rinse: ['It foams for long: rinse until no foam comes.'], dry: ['Air dry outdoors; no dryer until the run is gone.'] },
  },
  {
    ...bath, id: 'reducerSoak', name: 'Colour-run reducer', reason: 'Strips loose dye by reduction — and the piece’s own dye with it.',
    kinds: ['dyeRun'], componentIds: ['looseDye'], agents: [{ agentId: 'runRemover', dose: { per: 'litre', unit: 'g', amount: { low: 3, high: 6 } } }], pH: { low: 9, high: 10.5 },
    tempC: { min: 40, max: 60, prefer: 'hottest' }, dwellMin: { min: 15, max: 20, lookEvery: 5 }, harshness: 8, maxRounds: 1, whitesOnly: false, schoolId: 'reducerFirst', expectedSignIds: ['sulphurSmell'],
    notes: { mix: ['Dose by its label; the amount here is only a check. Powder into water, never water onto powder.'], apply: ['Tongs, open window, stir now and then. Splashes strip other clothes.'], wash: ['Some whites turn faintly yellow: an oxygen wash after a full rinse.'] },
  },
  {
    ...bath, id: 'deepStrip', name: 'Deep strip with washing soda', reason: 'Hot alkali and detergent strip film, old oil and residue; not for delicates.',
    kinds: ['buildUp', 'yellowing', 'odour'], componentIds: ['softenerFilm', 'greyFilm', 'fattyAcidOdour'], sturdyOnly: true, schoolId: 'deepStripB',
    agents: [{ agentId: 'washingSoda', dose: { per: 'litre', unit: 'g', amount: { low: 1, high: 1.5 } } }, { agentId: 'liquidDetergent', dose: { per: 'litre', unit: 'mL', amount: { low: 2, high: 3 } } }],
    pH: { low: 10.2, high: 10.9 }, tempC: { min: 40, max: 60, prefer: 'hottest' }, dwellMin: { min: 240, max: 300, lookEvery: 60 }, untilCool: true, harshness: 6, maxRounds: 1,
    notes: { mix: ['Dissolve the soda first.'], dwell: ['Stir now and then until it has cooled.'], wash: ['Cold rinse cycle.'], dry: ['At most once a quarter.'] }, sourceIds: ['commonPractice', 'memory'],
  },
  {
    ...bath, id: 'deepStripBorax', name: 'Deep strip with borax', reason: 'Borax, washing soda and detergent in a hot bath; only where borax is sold.',
    kinds: ['buildUp'], componentIds: ['softenerFilm', 'greyFilm'], sturdyOnly: true, schoolId: 'deepStripB',
    agents: [
      { agentId: 'borax', dose: { per: 'litre', unit: 'g', amount: { low: 1, high: 1.3 } } }, { agentId: 'washingSoda', dose: { per: 'litre', unit: 'g', amount: { low: 1, high: 1.3 } } },
      { agentId: 'liquidDetergent', dose: { per: 'litre', unit: 'mL', amount: { low: 2, high: 3 } } },
    ],
    pH: { low: 9.4, high: 10.4 }, tempC: { min: 40, max: 60, prefer: 'hottest' }, dwellMin: { min: 240, max: 300, lookEvery: 60 }, untilCool: true, harshness: 6, maxRounds: 1,
    notes: { mix: ['Dissolve first.'], wash: ['Cold rinse cycle.'], dry: ['At most once a quarter.'] }, sourceIds: ['commonPractice', 'memory'],
  },
  {
    ...bath, id: 'chlorineSoak', name: 'Dilute chlorine soak', reason: 'Last word on sturdy white cotton or linen whose label allows any bleach.',
    kinds: ['mark', 'yellowing'], componentIds: ['mouldPigment', 'tannin', 'anthocyanin', 'betalain', 'storageYellowing'], whitesOnly: true, sturdyOnly: true, schoolId: 'chlorineWhites',
    agents: [{ agentId: 'chlorineBleach', dose: { per: 'litre', unit: 'mL', amount: { low: 10, high: 20 } } }], pH: { low: 9.5, high: 10.8 },
    tempC: { min: 8, max: 20, prefer: 'coldest' }, dwellMin: { min: 5, max: 10, lookEvery: 5 }, harshness: 9, maxRounds: 1,
    notes: { mix: ['Water only in the bath; plastic vessel; about 0.1 % available chlorine at most.'], rinse: ['Rinse three times. Never "neutralise" with acid.'] },
    sourceIds: ['commonPractice', 'poisonCentre'],
  },
  {
    ...surface, id: 'sodaWaterSalt', name: 'Soda water and salt', reason: 'An older way with wine: the salt takes up liquid.',
    kinds: ['mark'], componentIds: ['anthocyanin'], schoolId: 'saltAndSoda', agents: [{ agentId: 'tableSalt', dose: { per: 'label' } }], waterParts: null,
    keep: 'letDry', dwellMin: { min: 20, max: 30, lookEvery: 10 }, rinse: 'vacuum', harshness: 4, maxRounds: 1,
    notes: { apply: ['Saturate with soda water, cover with salt.'], rinse: ['Vacuum when dry.'] },
  },
];
