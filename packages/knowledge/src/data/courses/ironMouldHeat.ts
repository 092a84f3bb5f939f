import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  end,
  honest,
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
import { names } from './lines.js';

/** Iron, mould, scorch and iodine: what is not dirt in the usual sense. */
export const ironMouldHeat = [
  course({
    id: 'rust',
    name: 'Rust, tea or ink on iron',
    markIds: ['rust', 'teaOnIron'],
    is: 'Iron oxide; blue-black where tannin met it.',
    tells: [
      tell('Orange-brown and crisp, detergent does nothing.', 'Rust.'),
      tell('A blue-black ring.', 'Iron with tannin: acid first, oxygen last.'),
      tell('A drop of citric acid pales it within ten minutes.', 'Iron is proven.'),
      tell('Pale orange all over.', 'Iron in the water.', 'yellowIron'),
    ],
    cause: 'A nail, a peg, a radiator, a wet furniture foot.',
    causeAction: ['Take the metal away; plastic pegs, foil under wet feet.'],
    garment: ['Take it off the metal; keep it wet.'],
    surfaceAtOnce: ['Lift the furniture off and blot.'],
    donts: ['No bleach of any kind.', 'No scrubbing.', 'No soap.'],
    cloths: {
      white: white({
        first: [
          P.citric('iron', {
            ways: ['citricSpot', 'thinCitricSpot', 'vinegarSpot'],
            min: [30, 60],
            main: true,
            expect: 'Half of it within half an hour to an hour; cold, hours.',
          }),
        ],
        wash: W.noBleach([40, 60], 'An extra rinse; no bleach powder; citrate with it.'),
        second: [P.citric('iron', { c: [35, 40] }), P.oxalic({ main: true })],
        checks: ['wetAndDry', 'daylight'],
        end: end(2, 'accept', 'Then one oxygen bath at forty for a yellow cast; a thin place is darned.'),
      }),
      coloured: coloured({
        first: [
          P.citric('iron', {
            ways: ['citricSpot', 'thinCitricSpot', 'vinegarSpot'],
            min: [30, 30],
            onlyIf: [],
            main: true,
          }),
        ],
        second: [P.citric('iron', { min: [30, 30] })],
        checks: ['wetAndDry'],
      }),
      synthetic: synthetic({
        first: [
          P.citric('iron', {
            ways: ['citricSpot', 'thinCitricSpot', 'vinegarSpot'],
            min: [30, 60],
            main: true,
          }),
        ],
        second: [P.citric('iron', { c: [30, 40] })],
        checks: ['wetAndDry'],
      }),
      delicate: delicate({
        first: [
          P.weakCitric('iron', { ways: ['weakCitricSpot', 'thinCitricSpot', 'weakVinegarSpot'], main: true }),
        ],
        second: [P.weakCitric('iron')],
        checks: ['wetAndDry'],
        end: end(
          1,
          'professional',
          'A cleaner: say it is rust.',
          ofSome({ states: ['antique'] }, 'Go there at once.'),
          ofSome({ fibreIds: ['acetate', 'triacetate'] }, 'If it is acetate, go to the cleaner at once.'),
        ),
      }),
      protein: protein({
        first: [
          P.weakCitric('iron', {
            ways: ['weakCitricSpot', 'thinCitricSpot', 'weakVinegarSpot'],
            min: [10, 30],
            main: true,
          }),
        ],
        second: [P.weakCitric('iron', { min: [10, 30] })],
        checks: ['wetAndDry'],
      }),
      surface: surface({
        first: [P.citricBlot({ min: [10, 30], onlyIf: [C.noStone], main: true }), P.waterBlot()],
        second: [P.citricBlot({ min: [10, 20] }), P.waterBlot()],
        notes: ['No oxygen on this place.'],
      }),
      dryOnly: cleaner('Iron in old cloth is a conservator’s.'),
    },
    never: [
      ['Any bleach while the iron is in.', 'Iron drives it into the fibre: a hole.'],
      ['A rust remover with hydrofluoric acid or bifluoride.', 'Deadly burns: never at home.'],
      ['Lemon, salt and sun, dried in.', 'Acid that dries in weakens the cloth.'],
    ],
    says: ['Look for rust before any oxygen.', 'Acid out, then detergent.'],
    disputes: [
      {
        question: 'After citric acid?',
        ways: [
          'oxalic acid, ten minutes, switched off unless the household switches it on (default)',
          'a reducer bath: many shop rust removers are that',
          'citric again',
        ],
      },
    ],
    prevent: ['Plastic pegs.'],
  }),
  course({
    id: 'mildew',
    name: 'Mildew and mould',
    markIds: ['mildew'],
    is: 'Mould grown while damp; the specks are its own pigment, partly in the fibre.',
    tells: [
      tell('It brushes off grey and the smell goes.', 'On the surface.'),
      tell('Black dots after the wash.', 'Pigment: oxygen; some stays.'),
      tell('The cloth tears at the dot.', 'Eaten: mend it.'),
      tell('Larger than a plate, or a smell from inside.', 'In the filling: not yours to clean.'),
      tell('Orange dots round metal.', 'Rust.', 'rust'),
    ],
    cause: 'Left damp: a shed, a bathroom, a heap.',
    causeAction: ['Find the damp; dry within a day.'],
    garment: ['Bag it before you carry it through the house.', 'Outdoors, with a fine mask: let it dry.'],
    surfaceAtOnce: ['Air the room outwards; dry it.'],
    donts: [names('No brushing indoors, no shaking.'), 'No one with asthma near it.'],
    cloths: {
      white: white({
        first: [P.dust({ expect: 'Outdoors, mask on.' }), P.oxygen('pigment', [120, 360], [40, 60])],
        wash: W.white([60, 60], 'The longest, alone: it kills as well.'),
        dry: ['sun', 'line'],
        second: [P.peroxide('pigment', [20, 30]), P.long('pigment', { c: [40, 60] })],
        checks: ['daylight', 'smellDamp'],
        end: end(2, 'accept', 'Grey dots that stay are pigment: accept them if there is no smell.'),
      }),
      coloured: coloured({
        first: [P.dust({ expect: 'Outdoors, mask on.' }), P.colourOxygen('pigment', [120, 360])],
        second: [P.colourOxygen('pigment', [240, 360])],
        checks: ['daylight', 'smellDamp'],
      }),
      synthetic: synthetic({
        first: [
          P.dust({ expect: 'Outdoors, mask on.' }),
          P.suds('film', { min: [10, 10] }),
          P.oxygen('pigment', [120, 240], [40, 40]),
        ],
        second: [P.oxygen('pigment', [120, 240], [40, 40])],
        checks: ['daylight', 'smellDamp'],
        notes: [only({ fibreIds: ['coating'] }, 'A coating that peels is done.')],
      }),
      delicate: delicate({
        first: [
          P.dust({ expect: 'Softly, outdoors, mask on.' }),
          P.peroxide('pigment', [15, 30], {
            ways: ['peroxideDab', 'weakVinegarSpot'],
            onlyIf: [C.whiteOrFast, C.notAntique],
            main: true,
          }),
        ],
        second: [P.peroxide('pigment', [15, 30])],
        checks: ['daylight', 'smellDamp'],
        end: end(
          1,
          'professional',
          ofSome({ states: ['sound', 'worn', 'thinning', 'torn'] }, 'A cleaner.'),
          ofSome({ states: ['antique', 'irreplaceable'] }, 'Dry it, bag it: a conservator.'),
        ),
      }),
      protein: protein({
        first: [
          P.dust({ expect: 'Outdoors, mask on.' }),
          P.peroxide('pigment', [15, 30], {
            ways: ['peroxideDab', 'weakVinegarSpot'],
            onlyIf: [C.whiteOrFast, C.notAntique],
            main: true,
          }),
        ],
        second: [P.peroxide('pigment', [15, 30])],
        checks: ['daylight', 'smellDamp'],
      }),
      surface: surface({
        first: [
          P.brush({ when: [C.canvas], expect: 'Outdoors, quite dry, mask on.' }),
          P.dust({ expect: 'Quite dry, a fine filter.' }),
          P.foam('film'),
          P.peroxideBlot('pigment', [10, 20]),
        ],
        second: [P.peroxideBlot('pigment', [10, 20])],
        checks: ['nextDay', 'smellWarm'],
        end: end(2, 'discard', 'It comes back: the damp is behind it. With mould inside it is discarded.'),
      }),
      dryOnly: cleaner(
        'Bag it before it leaves the room.',
        ofSome({ states: ['antique', 'irreplaceable'] }, 'A conservator.'),
      ),
    },
    never: [
      ['Vinegar together with peroxide or oxygen.', 'Peracetic acid; a full rinse between.'],
      ['Brushing it without a mask, or with asthma.', 'Spores: someone else does it.'],
      ['An ordinary vacuum.', 'It blows spores about.'],
    ],
    says: [
      'The damp is the cause: the cold window, the wall. Sun, and dry through the same day.',
      'If only dots remain, they are mould stain.',
    ],
    disputes: [
      {
        question: 'White cotton whose tag lets any bleach?',
        ways: [
          'oxygen at sixty (default)',
          'a separate plan with weak chlorine, cold, ten minutes, nothing else in it',
        ],
      },
    ],
    prevent: ['No damp heaps.'],
  }),
  course({
    id: 'scorch',
    name: 'Scorch',
    markIds: ['scorchMark'],
    is: 'Cellulose browned by heat, or starch browned on it; synthetics melt.',
    tells: [
      tell('Tan, the cloth is strong.', 'Light: oxygen.'),
      tell('Washes out in warm suds.', 'Starch, or dirt of the iron.'),
      tell('Shiny, stiff.', 'Melted: for good.'),
      tell('Brown-black, crumbles under the nail.', 'The fibre is gone: patch it.'),
    ],
    cause: 'An iron too hot, too long, or dirty.',
    causeAction: ['Clean the sole; one dot lower; a damp cloth between.'],
    garment: ['Lift it off.', only({ fibreIds: ['cotton', 'linen', 'hemp'] }, 'Cool water on it.')],
    surfaceAtOnce: [
      names(
        'Take the heat away; feel for smoulder: smoke or a warm filling is drenched and carried outdoors.',
      ),
    ],
    donts: ['No ironing over it.'],
    cloths: {
      white: white({
        first: [
          P.enzyme({ min: [20, 30], c: [35, 40], optional: true, onlyIf: [C.starchedLight] }),
          P.peroxide('scorch', [20, 30], { expect: 'Kept wet, in the sun if there is sun.' }),
        ],
        wash: W.white(),
        dry: ['sun', 'line'],
        second: [P.oxygen('scorch', [120, 240], [40, 60])],
        checks: ['daylight', 'strength'],
        end: end(3, 'mend', 'Deep scorch is patched or darned, no chemistry.'),
      }),
      coloured: coloured({
        first: [P.peroxide('scorch', [10, 20])],
        second: [P.colourOxygen('scorch', [60, 180])],
        checks: ['daylight', 'strength'],
      }),
      synthetic: honest('accept', 'Melted or glazed: brush the pile, then cover it.'),
      delicate: delicate({
        first: [P.mild('film', { min: [10, 15], main: true }), P.peroxide('scorch', [10, 20])],
        second: [P.peroxide('scorch', [10, 20])],
      }),
      protein: protein({
        first: [
          P.eraser({ ways: ['eraserRub', 'rubberSponge'], expect: 'Singed tips come off.' }),
          P.mild('film', { min: [10, 15], main: true }),
          P.peroxide('scorch', [10, 30]),
        ],
        second: [P.peroxide('scorch', [10, 30])],
        end: end(2, 'mend', 'Reweaving: brown does not return.'),
      }),
      surface: surface({
        first: [
          P.dust({ expect: 'After snipping charred tips.' }),
          P.foam('film', { ways: ['detergentBlot', 'delicateBlot'], main: true }),
          P.peroxideBlot('scorch', [10, 20], { when: [C.scorchable] }),
        ],
        second: [P.peroxideBlot('scorch', [10, 20])],
        end: end(2, 'professional', 'A melted pile: a plug from a hidden place, by a professional.'),
      }),
      dryOnly: cleaner(
        ofSome({ notFibreIds: ['leather'] }, 'Reweaving.'),
        ofSome({ fibreIds: ['leather'] }, 'Leather refinishing.'),
      ),
    },
    never: [['Ironing it again.', 'It sets and weakens.']],
    says: ['Nail test: what crumbles is mended, not bleached.'],
    disputes: [
      { question: 'Light scorch?', ways: ['peroxide and sun (default)', 'lemon or vinegar: little use'] },
    ],
    prevent: ['Try the iron on a hem.'],
  }),
  course({
    id: 'iodine',
    name: 'Iodine',
    markIds: ['iodineMark'],
    is: 'Iodine: brown, blue-black on starch; vitamin C turns it colourless.',
    tells: [
      tell('It turns blue-black.', 'Starch in the cloth: normal.'),
      tell('It clears at once with vitamin C.', 'Iodine.'),
    ],
    cause: 'A dressing.',
    causeAction: ['A pad beneath.'],
    garment: ['Cold water through from the back, two minutes.'],
    surfaceAtOnce: ['A damp cloth, three clean faces.'],
    donts: ['No ammonia, ever.', 'No bleach.', 'No heat.'],
    cloths: {
      white: white({
        first: [
          P.flush(),
          P.vitamin(),
          P.suds('fat', { min: [5, 10], optional: true, onlyIf: [C.ointment] }),
        ],
        wash: W.noBleach(),
        second: [P.vitamin()],
        end: end(2, 'accept', 'As a rule none is left.'),
      }),
      coloured: coloured({ first: [P.flush(), P.vitamin()], second: [P.vitamin()] }),
      synthetic: synthetic({
        first: [P.flush(), P.vitamin()],
        second: [P.vitamin()],
        notes: [only({ fibreIds: ['polyamide'] }, 'Polyamide holds it longer.')],
      }),
      delicate: delicate({ first: [P.drip(), P.vitamin()], second: [P.vitamin()] }),
      protein: protein({
        first: [P.drip(), P.vitamin()],
        second: [P.vitamin()],
        notes: [only({ fibreIds: ['wool', 'silk'] }, 'Animal fibres hold it: two rounds.')],
      }),
      surface: surface({
        first: [P.waterBlot(), P.vitaminBlot()],
        second: [P.waterBlot()],
        end: end(2, 'accept', 'The rest goes off in the air over days.'),
      }),
      dryOnly: honest('accept', 'Much of it goes off by airing: wait a week first.'),
    },
    never: [
      ['Ammonia on iodine.', 'It makes a contact explosive.'],
      ['Chlorine or peroxide.', 'They bring the colour back, or fume.'],
      ['Thiosulphate and an acid together.', 'Sulphur dioxide.'],
    ],
    says: ['Vitamin C clears it in seconds; then rinse it out.'],
    disputes: [
      {
        question: 'What removes it?',
        ways: ['vitamin C (default)', 'thiosulphate, never together with an acid', 'waiting: it evaporates'],
      },
    ],
    prevent: ['A plaster over it.'],
  }),
];
