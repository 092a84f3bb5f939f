import type { Circumstances, NamedCheck, StepCondition } from '../../schema/condition.js';

/** Every check there is, with what it asks. */
const checks = new Map<string, NamedCheck>();

function condition(
  checkId: string,
  text: string,
  anyOf: Circumstances[],
  { isTest = false, isOfRest = false }: Partial<Pick<NamedCheck, 'isTest' | 'isOfRest'>> = {},
): StepCondition {
  checks.set(checkId, { id: checkId, text, isTest, isOfRest });
  return { anyOf, checkId, isAsked: true };
}
/** For the rarer case alone: left out where the facts do not say so. */
const onlyWhenKnown = (checkId: string, text: string, anyOf: Circumstances[]): StepCondition => ({
  ...condition(checkId, text, anyOf),
  isAsked: false,
});
/** What only a look decides. */
const seen = (checkId: string, text: string): StepCondition => condition(checkId, text, []);
/** What the steps before it leave or show: only a look decides it, and no figure of the soil has it. */
const left = (checkId: string, text: string): StepCondition =>
  condition(checkId, text, [], { isOfRest: true });

const ANIMAL = ['wool', 'cashmere', 'mohair', 'alpaca', 'angora', 'superwash', 'silk'];
const ESTERS = ['acetate', 'triacetate', 'modacrylic'];
const OLDER: Circumstances = { ages: ['days', 'weeks', 'months'] };
const NOT_ANTIQUE = ['sound', 'worn', 'thinning', 'torn', 'irreplaceable'] as const;
const SOLVENTS = ['alcohol', 'hydrocarbon', 'ketone', 'ester'] as const;
const ACIDS = ['weakAcid', 'oxalicAcid'] as const;

/** Marks that heat sets or browns: no iron while they are there. Common practice, no source. */
const BAKED = [
  'redWine',
  'berry',
  'blackcurrant',
  'cherry',
  'beetroot',
  'whiteWine',
  'ale',
  'coffee',
  'tea',
  'coffeeMilk',
  'cola',
  'fruitJuice',
  'fruitJam',
  'honey',
  'milk',
  'egg',
  'gravy',
  'soup',
  'blood',
  'grass',
  'tomato',
  'curry',
  'mustard',
  'chocolate',
];

/** Conditions of passes: what the facts decide first, then what a person sees. Common practice, no source. */
export const C = {
  // Colour and cloth.
  white: condition('isWhite', 'all of it is white', [{ colours: ['white'] }]),
  whiteOrFast: condition(
    'colourHolds',
    'a hidden spot keeps its colour',
    [{ colours: ['white', 'natural'] }, { fast: true }],
    { isTest: true },
  ),
  pale: condition('isPale', 'it is pale', [{ colours: ['white', 'natural', 'pale'] }]),
  noWoolOrSilk: condition('noWoolOrSilk', 'there is no wool or silk in it', [{ notFibreIds: ANIMAL }]),
  noWoolSilkOrLeather: condition('noWoolSilkOrLeather', 'there is no wool, silk or leather in it', [
    { notFibreIds: [...ANIMAL, 'leather'] },
  ]),
  noAcetate: condition('noAcetate', 'there is no acetate in it', [
    { notFibreIds: ['acetate', 'triacetate'] },
  ]),
  bearsAcetone: condition('bearsAcetone', 'a test in a seam shows that acetone does not dissolve it', [
    { notFibreIds: [...ESTERS, 'coating'] },
  ]),
  acetate: onlyWhenKnown('isAcetate', 'it is acetate', [{ fibreIds: ['acetate', 'triacetate'] }]),
  noPolypropylene: condition('noPolypropylene', 'there is no polypropylene in it', [
    { notFibreIds: ['polypropylene'] },
  ]),
  noPolypropyleneOrElastane: condition(
    'noPolypropyleneOrElastane',
    'there is no polypropylene or elastane in it',
    [{ notFibreIds: ['polypropylene', 'elastane'] }],
  ),
  noElastane: condition('noElastane', 'there is no elastane in it', [{ notFibreIds: ['elastane'] }]),
  noJute: condition('noJute', 'it has no jute back', [{ notFibreIds: ['jute', 'sisal', 'coir'] }]),
  polyester: condition('isPolyester', 'it is polyester', [{ fibreIds: ['polyester'] }]),
  sturdy: condition('isSturdy', 'it is sturdy cotton or linen', [
    { fibreIds: ['cotton', 'linen', 'hemp'], states: ['sound', 'worn'] },
  ]),
  viscose: condition('isViscose', 'it is viscose', [
    { fibreIds: ['viscose', 'lyocell', 'modal'], notFibreIds: ['acetate', ...ANIMAL] },
  ]),
  viscoseOrCotton: condition('isViscoseOrCotton', 'it is viscose or cotton', [
    { fibreIds: ['viscose', 'lyocell', 'modal', 'cotton', 'linen'], notFibreIds: ['acetate', ...ANIMAL] },
  ]),
  silkOrViscose: condition('isSilkOrViscose', 'it is silk or viscose', [
    { fibreIds: ['silk', 'viscose', 'lyocell', 'modal'] },
  ]),
  woolOrSilk: onlyWhenKnown('isWoolOrSilk', 'it is wool or silk', [{ fibreIds: ANIMAL }]),
  featherOrFur: condition('isFeatherOrFur', 'it is feather, fur or felt', [
    { fibreIds: ['down', 'leather', ...ANIMAL] },
  ]),
  notAntique: condition('notAntique', 'it is not antique', [{ states: [...NOT_ANTIQUE] }]),
  sound: condition('isSound', 'the cloth is sound', [{ states: ['sound'] }]),
  noPile: condition('noPile', 'it has no pile', [{ notItemIds: ['velvetPiece', 'towel', 'rug', 'carpet'] }]),
  pileStandsUp: condition('pileStandsUp', 'its pile rises again after being wet', [
    { notItemIds: ['velvetPiece'] },
    { notFibreIds: ['viscose', 'modal', 'lyocell', 'silk', ...ESTERS] },
  ]),
  coolTag: onlyWhenKnown('tagUnderSixty', 'its tag allows less than 60 °C', [{ tagBelowC: 60 }]),
  tagSixty: condition('tagSixty', 'its tag allows 60 °C', [{ tagFromC: 60 }]),
  metalFree: condition('metalOff', 'metal parts are off', [{ metalFree: true }]),

  // Age, wetness, size.
  wet: condition('isWet', 'it is still wet', [{ wet: true }]),
  wetOrToday: condition('isWetOrToday', 'it is still wet, or of today', [
    { wet: true },
    { ages: ['minutes', 'hours'] },
  ]),
  driedIn: condition('isDriedIn', 'it has dried in', [{ wet: false }]),
  dry: onlyWhenKnown('hasDried', 'it has dried', [{ wet: false }]),
  dryNow: condition('isDry', 'it is quite dry', [{ dryNow: true }]),
  fresh: condition('isFresh', 'it is fresh', [{ ages: ['minutes', 'hours'] }]),
  freshOrShiny: condition('isFreshOrShiny', 'it is fresh or shines', [{ ages: ['minutes', 'hours'] }]),
  underAnHour: condition('isUnderAnHour', 'it is less than an hour old', [{ ages: ['minutes'] }]),
  overADay: condition('isOverADay', 'it is more than a day old', [OLDER]),
  dayOld: onlyWhenKnown('isDayOld', 'it is a day old or more', [OLDER]),
  driedOrOld: condition('isDriedOrOld', 'it has dried in or is old', [{ wet: false }, OLDER]),
  smellsOrOld: condition('smellsOrIsOld', 'it smells, or is a day old', [OLDER]),
  dampSmellOrOld: condition('dampSmellOrOld', 'it is old, or smells damp', [OLDER]),
  smellOfDays: condition('smellOfDays', 'it has smelled for days, and comes back as soon as it is warm', [
    OLDER,
  ]),
  monthsOrBack: condition('monthsOrBack', 'it is months old, or comes back when warm', [
    { ages: ['weeks', 'months'] },
  ]),
  allOver: condition('isAllOver', 'it is all over the piece', [{ allOver: true }]),
  notAllOver: condition('isNotAllOver', 'it is not all over the piece', [{ notAllOver: true }]),
  mudAllOver: onlyWhenKnown('isMudAllOver', 'mud is all over it', [{ allOver: true, markIds: ['mud'] }]),
  fewSpots: condition('fewSpots', 'there are ten spots or fewer', [{ allOver: false }]),

  // What is on it from before.
  noSolventLeft: condition('noSolventLeft', 'no smell of solvent is left', [{ noneOnIt: [...SOLVENTS] }]),
  noBleachLeft: condition('noBleachLeft', 'no smell of bleach is left', [{ noneOnIt: ['chlorine'] }]),
  noAcidLeft: condition('noAcidLeft', 'no acid is left on it', [{ noneOnIt: [...ACIDS] }]),
  acidBlotted: condition(
    'acidBlotted',
    'the acid is blotted out with two damp cloths, and the place is dry to the touch',
    [{ noneOnIt: [...ACIDS] }],
  ),
  noneToBake: condition('noneToBake', 'nothing on it browns or sets with heat', [{ notMarkIds: BAKED }]),
  sinksIn: condition('sinksIn', 'water sinks in; else another pad', [{ noneOnIt: [...SOLVENTS] }]),
  oxygenUntried: condition('oxygenUntried', 'oxygen bleach has not been tried', [
    { untried: ['percarbonate'] },
  ]),
  oxygenOut: condition('oxygenOut', 'the oxygen bleach is rinsed out', [
    { noneOnIt: ['percarbonate', 'peroxide'] },
  ]),
  hardWater: condition('isHardWater', 'the water is hard', [{ hardWater: true }]),
  softWater: condition('isSoftWater', 'the water is not hard', [{ hardWater: false }]),

  // Which trouble it is.
  slime: condition('isSlime', 'it is slime', [{ markIds: ['slime'] }]),
  barbecue: condition('isBarbecueSmoke', 'it is barbecue smoke', [{ markIds: ['barbecueSmoke'] }]),
  woundFluid: condition('isWoundFluid', 'it is wound fluid', [{ markIds: ['woundFluid'] }]),
  moss: condition('isMoss', 'it is moss', [{ markIds: ['moss'] }]),
  gelInk: condition('isGelInk', 'it is gel ink', [{ markIds: ['gelInk'] }]),
  noSingleDeposit: condition('noSingleDeposit', 'it is not softener, soap or lime alone', [
    { notMarkIds: ['softenerWaxy', 'scale', 'soapScumBuild'] },
  ]),
  notGelInk: condition('isNoGelInk', 'it is no gel ink', [{ notMarkIds: ['gelInk'] }]),
  vape: condition('isVapeLiquid', 'it is vape liquid', [{ markIds: ['vapeLiquid'] }]),
  plaster: condition('isPlaster', 'it is plaster, cement or filler', [{ markIds: ['plaster'] }]),
  notPlaster: condition('isNoPlaster', 'it is no plaster, cement or filler', [{ notMarkIds: ['plaster'] }]),
  medicine: condition('isMedicine', 'it is medicine', [{ markIds: ['medicine'] }]),
  notAcetate: condition('isNotAcetate', 'there is no acetate in it', [
    { notFibreIds: ['acetate', 'triacetate'] },
  ]),
  jamOrBerry: condition('isJamOrBerry', 'it is jam or berry', [
    { markIds: ['fruitJam', 'berry', 'blackcurrant'] },
  ]),
  noFoodDye: condition('noFoodDye', 'there is no food dye in it', [
    { notMarkIds: ['foodColouring', 'softDrink', 'boiledSweet'] },
  ]),
  driedEgg: condition('isDriedEgg', 'it is dried egg', [{ markIds: ['egg'], wet: false }]),
  noBloodOrMilk: condition('noBloodOrMilk', 'there is no blood or milk in it', [
    { notMarkIds: ['blood', 'milk', 'coffeeMilk'] },
  ]),
  smellOfUnknown: condition('smellOfUnknown', 'it is not known what it smells of', [
    { markIds: ['smellUnknown'] },
  ]),
  sunscreen: condition('isSunscreen', 'there is sunscreen on it', [{ markIds: ['sunscreen'] }]),

  // What is seen.
  beads: seen('waterBeads', 'a drop of water beads on it, or paper shows oil'),
  beeswax: seen('hasBeeswax', 'there is beeswax in it'),
  blueBlack: seen('isBlueBlack', 'the ink is blue-black'),
  blueCast: left('hasBlueCast', 'a blue cast is left'),
  brownFormed: condition('brownFormed', 'brown has formed, and the lotion is out', [OLDER], {
    isOfRest: true,
  }),
  brownLeft: left('brownLeft', 'brown is left'),
  brownNoFizz: left('brownNoFizz', 'brown is left that no longer fizzes'),
  clothColours: seen('clothColours', 'a damp white cloth takes colour'),
  colourLeft: left('colourLeft', 'a tint is left'),
  colourNotBlueBlack: left('colourNotBlueBlack', 'a tint is left that is not blue-black'),
  cooled: left('isCooled', 'a ring is left'),
  dryNoMore: seen('dryTakesNoMore', 'dry work takes no more'),
  dull: seen('isDull', 'it is dull'),
  dyeDeveloped: seen('dyeDeveloped', 'the dye has developed'),
  fat: seen('hasFat', 'there is fat in it'),
  fusedSpecks: left('hasFusedSpecks', 'fused specks are left'),
  gumBetween: left('gumBetween', 'gum is left between the threads'),
  gummyOil: seen('isGummyOil', 'the oil has turned gummy'),
  greaseFree: left('greaseFree', 'no grease is left'),
  harsh: seen('isHarsh', 'it feels harsh'),
  ironGone: left('ironGone', 'no iron is left'),
  labelGlue: seen('isLabelGlue', 'it is the glue of a sticker'),
  lastRim: left('lastRim', 'a last rim is left'),
  limeUnder: seen('limeUnder', 'there is lime under it'),
  longWearing: seen('isLongWearing', 'it is waterproof or long-wearing make-up'),
  lumps: seen('hasLumps', 'there are lumps on it'),
  meatOrCream: seen('hasMeatOrCream', 'there is meat or cream in it'),
  mudOrMoss: seen('hasMudOrMoss', 'there is dry mud or moss on it'),
  noIron: seen('showsNoIron', 'it shows no grey-black of iron'),
  nobodyIll: seen('nobodyIll', 'no one else is ill; else wash it now'),
  noStone: seen('noStone', 'there is no stone near or beneath'),
  notWaterproof: seen('notWaterproof', 'it is not a waterproof cover'),
  nothingMoves: seen('nothingMoves', 'no more dye comes out'),
  notOrange: seen('notOrange', 'it is not orange'),
  odourRemoverDry: condition('odourRemoverDry', 'no odour remover is wet on it', [
    { noneOnIt: ['protease', 'otherEnzyme'] },
  ]),
  oilOut: seen('oilOut', 'the oil is out and rinsed'),
  oilySoot: seen('isOilySoot', 'the soot is oily'),
  ointment: seen('isOintment', 'it is an ointment'),
  onCover: seen('isOnCover', 'it is on the cover'),
  orange: left('isOrange', 'it is orange'),
  paler: seen('isPaler', 'the first round made it paler'),
  pastePolish: seen('isPastePolish', 'it is polish from a tin'),
  pinkLeft: left('pinkLeft', 'pink is left, not beige'),
  plantOrBlood: seen('isPlantOrBlood', 'it looks like fruit, coffee, turmeric or blood'),
  fruitOrTea: seen('isFruitOrTea', 'it looks like fruit, tea or wine'),
  lessLeft: seen('isLessNow', 'the first round took some of it'),
  looseDyeOut: seen('looseDyeOut', 'all loose dye is blotted out: peroxide develops what is still raw'),
  seeThrough: seen('isSeeThrough', 'it is see-through when dry'),
  smearLeft: left('smearLeft', 'a smear is left'),
  smells: seen('smells', 'it smells'),
  smellsWet: seen('smellsWet', 'it smells already when wet'),
  smellLeft: left('smellLeft', 'it still smells'),
  specks: seen('hasSpecks', 'there are specks on it'),
  spill: seen('isSpill', 'something was spilled on it'),
  spiritsOnTin: seen('spiritsOnTin', 'the tin names it as its thinner'),
  starchedLight: seen('isStarchedLight', 'it is light and the piece starched'),
  stiff: seen('isStiff', 'it is stiff or waxy'),
  stillSeen: left('isStillSeen', 'it is still seen'),
  sweatZones: seen('hasSweatZones', 'the yellow is where sweat gathers'),
  thickFlakes: seen('hasThickFlakes', 'there are flakes thicker than a film'),
  tint: seen('hasTint', 'it has a tint'),
  undyedWax: seen('isUndyedWax', 'the wax is undyed'),
  waterPolish: seen('isWaterPolish', 'it is polish made with water'),
  waxLeft: left('waxLeft', 'a waxy rest is left'),
  whiteboard: seen('isWhiteboardMarker', 'it is a whiteboard marker'),
  whiteBand: seen('isYellowBand', 'a white band is still yellow when dry'),
  zincFilm: left('hasZincFilm', 'a white film of zinc is left'),

  // Kinds of piece: never left to the person, for the kind is always known.
  canvas: condition('isCanvas', 'it is canvas', [{ itemIds: ['canvas'] }]),
  mattress: condition('isMattress', 'it is a mattress', [{ itemIds: ['mattress'] }]),
  urine: onlyWhenKnown('isUrine', 'it is urine', [{ markIds: ['humanUrine', 'petUrine', 'catUrine'] }]),
  notMattress: condition('isNoMattress', 'it is no mattress', [{ notItemIds: ['mattress'] }]),
  floor: condition('isOnTheFloor', 'it lies on the floor', [{ itemIds: ['carpet', 'rug'] }]),
  notFloor: condition('isNotOnTheFloor', 'it does not lie on the floor', [{ notItemIds: ['carpet', 'rug'] }]),
  worn: condition('isWorn', 'it is worn on the body', [
    {
      notItemIds: [
        'curtain',
        'netCurtain',
        'linedCurtain',
        'tableLinen',
        'towel',
        'bedSheet',
        'duvetCover',
        'looseCover',
        'blanket',
        'bedspread',
        'handkerchief',
        'strainingCloth',
        'cushionCover',
        'rug',
        'carpet',
      ],
    },
  ]),
  fitsFreezer: condition('fitsFreezer', 'it goes into the freezer', [
    {
      notItemIds: [
        ...['armchair', 'diningChair', 'windowSeat', 'mattress', 'carpet', 'rug', 'vehicleSeat', 'childSeat'],
        ...['pram', 'deckchair', 'blind', 'duvet'],
      ],
    },
  ]),
  softToy: condition('isSoftToy', 'it is a soft toy', [{ itemIds: ['softToy'] }]),
  scorchable: condition('isScorchable', 'it is wool, cotton, linen or viscose', [
    { fibreIds: ['wool', 'cotton', 'linen', 'viscose'] },
  ]),
} as const satisfies Record<string, StepCondition>;

/** Where a look shows progress, a fresh bath often takes half of the rest, whatever the estimate. */
export const REPEAT_IF: StepCondition = C.lessLeft;

/** All named checks, for the knowledge as a whole. */
export const namedChecks: readonly NamedCheck[] = [...checks.values()];
