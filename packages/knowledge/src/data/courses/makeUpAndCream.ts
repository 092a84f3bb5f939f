import { always, where } from '../say.js';
import { NO_HEAT_YET } from '../standingNotes.js';
import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  dryOnly,
  end,
  names,
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

/** What people put on skin and hair. */
/** Sunscreen turns orange in many places at once: a bath reaches them all, else the place. */
const IN_PLACES = {
  ways: ['citricSoak', 'citricSpot'],
  advice: [names('Bleached before? Rinse that out in two waters first.')],
};

export const makeUpAndCream = [
  course({
    id: 'makeUp',
    name: 'Lipstick, foundation, mascara, face paint',
    markIds: ['lipstick', 'foundation', 'mascara', 'facePaint'],
    is: 'Pigment in oil and wax; the long-wearing kinds in a film.',
    tells: [
      tell('Smears red and greasy.', 'Lipstick: fat first, dye last.'),
      tell('Beige powder after detergent.', 'Mineral pigment: no bleach helps.'),
      tell('Black flakes, water runs off.', 'Waterproof mascara: solvent.'),
      tell('Pink after the wash.', 'Lipstick dye: oxygen on white.'),
    ],
    cause: 'Collars, face towels, pillowcases.',
    causeAction: ['A dark face towel of one’s own.'],
    garment: ['Lift it with tape or a card.'],
    surfaceAtOnce: ['Tape; vacuum powder.'],
    donts: ['No water first.', 'No wiping.', 'No heat.'],
    cloths: {
      white: white({
        first: [
          P.tape('bulk', { min: [2, 3] }),
          P.suds('fat', { expect: 'On dry cloth.' }),
          P.peroxideSuds('dye', {
            onlyIf: [C.white, C.colourLeft],
            advice: [always('What foam is left floods a front loader.')],
          }),
        ],
        wash: W.white([60, 60], 'No softener.'),
        second: [
          P.spirits('film', {
            min: [3, 8],
            onlyIf: [C.longWearing],
          }),
          ...P.afterSolvent(),
          P.oxygen('dye', [60, 120], [40, 60], {
            onlyIf: [C.pinkLeft, C.noSolventLeft],
          }),
        ],
        checks: ['whiteCloth', 'daylight'],
        end: end(2, 'accept', 'Two rounds; a beige shadow is mineral and is accepted.'),
      }),
      coloured: coloured({
        first: [P.tape('bulk', { min: [2, 3] }), P.suds('fat'), P.suds('fat')],
        second: [P.alcohol('film', { min: [3, 8] })],
        checks: ['whiteCloth'],
      }),
      synthetic: synthetic({
        first: [P.tape('bulk', { min: [2, 3] }), P.suds('fat', { min: [15, 20] })],
        second: [P.suds('fat', { min: [15, 20] })],
        checks: ['whiteCloth'],
      }),
      delicate: delicate({
        first: [P.tape('bulk', { min: [2, 2] }), P.mild('fat', { min: [5, 10] })],
        second: [P.alcohol('film', { min: [3, 5], when: [C.noAcetate] })],
        checks: ['whiteCloth'],
      }),
      protein: protein({
        first: [P.tape('bulk', { min: [2, 2] }), P.mild('fat', { min: [10, 15] })],
        second: [P.peroxide('dye', [15, 30])],
        checks: ['whiteCloth'],
      }),
      surface: surface({
        first: [P.tape('bulk', { min: [2, 3] }), P.powder({ optional: true }), P.foam('fat')],
        second: [P.foam('fat')],
        checks: ['whiteCloth', 'nextDay'],
      }),
      dryOnly: dryOnly({
        first: [P.tape('bulk', { min: [2, 2] }), P.foam('fat', { min: [3, 5] })],
        end: end(1, 'professional', 'It is pigment in oil. Then a cleaner: say which make-up.'),
      }),
    },
    never: [
      ['Chlorine on foundation or anything with a sun filter.', 'It turns orange.'],
      [notOn({ uses: ['peroxide'] }, 'The peroxide and detergent mix in a closed bottle.'), 'Gas.'],
      [notOn({ drains: false }, 'Solvent on a filling, foam or a glued back.'), 'It stays inside.'],
    ],
    says: [
      ofSome(
        { itemIds: ['bedSheet', 'pillowcase', 'towel'] },
        'Several pieces: sort them by kind of mark, and mark each place with a thread before the wash. Spare ones meanwhile.',
      ),
      'Detergent on dry cloth, before water.',
      'Beige that is left is mineral pigment.',
    ],
    disputes: [
      { question: 'Waterproof mascara?', ways: ['neat detergent (default)', 'an oily remover first'] },
    ],
    prevent: ['A dark face towel.'],
  }),
  course({
    id: 'sunscreen',
    name: 'Sunscreen, also turned orange',
    markIds: ['sunscreen'],
    is: 'Oily filters; one of them goes orange with iron or chlorine.',
    tells: [
      tell('Greasy, yellowish, at the collar.', 'Filter and oil: detergent.'),
      tell('Orange came in the wash or the pool.', 'Filter with iron or chlorine.'),
      tell('A drop of citric acid pales it within ten minutes.', 'Iron in it: the acid pass.'),
      tell('White and chalky.', 'Mineral filter: detergent, brush.'),
    ],
    cause: 'Cream not absorbed; iron in the water; bleach.',
    causeAction: ['Dress a quarter of an hour after creaming; wash the same day with detergent.'],
    garment: ['Neat dish detergent within the day.'],
    surfaceAtOnce: ['Blot; powder a quarter of an hour.'],
    donts: ['No bleach of any kind.', 'No chlorine.'],
    cloths: {
      white: white({
        first: [
          P.suds('fat', { c: [25, 40], min: [10, 20] }),
          P.citricSoak('iron', {
            ...IN_PLACES,
            c: [35, 40],
            onlyIf: [C.orange, C.oilOut],
            expect: 'It fades within the hour.',
            main: true,
          }),
        ],
        wash: W.noBleach([40, 60], 'Citrate with it where the water has iron.'),
        second: [
          P.suds('fat', { c: [30, 40], min: [15, 20] }),
          P.citricSoak('iron', { ...IN_PLACES, c: [35, 40], onlyIf: [C.orange], main: true }),
        ],
        end: end(
          2,
          'accept',
          'When a citric drop no longer pales it: one oxygen bath at forty on white; then accept it.',
        ),
      }),
      coloured: coloured({
        first: [
          P.suds('fat', { min: [10, 20] }),
          P.citricSoak('iron', { ...IN_PLACES, onlyIf: [C.orange], main: true }),
        ],
        second: [
          P.suds('fat', { min: [15, 20] }),
          P.citricSoak('iron', { ...IN_PLACES, onlyIf: [C.orange], main: true }),
        ],
      }),
      synthetic: synthetic({
        first: [
          P.suds('fat', { min: [10, 20] }),
          P.citricSoak('iron', { ...IN_PLACES, onlyIf: [C.orange], main: true }),
        ],
        second: [
          P.suds('fat', { min: [15, 20] }),
          P.citricSoak('iron', { ...IN_PLACES, onlyIf: [C.orange], main: true }),
        ],
        notes: [only({ fibreIds: ['polyamide'] }, 'Polyamide holds filters: three washes.')],
      }),
      delicate: delicate({
        first: [
          P.mild('fat', { min: [5, 10] }),
          P.weakVinegar('iron', {
            onlyIf: [C.orange],
            advice: [where({ fibreIds: ['acetate', 'triacetate'] }, 'Ten minutes at most.')],
          }),
        ],
        second: [P.mild('fat', { min: [5, 10] })],
      }),
      protein: protein({
        first: [P.mild('fat', { min: [10, 15] }), P.weakVinegar('iron', { onlyIf: [C.orange] })],
        second: [P.mild('fat')],
      }),
      surface: surface({
        first: [P.powder(), P.foam('fat')],
        second: [P.citricBlot({ min: [10, 10], onlyIf: [C.orange, C.noStone] })],
      }),
      dryOnly: cleaner('Powder; then a cleaner: say sunscreen, no bleach.'),
    },
    never: [
      ['Chlorine or oxygen before detergent and acid.', 'The orange gets deeper and stays.'],
      ['Oxygen right after citric acid without a full rinse.', 'Peracid, and iron still in it.'],
    ],
    says: [
      'It is no dirt: the sun filter and iron in the water turn orange. Rain or filtered water brings no more of it.',
      ofSome(
        { itemIds: ['pram'], uses: ['weakAcid'] },
        'Straps and buckles stay out of the acid: plain water only.',
      ),
    ],
    disputes: [
      {
        question: 'Oxygen at the end?',
        ways: ['once, free of iron, on white (default)', 'never: leaves a yellow'],
      },
    ],
    prevent: ['Let the cream sink in; detergent on the places before each wash; another filter.'],
    confidence: 'medium',
  }),
  course({
    id: 'selfTan',
    name: 'Self-tanning lotion',
    markIds: ['selfTanner'],
    is: 'A colourless sugar that browns for hours, most on wool, silk and polyamide.',
    tells: [
      tell('Brown at once, runs with water.', 'Its bronzer: it washes out.'),
      tell('Brown came overnight.', 'It has formed: oxygen.'),
    ],
    cause: 'Sheets and clothes while it develops.',
    causeAction: ['Old dark sheets for eight hours.'],
    garment: ['Cold to lukewarm water and detergent within two to four hours.'],
    surfaceAtOnce: ['Blot it damp within the hour.'],
    donts: ['No hot water.', 'No soda.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.flush({ c: [20, 30], min: [5, 10] }),
          P.suds('fat', { min: [5, 10] }),
          P.oxygen('dye', [180, 360], [40, 60], {
            onlyIf: [C.brownFormed],
          }),
        ],
        second: [P.oxygen('dye', [180, 360], [40, 60])],
        end: end(3, 'accept', 'Three oxygen rounds bring it to a trace.'),
      }),
      coloured: coloured({
        first: [P.flush({ c: [20, 30], min: [5, 10] }), P.suds('fat', { min: [5, 10] })],
        second: [P.colourOxygen('dye', [120, 360])],
      }),
      synthetic: synthetic({
        first: [P.flush({ c: [20, 30], min: [5, 10] }), P.suds('fat', { min: [5, 10] })],
        second: [P.peroxide('dye', [20, 30])],
        notes: [only({ fibreIds: ['polyamide'] }, 'On polyamide some brown stays.')],
      }),
      delicate: delicate({
        first: [P.drip({ c: [15, 25] }), P.mild('fat', { min: [5, 10] })],
        second: [P.peroxide('dye', [15, 30])],
      }),
      protein: protein({
        first: [P.drip({ c: [15, 25] }), P.mild('fat', { min: [5, 10] })],
        second: [P.peroxide('dye', [15, 30])],
        end: end(2, 'accept', 'Brown that has formed usually stays.'),
      }),
      surface: surface({ first: [P.waterBlot(), P.foam('fat')], second: [P.peroxideBlot('dye', [5, 15])] }),
      dryOnly: cleaner('Tell them it is self-tan.'),
    },
    never: [
      ['Chlorine on it.', 'It yellows the brown.'],
      ['A hot wash before it is rinsed out.', 'It browns the rest.'],
    ],
    says: ['Rinse within hours: the brown is still forming.'],
    prevent: ['Dark sheets.'],
    confidence: 'medium',
  }),
  course({
    id: 'skinCream',
    name: 'Skin cream, ointment, petroleum jelly, hair products',
    markIds: ['skinCream', 'hairProduct'],
    is: 'A film of paraffin or fat; perhaps zinc, dye or resin in it.',
    tells: [
      tell('See-through, waxy, sheds water.', 'Paraffin.'),
      tell('A white film that vinegar takes.', 'Zinc.'),
      tell('A sticky waistband.', 'The cream has eaten the rubber: replace it.'),
    ],
    cause: 'Daily use.',
    causeAction: ['Bedding of its own, kept far from flames.'],
    garment: ['Scrape; powder a quarter of an hour.'],
    surfaceAtOnce: ['Scrape; powder half an hour; vacuum.'],
    donts: ['No dryer, no iron.', 'No flame near it.'],
    cloths: {
      white: white({
        first: [P.suds('film', { c: [30, 40], min: [10, 20] })],
        wash: W.white([60, 60], 'The longest, half full, twice.'),
        second: [
          P.spirits('film'),
          ...P.afterSolvent(),
          P.vinegar('film', { min: [15, 15], onlyIf: [C.zincFilm, C.noSolventLeft] }),
        ],
        checks: ['waterDrop', 'againstLight'],
        end: end(
          2,
          'discard',
          'However clean it looks, treat it as easily lit; replace it when it is soaked.',
        ),
      }),
      coloured: coloured({
        first: [P.suds('film', { c: [30, 40], min: [10, 20] })],
        wash: W.colouredHot('Twice.'),
        second: [P.suds('film', { c: [30, 40], min: [10, 20] })],
        checks: ['waterDrop'],
      }),
      synthetic: synthetic({
        first: [P.suds('film', { c: [30, 40], min: [10, 20] })],
        wash: W.colouredHot('Twice.'),
        second: [P.suds('film', { c: [30, 40], min: [10, 20] })],
        checks: ['waterDrop'],
      }),
      delicate: delicate({
        first: [
          P.powder({ min: [30, 60] }),
          P.spirits('film', { min: [5, 5], main: true }),
          P.solventAir(),
          P.mild('residue', { c: [15, 25] }),
        ],
        second: [P.mild('film', { min: [5, 10] })],
        checks: ['waterDrop'],
      }),
      protein: protein({
        first: [
          P.powder({ min: [30, 60] }),
          P.spirits('film', { min: [5, 5], main: true }),
          P.solventAir(),
          P.mild('residue', { c: [15, 25] }),
        ],
        second: [P.mild('film', { min: [5, 10] })],
        checks: ['waterDrop'],
      }),
      surface: surface({
        first: [P.powder(), P.foam('film')],
        second: [P.powder({ min: [60, 480] }), P.foam('film')],
      }),
      dryOnly: cleaner('Powder; then a cleaner: say paraffin, it burns.'),
    },
    never: [
      [
        'Cigarettes, candles, gas or a heater near such cloth.',
        'Paraffin in cloth burns fast, and washing may not remove it.',
      ],
      ['A dryer or an iron on it.', 'Fire.'],
    ],
    says: ['The warning about fire comes before the stain.'],
    disputes: [
      {
        question: 'Washed out?',
        ways: ['counts as not removed: the safe reading (default)', 'two hot washes lessen it'],
      },
    ],
    prevent: ['Wash it often.'],
  }),
  course({
    id: 'hairDye',
    name: 'Hair dye, henna',
    markIds: ['hairDyeMark', 'hennaMark'],
    is: 'A dye that develops in the cloth within half an hour; henna dyes protein for good.',
    tells: [
      tell('Under ten minutes, washes pink.', 'Still soluble: flush now.'),
      tell('Dark, a wet cloth takes nothing.', 'Developed: reducer or oxygen on white.'),
      tell('Orange-brown crumbs.', 'Henna.'),
      tell('A bright fantasy colour that smears.', 'A direct dye: detergent, alcohol.'),
    ],
    cause: 'Towels, collars.',
    causeAction: ['Old dark towels, a cape.'],
    garment: [
      'Cold running water through within ten minutes, then dish detergent. Henna: let it dry, crumble it.',
    ],
    surfaceAtOnce: ['Blot it damp at once, five clean faces.'],
    donts: ['No hot water.', 'No waiting.'],
    cloths: {
      white: white({
        first: [
          P.flush({ min: [5, 10], onlyIf: [C.underAnHour] }),
          P.suds('dye', { min: [5, 10] }),
          P.reducer('dye', {
            onlyIf: [C.dyeDeveloped, C.white, C.noElastane, C.metalFree],
          }),
        ],
        wash: W.white([60, 60], 'After the full rinse.'),
        second: [
          P.oxygen('dye', [240, 360], [60, 60], {
            onlyIf: [],
          }),
        ],
        end: end(2, 'dyePatch', 'Brown-grey often stays: dye the towel dark.'),
      }),
      coloured: coloured({
        first: [
          P.flush({ min: [5, 10], onlyIf: [C.underAnHour] }),
          P.suds('dye', { min: [10, 20] }),
          P.colourOxygen('dye', [60, 120], { main: true }),
        ],
        second: [P.colourOxygen('dye', [120, 240])],
        end: end(2, 'dyePatch', 'What strips the dye strips the cloth’s own: dye the piece dark.'),
      }),
      synthetic: synthetic({
        first: [
          P.flush({ min: [5, 10], onlyIf: [C.underAnHour] }),
          P.suds('dye', { min: [5, 10] }),
          P.oxygen('dye', [60, 240], [30, 40], { main: true }),
        ],
        second: [P.alcohol('dye')],
        end: end(
          2,
          'accept',
          'After two rounds, what is left stays.',
          ofSome({ fibreIds: ['polyamide'] }, 'Polyamide keeps it.'),
        ),
      }),
      delicate: delicate({
        first: [P.drip({ onlyIf: [C.underAnHour] }), P.mild('dye', { min: [10, 20], main: true })],
        end: end(1, 'accept', 'Beyond the first hour it is there for good.'),
      }),
      protein: protein({
        first: [P.drip({ onlyIf: [C.underAnHour] }), P.mild('dye', { min: [10, 20], main: true })],
        end: end(1, 'accept', 'It is made to dye hair: such fibres hold it.'),
      }),
      surface: surface({
        first: [P.waterBlot(), P.foam('dye')],
        second: [
          P.peroxideBlot('dye', [10, 20], {
            onlyIf: [C.looseDyeOut, C.whiteOrFast],
          }),
        ],
        end: end(2, 'professional', 'An inlay, or a professional.'),
      }),
      dryOnly: cleaner('Rarely helped.'),
    },
    never: [
      ['Vinegar on wet henna.', 'No help, and it bars the reducer until it is rinsed out.'],
      ['Peroxide on a hair dye that holds metal.', 'It heats and decomposes.'],
      [
        'The reducer with acid or oxygen, in a closed vessel, or with asthma in the house.',
        'Sulphur dioxide; heat.',
      ],
    ],
    says: ['Ten minutes decide this one.'],
    disputes: [
      {
        question: 'Order on white?',
        ways: ['reducer, then oxygen in the next round (default)', 'oxygen only: no fume, weaker'],
      },
    ],
    prevent: ['A dark towel.'],
    confidence: 'low',
  }),
];
