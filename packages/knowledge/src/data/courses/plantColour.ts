import { NO_HEAT_YET } from '../standingNotes.js';
import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  end,
  HARMED_BY_ALKALI,
  honest,
  notOn,
  ofSome,
  only,
  P,
  protein,
  surface,
  synthetic,
  tell,
  W,
  white,
} from './kit.js';

const NO_SOAP = 'No soap bar.';

/** What plants colour, and what is sweet: water first, then acid or oxygen. */
export const plantColour = [
  course({
    id: 'wineBerry',
    name: 'Red wine, berries, cherry, beetroot',
    markIds: ['redWine', 'berry', 'blackcurrant', 'cherry', 'beetroot'],
    is: 'Fruit colour with tannin and sugar; water-soluble while it is fresh.',
    tells: [
      tell('Blue or green in suds or soda.', 'Fruit colour; it goes on coming.'),
      tell('Yellow-brown in suds.', 'Beetroot.'),
      tell('Grey-brown, nothing turns blue.', 'Old tannin: the oxygen bath.'),
    ],
    cause: 'A spill; the first minute matters.',
    causeAction: ['Blot it at once.'],
    garment: ['Blot a minute.', 'Cold water through from the back, two to five minutes.', 'Keep it damp.'],
    surfaceAtOnce: [
      'Blot from outside in until no more comes.',
      only({ itemIds: ['carpet', 'rug'] }, 'Then cold water in small pours, each blotted.'),
      only({ notItemIds: ['carpet', 'rug'] }, 'Cold water in small pours, a teaspoon a palm, each blotted.'),
    ],
    donts: [NO_SOAP, 'No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.flush({ when: [C.wetOrToday] }),
          P.peroxideSuds('colour', { when: [C.wet], expect: 'It pales within minutes.' }),
          P.dip('colour', {
            when: [C.driedIn],
            onlyIf: [C.white, C.sturdy, C.tagSixty, C.metalFree],
            expect: 'Blue, then gone.',
          }),
          P.sun('colour', { when: [C.dry] }),
        ],
        second: [P.long('colour', { c: [40, 60] })],
        dry: ['sun', 'line'],
        end: end(
          2,
          'accept',
          'Two soaks; then accept it.',
          ofSome(
            { fibreIds: ['cotton'] },
            'Before that a run remover once, with its own cautions, if the cotton is white all over.',
          ),
        ),
      }),
      coloured: coloured({
        first: [P.flush(), P.vinegarSuds(), P.colourOxygen('colour', [60, 240], { main: true })],
        second: [P.peroxide('colour', [5, 10], { onlyIf: [C.whiteOrFast] })],
      }),
      synthetic: synthetic({
        first: [
          P.flush({ expect: 'The flush takes most.' }),
          P.vinegarSuds(),
          P.oxygen('colour', [120, 240], [40, 40], { main: true }),
        ],
        second: [P.oxygen('colour', [120, 240], [40, 40])],
      }),
      delicate: delicate({
        first: [
          P.drip({ stop: 'A lining gives colour.' }),
          P.weakVinegar('colour'),
          P.peroxide('colour', [3, 5], {
            onlyIf: [C.white, C.viscoseOrCotton, C.notAntique],
          }),
        ],
        second: [P.peroxide('colour', [5, 10])],
        end: end(1, 'professional', 'Then a dry cleaner: say it is wine, and when.'),
      }),
      protein: protein({
        first: [
          P.drip(),
          P.vinegarSuds({ c: [15, 25] }),
          P.peroxide('colour', [5, 15], { onlyIf: [C.whiteOrFast] }),
        ],
        second: [P.peroxide('colour', [15, 30])],
      }),
      surface: surface({
        first: [
          P.waterBlot({ when: [C.wet] }),
          P.vinegarBlot('colour', { after: 'dryToTouch' }),
          P.peroxideBlot('colour', [10, 20], { when: [C.notMattress], onlyIf: [C.whiteOrFast], main: true }),
          P.weigh({ when: [C.floor] }),
        ],
        second: [
          P.peroxideBlot('colour', [3, 5], {
            onlyIf: [C.whiteOrFast, C.acidBlotted],
          }),
          P.mattressCoat('colour'),
        ],
        checks: ['nextDay', 'fromSide'],
      }),
      dryOnly: cleaner('Water rings it, and its old dye is unknown.'),
    },
    never: [
      ['A soap bar on it.', 'Soap sets tannin.'],
      ['Acid and oxygen without a full rinse between.', 'Peracetic acid.'],
      [notOn({ fibreIds: HARMED_BY_ALKALI }, 'Oxygen powder on it.'), 'Its alkali harms the fibre.'],
    ],
    says: [
      ofSome({ drains: true }, 'Blue or green in the bath is normal.'),
      ofSome({ white: true, drains: true, wet: false }, 'It has dried in: flushing does little any more.'),
      ofSome(
        { white: true, drains: true, wet: false, uses: ['percarbonate'] },
        'The hot oxygen bath does it.',
      ),
      ofSome({ fibreIds: HARMED_BY_ALKALI }, 'A cool dilute acid is fine on it; soda is not.'),
      ofSome({ drains: false }, 'Each round a little wider, the last of plain water: or a ring stays.'),
      ofSome({ keptDry: true }, 'Water would leave a worse mark than this one.'),
    ],
    disputes: [
      {
        question: 'At once, or let it dry?',
        ways: ['cold and blot at once (default)', 'white cotton: dry, then the hot oxygen dip'],
      },
      {
        question: 'Salt, white wine, soda water?',
        ways: ['no gain over cold water (default)', 'habit; dyers fix dye with salt'],
      },
      {
        question: 'Boiling water poured from a height?',
        ways: ['not offered: it scalds (default)', 'fresh, on white cotton'],
      },
    ],
    prevent: [only({ itemIds: ['tableLinen'] }, 'Use white napkins with anything red.')],
  }),
  course({
    id: 'sugarPale',
    name: 'Honey, white wine, beer, lemonade, pale sugar',
    markIds: ['honey', 'whiteWine', 'ale', 'spirits', 'vapeLiquid'],
    is: 'Sugar with little colour; air and heat brown it later.',
    tells: [
      tell('Stiff, sticky, shiny.', 'Sugar is still in it.'),
      tell('A brown edge weeks later.', 'Browned sugar: oxygen.'),
      tell('Beer: a sour smell.', 'Protein too: an enzyme wash.'),
    ],
    cause: 'A spill that dried unseen.',
    causeAction: ['Rinse it even where nothing shows.'],
    garment: ['Lift; rinse lukewarm two minutes.'],
    surfaceAtOnce: ['Lift, blot; a lukewarm damp cloth until nothing sticks.'],
    donts: ['No dryer and no iron before it is rinsed out.'],
    cloths: {
      white: white({
        first: [
          P.flush({ c: [30, 40], min: [2, 10], stop: 'Nothing sticks.' }),
          P.suds('film', { when: [C.vape], main: true }),
        ],
        second: [P.oxygen('sugar', [60, 360], [40, 60])],
        checks: ['feel', 'daylight'],
      }),
      coloured: coloured({
        first: [
          P.flush({ c: [30, 40], min: [2, 10], stop: 'Nothing sticks.' }),
          P.suds('film', { when: [C.vape], main: true }),
        ],
        second: [P.colourOxygen('sugar', [60, 120])],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [P.flush({ c: [30, 40], min: [2, 10] }), P.suds('film', { when: [C.vape], main: true })],
        second: [P.colourOxygen('sugar', [60, 120])],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [P.drip({ c: [20, 30] })],
        second: [P.weakVinegar('sugar')],
        checks: ['feel'],
      }),
      protein: protein({
        first: [P.drip({ c: [20, 30] })],
        second: [
          P.vinegar('sugar', { min: [15, 15] }),
          P.peroxide('sugar', [5, 15], { onlyIf: [C.whiteOrFast] }),
        ],
        checks: ['feel'],
      }),
      surface: surface({
        first: [P.waterBlot({ stop: 'A finger does not stick.' }), P.foam('sugar', { optional: true })],
        second: [
          P.waterBlot({ expect: 'If it is sticky or dull later: more water, no more soap.' }),
          P.peroxideBlot('sugar', [3, 5]),
        ],
        checks: ['nextDay', 'feel'],
      }),
      dryOnly: cleaner('Sugar needs water; crumble what is dry first.'),
    },
    never: [['Dry heat on sugar.', 'It caramelises.']],
    says: ['Sticky means sugar: more water, not more soap.'],
    prevent: ['Rinse spills the same day.'],
  }),
  course({
    id: 'sugarColoured',
    name: 'Cola, juice, jam, squash, sweets',
    markIds: ['cola', 'fruitJuice', 'fruitJam', 'softDrink', 'foodColouring', 'boiledSweet', 'medicine'],
    is: 'Sugar with a brown, orange or fruit colour.',
    tells: [
      tell('Sticky.', 'Sugar first.'),
      tell('Blue in suds.', 'Fruit colour.', 'wineBerry'),
      tell('Bright orange, red or blue, from a bottle.', 'Food dye: detergent, peroxide, sun.'),
    ],
    cause: 'A spill.',
    causeAction: ['Rinse it before it dries.'],
    garment: ['Lift jam with a spoon; cold to lukewarm water through from the back, two minutes.'],
    surfaceAtOnce: ['Lift, blot; a lukewarm damp cloth.'],
    donts: [NO_SOAP, NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.lift({ optional: true }),
          P.flush({ c: [20, 35], min: [2, 10] }),
          P.enzyme({ min: [10, 20] }),
        ],
        second: [P.oxygen('colour', [60, 360], [40, 60])],
      }),
      coloured: coloured({
        first: [
          P.flush({ c: [20, 35], min: [2, 10] }),
          P.vinegarSuds(),
          P.colourOxygen('colour', [60, 180], { when: [C.medicine], onlyIf: [C.whiteOrFast], main: true }),
        ],
        second: [P.colourOxygen('colour', [60, 240])],
      }),
      synthetic: synthetic({
        first: [
          P.flush({ c: [20, 35], min: [2, 10] }),
          P.vinegarSuds(),
          P.colourOxygen('colour', [60, 180], { when: [C.medicine], onlyIf: [C.whiteOrFast], main: true }),
        ],
        second: [P.colourOxygen('colour', [60, 240])],
        notes: [
          only(
            { fibreIds: ['polyamide'] },
            'Food dye on polyamide: within the hour, it takes like its own dye.',
          ),
        ],
      }),
      delicate: delicate({
        first: [
          P.drip({ c: [20, 30] }),
          P.mild('colour'),
          P.peroxide('colour', [5, 10], {
            when: [C.medicine],
            onlyIf: [C.whiteOrFast, C.notAntique, C.notAcetate],
            main: true,
          }),
        ],
        second: [P.peroxide('colour', [3, 5])],
      }),
      protein: protein({
        first: [
          P.drip({ c: [20, 30] }),
          P.mild('colour'),
          P.vinegarSuds({
            c: [15, 25],
            optional: true,
            onlyIf: [C.jamOrBerry, C.noFoodDye],
          }),
          P.peroxide('colour', [5, 10], {
            when: [C.medicine],
            onlyIf: [C.whiteOrFast, C.notAntique],
            main: true,
          }),
        ],
        second: [P.peroxide('colour', [10, 20])],
        end: end(2, 'professional', 'Food dye often stays in such fibres: a cleaner early.'),
      }),
      surface: surface({
        first: [
          P.lift(),
          P.waterBlot({ stop: 'A finger does not stick.' }),
          P.foamOrSoap('colour'),
          P.vinegarBlot('colour', { after: 'dryToTouch' }),
        ],
        second: [
          P.peroxideBlot('colour', [3, 5], {
            onlyIf: [C.whiteOrFast, C.acidBlotted],
          }),
        ],
        checks: ['nextDay', 'feel'],
        notes: ['A cover of code W: white soap or a clear detergent, and a last pass of plain cold water.'],
      }),
      dryOnly: cleaner('Sugar needs water.'),
    },
    never: [
      ['A soap bar on juice.', 'It sets tannin.'],
      ['Dry heat.', 'It browns the sugar.'],
    ],
    says: ['Water for the sugar, then detergent for the colour.'],
    disputes: [
      {
        question: 'Fruit jelly on a cover of code W?',
        ways: ['a clear detergent (default)', 'white soap, cold, with a thorough last rinse'],
      },
    ],
    prevent: ['Lids on drinks.'],
  }),
  course({
    id: 'teaCoffee',
    name: 'Tea, black coffee',
    markIds: ['tea', 'coffee', 'matcha'],
    is: 'Tannin and roast brown; no fat.',
    tells: [
      tell('Grey-black on metal, or in spots.', 'Iron with tannin: acid, no oxygen.', 'rust'),
      tell('Shiny, see-through.', 'Milk.', 'coffeeMilk'),
      tell('Green powder.', 'Matcha: leaf green with tannin; the same course, enzymes first.'),
    ],
    cause: 'A spill, a mug.',
    causeAction: ['Rinse at once.'],
    garment: ['Blot it.', 'Cold to lukewarm water through from the back, two to three minutes.'],
    surfaceAtOnce: ['Blot; a damp cloth, a teaspoon a palm, until it is pale.'],
    donts: [NO_SOAP, 'No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.flush({ c: [15, 35] }),
          P.enzyme({ min: [10, 15] }),
          P.oxygen('colour', [60, 120], [60, 60], {
            when: [C.driedIn],
            onlyIf: [C.driedOrOld],
          }),
        ],
        second: [P.long('colour', { c: [40, 60] })],
      }),
      coloured: coloured({
        first: [P.flush({ c: [15, 35] }), P.vinegarSuds()],
        second: [P.colourOxygen('colour', [120, 240])],
      }),
      synthetic: synthetic({
        first: [P.flush({ c: [15, 35], expect: 'A wash at forty mostly suffices.' })],
        second: [P.colourOxygen('colour', [120, 240])],
      }),
      delicate: delicate({
        first: [
          P.drip({ c: [15, 25] }),
          P.weakVinegar('colour'),
          P.peroxide('colour', [5, 10], { onlyIf: [C.whiteOrFast, C.notAntique, C.notAcetate], main: true }),
        ],
        second: [P.glycerine('colour'), P.peroxide('colour', [3, 10])],
      }),
      protein: protein({
        first: [
          P.drip({ c: [15, 25] }),
          P.vinegarSuds({ c: [20, 25], min: [10, 20] }),
          P.peroxide('colour', [10, 20], { onlyIf: [C.whiteOrFast, C.notAntique], main: true }),
        ],
        second: [P.peroxide('colour', [10, 20], { onlyIf: [C.whiteOrFast] })],
      }),
      surface: surface({
        first: [
          P.waterBlot(),
          P.vinegarBlot('colour', { after: 'dryToTouch' }),
          P.peroxideBlot('colour', [10, 20], { when: [C.notMattress], onlyIf: [C.whiteOrFast], main: true }),
          P.weigh({ when: [C.floor] }),
        ],
        second: [
          P.waterBlot({ expect: 'If a ring has come up: once more, then a towel and a weight on it.' }),
          P.peroxideBlot('colour', [3, 10], {
            onlyIf: [C.whiteOrFast, C.acidBlotted],
          }),
          P.mattressCoat('colour'),
        ],
        checks: ['nextDay', 'fromSide'],
      }),
      dryOnly: cleaner(
        ofSome({ fibreIds: ['jute', 'sisal', 'coir'] }, 'Water browns jute.'),
        ofSome({ notFibreIds: ['jute', 'sisal', 'coir'] }, 'Water rings it.'),
      ),
    },
    never: [
      ['A soap bar.', 'It sets tannin.'],
      ['Oxygen on grey-black spots.', 'There is iron in them: darker, and it weakens the cloth.'],
    ],
    says: [
      ofSome(
        { white: true, drains: true, ages: ['days', 'weeks', 'months'], uses: ['percarbonate'] },
        'Old brown needs the hot oxygen bath, not hot water.',
      ),
    ],
    disputes: [
      {
        question: 'Glycerine first on old marks?',
        ways: ['only on fine things (default)', 'on every old mark'],
      },
    ],
    prevent: ['A coaster.'],
  }),
  course({
    id: 'coffeeMilk',
    name: 'Coffee or tea with milk, cocoa drinks',
    markIds: ['coffeeMilk'],
    is: 'Tannin and roast brown over milk.',
    tells: [
      tell('A stiff, see-through edge.', 'Milk is in it.'),
      tell('Sour when warm.', 'Milk is still in it.'),
    ],
    cause: 'A spill.',
    causeAction: ['Rinse it cold at once.'],
    garment: ['Blot it.', 'Cold water through from the back, two to three minutes.'],
    surfaceAtOnce: ['Blot; a cold damp cloth, a teaspoon a palm.'],
    donts: [
      ofSome({ keptDry: false }, 'No water above forty degrees.'),
      notOn({ keptDry: true }, 'No water: it leaves a ring.'),
      NO_SOAP,
      NO_HEAT_YET,
    ],
    cloths: {
      white: white({
        first: [
          P.flush(),
          P.enzyme({ expect: 'Milk goes, then the brown shows free.' }),
          P.peroxide('colour', [5, 10], { optional: true }),
        ],
        wash: W.white([40, 40]),
        second: [P.long('colour', { c: [40, 40] })],
        checks: ['daylight', 'smellWarm'],
        end: end(2, 'accept', 'Once more at sixty when no milk is left; then accept it.'),
      }),
      coloured: coloured({
        first: [P.flush(), P.enzyme()],
        second: [P.vinegarSuds(), P.colourOxygen('colour', [120, 240])],
        checks: ['daylight', 'smellWarm'],
      }),
      synthetic: synthetic({
        first: [P.flush(), P.suds('fat', { min: [5, 10] }), P.enzyme()],
        second: [P.colourOxygen('colour', [120, 240])],
        checks: ['daylight', 'smellWarm'],
      }),
      delicate: delicate({
        first: [P.drip(), P.mild('protein')],
        second: [P.weakVinegar('colour'), P.peroxide('colour', [3, 5], { onlyIf: [C.white, C.notAntique] })],
      }),
      protein: protein({
        first: [P.drip(), P.mild('protein'), P.vinegarSuds({ optional: true })],
        second: [
          P.peroxide('colour', [10, 20], {
            onlyIf: [C.whiteOrFast],
          }),
        ],
        checks: ['daylight', 'smellWarm'],
      }),
      surface: surface({
        first: [P.waterBlot(), P.foam('protein'), P.vinegarBlot('colour', { onlyIf: [C.brownLeft] })],
        second: [
          P.odourRemover(),
          P.peroxideBlot('colour', [3, 10], {
            onlyIf: [C.whiteOrFast, C.acidBlotted],
          }),
        ],
        checks: ['nextDay', 'smellWarm'],
      }),
      dryOnly: cleaner('Water rings it, and milk sours.'),
    },
    never: [
      ['Hot water before the milk is gone.', 'It sets the milk protein.'],
      ['A soap bar.', 'It sets tannin.'],
    ],
    says: [
      ofSome({ drains: false }, 'A zip does not mean that the cover may be washed.'),
      ofSome({ fibreIds: HARMED_BY_ALKALI }, 'A cool dilute acid is fine on it; soda is not.'),
      ofSome({ keptDry: false }, 'First the milk, with cold water; then the brown.'),
    ],
    prevent: ['A lid on the cup.'],
  }),
  course({
    id: 'soySauce',
    name: 'Soy sauce, yeast extract',
    markIds: ['soySauce'],
    is: 'Water-soluble brown with salt, sugar and protein.',
    tells: [tell('It rinses brown at once.', 'Fresh.'), tell('Sticky.', 'Sugar in the sauce.')],
    cause: 'A spill.',
    causeAction: ['Rinse at once.'],
    garment: ['Cold water through from the back, two to three minutes.'],
    surfaceAtOnce: ['Blot; a cold damp cloth, a teaspoon a palm.'],
    donts: ['No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.flush(), P.enzyme({ min: [10, 20] })],
        wash: W.white([40, 40]),
        second: [P.peroxide('colour', [5, 15]), P.oxygen('colour', [60, 360], [40, 60])],
      }),
      coloured: coloured({
        first: [P.flush(), P.enzyme({ min: [10, 20] })],
        second: [P.vinegarSuds(), P.colourOxygen('colour', [60, 180])],
      }),
      synthetic: synthetic({ first: [P.flush()], second: [P.enzyme({ min: [10, 20] })] }),
      delicate: delicate({
        first: [P.drip(), P.mild('colour', { min: [5, 15] })],
        second: [P.weakVinegar('colour')],
      }),
      protein: protein({
        first: [P.drip(), P.mild('colour', { min: [5, 15] }), P.vinegarSuds({ optional: true })],
        second: [
          P.peroxide('colour', [10, 20], {
            onlyIf: [C.whiteOrFast],
          }),
        ],
      }),
      surface: surface({
        first: [P.waterBlot(), P.foam('colour'), P.vinegarBlot('colour', { onlyIf: [C.brownLeft] })],
        second: [
          P.waterBlot(),
          P.peroxideBlot('colour', [5, 10], {
            onlyIf: [C.whiteOrFast, C.acidBlotted],
          }),
        ],
        checks: ['nextDay'],
      }),
      dryOnly: cleaner('Water rings it.'),
    },
    never: [['Dry heat.', 'It browns sugar and protein.']],
    says: ['Cold water at once takes nearly all.'],
    prevent: ['A small dish.'],
  }),
  course({
    id: 'walnutTannin',
    name: 'Walnut hull, oak, autumn leaves',
    markIds: ['walnut'],
    is: 'A plant dye that darkens in the air and holds without help.',
    tells: [
      tell('Yellow-green, brown within hours.', 'Walnut: be quick.'),
      tell('Grey-black.', 'Iron in it: acid, no oxygen.', 'rust'),
      tell('Browner after suds.', 'Alkali darkens it.'),
    ],
    cause: 'Hulls, wet leaves, dripping bark.',
    causeAction: ['Gloves and old clothes for the job.'],
    garment: ['Lift; cold water through for five minutes, within the hour.'],
    surfaceAtOnce: ['Blot; a cold damp cloth, a teaspoon a palm.'],
    donts: [NO_SOAP, 'No soda.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.flush({ min: [5, 10] }),
          P.suds('dye', { min: [10, 20] }),
          P.oxygen('dye', [120, 480], [60, 60], {
            onlyIf: [C.noIron],
            expect: 'It darkens at first, then pales.',
          }),
        ],
        wash: W.white([40, 60]),
        dry: ['sun', 'line'],
        second: [P.long('dye', { c: [40, 60] })],
        end: end(
          4,
          'accept',
          'Up to four soaks; then it is beige: accept it, or dye it brown.',
          ofSome(
            { fibreIds: ['cotton'] },
            'Before that a run remover once, with its cautions, if the cotton is white all over.',
          ),
        ),
      }),
      coloured: coloured({
        first: [P.flush({ min: [5, 10] }), P.vinegarSuds()],
        second: [P.colourOxygen('dye', [120, 240])],
        end: end(2, 'dyePatch', 'Accept it, dye it over, or patch it.'),
      }),
      synthetic: synthetic({
        first: [P.flush({ min: [5, 10] }), P.vinegarSuds()],
        second: [P.oxygen('dye', [120, 240], [40, 40])],
      }),
      delicate: delicate({
        first: [
          P.drip(),
          P.mild('dye'),
          P.peroxide('dye', [5, 15], { onlyIf: [C.whiteOrFast, C.notAntique, C.notAcetate], main: true }),
        ],
        second: [P.peroxide('dye', [5, 10])],
      }),
      protein: protein({
        first: [
          P.drip({ min: [5, 10] }),
          P.mild('dye'),
          P.peroxide('dye', [5, 15], { onlyIf: [C.whiteOrFast, C.notAntique], main: true }),
        ],
        second: [P.peroxide('dye', [15, 30])],
        end: end(2, 'dyePatch', 'Walnut dyes such fibres: once dry it is there for good; dye over.'),
      }),
      surface: surface({
        first: [
          P.waterBlot(),
          P.foam('dye'),
          P.peroxideBlot('dye', [10, 20], { onlyIf: [C.whiteOrFast], main: true }),
        ],
        second: [P.peroxideBlot('dye', [5, 10])],
        end: end(2, 'professional', 'Twice, then a professional; poor odds.'),
      }),
      dryOnly: honest('accept', 'A dye in such a material stays: cover it, or ask a conservator.'),
    },
    never: [
      ['Soap, soda or ammonia before oxygen.', 'Alkali darkens it in the fibre.'],
      ['An iron pot.', 'It makes ink.'],
      [notOn({ fibreIds: HARMED_BY_ALKALI }, 'Chlorine on it.'), 'It destroys the fibre.'],
    ],
    says: ['Within the hour it rinses out; next day it is a dye.'],
    disputes: [
      { question: 'Oxygen or reducer first on white?', ways: ['oxygen, twice (default)', 'reducer first'] },
    ],
    prevent: ['Gloves, an old apron.'],
    confidence: 'medium',
  }),
];
