import { always } from '../say.js';
import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  dryOnly,
  end,
  HARMED_BY_ALKALI,
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

const REDUCER: [string, string] = [
  'The reducer with acid or oxygen, in a closed vessel, on metal, or with asthma in the house.',
  'Sulphur dioxide, heat.',
];
const NO_DRYING = 'No dryer, no iron: keep it wet.';

/** Dye that has left one cloth for another. */
export const runDye = [
  course({
    id: 'dyeRun',
    name: 'Dye run',
    markIds: ['dyeRun'],
    is: 'Another piece’s loose dye: held by the surface while wet, bound once it has dried or been hot.',
    tells: [
      tell('A damp white rag takes colour.', 'Still loose: the dye-suspending bath.'),
      tell('The rag takes none.', 'Bound: the reducer on white.'),
      tell('Even pink on everything.', 'From the bath: good odds.'),
      tell('Streaks and prints.', 'They lay touching: harder.'),
      tell('Blue from jeans, rubbed on.', 'Indigo.', 'indigo'),
    ],
    cause: 'A new red or dark piece, too hot, or stood wet.',
    causeAction: ['Take the piece that bled out, mark it, and wash it alone and cold from now on.'],
    garment: [
      only({ notOld: true }, 'Take the piece that gave the dye out of the heap.'),
      'Keep everything else wet.',
      'Rinse it cold, once.',
    ],
    surfaceAtOnce: ['Lift the wet piece off, blot.'],
    donts: [NO_DRYING, 'No salt, no vinegar.'],
    cloths: {
      white: white({
        first: [
          P.dye([20, 80], [40, 60]),
          P.oxygen('dye', [120, 240], [40, 60], {
            ways: ['oxygenRunSoak', 'oxygenSoak'],
            onlyIf: [],
            after: 'full',
            main: true,
          }),
        ],
        wash: W.white([60, 60], 'Half full; a dye-catching sheet only shows whether dye still moves.'),
        second: [
          P.waters('residue', { onlyIf: [], stop: 'No oxygen powder is left in it.' }),
          P.reducer('dye', {
            onlyIf: [C.nothingMoves, C.white, C.noElastane, C.metalFree],
            advice: [always('On a coloured border try a corner first: it takes that too.')],
          }),
          P.oxygen('dye', [120, 360], [40, 60], {
            onlyIf: [],
          }),
        ],
        checks: ['daylight', 'besideClean'],
        end: end(2, 'dyePatch', 'Two rounds; then accept it, or dye over.'),
      }),
      coloured: coloured({
        first: [
          P.dye([40, 80], [40, 40], { onlyIf: [], advice: [always('Each colour in a bath of its own.')] }),
        ],
        wash: W.coloured('The longest, alone.'),
        second: [P.dye([60, 80], [40, 40])],
        checks: ['daylight', 'besideClean'],
        end: end(
          2,
          'dyePatch',
          'Accept it, or dye over darker. The reducer comes last and takes the piece’s own dye.',
        ),
      }),
      synthetic: synthetic({
        first: [P.dye([20, 80], [40, 40], { expect: 'Here loose dye rinses best.' })],
        second: [P.dye([60, 80], [40, 40])],
        checks: ['besideClean'],
      }),
      delicate: delicate({
        first: [P.coolDye({ min: [15, 30] })],
        second: [P.coolDye({ min: [15, 30] })],
        checks: ['besideClean'],
      }),
      protein: protein({
        first: [P.waters('looseDye', { min: [15, 30], c: [12, 30] }), P.handSoak('looseDye')],
        second: [P.handSoak('looseDye')],
        checks: ['besideClean'],
        end: end(2, 'professional', 'A cleaner; no acid: it fixes the dye on such fibres.'),
      }),
      surface: surface({
        first: [P.waterBlot(), P.foam('dye')],
        second: [P.peroxideBlot('dye', [10, 20])],
        checks: ['whiteCloth'],
      }),
      dryOnly: cleaner('Blot it dry, at once.'),
    },
    never: [['Drying or tumbling before it is gone.', 'That fixes the dye.'], REDUCER],
    says: [
      'After a dryer some of it may stay for good, most of all on synthetics.',
      'Whites, colours and fine fibres are treated apart.',
      'Dry only what is clean again; the rest stays wet.',
      ofSome({ uses: ['reducer'] }, 'Use the run remover in fresh air only.'),
      'Act while it is wet: dry, it needs a repair.',
      ofSome({ fibreIds: HARMED_BY_ALKALI }, 'Such fibre takes up dye eagerly: the odds are low.'),
    ],
    disputes: [
      {
        question: 'First step?',
        ways: [
          'the hot suspending bath (default)',
          'the reducer at once: all-white loads, fastest',
          'oxygen alone: only pale runs',
        ],
      },
    ],
    prevent: ['Reds alone, three times.'],
  }),
  course({
    id: 'ownRun',
    name: 'Its own trim has run',
    markIds: ['ownRun'],
    is: 'Its trim or embroidery bled while it lay wet.',
    tells: [
      tell('A halo round the trim.', 'Its own dye.'),
      tell('A rag on the trim takes colour.', 'Still bleeding: never still in plain water.'),
    ],
    cause: 'Wet and still; hot, or soapy.',
    causeAction: ['Keep it moving; dry it fast and flat.'],
    garment: ['Cold water, wet and moving, until it rinses clear.'],
    surfaceAtOnce: ['Lay it flat, dry white cloth between the layers; blot.'],
    donts: ['Do not fold it wet.', NO_DRYING],
    cloths: {
      white: white({
        first: [P.dye([20, 80], [40, 60], { onlyIf: [] })],
        wash: W.run('Cold start, alone, spun at once.'),
        dry: ['flat'],
        dryNotes: ['White towels between the layers; a fan on it.'],
        second: [P.dye([60, 80], [40, 60])],
        end: end(2, 'accept', 'Two rounds; then unpick the trim, or accept it.'),
      }),
      coloured: coloured({
        first: [P.dye([20, 80], [40, 40])],
        wash: W.run('Cold start, alone, spun at once.'),
        dry: ['flat'],
        second: [P.dye([60, 80], [40, 40])],
      }),
      synthetic: synthetic({
        first: [P.dye([20, 80], [40, 40])],
        wash: W.run('Cold start, alone, spun at once.'),
        dry: ['flat'],
        second: [P.dye([60, 80], [40, 40])],
      }),
      delicate: delicate({
        first: [P.coolDye({ min: [20, 30] })],
        second: [P.coolDye({ min: [20, 30] })],
        end: end(1, 'professional', 'A cleaner; until then dried flat at once.'),
      }),
      protein: protein({
        first: [P.waters('looseDye', { min: [10, 15], c: [12, 25] })],
        second: [P.handSoak('looseDye')],
      }),
      surface: surface({
        first: [P.foam('looseDye', { main: true })],
        end: end(1, 'professional', 'Dry it fast and flat; then take it to a cleaner.'),
      }),
      dryOnly: dryOnly({
        first: [P.towel({ expect: 'Spread flat between white towels, a layer in each fold.' })],
        end: end(1, 'professional', 'Dry it flat with blotting paper between; the halo is for a cleaner.'),
      }),
    },
    never: [
      ['The reducer where the trim must stay.', 'It takes both.'],
      ['Leaving it wet and still.', 'It bleeds on.'],
    ],
    says: ['Moving in a suspending bath, or dry and flat: nothing between.'],
    disputes: [
      {
        question: 'The reducer?',
        ways: ['never (default)', 'a tiny spot on the halo: it pales the edge of the trim'],
      },
    ],
    prevent: ['Press a wet white rag on the trim before the first wash.'],
  }),
  course({
    id: 'syntheticRun',
    name: 'Dye in polyester or polyamide',
    markIds: ['syntheticRun'],
    is: 'Dye dissolved into the fibre by heat: it cannot be washed off a surface.',
    tells: [
      tell('A rag takes none, the tint is even.', 'In the fibre.'),
      tell('The seams are paler.', 'It went over under an iron or in a dryer.'),
    ],
    cause: 'A hot wash, a dryer or an iron next to dark polyester.',
    causeAction: ['Wash dark polyester apart, at forty at most.'],
    garment: ['Hang it wet.'],
    surfaceAtOnce: ['Lift them apart.'],
    donts: [NO_DRYING],
    cloths: {
      white: white({
        first: [P.dye([20, 40], [60, 60]), P.reducer('dye', { main: true })],
        second: [P.oxygen('dye', [120, 240], [40, 60])],
      }),
      coloured: coloured({
        first: [P.dye([60, 80], [40, 40])],
        wash: W.run('Alone.'),
        second: [P.dye([60, 80], [40, 40])],
      }),
      synthetic: synthetic({
        first: [P.dye([60, 80], [40, 60])],
        second: [
          P.reducer('dye', {
            onlyIf: [C.white, C.polyester, C.tagSixty, C.noElastane, C.metalFree],
          }),
          P.oxygen('dye', [120, 240], [40, 60], {
            onlyIf: [],
          }),
        ],
        end: end(2, 'accept', 'Two rounds lighten it by a third to a half.'),
      }),
      delicate: delicate({
        first: [P.coolDye({ min: [20, 30], main: true })],
        second: [P.coolDye({ min: [20, 30] })],
        end: end(
          1,
          'accept',
          ofSome({ fibreIds: ['acetate', 'triacetate'] }, 'Acetate dyes the same way, and heat is barred.'),
          ofSome({ notFibreIds: ['acetate', 'triacetate'] }, 'One lukewarm bath; heat is barred here.'),
        ),
      }),
      protein: cleaner('Reducer and heat are barred.'),
      surface: surface({
        first: [P.foam('dye', { main: true })],
        end: end(1, 'professional', 'A cleaner: what foam does not take needs a reducer.'),
      }),
      dryOnly: cleaner('Solvent may draw it.'),
    },
    never: [['Heat before it is lighter.', 'It drives the dye deeper.'], REDUCER],
    says: ['Heat put it in; forty degrees will not take it out.'],
    disputes: [{ question: 'The reducer?', ways: ['at sixty, on all white (default)', 'accept it at once'] }],
    prevent: ['Dark polyester cool.'],
    confidence: 'low',
  }),
  course({
    id: 'indigo',
    name: 'Blue from jeans',
    markIds: [],
    alsoMarkIds: ['dyeRun'],
    is: 'Indigo rubbed off, not dissolved: it sits on the surface until it is warm and wet.',
    tells: [
      tell('A white eraser or foam lifts blue.', 'On the surface.'),
      tell('On plastic, deeper each week.', 'It has migrated: for good.'),
    ],
    cause: 'New raw denim.',
    causeAction: ['Jeans inside out, cold, alone, two or three times; not on pale seats until then.'],
    garment: ['Dry eraser.'],
    surfaceAtOnce: ['A dry white cloth, then foam the same day.'],
    donts: ['No heat.'],
    cloths: {
      white: white({
        first: [P.suds('pigment')],
        wash: W.white([60, 60], 'Alone.'),
        second: [
          P.dye([60, 80], [60, 60]),
          P.reducer('dye', {
            expect: 'Yellow-green while it works: rinse it out at once, still warm, or it blues again.',
          }),
        ],
      }),
      coloured: coloured({ first: [P.suds('pigment')], second: [P.dye([60, 80], [40, 40])] }),
      synthetic: synthetic({ first: [P.suds('pigment')], second: [P.suds('pigment')] }),
      delicate: delicate({
        first: [P.mild('pigment', { min: [5, 10] })],
        second: [P.coolDye({ min: [20, 30] })],
      }),
      protein: protein({
        first: [P.mild('pigment', { min: [5, 10] })],
        second: [P.mild('pigment', { min: [5, 10] })],
      }),
      surface: surface({
        first: [P.eraser(), P.foam('pigment')],
        second: [P.foam('pigment')],
        checks: ['whiteCloth'],
        end: end(2, 'professional', 'On a coated seat after a week: accept it, or recolour.'),
      }),
      dryOnly: cleaner(
        ofSome({ fibreIds: ['leather'] }, 'The eraser, if it is suede.'),
        'The rest a cleaner.',
      ),
    },
    never: [['Alcohol on coated seats.', 'It takes the coat.'], REDUCER],
    says: ['The same day: foam. The same month: recolour.'],
    disputes: [
      {
        question: 'The reducer?',
        ways: ['left alone: oxygen and detergent (default)', 'it works as a dye vat: only with a fast rinse'],
      },
    ],
    prevent: ['Wash it alone the first few times.'],
    confidence: 'medium',
  }),
];
