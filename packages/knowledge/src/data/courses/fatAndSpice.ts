import type { Note } from '../../schema/note.js';
import { NO_HEAT_YET } from '../standingNotes.js';
import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  dryOnly,
  end,
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

/** What is fat, and the colours that live in fat: the dry side first. */
/** Fat does not dry: paper and powder still take some of it up. */
/** What is rinsed before anything else, oily sauce on it or not. */
const RINSED_FIRST = ['vomit', 'blood', 'redWine', 'coffee', 'coffeeMilk', 'tea', 'milk'];
const FRESH_FAT: Exclude<Note['when'], 'always'> = { ages: ['minutes', 'hours'] };

export const fatAndSpice = [
  course({
    id: 'chocolate',
    name: 'Chocolate, cocoa',
    markIds: ['chocolate'],
    is: 'Cocoa fat, sugar, brown, a little milk.',
    tells: [
      tell('A see-through halo.', 'Fat: detergent.'),
      tell('Brown without a halo.', 'Cocoa colour: oxygen.'),
    ],
    cause: 'A melted piece.',
    causeAction: ['Wipe hands first.'],
    garment: ['Melted: let it get cold and hard. Lift it.'],
    surfaceAtOnce: ['An ice bag for ten minutes; lift it without smearing.'],
    donts: ['No rubbing while it is soft.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.lift(), P.suds('fat', { c: [30, 40] }), P.enzyme({ min: [15, 20], optional: true })],
        wash: W.white([40, 40]),
        second: [P.oxygen('colour', [240, 480], [40, 40])],
        checks: ['daylight', 'againstLight'],
      }),
      coloured: coloured({
        first: [P.lift(), P.suds('fat', { c: [30, 40] })],
        second: [P.colourOxygen('colour', [60, 120])],
        checks: ['daylight', 'againstLight'],
      }),
      synthetic: synthetic({
        first: [P.lift(), P.suds('fat', { c: [30, 40] })],
        second: [P.suds('fat', { c: [30, 40] }), P.colourOxygen('colour', [60, 240])],
        checks: ['daylight', 'againstLight'],
      }),
      delicate: delicate({
        first: [
          P.lift(),
          P.drip({ c: [20, 30], expect: 'Lukewarm: cocoa fat stays hard in cold water.' }),
          P.mild('fat'),
        ],
        second: [P.mild('fat', { min: [10, 15] })],
      }),
      protein: protein({ first: [P.lift(), P.mild('fat')], second: [P.peroxide('colour', [10, 20])] }),
      surface: surface({
        first: [P.lift(), P.foam('fat')],
        second: [P.foam('fat'), P.peroxideBlot('colour', [3, 10]), P.mattressCoat('colour')],
      }),
      dryOnly: cleaner('Fat and colour only come out with warm water.'),
    },
    never: [
      ['Cold water alone.', 'Cocoa fat stays hard below 35 °C.'],
      ['Hot water on milk chocolate.', 'It sets the milk.'],
    ],
    says: ['Cold to lift, lukewarm to wash.'],
    prevent: ['Wipe first.'],
  }),
  course({
    id: 'tomatoCarotene',
    name: 'Tomato, ketchup, carrot, paprika oil',
    markIds: ['tomato', 'ketchup', 'babyFood'],
    is: 'An orange colour dissolved in fat; ketchup has less fat and more sugar.',
    tells: [
      tell('A see-through halo.', 'Oil: the detergent pass.'),
      tell('An orange haze after the wash.', 'Colour left: sun, oxygen.'),
      tell('Brown after the dryer.', 'Browned sugar.'),
    ],
    cause: 'Pasta, a baby’s spoon.',
    causeAction: ['A bib.'],
    garment: [
      only({ notMarkIds: RINSED_FIRST }, 'Lift inwards; detergent before any water where it is oily.'),
      only({ markIds: RINSED_FIRST }, 'Lift it off inwards.'),
    ],
    surfaceAtOnce: ['Lift; blot with a dry cloth.'],
    donts: [notOn({ notMarkIds: RINSED_FIRST }, 'No water alone on oily sauce.'), 'No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.lift(),
          P.suds('fat', { c: [30, 40] }),
          P.enzyme({ min: [10, 20], onlyIf: [C.meatOrCream], optional: true }),
        ],
        dry: ['sun', 'line'],
        second: [P.sun('colour'), P.oxygen('colour', [240, 480], [40, 60])],
        end: end(2, 'accept', 'Two rounds with sun; the last haze goes over weeks.'),
      }),
      coloured: coloured({
        first: [P.lift(), P.suds('fat', { c: [30, 40] }), P.colourOxygen('colour', [60, 120])],
        second: [P.suds('fat', { c: [30, 40] }), P.colourOxygen('colour', [120, 240])],
      }),
      synthetic: synthetic({
        first: [
          P.lift(),
          P.suds('fat', { c: [30, 40] }),
          P.suds('fat', { optional: true, expect: 'Synthetics hold it: twice.' }),
        ],
        second: [P.colourOxygen('colour', [60, 120])],
      }),
      delicate: delicate({ first: [P.lift(), P.mild('fat')], second: [P.peroxide('colour', [3, 10])] }),
      protein: protein({
        first: [P.lift(), P.mild('fat')],
        second: [
          P.alcohol('colour', { min: [3, 10] }),
          P.peroxide('colour', [10, 20], {
            onlyIf: [C.whiteOrFast, C.noSolventLeft],
          }),
        ],
      }),
      surface: surface({
        first: [
          P.lift(),
          P.foam('fat'),
          P.peroxideBlot('colour', [10, 30], { onlyIf: [C.whiteOrFast], main: true }),
        ],
        second: [P.peroxideBlot('colour', [5, 10]), P.mattressCoat('colour')],
        notes: [],
      }),
      dryOnly: cleaner('Oil and water are both needed.'),
    },
    never: [
      ['Cold water alone on oily sauce.', 'It spreads the oil with its colour.'],
      ['The dryer with a haze left.', 'It drives it in.'],
    ],
    says: ['The orange haze fades in daylight, where the cloth bears it.'],
    disputes: [
      { question: 'Vinegar on tomato?', ways: ['little use: the colour lives in fat (default)', 'habit'] },
    ],
    prevent: ['Napkins.'],
  }),
  course({
    id: 'turmeric',
    name: 'Curry, turmeric, mustard',
    markIds: ['curry', 'mustard'],
    is: 'Curcumin: a dye from oil that takes to cotton and fades in light.',
    tells: [
      tell('Red-brown with soap or soda.', 'Curcumin; rinse and it turns back.'),
      tell('A halo.', 'Oil with it.'),
    ],
    cause: 'Spice in oil.',
    causeAction: ['An apron.'],
    garment: ['Lift inwards; detergent before any water.'],
    surfaceAtOnce: ['Lift; blot dry.'],
    donts: ['No soap bar.', 'No baking soda.', 'No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.lift(),
          P.suds('fat', { c: [25, 40] }),
          P.suds('dye', { c: [25, 40] }),
          P.peroxide('dye', [10, 30], { expect: 'It pales slowly.' }),
        ],
        wash: W.noBleach([40, 40], 'No powder: it turns what is left red-brown for a while.'),
        dry: ['sun', 'line'],
        second: [
          P.alcohol('dye'),
          P.sun('dye', { min: [180, 480] }),
          P.oxygen('dye', [240, 480], [40, 60], {
            onlyIf: [C.noSolventLeft],
            expect: 'Red-brown at first, then it pales.',
          }),
        ],
        end: end(2, 'accept', 'Sun and soak twice; a breath of yellow goes over weeks.'),
      }),
      coloured: coloured({
        first: [
          P.lift(),
          P.suds('fat'),
          P.colourOxygen('dye', [120, 240], { onlyIf: [C.whiteOrFast], main: true }),
          P.sun('dye', { min: [120, 360], when: [C.viscoseOrCotton, C.pale], onlyIf: [C.whiteOrFast] }),
        ],
        second: [
          P.alcohol('dye'),
          P.colourOxygen('dye', [60, 120], {
            onlyIf: [C.whiteOrFast, C.noSolventLeft],
          }),
          P.sun('dye', { min: [120, 360], when: [C.viscoseOrCotton, C.pale], onlyIf: [C.whiteOrFast] }),
        ],
        end: end(2, 'dyePatch', 'Accept it, or dye over.'),
      }),
      synthetic: synthetic({
        first: [
          P.lift(),
          P.alcohol('dye', { expect: 'On dry cloth.' }),
          P.solventAir(),
          P.suds('fat', { c: [12, 25] }),
        ],
        second: [P.alcohol('dye')],
      }),
      delicate: delicate({
        first: [
          P.lift(),
          P.mild('fat', { ways: ['detergentSpot', 'delicateSpot'], min: [10, 15] }),
          P.sun('dye', { min: [120, 360], when: [C.viscoseOrCotton], onlyIf: [C.whiteOrFast], main: true }),
        ],
        second: [
          P.sun('dye', { min: [120, 360], when: [C.viscoseOrCotton], onlyIf: [C.whiteOrFast], main: true }),
          P.alcohol('dye', { min: [3, 3], when: [C.noAcetate] }),
          P.peroxide('dye', [5, 15], {
            onlyIf: [C.white, C.viscoseOrCotton, C.noSolventLeft],
          }),
        ],
      }),
      protein: protein({
        first: [
          P.lift(),
          P.alcohol('dye', { min: [3, 5], expect: 'On dry cloth.', main: true }),
          P.solventAir(),
          P.mild('fat'),
        ],
        second: [P.peroxide('dye', [15, 30], { onlyIf: [C.white, C.noSolventLeft] })],
        end: end(2, 'accept', 'Curcumin dyes such fibres, so it often stays.'),
      }),
      surface: surface({
        first: [P.lift(), P.foam('fat'), P.foam('dye')],
        second: [P.peroxideBlot('dye', [10, 20])],
        notes: ['A window’s daylight for days lightens it, where the cloth bears light.'],
        end: end(2, 'accept', 'Peroxide again, never the soda coat: alkali reddens it.'),
      }),
      dryOnly: cleaner('Solvent work.'),
    },
    never: [
      ['Soap bar, soda or ammonia without oxygen.', 'Alkali turns it red-brown and lets it dye.'],
      ['Heat before it is gone.', 'It fixes it.'],
    ],
    says: [
      ofSome(
        { fibreIds: ['metallised'] },
        'Only the mark gets wet: keep the metal border out of it, and dry.',
      ),
      ofSome(
        { drains: true, uses: ['percarbonate'] },
        'Gold thread or a fine trim on it: a cold rinse, then a cleaner.',
      ),
      'Red with soap is turmeric: rinse, and it is yellow again.',
      'Light bleaches it best.',
    ],
    disputes: [
      {
        question: 'An alkaline oxygen bath on curcumin?',
        ways: [
          'yes, after detergent: alkali with oxygen breaks it (default)',
          'no alkali ever: peroxide, alcohol and sun only',
        ],
      },
    ],
    prevent: ['An apron.'],
    confidence: 'medium',
  }),
  course({
    id: 'oilButter',
    name: 'Cooking oil, butter, frying fat',
    markIds: ['saladOil', 'butter', 'insectRepellent'],
    is: 'Fat; old fat is yellow and gummy.',
    tells: [
      tell('See-through against the light, water beads.', 'Fat.'),
      tell('Yellow, sticky, smells of paint.', 'Oxidised: hot and alkaline.'),
      tell('Many small spots after a wash.', 'Softener, or detergent that did not dissolve.', 'residueDull'),
    ],
    cause: 'Frying, a dressing.',
    causeAction: ['An apron.'],
    garment: [only(FRESH_FAT, 'Blot a minute; starch or powder on it, a quarter of an hour; no water yet.')],
    surfaceAtOnce: [only(FRESH_FAT, 'Lift, blot; lay it flat; starch two millimetres thick.')],
    donts: ['No water first.', 'No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.powder({ onlyIf: [C.fresh] }), P.suds('fat', { c: [30, 40] })],
        wash: W.white([40, 60]),
        second: [
          P.spirits('fat'),
          ...P.afterSolvent(),
          P.soda('fat', {
            min: [60, 120],
            onlyIf: [C.overADay, C.gummyOil, C.white, C.sturdy, C.noSolventLeft],
          }),
        ],
        checks: ['againstLight', 'waterDrop'],
        end: end(2, 'accept', 'Two rounds. No dryer while fat is left, none after spirits.'),
      }),
      coloured: coloured({
        first: [P.powder({ onlyIf: [C.fresh] }), P.suds('fat', { c: [30, 40] })],
        wash: W.colouredHot(),
        second: [P.spirits('fat'), ...P.afterSolvent()],
        checks: ['againstLight', 'waterDrop'],
      }),
      synthetic: synthetic({
        first: [
          P.powder({ onlyIf: [C.fresh] }),
          P.suds('fat', { c: [30, 40] }),
          P.suds('fat', { c: [30, 40], expect: 'Synthetics hold oil: twice.' }),
        ],
        second: [P.spirits('fat', { when: [C.noPolypropylene] }), ...P.afterSolvent()],
        checks: ['againstLight', 'waterDrop'],
      }),
      delicate: delicate({
        first: [P.powder({ min: [30, 120] }), P.mild('fat', { min: [5, 15] })],
        second: [P.powder({ min: [120, 480] }), P.mild('fat')],
        checks: ['againstLight'],
      }),
      protein: protein({
        first: [P.powder({ min: [30, 480] }), P.mild('fat')],
        second: [P.spirits('fat', { min: [5, 5] }), P.mild('residue', { c: [15, 25] }), P.solventAir()],
        checks: ['againstLight'],
      }),
      surface: surface({
        first: [P.powder({ min: [60, 480] }), P.foam('fat')],
        second: [P.powder({ min: [480, 480] }), P.foam('fat')],
        checks: ['nextDay', 'fromSide'],
        end: end(2, 'professional', 'No solvent on what cannot be taken off: a professional.'),
      }),
      dryOnly: dryOnly({
        first: [P.powder({ min: [60, 480] })],
        end: end(
          1,
          'professional',
          'Powder takes what it takes. The cleaner finishes it: say what was spilled.',
        ),
      }),
    },
    never: [
      ['Water first.', 'It shuts the oil in.'],
      ['Dryer or iron while fat is left.', 'It sets, and oily cloth heats itself.'],
    ],
    says: [
      'Hold it against the light to judge.',
      'No dryer while fat is left: fire.',
      ofSome({ drains: true }, 'Fresh oil needs warm suds: as warm as the tag lets, nothing in it sets.'),
      ofSome({ fibreIds: ['polyester'] }, 'Polyester gives oil up slowly: two or three washes are usual.'),
    ],
    disputes: [
      {
        question: 'Solvent, or powder and detergent?',
        ways: ['powder and detergent (default)', 'spirits first'],
      },
    ],
    prevent: ['An apron.'],
  }),
  course({
    id: 'gravySoup',
    name: 'Gravy, mayonnaise, soup',
    markIds: ['gravy', 'mayonnaise', 'soup', 'avocado'],
    is: 'Fat with protein and starch; some brown or orange.',
    tells: [
      tell('See-through.', 'Fat.'),
      tell('Stiff, floury.', 'Starch and protein: enzymes.'),
      tell('Orange.', 'Tomato, carrot or paprika.', 'tomatoCarotene'),
    ],
    cause: 'A meal.',
    causeAction: ['A napkin.'],
    garment: ['Lift inwards; blot; starch on the fat, 15 min.'],
    surfaceAtOnce: ['Lift, blot.'],
    donts: ['No water above forty degrees.', 'No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.lift(), P.suds('fat', { min: [5, 10], c: [25, 35] }), P.enzyme({ c: [25, 40] })],
        wash: W.white([40, 40]),
        second: [P.enzymeSoak([60, 180]), P.oxygen('colour', [240, 480], [40, 40])],
        checks: ['daylight', 'againstLight'],
      }),
      coloured: coloured({
        first: [P.lift(), P.suds('fat', { min: [5, 10] }), P.enzyme()],
        second: [P.enzymeSoak([60, 180]), P.colourOxygen('colour', [60, 120])],
        checks: ['daylight', 'againstLight'],
      }),
      synthetic: synthetic({
        first: [P.lift(), P.suds('fat'), P.suds('fat'), P.enzyme()],
        second: [P.enzymeSoak([60, 180])],
        checks: ['daylight', 'againstLight'],
      }),
      delicate: delicate({
        first: [P.lift(), P.mild('fat', { min: [5, 10] }), P.mild('protein', { min: [10, 15] })],
        second: [P.handSoak('protein')],
        checks: ['againstLight'],
      }),
      protein: protein({
        first: [P.lift(), P.powder({ min: [30, 60], onlyIf: [C.dryNow] }), P.mild('fat')],
        second: [P.mild('protein', { min: [60, 120] })],
        checks: ['againstLight'],
      }),
      surface: surface({
        first: [P.lift(), P.powder({ min: [30, 60], onlyIf: [C.dryNow] }), P.foam('fat')],
        second: [P.odourRemover({ min: [20, 60] }), P.mattressCoat('colour')],
      }),
      dryOnly: cleaner('Water and solvent are both needed.'),
    },
    never: [
      ['Hot water or an iron before it is gone.', 'Heat sets the protein of egg and meat.'],
      ['Water first on mayonnaise.', 'It is fat.'],
    ],
    says: ['Fat first, then protein; nothing above forty until it is gone.'],
    prevent: ['A napkin.'],
  }),
  course({
    id: 'pollenSpice',
    name: 'Pollen, spice powder, cocoa dust',
    markIds: ['pollen'],
    is: 'Dry colour grains; oil or water makes them dye.',
    tells: [
      tell('Dust lifts on tape.', 'Still dry: go on with tape.'),
      tell('A yellow smear.', 'It was rubbed or wetted: detergent, sun.'),
    ],
    cause: 'Lilies, the kitchen.',
    causeAction: ['Snip the anthers.'],
    garment: ['Shake it outdoors; press tape on, lift.'],
    surfaceAtOnce: ['Vacuum without touching; tape.'],
    donts: ['No water.', 'No rubbing, no hand on it.'],
    cloths: {
      white: white({
        first: [
          P.tape('pigment', { min: [2, 5] }),
          P.suds('colour', { min: [5, 10], onlyIf: [C.smearLeft] }),
        ],
        wash: W.white([40, 40]),
        dry: ['sun', 'line'],
        second: [
          P.alcohol('colour', { min: [3, 5] }),
          P.sun('colour'),
          P.oxygen('colour', [240, 480], [40, 60], {
            onlyIf: [C.noSolventLeft],
          }),
        ],
      }),
      coloured: coloured({
        first: [
          P.tape('pigment', { min: [2, 5] }),
          P.suds('colour', { min: [5, 10], onlyIf: [C.smearLeft] }),
        ],
        second: [
          P.alcohol('colour', { min: [3, 5] }),
          P.colourOxygen('colour', [60, 120], {
            onlyIf: [C.whiteOrFast, C.noSolventLeft],
          }),
        ],
      }),
      synthetic: synthetic({
        first: [
          P.tape('pigment', { min: [2, 5], expect: 'It clings by static: tape, no brush.' }),
          P.suds('colour', { min: [5, 10] }),
        ],
        second: [P.alcohol('colour', { min: [3, 5] })],
      }),
      delicate: delicate({
        first: [
          P.tape('pigment', { min: [2, 5] }),
          P.mild('colour', { min: [5, 10], onlyIf: [C.smearLeft] }),
        ],
        second: [P.alcohol('colour', { min: [3, 3], when: [C.noAcetate] })],
      }),
      protein: protein({
        first: [
          P.tape('pigment', { min: [2, 5] }),
          P.mild('colour', { min: [5, 15], onlyIf: [C.smearLeft] }),
        ],
        second: [P.alcohol('colour', { min: [3, 3] })],
      }),
      surface: surface({
        first: [P.dust(), P.tape('pigment'), P.foam('colour', { onlyIf: [C.smearLeft] })],
        second: [P.foam('colour'), P.peroxideBlot('colour', [5, 10])],
      }),
      dryOnly: dryOnly({ first: [P.tape('pigment', { min: [3, 10] })], notes: [], dryNotes: [] }),
    },
    never: [['Water or a hand first.', 'Wet grains burst and dye.']],
    says: [
      'Do not touch it: shake, vacuum, tape.',
      'Daylight takes the last yellow, where the cloth bears it.',
    ],
    disputes: [
      { question: 'Tape on old fabric?', ways: ['no: vacuum through a net (default)', 'light strips'] },
    ],
    prevent: ['Anthers off lilies.'],
  }),
];
