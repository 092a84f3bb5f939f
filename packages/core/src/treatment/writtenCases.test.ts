import { describe, expect, it } from 'vitest';
import type { Household } from '../household/household.js';
import { checkPlan } from '../safety/checkPlan.js';
import { household, knowledge, label, piece, pieceOfParts, tried, trouble } from '../test/fixtures.js';
import type { CareLabel } from '../textile/careLabel.js';
import type { PieceFacts } from '../textile/piece.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { planTreatment } from './planTreatment.js';

/**
 * Cases as a practitioner would judge them: what must be done, what must not be done anywhere in the plan.
 * Grounds: HB = textile or chemistry handbook, recalled; ISO 3758 / ISO 1833 = the standard, recalled; CP = common
 * practice, no
 * source; LB = the product's or the piece's own label.
 */
interface Case {
  readonly name: string;
  readonly ground: string;
  readonly facts: TroubleFacts;
  readonly does?: readonly string[];
  readonly doesNot?: readonly string[];
  readonly none?: true;
  readonly home?: Partial<Household>;
}

const on = (itemId: string, fibres: Record<string, number>, facts: Partial<PieceFacts> = {}) =>
  piece(itemId, fibres, facts);
const hand: CareLabel = { ...label(30, 'never'), wash: { kind: 'hand' }, tumble: 'never' };
const noWash: CareLabel = { ...label(30, 'never'), wash: { kind: 'never' }, tumble: 'never', dryClean: 'P' };
const whole = { size: 'allOver' } as const;
const fresh = { age: 'minutes', wetness: 'wet' } as const;
const cotton60 = { label: label(60) };

const CASES: readonly Case[] = [
  // Plant colours
  {
    name: 'red wine, dried in, white cotton: oxygen, then the wash; no soap, no salt',
    ground: 'CP; HB: peroxygen oxidises anthocyanin',
    facts: trouble('redWine', on('tableLinen', { cotton: 100 }, cotton60)),
    does: ['oxygenSoak', 'hotDetergentWash'],
    doesNot: ['whiteSoapBlot', 'sodaWaterSalt'],
  },
  {
    name: 'red wine, silk: no oxygen bath (about pH 10.6), no vinegar below pH 4',
    ground: 'HB: silk pH 4–8',
    facts: trouble('redWine', on('scarf', { silk: 100 }, { colour: 'pale' })),
    does: ['coolDripThrough'],
    doesNot: ['oxygenSoak', 'vinegarFoodSpot'],
  },
  {
    name: 'red wine, fresh, wool carpet on jute: blot, little water',
    ground: 'CP',
    facts: trouble(
      'redWine',
      pieceOfParts('carpet', { pile: { wool: 100 }, backing: { jute: 100 } }, { colour: 'mid', code: 'W' }),
      fresh,
    ),
    does: ['coldBlot', 'vinegarDetergentBlot', 'weighDown'],
    doesNot: ['hotOxygenDip', 'coldFlush'],
  },
  {
    name: 'red wine, a week old, the same carpet: peroxide after detergent, nothing that only blots',
    ground: 'CP; HB: peroxide ≤ 3 % on wool',
    facts: trouble(
      'redWine',
      pieceOfParts('carpet', { pile: { wool: 100 }, backing: { jute: 100 } }, { colour: 'mid', code: 'W' }),
      { age: 'weeks' },
    ),
    does: ['vinegarDetergentBlot', 'peroxideDab'],
    doesNot: ['dryBlot', 'weighDown'],
  },
  {
    name: 'red wine, crossed-out tub with P: nothing wet, no bleach, professional',
    ground: 'ISO 3758',
    facts: trouble('redWine', on('dress', { viscose: 100 }, { colour: 'dark', label: noWash })),
    doesNot: ['oxygenSoak', 'peroxideDab', 'delicateHandSoak', 'coldFlush'],
  },
  {
    name: 'beetroot, dried in, linen damask: oxygen, then the wash',
    ground: 'CP',
    facts: trouble('beetroot', on('tableLinen', { linen: 100 }, cotton60)),
    does: ['oxygenSoak', 'hotDetergentWash'],
  },
  {
    name: 'tea, linen: no soap',
    ground: 'CP: soap sets tannin',
    facts: trouble('tea', on('tableLinen', { linen: 100 }, cotton60)),
    does: ['coldFromBack'],
    doesNot: ['whiteSoapBlot', 'underarmSoap'],
  },
  {
    name: 'coffee with milk, cotton: cold first, because of the milk',
    ground: 'HB: heat denatures casein and whey',
    facts: trouble('coffeeMilk', on('shirt', { cotton: 100 }, { colour: 'pale', label: label(40) })),
    does: ['coldFromBack', 'bioMachineWash'],
  },
  {
    name: 'curry, cotton: no soap, no soda',
    ground: 'HB: curcumin turns red in alkali',
    facts: trouble('curry', on('tShirt', { cotton: 100 }, cotton60)),
    doesNot: ['sodaSoak', 'deepStrip', 'underarmSoap'],
  },
  {
    name: 'grass, jeans with elastane: alcohol or enzyme, no chlorine',
    ground: 'HB: chlorophyll is soluble in alcohol',
    facts: trouble(
      'grass',
      on('jeans', { cotton: 98, elastane: 2 }, { colour: 'mid', label: label(40, 'any') }),
    ),
    does: ['enzymePretreat', 'alcoholSpot'],
    doesNot: ['chlorineSoak'],
  },
  {
    name: 'walnut hull, code WS: damp and peroxide, nothing soaked',
    ground: 'CP',
    facts: trouble('walnut', on('windowSeat', { cotton: 100 }, { colour: 'pale', code: 'WS' }), {
      age: 'weeks',
    }),
    does: ['detergentBlot'],
    doesNot: ['oxygenSoak', 'coldFlush', 'alcoholSpot'],
  },
  {
    name: 'tomato, cotton: detergent before water alone',
    ground: 'HB: carotenoids are fat-soluble',
    facts: trouble('tomato', on('tShirt', { cotton: 100 }, cotton60)),
    does: ['neatDetergentSpot'],
    doesNot: ['coldFlush', 'lukewarmRinse'],
  },
  {
    name: 'pollen: tape before any water',
    ground: 'CP',
    facts: trouble('pollen', on('tShirt', { cotton: 100 }, cotton60)),
    does: ['tapeLift'],
    doesNot: ['coldFlush', 'lukewarmRinse'],
  },
  {
    name: 'white wine, cotton: rinse, though nothing shows',
    ground: 'CP',
    facts: trouble('whiteWine', on('tableLinen', { cotton: 100 }, cotton60), fresh),
    does: ['coldFromBack'],
  },
  // Protein
  {
    name: 'blood, wool blanket: cold; no enzyme, no oxygen bath',
    ground: 'ISO 1833; HB: protease digests keratin',
    facts: trouble('blood', on('blanket', { wool: 100 }, { colour: 'pale' })),
    does: ['coolDripThrough'],
    doesNot: ['enzymePretreat', 'enzymeSoakBath', 'bioMachineWash', 'oxygenSoak'],
  },
  {
    name: 'blood, white cotton: cold, enzyme, then oxygen',
    ground: 'CP; HB: catalase fizzes, no harm',
    facts: trouble('blood', on('bedSheet', { cotton: 100 }, cotton60)),
    does: ['coldFromBack', 'enzymePretreat', 'peroxideDab'],
  },
  {
    name: 'blood, down pillow: the cover, cold and mild, never enzymes',
    ground: 'HB: down is keratin',
    facts: trouble(
      'blood',
      pieceOfParts('pillow', { cover: { cotton: 100 }, filling: { down: 100 } }, { label: label(40) }),
    ),
    does: ['coldBlot', 'detergentBlot'],
    doesNot: ['enzymePretreat', 'oxygenSoak', 'bioMachineWash'],
  },
  {
    name: 'egg, cotton: cold before enzyme',
    ground: 'HB: egg white sets from about 60 °C',
    facts: trouble('egg', on('shirt', { cotton: 100 }, cotton60)),
    does: ['coldFromBack', 'enzymePretreat'],
  },
  {
    name: 'egg, wool: never protease',
    ground: 'HB: protease digests keratin',
    facts: trouble('egg', on('jumper', { wool: 100 }, { colour: 'mid' })),
    does: ['delicateSpot'],
    doesNot: ['enzymePretreat', 'oxygenSoak'],
  },
  {
    name: 'egg, viscose at 30 no bleach: no oxygen, at most 30 °C',
    ground: 'ISO 3758; HB: viscose at half strength wet',
    facts: trouble('egg', on('shirt', { viscose: 100 }, { colour: 'mid', label: label(30, 'never') })),
    does: ['coolDripThrough'],
    doesNot: ['oxygenSoak', 'machineOxygenWash', 'peroxideDab'],
  },
  {
    name: 'fish juice: cold, acid for the smell',
    ground: 'HB: amines are bases',
    facts: trouble('fishSmell', on('workwear', { cotton: 100 }, { colour: 'mid', label: label(60) }), {
      size: 'larger',
    }),
    does: ['vinegarSpot'],
    doesNot: ['chlorineSoak'],
  },
  {
    name: 'mattress with blood and soup: one plan, no soak, no chlorine',
    ground: 'CP',
    facts: trouble(
      ['blood', 'soup'],
      pieceOfParts('mattress', { ticking: { cotton: 60, polyester: 40 }, filling: { polyester: 100 } }),
      { age: 'days' },
    ),
    does: ['detergentBlot', 'mattressPeroxideCoat'],
    doesNot: ['coldSoak', 'coldFlush', 'oxygenSoak', 'whiteSoapBlot'],
  },
  // Fat, wax, resin
  {
    name: 'salad oil, cotton: powder first, no water alone',
    ground: 'CP',
    facts: trouble('saladOil', on('tShirt', { cotton: 100 }, { label: label(40) })),
    does: ['absorbentDust', 'neatDetergentSpot'],
    doesNot: ['coldFlush', 'lukewarmRinse'],
  },
  {
    name: 'salad oil, silk: powder, no enzyme, no rubbing',
    ground: 'HB: silk',
    facts: trouble('saladOil', on('scarf', { silk: 100 }, { colour: 'multicoloured', label: hand })),
    does: ['absorbentDust', 'delicateSpot'],
    doesNot: ['bioMachineWash', 'enzymePretreat'],
  },
  {
    name: 'salad oil, polypropylene: no hydrocarbon',
    ground: 'HB: hydrocarbons swell polypropylene',
    facts: trouble('saladOil', on('tShirt', { polypropylene: 100 }, { label: label(40) })),
    does: ['absorbentDust', 'neatDetergentSpot'],
    doesNot: ['spiritsSpot'],
  },
  {
    name: 'chain grease, canvas trousers: dry side first',
    ground: 'CP',
    facts: trouble('chainGrease', on('trousers', { cotton: 100 }, { colour: 'mid', label: label(40) })),
    does: ['absorbentDust', 'spiritsSpot', 'neatDetergentSpot'],
    doesNot: ['coldFlush', 'brushOffDry', 'dryVacuum'],
  },
  {
    name: 'motor oil with the solvent school: solvent, aired before any warm wash',
    ground: 'CP',
    facts: trouble(
      'motorOil',
      on('workwear', { cotton: 100 }, { colour: 'mid', fastness: 'proven', label: label(60) }),
      { positions: { oil: 'oilSolvent' } },
    ),
    does: ['spiritsSpot'],
  },
  {
    name: 'sunscreen, pale bathing suit: detergent, no bleach of any kind',
    ground: 'CP: filters turn orange with chlorine and iron',
    facts: trouble(
      'sunscreen',
      on('swimwear', { polyamide: 80, elastane: 20 }, { colour: 'pale', label: hand }),
    ),
    does: ['neatDetergentSpot'],
    doesNot: ['peroxideDab', 'oxygenSoak', 'chlorineSoak', 'spiritsSpot'],
  },
  {
    name: 'candle wax: chill and chip first',
    ground: 'CP',
    facts: trouble('candleWax', on('tableLinen', { cotton: 100 }, cotton60)),
    does: ['chillAndChip'],
    doesNot: ['coldFlush'],
  },
  {
    name: 'propolis, cotton smock: chip, then alcohol',
    ground: 'CP; HB: propolis dissolves in alcohol',
    facts: trouble(
      'propolis',
      on('workwear', { cotton: 100 }, { colour: 'natural', fastness: 'proven', label: label(60) }),
    ),
    does: ['chillAndChip', 'alcoholSpot'],
    doesNot: ['coldFlush'],
  },
  {
    name: 'chewing gum: chill',
    ground: 'CP',
    facts: trouble('chewingGum', on('jeans', { cotton: 100 }, { colour: 'mid', label: label(40) })),
    does: ['chillAndChip'],
  },
  {
    name: 'lipstick, polyester: no water first',
    ground: 'CP',
    facts: trouble('lipstick', on('shirt', { polyester: 100 }, { colour: 'white', label: label(40) })),
    doesNot: ['coldFlush'],
  },
  // Inks, varnish, glue, paint
  {
    name: 'ballpoint, polyester and cotton: alcohol from the back',
    ground: 'CP',
    facts: trouble(
      'ballpoint',
      on('tShirt', { polyester: 65, cotton: 35 }, { colour: 'pale', fastness: 'proven', label: label(40) }),
    ),
    does: ['alcoholSpot'],
    doesNot: ['coldFlush'],
  },
  {
    name: 'ballpoint, acetate: alcohol only after a test, acetone never',
    ground: 'ISO 1833: acetone dissolves acetate',
    facts: trouble('ballpoint', on('shirt', { acetate: 100 }, { colour: 'white' })),
    doesNot: ['acetoneSpot', 'esterSpot'],
  },
  {
    name: 'nail varnish, cotton: remover onto a pad',
    ground: 'CP',
    facts: trouble(
      'nailVarnish',
      on('jeans', { cotton: 100 }, { colour: 'mid', fastness: 'proven', label: label(40) }),
    ),
    does: ['acetoneSpot'],
  },
  {
    name: 'nail varnish on an acetate lining: nothing at home',
    ground: 'ISO 1833: acetone dissolves acetate; esters too',
    facts: trouble(
      'nailVarnish',
      pieceOfParts('linedCoat', { shell: { wool: 100 }, lining: { acetate: 100 } }, { colour: 'dark' }),
      { partIndex: 1 },
    ),
    none: true,
  },
  {
    name: 'nail varnish, triacetate: no ketone, no ester',
    ground: 'ISO 1833',
    facts: trouble('nailVarnish', on('shirt', { triacetate: 100 }, { colour: 'mid' })),
    does: ['liftOff'],
  },
  {
    name: 'nail varnish, modacrylic: no acetone',
    ground: 'HB: acetone dissolves modacrylic',
    facts: trouble('nailVarnish', on('jumper', { modacrylic: 100 }, { colour: 'mid' })),
    does: ['liftOff'],
  },
  {
    name: 'super glue, elastane: no acetone',
    ground: 'HB: acetone swells elastane',
    facts: trouble(
      'superGlueMark',
      on('sportsTop', { polyester: 90, elastane: 10 }, { colour: 'mid', label: label(40) }),
    ),
    doesNot: ['acetoneSpot'],
  },
  {
    name: 'printer toner: no water',
    ground: 'CP',
    facts: trouble('toner', on('shirt', { cotton: 100 }, cotton60)),
    does: ['tapeLift'],
    doesNot: ['coldFlush', 'lukewarmRinse'],
  },
  {
    name: 'iodine: never ammonia',
    ground: 'HB: nitrogen triiodide',
    facts: trouble('iodineMark', on('bedSheet', { cotton: 100 }, cotton60)),
    doesNot: ['ammoniaMix'],
    home: { allowAmmonia: true },
  },
  // Iron, mould, dye
  {
    name: 'rust, cotton pillowcase: acid that binds iron, no bleach',
    ground: 'HB: citrate complexes iron; peroxygen decomposes on it',
    facts: trouble('rust', on('pillowcase', { cotton: 100 }, { label: label(60, 'any') }), { age: 'weeks' }),
    does: ['citricSpot'],
    doesNot: ['oxygenSoak', 'peroxideDab', 'chlorineSoak'],
  },
  {
    name: 'rust, silk: very weak citric acid for minutes, not of the usual strength',
    ground:
      'HB: citrate complexes iron, silk is finished in weak citric acid; CP: rinsed out within the hour',
    facts: trouble('rust', on('scarf', { silk: 100 }, { colour: 'pale' })),
    does: ['thinCitricSpot'],
    doesNot: ['citricSpot', 'weakCitricSpot', 'peroxideDab', 'oxygenSoak'],
  },
  {
    name: 'mildew, canvas with 3 % elastane: no chlorine, no soak',
    ground: 'HB: chlorine breaks elastane at any share',
    facts: trouble('mildew', on('canvas', { cotton: 97, elastane: 3 }, { colour: 'natural' }), {
      age: 'weeks',
    }),
    does: ['peroxideDab'],
    doesNot: ['chlorineSoak', 'oxygenSoak', 'coldFlush'],
    home: { allowChlorine: true },
  },
  {
    name: 'mildew, white cotton, any bleach, chlorine school: diluted, alone in its plan',
    ground: 'LB; HB',
    facts: trouble('mildew', on('tableLinen', { cotton: 100 }, { label: label(60, 'any') }), {
      positions: { whites: 'chlorineWhites' },
    }),
    does: ['chlorineSoak'],
    doesNot: ['oxygenSoak', 'peroxideDab', 'vinegarSpot'],
    home: { allowChlorine: true, cupboard: [{ agentId: 'chlorineBleach', strengthPct: 4.5 }] },
  },
  {
    name: 'indigo on cream curtains: dye aid; reducer only where chosen',
    ground: 'CP',
    facts: trouble(
      'dyeRun',
      on('curtain', { cotton: 60, linen: 40 }, { colour: 'natural', label: label(40) }),
      { ...whole, wetness: 'wet' },
    ),
    does: ['dyeSuspendingSoak'],
    doesNot: ['reducerSoak'],
  },
  {
    name: 'red run from its own binding: dye aid, cool; never a reducer',
    ground: 'CP',
    facts: trouble(
      'ownRun',
      pieceOfParts(
        'tableLinen',
        { 'whole piece': { linen: 100 }, binding: { cotton: 100 } },
        { colour: 'multicoloured', fastness: 'failed', label: label(60) },
      ),
      { ...whole, wetness: 'wet' },
    ),
    does: ['coolDyeAid'],
    doesNot: ['reducerSoak', 'oxygenRunSoak'],
  },
  {
    name: 'dye run, dark cotton: no reducer',
    ground: 'CP',
    facts: trouble('dyeRun', on('tShirt', { cotton: 100 }, { colour: 'dark', label: label(40) }), whole),
    does: ['dyeSuspendingSoak'],
    doesNot: ['reducerSoak', 'chlorineSoak'],
  },
  {
    name: 'dye run, wool: no reducer, no oxygen',
    ground: 'HB: wool',
    facts: trouble('dyeRun', on('jumper', { wool: 100 }, { colour: 'white' }), whole),
    doesNot: ['reducerSoak', 'oxygenRunSoak'],
  },
  {
    name: 'dye run, metal zip: no reducer',
    ground: 'LB',
    facts: trouble(
      'dyeRun',
      on('jeans', { cotton: 100 }, { colour: 'white', metalParts: true, label: label(60) }),
      { ...whole, positions: { runWay: 'reducerFirst' } },
    ),
    doesNot: ['reducerSoak'],
  },
  // Sweat, yellow, grey, build-up
  {
    name: 'deodorant, white cotton: acid before peroxygen, never chlorine',
    ground: 'CP',
    facts: trouble('sweatMark', on('tShirt', { cotton: 100 }, { label: label(60, 'any') }), { age: 'weeks' }),
    does: ['citricSpot', 'longOxygenSoak'],
    doesNot: ['chlorineSoak'],
    home: { allowChlorine: true },
  },
  {
    name: 'band cap with stiffener: the sweatband wiped, never soaked',
    ground: 'CP',
    facts: trouble(
      'sweatMark',
      pieceOfParts(
        'cap',
        { crown: { cotton: 100 }, sweatband: { cotton: 100 }, stiffener: {} },
        { colour: 'dark' },
      ),
      { age: 'weeks' },
    ),
    does: ['sweatbandWipe'],
    doesNot: ['coldFlush', 'oxygenSoak', 'enzymePretreat'],
  },
  {
    name: 'storage yellow, lawn petticoat at 40: long oxygen soak',
    ground: 'CP',
    facts: trouble('storageYellow', on('petticoat', { cotton: 100 }, { label: label(40) }), {
      ...whole,
      age: 'months',
    }),
    does: ['longOxygenSoak'],
    doesNot: ['chlorineSoak'],
  },
  {
    name: 'yellow, answers say iron in the water: acid, no bleach',
    ground: 'HB: peroxygen decomposes on iron',
    facts: trouble('yellowed', on('bedSheet', { cotton: 100 }, cotton60), {
      ...whole,
      answers: { yellowWhere: 'allOver', yellowWater: 'orangeYes' },
    }),
    doesNot: ['longOxygenSoak', 'chlorineSoak'],
  },
  {
    name: 'stiff white towels: acid for the scale, alkali for the film, no borax',
    ground: 'CP',
    facts: trouble('stiffTowels', on('towel', { cotton: 100 }, cotton60), whole),
    does: ['deepStrip', 'citricSoak'],
    doesNot: ['deepStripBorax'],
  },
  {
    name: 'dark bath sheets with build-up: no oxygen on what is not proven',
    ground: 'CP',
    facts: trouble('stiffTowels', on('towel', { cotton: 100 }, { colour: 'dark', label: label(60) }), whole),
    does: ['deepStrip'],
    doesNot: ['chlorineSoak', 'reducerSoak'],
  },
  {
    name: 'stiff viscose: no deep strip',
    ground: 'HB: alkali swells viscose',
    facts: trouble('stiffTowels', on('shirt', { viscose: 100 }, { label: label(40) }), whole),
    doesNot: ['deepStrip', 'sodaSoak'],
  },
  {
    name: 'loose settle covers too large for the tub: in lots',
    ground: 'CP',
    facts: trouble(
      'greyed',
      on('looseCover', { cotton: 100 }, { colour: 'white', label: label(60), dryMassG: 14_000 }),
      whole,
    ),
    does: ['dryVacuum', 'oxygenSoak'],
  },
  // Smells
  {
    name: 'sports smell, polyester: an oxygen soak as cool as the tag asks',
    ground: 'CP',
    facts: trouble(
      'kitSmell',
      on('sportsTop', { polyester: 90, elastane: 10 }, { colour: 'mid', label: label(40) }),
      whole,
    ),
    does: ['oxygenSoak'],
    doesNot: ['chlorineSoak', 'sodaSoak'],
  },
  {
    name: 'padded riding breeches: no hot, no brush, no oxygen bath',
    ground: 'CP; HB: elastane and polyamide',
    facts: trouble(
      'kitSmell',
      pieceOfParts(
        'paddedShorts',
        { shell: { polyamide: 80, elastane: 20 }, padding: { polyester: 100 } },
        { colour: 'dark', label: label(30, 'never') },
      ),
      whole,
    ),
    does: ['vinegarSoak', 'gentleMachineWash'],
    doesNot: ['oxygenSoak', 'deepStrip', 'sunLine'],
  },
  {
    name: 'smoke, merino: air and a delicate soak, vinegar after a test; nothing alkaline',
    ground: 'HB: wool is dyed at pH 2–5 and hurt by alkali',
    facts: trouble('smoke', on('sportsTop', { wool: 100 }, { colour: 'mid' }), whole),
    does: ['airing', 'delicateHandSoak'],
    doesNot: ['sodaSoak', 'bioMachineWash'],
  },
  {
    name: 'lace collar with silk ribbon, old smell: aired, no sun',
    ground: 'CP; HB: light weakens silk',
    facts: trouble(
      'musty',
      pieceOfParts(
        'lacePiece',
        { lace: { cotton: 100 }, ribbon: { silk: 100 } },
        { colour: 'natural', condition: 'antique' },
      ),
      { ...whole, age: 'months' },
    ),
    does: ['airing'],
    doesNot: ['sunLine', 'vinegarSoak', 'oxygenSoak'],
  },
  {
    name: 'mothballs: air before any water',
    ground: 'CP',
    facts: trouble('mothball', on('jumper', { wool: 100 }, { colour: 'mid' }), whole),
    does: ['airing'],
    doesNot: ['delicateHandSoak'],
  },
  {
    name: 'a pet on a wool rug: blot, never chlorine, no enzymes',
    ground: 'HB: urine and hypochlorite make chloramines',
    facts: trouble('petUrine', on('rug', { wool: 100 }, { colour: 'multicoloured', code: 'W' }), fresh),
    does: ['coldBlot'],
    doesNot: ['chlorineSoak', 'mattressEnzyme', 'odourRemoverSurface'],
  },
  // Furniture, codes, mats
  {
    name: 'coffee, code X: dry blot while wet, professional',
    ground: 'LB: code X',
    facts: trouble(
      'coffee',
      on('armchair', { viscose: 60, cotton: 40 }, { colour: 'mid', code: 'X' }),
      fresh,
    ),
    does: ['dryBlot'],
    doesNot: ['absorbentOnWet', 'coldBlot', 'detergentBlot'],
  },
  {
    name: 'coffee, code S: blot dry and absorbent powder, no water',
    ground: 'LB: code S',
    facts: trouble(
      'coffee',
      on('armchair', { viscose: 60, cotton: 40 }, { colour: 'mid', code: 'S' }),
      fresh,
    ),
    does: ['dryBlot', 'absorbentOnWet'],
    doesNot: ['coldBlot', 'detergentBlot', 'spiritsSpot', 'alcoholSpot'],
  },
  {
    name: 'blackberry, code W: blots only',
    ground: 'LB: code W',
    facts: trouble('berry', on('armchair', { cotton: 100 }, { colour: 'pale', code: 'W' }), fresh),
    does: ['coldBlot'],
    doesNot: ['coldFlush', 'oxygenSoak'],
  },
  {
    name: 'fresh grape jelly, code W, soap school: white soap',
    ground: 'CP: a known exception',
    facts: trouble('fruitJam', on('armchair', { cotton: 100 }, { colour: 'white', code: 'W' }), {
      ...fresh,
      positions: { codeW: 'whiteSoapOnW' },
    }),
    does: ['whiteSoapBlot'],
  },
  {
    name: 'mud, coir mat: brush and vacuum, no water',
    ground: 'CP: coir browns',
    facts: trouble('mud', on('doormat', { coir: 100 }, { colour: 'natural' }), { age: 'days' }),
    does: ['brushOffDry'],
    doesNot: ['coldBlot', 'detergentBlot'],
  },
  {
    name: 'berry, jute rug: dry methods only',
    ground: 'HB: jute browns when wetted',
    facts: trouble('berry', on('rug', { jute: 100 }, { colour: 'natural', code: 'W' })),
    doesNot: ['coldBlot', 'vinegarBlot', 'peroxideDab'],
  },
  {
    name: 'moss and mud, white knitted jumper: brush off dry, then cool; no enzyme',
    ground: 'CP; HB: wool',
    facts: trouble(['moss', 'mud'], on('jumper', { wool: 100 }, { colour: 'white' })),
    does: ['brushOffDry', 'delicateHandSoak'],
    doesNot: ['enzymePretreat', 'oxygenSoak'],
  },
  // Condition, history, household
  {
    name: 'wine on an antique: cool, tested, no oxygen bath',
    ground: 'CP',
    facts: trouble('redWine', on('tableLinen', { linen: 100 }, { condition: 'antique', label: label(60) })),
    does: ['coolDripThrough'],
    doesNot: ['oxygenSoak', 'chlorineSoak', 'machineOxygenWash'],
  },
  {
    name: 'silk velvet with oil: nothing wet',
    ground: 'CP',
    facts: trouble('saladOil', on('velvetPiece', { silk: 100 }, { colour: 'dark' })),
    doesNot: ['detergentSpot', 'coldFlush'],
  },
  {
    name: 'leather trim: no solvent, and nothing soaked',
    ground: 'CP',
    facts: trouble(
      'saladOil',
      pieceOfParts('jumper', { 'whole piece': { wool: 100 }, trim: { leather: 100 } }, { colour: 'mid' }),
    ),
    doesNot: ['absorbentThenDetergent', 'spiritsSpot', 'delicateHandSoak', 'gentleMachineWash'],
  },
  {
    name: 'chlorine was tried on a sweat mark: no acid, no ammonia, no oxygen after it',
    ground: 'HB: chlorine with acid; poison-centre guidance',
    facts: trouble('sweatMark', on('tShirt', { cotton: 100 }, cotton60), { tried: tried('chlorineBleach') }),
    doesNot: ['vinegarSpot', 'oxygenSoak', 'peroxideDetergentSpot', 'enzymePretreat'],
  },
  {
    name: 'acetone was tried: no peroxide in this plan',
    ground: 'HB: acetone peroxides',
    facts: trouble('redWine', on('tableLinen', { cotton: 100 }, cotton60), { tried: tried('acetone') }),
    doesNot: ['peroxideDab', 'oxygenSoak', 'peroxideDetergentSpot'],
  },
  {
    name: 'peroxide of unknown strength: refused',
    ground: 'CP: nothing dosed that is not known',
    facts: trouble('redWine', on('armchair', { cotton: 100 }, { code: 'W' }), { age: 'days' }),
    doesNot: ['peroxideDab', 'peroxideUnderSoda', 'vinegarBlot'],
    home: {
      cupboard: [
        { agentId: 'peroxide', strengthPct: null },
        { agentId: 'vinegar', strengthPct: null },
      ],
    },
  },
  {
    name: 'asthma in the house: no reducer, no ammonia',
    ground: 'LB',
    facts: trouble('dyeRun', on('pillowcase', { cotton: 100 }, cotton60), {
      ...whole,
      positions: { runWay: 'reducerFirst' },
    }),
    doesNot: ['reducerSoak', 'ammoniaMix'],
    home: { asthma: true, allowAmmonia: true },
  },
  {
    name: 'baby clothes: no borax even where it is sold',
    ground: 'CLP: Repr. 1B',
    facts: trouble('stiffTowels', on('babyClothes', { cotton: 100 }, cotton60), {
      ...whole,
      positions: { deepStripWay: 'deepStripAView' },
    }),
    doesNot: ['deepStripBorax'],
    home: { boraxSold: true },
  },
  {
    name: 'flame-retardant nightwear: no soap bar, no chlorine',
    ground: 'LB',
    facts: trouble('sweatYellow', on('childNightwear', { cotton: 100 }, { label: label(60, 'any') }), whole),
    doesNot: ['underarmSoap', 'chlorineSoak'],
    home: { allowChlorine: true },
  },
  {
    name: 'electric blanket: no liquid at all',
    ground: 'CP: shock',
    facts: trouble('coffee', on('electricBlanket', { polyester: 100 }, { colour: 'mid' })),
    doesNot: ['coldFlush', 'coldBlot', 'detergentBlot', 'detergentSpot'],
  },
];

describe('written-out cases', () => {
  it('are at least sixty', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(60);
    expect(new Set(CASES.map((one) => one.name)).size).toBe(CASES.length);
  });
  it.each(CASES)('$name [$ground]', ({ facts, does = [], doesNot = [], none, home }) => {
    const house: Household = { ...household, ...home };
    const plan = planTreatment(facts, house, knowledge);
    const offered = plan.passes.map((pass) => pass.methodId);
    expect(offered).toEqual(expect.arrayContaining([...does]));
    expect(offered.filter((methodId) => doesNot.includes(methodId))).toEqual([]);
    if (none) {
      expect(offered).toEqual([]);
      expect(plan.findings.map((finding) => finding.code)).toEqual(
        expect.arrayContaining(['noHomeMethod', 'professionalHand']),
      );
    }
    expect(checkPlan(plan, house, knowledge)).toEqual([]);
  });
  it('name only methods that exist', () => {
    const known = new Set(knowledge.methods.map((method) => method.id));
    const named = CASES.flatMap(({ does = [], doesNot = [] }) => [...does, ...doesNot]);
    expect(named.filter((methodId) => !known.has(methodId))).toEqual([]);
  });
});
