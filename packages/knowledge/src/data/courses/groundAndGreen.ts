import { always } from '../say.js';
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

/** What comes from outdoors and from fire: dry first, then water. */
export const groundAndGreen = [
  course({
    id: 'grass',
    name: 'Grass, leaves, moss',
    markIds: ['grass', 'moss'],
    is: 'Leaf green with protein; later yellow-brown with tannin.',
    tells: [
      tell('Green on a pad with alcohol.', 'Leaf green.'),
      tell('A brown rest.', 'Tannin or mud: oxygen, detergent.'),
    ],
    cause: 'Knees, sport.',
    causeAction: ['Pre-treat it the same day.'],
    garment: ['Shake it; let clods of mud dry.'],
    surfaceAtOnce: ['Let it dry, vacuum.'],
    donts: ['No rubbing.', 'No vinegar.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.brush({ onlyIf: [C.mudOrMoss], optional: true }), P.enzyme({ c: [20, 40] })],
        wash: W.white([40, 60], 'A booster of oxygen bleach in the drum.'),
        second: [
          P.alcohol('dye'),
          P.oxygen('colour', [240, 480], [40, 60], {
            onlyIf: [C.noSolventLeft],
          }),
        ],
      }),
      coloured: coloured({
        first: [
          P.enzyme({ c: [20, 40] }),
          P.colourOxygen('colour', [60, 240], { onlyIf: [C.whiteOrFast], main: true }),
        ],
        second: [
          P.alcohol('dye'),
          P.colourOxygen('colour', [60, 120], {
            onlyIf: [C.whiteOrFast, C.noSolventLeft],
          }),
        ],
      }),
      synthetic: synthetic({
        first: [
          P.enzyme({ c: [20, 40] }),
          P.oxygen('colour', [60, 240], [30, 40], { when: [C.moss], main: true }),
        ],
        second: [P.oxygen('colour', [120, 240], [40, 40])],
      }),
      delicate: delicate({
        first: [
          P.alcohol('dye', { min: [3, 5], when: [C.noAcetate], main: true }),
          P.solventAir(),
          P.mild('protein'),
        ],
        second: [P.peroxide('colour', [5, 10], { onlyIf: [C.white, C.notAntique, C.noSolventLeft] })],
      }),
      protein: protein({
        first: [
          P.alcohol('dye', { min: [3, 10], expect: 'On dry cloth, before any water.' }),
          P.mild('protein'),
        ],
        second: [
          P.alcohol('dye'),
          P.peroxide('colour', [10, 20], {
            onlyIf: [C.whiteOrFast, C.noSolventLeft],
          }),
        ],
      }),
      surface: surface({
        first: [
          P.dust(),
          P.foam('protein'),
          P.peroxideBlot('colour', [10, 20], {
            when: [C.moss],
            onlyIf: [C.whiteOrFast],
            main: true,
          }),
        ],
        second: [P.enzymeBlot('protein', { min: [10, 20] }), P.peroxideBlot('colour', [5, 10])],
      }),
      dryOnly: cleaner('Green needs alcohol or enzymes.'),
    },
    never: [
      ['Vinegar on the green, or anything of iron.', 'Acid turns leaf green olive-brown.'],
      ['Chlorine on it.', 'It yellows.'],
    ],
    says: [ofSome({ uses: ['protease'] }, 'Enzymes do most, kept wet for a quarter to half an hour.')],
    disputes: [
      {
        question: 'Alcohol or enzymes first?',
        ways: ['enzymes (default)', 'alcohol on dry cloth first: old marks, wool'],
      },
    ],
    prevent: ['Pre-treat the same evening.'],
  }),
  course({
    id: 'mud',
    name: 'Mud, earth, clay',
    markIds: ['mud', 'plaster'],
    is: 'Fine clay in the yarns; red earth holds iron as well.',
    tells: [
      tell('It brushes to dust.', 'Plain mud.'),
      tell('An orange haze after two washes.', 'Iron clay: citric acid.'),
      tell('Green-brown.', 'Grass or humus.', 'grass'),
      tell('White and hard.', 'Plaster: the same way; crack it off dry, acid last.'),
    ],
    cause: 'Field, garden, dog.',
    causeAction: ['Let it dry; brush it outdoors.'],
    garment: [
      only(
        {
          notMarkIds: ['plaster', 'emulsionPaint', 'whiteGlueMark'],
          notAllOver: true,
          ages: ['minutes', 'hours', 'days'],
        },
        'Let mud dry, hung free, before any water.',
      ),
      only(
        { allOver: true, markIds: ['mud'] },
        'A flood brings sewage: gloves on, children away. Keep it wet, and rinse it outdoors.',
      ),
      only({ markIds: ['plaster'] }, 'Cement or lime: rinse it cold, outdoors, while it is wet.'),
      only({ markIds: ['plaster'] }, 'Plaster or filler: let it dry.'),
    ],
    surfaceAtOnce: [
      only({ notMarkIds: ['plaster'] }, 'Let it dry; keep off it.'),
      only({ markIds: ['plaster'] }, 'Cement or lime: dab cold water, blot, until nothing more comes.'),
      only({ markIds: ['plaster'] }, 'Plaster or filler: let it dry; keep off it.'),
    ],
    donts: [
      notOn(
        { wet: true, notMarkIds: ['plaster'], notAllOver: true },
        'No rubbing and no rinsing until it is dry.',
      ),
      notOn({ markIds: ['plaster'] }, 'No cement or lime into the house drain.'),
    ],
    cloths: {
      white: white({
        first: [
          P.brush({ when: [C.notAllOver] }),
          P.waters('loose', { when: [C.allOver] }),
          P.vinegar('lime', {
            ways: ['vinegarSpot', 'citricSpot'],
            when: [C.plaster],
            min: [15, 30],
            main: true,
          }),
          P.enzyme({
            when: [C.notPlaster],
            c: [30, 40],
            expect: 'Enzyme detergent worked into what is ground in.',
          }),
          P.paste('pigment', {
            optional: true,
            onlyIf: [C.white],
            advice: [
              always('Put a barrier under it.'),
              always('Five hours or more, in the sun if there is any.', { asks: ['sun'] }),
            ],
          }),
          // Mud all over is of a flood or a bog: germs and humus with it.
          P.warmSuds('pigment', { when: [C.mudAllOver], main: true }),
          P.oxygen('germs', [240, 480], [40, 60], { when: [C.mudAllOver], main: true }),
        ],
        wash: W.white([40, 60], 'Full dose for heavy soil, pre-rinse on.'),
        second: [
          P.citric('iron', { when: [C.notPlaster], onlyIf: [C.orange] }),
          P.oxygen('colour', [240, 480], [40, 60], {
            onlyIf: [C.ironGone],
            main: true,
          }),
        ],
        end: end(2, 'accept', 'Two rounds; ground-in grey stays: a piece for dirty work.'),
      }),
      coloured: coloured({
        first: [
          P.brush({ when: [C.notAllOver] }),
          P.waters('loose', { when: [C.allOver] }),
          P.vinegar('lime', {
            ways: ['vinegarSpot', 'citricSpot'],
            when: [C.plaster],
            min: [15, 30],
            main: true,
          }),
          P.enzyme({ when: [C.notPlaster], c: [30, 40] }),
        ],
        second: [
          P.citric('iron', { min: [30, 30], when: [C.notPlaster], onlyIf: [C.orange] }),
          P.warmSuds('pigment'),
        ],
      }),
      synthetic: synthetic({
        first: [
          P.brush(),
          P.vinegar('lime', {
            ways: ['vinegarSpot', 'citricSpot'],
            when: [C.plaster],
            min: [15, 30],
            main: true,
          }),
          P.enzyme({ when: [C.notPlaster], c: [30, 40], optional: true }),
        ],
        second: [P.warmSuds('pigment')],
      }),
      delicate: delicate({
        first: [
          P.brush(),
          P.weakVinegar('lime', { when: [C.plaster], main: true }),
          P.mild('pigment', { min: [10, 15] }),
        ],
        second: [P.handSoak('pigment')],
      }),
      protein: protein({
        first: [
          P.brush(),
          P.weakVinegar('lime', { when: [C.plaster], main: true }),
          P.mild('pigment', { min: [10, 15], onlyIf: [C.stillSeen] }),
        ],
        second: [P.handSoak('pigment')],
        notes: [only({ fibreIds: ['wool'] }, 'On wool that mostly suffices.')],
      }),
      surface: surface({
        first: [P.dust({ expect: 'Twelve hours later, when it is quite dry.' }), P.foam('pigment')],
        second: [
          P.foam('pigment'),
          P.peroxideBlot('colour', [5, 10], { onlyIf: [C.brownLeft, C.whiteOrFast] }),
        ],
      }),
      dryOnly: dryOnly({
        first: [P.brush()],
        end: end(1, 'professional', names('The brush takes most; the rest is a cleaner’s.')),
      }),
    },
    never: [
      ['Rubbing it wet.', 'Clay works into the yarn.'],
      ['Chlorine on red earth.', 'Its iron browns.'],
    ],
    says: [
      ofSome(
        { allOver: true },
        'A flood brings sewage: gloves, children away. Keep it wet, and rinse it outdoors.',
      ),
      ofSome(
        { allOver: true, drains: true },
        'Before a child sleeps in it: one wash at 60 °C. Foam that was under water: throw it away.',
      ),
      'Let it dry; then the brush; then water.',
    ],
    disputes: [
      {
        question: 'Peroxide and soda paste on ground-in dirt?',
        ways: ['a long wash (default)', 'the paste, five hours and more, on white knits'],
      },
      { question: 'Wet mud on sturdy cotton?', ways: ['let it dry (default)', 'a strong jet at once'] },
    ],
    prevent: ['Boots off.'],
  }),
  course({
    id: 'soot',
    name: 'Soot, smuts, charcoal',
    markIds: ['sootMark'],
    alsoMarkIds: ['barbecueSmoke'],
    is: 'Carbon dust, often oily; nothing bleaches it.',
    tells: [
      tell('It smears black under a dry finger.', 'Soot.'),
      tell('Brown and sticky.', 'Smoke tar.', 'smokeSmell'),
      tell('Even black, near a printer.', 'Toner: cold only.', 'toner'),
      tell('From a house fire.', 'Gloves and mask; a smoke-damage firm and the insurer first.'),
    ],
    cause: 'Fire, candle, grill.',
    causeAction: ['A short wick.'],
    garment: ['Do not touch it; shake it outdoors.'],
    surfaceAtOnce: ['Vacuum, the nozzle a centimetre off.'],
    donts: ['No rubbing.', 'No water first.'],
    cloths: {
      white: white({
        first: [
          P.dust(),
          P.sponge(),
          P.powder({ onlyIf: [C.oilySoot] }),
          P.suds('fat', {
            c: [30, 40],
            onlyIf: [C.oilySoot],
            advice: [always('Dab from the back, over a pad.')],
          }),
        ],
        wash: W.white([40, 60], 'Alone; an extra rinse.'),
        second: [P.spirits('fat'), ...P.afterSolvent(), P.soda('film', { min: [60, 60] })],
        end: end(2, 'accept', 'After two rounds, what is still grey is carbon in the yarn.'),
      }),
      coloured: coloured({
        first: [P.dust(), P.sponge(), P.suds('fat')],
        second: [P.suds('fat')],
        end: end(2, 'accept', 'What stays grey stays.'),
      }),
      synthetic: synthetic({
        first: [P.dust(), P.sponge({ expect: 'Static holds it.' }), P.suds('fat')],
        second: [P.suds('fat')],
        end: end(2, 'accept', 'What stays grey stays.'),
      }),
      delicate: delicate({
        first: [P.dust(), P.sponge(), P.mild('fat', { min: [10, 15] })],
        second: [P.mild('pigment', { min: [20, 30] })],
      }),
      protein: protein({
        first: [P.dust(), P.sponge(), P.powder({ min: [10, 30] }), P.mild('fat', { min: [10, 15] })],
        second: [P.mild('pigment', { min: [20, 30] })],
        end: end(2, 'accept', 'Grey is accepted, or a cleaner.'),
      }),
      surface: surface({
        first: [P.dust(), P.sponge(), P.powder({ min: [30, 60] }), P.foam('fat', { onlyIf: [C.dryNoMore] })],
        second: [P.powder({ min: [30, 480] })],
        end: end(2, 'professional', 'Larger than a hand, or a house fire: a smoke-damage firm.'),
      }),
      dryOnly: dryOnly({ first: [P.dust(), P.sponge()] }),
    },
    never: [
      ['Water or rubbing first.', 'It drives the carbon in.'],
      ['Bleach of any kind for the black.', 'No bleach acts on carbon.'],
    ],
    says: ['What stays grey stays.'],
    disputes: [
      {
        question: 'Powder or rubber sponge?',
        ways: ['the sponge on dry soot, powder on oily (default)', 'powder always'],
      },
    ],
    prevent: ['Wicks short.'],
  }),
];
