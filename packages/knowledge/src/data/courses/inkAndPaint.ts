import { where } from '../say.js';
import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  dryOnly,
  end,
  HARMED_BY_ALKALI,
  honest,
  notOn,
  ofSome,
  P,
  protein,
  surface,
  synthetic,
  tell,
  W,
  white,
} from './kit.js';
import type { Line } from './lines.js';

const OUTDOORS = 'Outdoors, no flame; used pads flat outdoors or in a lidded can with water.';
const NO_SOLVENT_IN_PLACE: readonly [Line, string] = [
  notOn({ drains: false }, 'Solvent on a filling, foam, rubber or a glued back.'),
  'It stays inside and dissolves glue.',
];
const KETONE_NEVERS: [Line, string][] = [
  [
    notOn(
      { fibreIds: ['acetate', 'triacetate', 'modacrylic', 'coating'] },
      'Acetone or nail-varnish remover.',
    ),
    'It dissolves them.',
  ],
  ['Peroxide or oxygen bleach after acetone without a full rinse and drying.', 'Explosive peroxides.'],
];
const RING = 'Lay it face down on a pad and dab from the back, with a fresh pad each time.';

/** Pens, paints, varnish and glue. */
export const inkAndPaint = [
  course({
    id: 'nailVarnish',
    name: 'Nail varnish',
    markIds: ['nailVarnish'],
    is: 'A film of nitrocellulose with pigment; gel kinds are cured plastic.',
    tells: [
      tell('A pad with acetone takes colour.', 'Ordinary varnish.'),
      tell('The pad takes nothing in two minutes.', 'Gel: chip it, no solvent.'),
      tell('The test spot goes stiff or gets a hole.', 'Acetate: stop.'),
    ],
    cause: 'A drop while painting.',
    causeAction: ['An old towel under the hands.'],
    garment: ['Lift the blob with a card.'],
    surfaceAtOnce: ['Lift it with a card.', 'Let it dry, then crack it.'],
    donts: ['No rubbing.', 'No water.'],
    cloths: {
      white: white({
        first: [
          P.lift(),
          P.ketone('film'),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25], onlyIf: [C.noSolventLeft] }),
        ],
        wash: W.noBleach(
          [40, 60],
          'Only when dry, without smell and rinsed; no powder with bleach after acetone.',
        ),
        second: [P.ketone('film'), P.solventAir(), P.suds('pigment', { min: [5, 10], c: [12, 25] })],
        checks: ['feel', 'daylight'],
        end: end(2, 'accept', 'Two rounds of two teaspoons; a tint is accepted.'),
      }),
      coloured: coloured({
        first: [P.lift(), P.ketone('film'), P.solventAir(), P.suds('pigment', { min: [5, 10], c: [12, 25] })],
        second: [P.ketone('film'), P.solventAir()],
        checks: ['feel', 'daylight'],
      }),
      synthetic: synthetic({
        first: [
          P.lift(),
          P.ketone('film', { min: [2, 2] }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        second: [P.ketone('film', { min: [2, 2] }), P.solventAir()],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [
          P.lift({ expect: 'Dried an hour or two, then cracked.' }),
          P.ester('film', { min: [2, 3], onlyIf: [C.bearsAcetone, C.notAcetate], main: true }),
          P.solventAir(),
        ],
        second: [P.ketone('film', { min: [2, 3], when: [C.bearsAcetone] }), P.solventAir()],
        checks: ['feel'],
        end: end(1, 'professional', 'One round, then a cleaner: say that it is nail varnish.'),
      }),
      protein: protein({
        first: [P.lift(), P.ketone('film'), P.solventAir()],
        second: [P.ketone('film', { min: [2, 3] }), P.solventAir()],
        checks: ['feel'],
      }),
      surface: cleaner('No solvent on a fixed cover: scraping and snipping is what a home can do.'),
      dryOnly: cleaner('Crack it dry only.'),
    },
    never: [...KETONE_NEVERS, NO_SOLVENT_IN_PLACE],
    says: [
      ofSome(
        { fibreIds: ['acetate', 'triacetate', 'unknownFibre'] },
        'Acetate melts in seconds, also in acetone-free remover.',
      ),
      OUTDOORS,
    ],
    disputes: [
      {
        question: 'Which remover?',
        ways: ['acetone: quick, dries clean (default)', 'the ester kind: slower, oil to wash out'],
      },
    ],
    prevent: ['Lay a towel under your hands.'],
  }),
  course({
    id: 'superGlue',
    name: 'Super glue',
    markIds: ['superGlueMark'],
    is: 'Cyanoacrylate, cured in the cloth to a hard plastic.',
    tells: [tell('A hard glassy patch.', 'Cured.'), tell('Warm, fuming.', 'Still curing: hands off.')],
    cause: 'A drip, a burst tube.',
    causeAction: ['Polythene gloves, never knitted ones.'],
    garment: ['Hands off; off the body if it comes free; let it cure an hour, a thick drop a day.'],
    surfaceAtOnce: ['Let it cure.'],
    donts: ['No wadding, no dabbing.', 'No pulling apart.'],
    cloths: {
      white: white({
        first: [
          P.lift({ expect: 'Bend and crack, tweezers.' }),
          P.ketone('film', { expect: 'It softens to a gel: scrape between pads.' }),
          P.solventAir(),
        ],
        wash: W.noBleach([40, 60], 'Only when it is dry and no smell is left.'),
        second: [P.warmSuds('film', { expect: 'It swells and lets go slowly.' })],
        checks: ['feel'],
        end: end(2, 'dyePatch', 'A stiff spot is accepted, or cut out and patched.'),
      }),
      coloured: coloured({
        first: [P.lift({ expect: 'Bend and crack, tweezers.' }), P.ketone('film'), P.solventAir()],
        second: [P.warmSuds('film')],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [P.lift(), P.ketone('film', { min: [2, 2] }), P.solventAir()],
        second: [P.warmSuds('film')],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [P.lift({ expect: 'Bend and crack, tweezers.' }), P.ketone('film'), P.solventAir()],
        checks: ['feel'],
        end: end(
          1,
          'dyePatch',
          'What does not crack off is patched.',
          ofSome({ fibreIds: ['acetate', 'triacetate'] }, 'Acetate dissolves before the glue does.'),
        ),
      }),
      protein: protein({
        first: [
          P.lift({ expect: 'A whole day cured: wet glue heats this cloth.' }),
          P.ketone('film'),
          P.solventAir(),
        ],
        second: [P.mild('film', { min: [20, 30] })],
        checks: ['feel'],
        end: end(2, 'mend', 'Darn over it.'),
      }),
      surface: honest('accept', 'No solvent in place.'),
      dryOnly: cleaner('Only crack it off, or mend it.'),
    },
    never: [['Cloth or wadding on wet glue.', 'It cures with heat and fume: burns.'], ...KETONE_NEVERS],
    says: ['Wet glue in cloth can burn skin: let it cure.', OUTDOORS],
    disputes: [
      {
        question: 'What softens it?',
        ways: ['acetone (default)', 'a warm soapy soak: slower, safe for dye'],
      },
    ],
    prevent: ['Glue on a tray.'],
    confidence: 'medium',
  }),
  course({
    id: 'whiteGlue',
    name: 'White glue, glue stick, slime',
    markIds: ['whiteGlueMark', 'slime'],
    is: 'Polyvinyl acetate or alcohol; slime is the same, jellied with borate.',
    tells: [
      tell('Wet and white.', 'Flush it.'),
      tell('Clear and stiff, white again in warm water.', 'A soak works.'),
      tell('Rubbery, stretches.', 'Slime: vinegar breaks it.'),
      tell('Stays clear in warm water.', 'Waterproof wood glue: alcohol.'),
    ],
    cause: 'Craft.',
    causeAction: ['An overall, a mat.'],
    garment: ['Lift it with a spoon; lukewarm water through from the back. Slime: peel it cold.'],
    surfaceAtOnce: ['Lift; blot damp.'],
    donts: ['No iron, no dryer.'],
    cloths: {
      white: white({
        first: [
          P.lift(),
          P.vinegar('film', {
            min: [15, 15],
            onlyIf: [C.slime],
            main: true,
            expect: 'It turns runny within minutes.',
          }),
          P.warmSuds('film', { expect: 'White and soft: scrape.' }),
        ],
        second: [
          P.alcohol('film'),
          P.oxygen('dye', [60, 240], [40, 60], {
            onlyIf: [C.colourLeft, C.noSolventLeft],
          }),
        ],
        checks: ['feel'],
      }),
      coloured: coloured({
        first: [
          P.lift(),
          P.vinegar('film', { min: [15, 15], onlyIf: [C.slime], main: true }),
          P.warmSuds('film'),
        ],
        second: [P.alcohol('film')],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [
          P.lift(),
          P.vinegar('film', { min: [15, 15], onlyIf: [C.slime], main: true }),
          P.warmSuds('film'),
        ],
        second: [P.alcohol('film', { min: [3, 5] })],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [
          P.lift(),
          P.weakVinegar('film', { onlyIf: [C.slime], main: true }),
          P.mild('film', { min: [20, 30], c: [20, 30] }),
        ],
        second: [
          P.weakVinegar('film', {
            onlyIf: [C.slime],
            advice: [where({ fibreIds: ['acetate', 'triacetate'] }, 'Ten minutes at most.')],
          }),
        ],
        checks: ['feel'],
      }),
      protein: protein({
        first: [
          P.lift(),
          P.weakVinegar('film', { onlyIf: [C.slime], main: true }),
          P.mild('film', { min: [20, 30], c: [20, 30] }),
        ],
        second: [P.weakVinegar('film', { onlyIf: [C.slime] })],
        checks: ['feel'],
      }),
      surface: surface({
        first: [P.lift(), P.vinegarBlot('film', { onlyIf: [C.slime] }), P.foam('film')],
        second: [P.foam('film')],
        checks: ['feel'],
      }),
      dryOnly: cleaner('Lift it dry.'),
    },
    never: [['An iron or a dryer.', 'They fuse the film.'], NO_SOLVENT_IN_PLACE],
    says: [
      'Warm water turns dry glue white: then scrape.',
      ofSome({ markIds: ['slime'], uses: ['weakAcid'] }, 'A mild acid melts slime.'),
    ],
    disputes: [{ question: 'Dried glue?', ways: ['a warm soak (default)', 'alcohol and water'] }],
    prevent: ['An overall.'],
  }),
  course({
    id: 'ballpoint',
    name: 'Ballpoint',
    markIds: ['ballpoint'],
    is: 'An oily paste with dyes that alcohol dissolves.',
    tells: [
      tell('Alcohol on a pad takes blue at once.', 'Ballpoint.'),
      tell('Cold water takes it.', 'Gel or fountain ink.', 'waterInk'),
      tell('Many streaks after the wash.', 'A pen in the load: the drum first.'),
    ],
    cause: 'A pen in a pocket.',
    causeAction: ['Empty pockets; wipe the drum before the next load.'],
    garment: ['Slip a pad beneath, keep it flat and dry.'],
    surfaceAtOnce: ['Blot, do not wipe.'],
    donts: ['No water first.', 'No rubbing.'],
    cloths: {
      white: white({
        first: [
          P.alcohol('dye', { expect: RING }),
          P.solventAir(),
          P.suds('residue', { min: [5, 10], c: [12, 25], onlyIf: [C.noSolventLeft] }),
        ],
        wash: W.noBleach(),
        second: [
          P.alcohol('dye'),
          P.solventAir(),
          P.reducer('dye', {
            onlyIf: [C.blueCast, C.white, C.noElastane, C.metalFree, C.noSolventLeft],
          }),
        ],
        end: end(2, 'accept', 'Two rounds; a pale trace is accepted.'),
      }),
      coloured: coloured({
        first: [
          P.alcohol('dye', { expect: RING }),
          P.solventAir(),
          P.suds('residue', { min: [5, 10], c: [12, 25] }),
        ],
        second: [P.alcohol('dye'), P.solventAir()],
      }),
      synthetic: synthetic({
        first: [
          P.alcohol('dye', { expect: RING }),
          P.solventAir(),
          P.suds('residue', { min: [5, 10], c: [12, 25] }),
        ],
        second: [P.alcohol('dye'), P.solventAir()],
      }),
      delicate: delicate({
        first: [
          P.alcohol('dye', { min: [3, 8], when: [C.noAcetate] }),
          P.glycerine('dye', { when: [C.acetate], optional: false }),
        ],
        second: [P.alcohol('dye', { min: [3, 5], when: [C.noAcetate] })],
      }),
      protein: protein({
        first: [P.alcohol('dye', { min: [3, 8] }), P.mild('fat', { min: [5, 10] })],
        second: [P.alcohol('dye', { min: [3, 5] })],
      }),
      surface: surface({
        first: [P.foam('fat')],
        second: [P.foam('fat')],
        checks: ['whiteCloth'],
        end: end(
          2,
          'professional',
          'Alcohol is the cure and is barred on a fixed cover: a professional. A removable cover: off, then as its cloth.',
        ),
      }),
      dryOnly: dryOnly({
        first: [
          P.alcohol('dye', {
            min: [3, 10],
            when: [C.noAcetate, C.noPile],
            expect:
              'On a cotton bud, along the line from its ends; a folded cloth between it and the lining.',
          }),
          P.solventAir(),
        ],
        end: end(
          1,
          'professional',
          'Take it to a cleaner: say that it is ballpoint, and what was tried.',
          ofSome(
            { fibreIds: ['leather'] },
            'Leather: its own cleaner, and soon; it is in the finish within hours.',
          ),
        ),
      }),
    },
    never: [
      NO_SOLVENT_IN_PLACE,
      ['Hairspray.', 'Today mostly resin and water.'],
      ['A dryer with a leaking pen about.', 'It prints on everything.'],
    ],
    says: [
      ofSome({ uses: ['alcohol'] }, 'A white pad under the mark, between it and the lining or the pocket.'),
      'From the back, onto a fresh pad each time.',
      OUTDOORS,
    ],
    disputes: [
      {
        question: 'A loose woven rug without glue?',
        ways: ['barred like any surface (default)', 'alcohol on a pad outdoors: usual practice'],
      },
      {
        question: 'What dissolves it?',
        ways: ['alcohol (default)', 'warm glycerine with detergent: slow, for acetate', 'milk: weak, sours'],
      },
    ],
    prevent: ['Caps on pens.'],
  }),
  course({
    id: 'waterInk',
    name: 'Fountain pen, gel pen, felt tip, inkjet',
    markIds: ['gelInk', 'feltTip'],
    is: 'Dye in water; some gels carry pigment, blue-black holds iron.',
    tells: [
      tell('A damp white cloth takes colour.', 'Dye: flush.'),
      tell('Nothing moves.', 'Pigment or permanent ink.', 'marker'),
      tell('Grey-brown after the blue is gone.', 'Iron-gall ink: citric acid.'),
    ],
    cause: 'A leak, a child.',
    causeAction: ['Washable pens.'],
    garment: ['Cold water through from the back, two to five minutes.'],
    surfaceAtOnce: ['A damp cloth, five clean faces, from outside in.'],
    donts: [
      'No hot water.',
      notOn({ drains: true }, 'No alcohol before the flush.'),
      notOn({ fibreIds: HARMED_BY_ALKALI }, 'Nothing sour on it: these are acid dyes.'),
    ],
    cloths: {
      white: white({
        first: [
          P.alcohol('dye', { when: [C.gelInk], main: true }),
          P.solventAir(),
          P.flush({ min: [3, 5], when: [C.notGelInk] }),
          P.suds('dye', { min: [5, 10] }),
          P.peroxide('dye', [15, 30], { when: [C.notGelInk], onlyIf: [C.colourNotBlueBlack] }),
          P.oxygen('dye', [60, 240], [40, 60], { when: [C.gelInk], main: true }),
        ],
        second: [
          P.citric('iron', { onlyIf: [C.blueBlack] }),
          P.oxygen('dye', [60, 240], [40, 60], {
            onlyIf: [C.ironGone],
          }),
        ],
        end: end(2, 'accept', 'Two rounds; a pigment gel leaves a tint.'),
      }),
      coloured: coloured({
        first: [
          P.alcohol('dye', { when: [C.gelInk], main: true }),
          P.solventAir(),
          P.flush({ min: [3, 5], when: [C.notGelInk] }),
          P.suds('dye', { min: [5, 10] }),
        ],
        second: [P.alcohol('dye'), P.solventAir(), P.suds('dye', { min: [5, 10], c: [12, 25] })],
      }),
      synthetic: synthetic({
        first: [
          P.alcohol('dye', { when: [C.gelInk], main: true }),
          P.solventAir(),
          P.flush({ min: [3, 5], when: [C.notGelInk] }),
          P.suds('dye', { min: [5, 10] }),
          P.oxygen('dye', [60, 240], [30, 40], { when: [C.gelInk], main: true }),
        ],
        second: [P.alcohol('dye')],
      }),
      delicate: delicate({
        first: [P.drip({ min: [5, 10] }), P.mild('dye', { min: [5, 10] })],
        second: [P.alcohol('dye', { min: [3, 5], when: [C.noAcetate] })],
      }),
      protein: protein({
        first: [P.drip({ min: [5, 10] }), P.mild('dye', { min: [5, 10] })],
        second: [P.peroxide('dye', [15, 30])],
      }),
      surface: surface({
        first: [P.waterBlot(), P.foam('dye')],
        second: [P.peroxideBlot('dye', [5, 15])],
        checks: ['whiteCloth'],
      }),
      dryOnly: cleaner('Blot it dry only.'),
    },
    never: [['Heat before it is gone.', 'It fixes the dye.'], NO_SOLVENT_IN_PLACE],
    says: [
      ofSome({ uses: ['alcohol'] }, 'On a pocket: fresh paper between the layers.'),
      'Cold water until it runs clear, from the back.',
    ],
    disputes: [
      {
        question: 'After the flush?',
        ways: ['peroxide on white (default)', 'the reducer: stronger on blues'],
      },
    ],
    prevent: ['Change cartridges over paper.'],
  }),
  course({
    id: 'marker',
    name: 'Permanent or whiteboard marker',
    markIds: ['permanentMarker'],
    is: 'Dye or pigment in resin and alcohol; the whiteboard kind lifts more easily.',
    tells: [
      tell('An alcohol pad takes colour.', 'Good odds.'),
      tell('Grey left, the pad clean.', 'Carbon: accept it.'),
      tell('The pad takes nothing.', 'A laundry marker: made to stay.'),
    ],
    cause: 'A child, a label.',
    causeAction: ['Let it dry flat, a pad beneath.'],
    garment: ['A pad beneath; keep it dry.'],
    surfaceAtOnce: ['Keep it dry, no wiping.'],
    donts: ['No water first.', 'No rubbing.', 'No heat.'],
    cloths: {
      white: white({
        first: [
          P.alcohol('dye', { ways: ['alcoholSpot', 'esterSpot'], expect: RING }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        wash: W.noBleach([40, 60], 'Only when it is dry and no smell is left.'),
        second: [
          P.ketone('film', {
            onlyIf: [C.noSolventLeft, C.noAcetate],
          }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        end: end(2, 'accept', 'Two rounds; then accept or cover it.'),
      }),
      coloured: coloured({
        first: [
          P.alcohol('dye', { ways: ['alcoholSpot', 'esterSpot'], expect: RING }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        second: [P.alcohol('dye'), P.solventAir()],
      }),
      synthetic: synthetic({
        first: [
          P.alcohol('dye', { ways: ['alcoholSpot', 'solventDetergentSpot'], expect: RING }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        second: [P.alcohol('dye'), P.solventAir()],
      }),
      delicate: delicate({
        first: [P.alcohol('dye', { min: [3, 8], when: [C.noAcetate] })],
        second: [P.alcohol('dye', { min: [3, 5], when: [C.noAcetate] })],
        end: end(
          1,
          'accept',
          'One round; what is left then stays.',
          ofSome({ fibreIds: ['acetate', 'triacetate'] }, 'On acetate: a cleaner.'),
        ),
      }),
      protein: protein({
        first: [P.alcohol('dye', { min: [3, 8] }), P.mild('pigment', { min: [5, 10] })],
        second: [P.alcohol('dye', { min: [3, 5] })],
      }),
      surface: surface({
        first: [
          P.alcohol('dye', { when: [C.softToy] }),
          P.foam('pigment', { when: [C.softToy], main: true }),
          P.foam('pigment', { onlyIf: [C.whiteboard] }),
        ],
        second: [P.foam('pigment')],
        checks: ['whiteCloth'],
        end: end(1, 'professional', 'A permanent one: a professional, or a throw over it.'),
      }),
      dryOnly: honest(
        'accept',
        'Solvent spreads it.',
        ofSome({ fibreIds: ['leather'] }, 'Leather: a refinisher.'),
      ),
    },
    never: [
      NO_SOLVENT_IN_PLACE,
      ...KETONE_NEVERS,
      ['A second solvent before the first is aired and rinsed out.', 'Their vapours add up.'],
    ],
    says: ['Small pads and often; two tablespoons are the stop.', OUTDOORS],
    disputes: [
      { question: 'How strong?', ways: ['70 % (default)', '90 % and more: better on resin, the same cap'] },
    ],
    prevent: ['Washable pens for children.'],
  }),
  course({
    id: 'toner',
    name: 'Printer toner',
    markIds: ['toner'],
    is: 'Plastic powder with carbon; it melts from sixty degrees and smears from a warm hand.',
    tells: [
      tell('Dust that shakes out.', 'Loose: stay dry.'),
      tell('Shiny, hard, glued in.', 'Fused: mostly it stays.'),
    ],
    cause: 'Changing a cartridge.',
    causeAction: ['Over newspaper.'],
    garment: ['Outdoors, with a mask: shake, tape; touch nothing.'],
    surfaceAtOnce: ['A fine-filter vacuum, the nozzle a centimetre off; tape.'],
    donts: ['No water.', 'No hand on it.', 'No heat.'],
    cloths: {
      white: white({
        first: [
          P.tape('pigment', {
            ways: ['tapeLift', 'dryVacuum'],
            min: [5, 10],
            stop: 'No more black comes off.',
          }),
          P.mild('pigment', { min: [5, 10], c: [12, 20] }),
        ],
        wash: W.cool(),
        second: [
          P.tape('pigment', { min: [3, 5] }),
          P.alcohol('film', { onlyIf: [C.fusedSpecks, C.dryNow] }),
          P.solventAir(),
          P.suds('pigment', { c: [12, 25] }),
        ],
        checks: ['whiteCloth'],
        end: end(2, 'accept', 'Warm water only when a white tissue stays clean; fused specks are accepted.'),
      }),
      coloured: coloured({
        first: [
          P.tape('pigment', { ways: ['tapeLift', 'dryVacuum'], min: [5, 10] }),
          P.mild('pigment', { min: [5, 10], c: [12, 20] }),
        ],
        wash: W.cool(),
        second: [P.tape('pigment', { min: [3, 5] })],
        checks: ['whiteCloth'],
      }),
      synthetic: synthetic({
        first: [
          P.tape('pigment', {
            ways: ['tapeLift', 'dryVacuum'],
            min: [5, 10],
            expect: 'It clings by static.',
          }),
          P.mild('pigment', { min: [5, 10], c: [12, 20] }),
        ],
        wash: W.cool(),
        second: [P.tape('pigment', { min: [3, 5] })],
        checks: ['whiteCloth'],
      }),
      delicate: delicate({
        first: [P.tape('pigment', { min: [3, 5] }), P.mild('pigment', { min: [5, 10], c: [12, 20] })],
        wash: W.cool(),
        second: [P.tape('pigment', { min: [3, 5] })],
        checks: ['whiteCloth'],
      }),
      protein: protein({
        first: [P.tape('pigment', { min: [3, 5] }), P.mild('pigment', { min: [5, 10], c: [12, 20] })],
        wash: W.cool(),
        second: [P.tape('pigment', { min: [3, 5] })],
        checks: ['whiteCloth'],
      }),
      surface: surface({
        first: [P.dust(), P.tape('pigment')],
        second: [P.foam('pigment')],
        checks: ['whiteCloth'],
      }),
      dryOnly: dryOnly({ first: [P.tape('pigment', { min: [3, 10] })] }),
    },
    never: [
      ['Hot water, an iron, a warm hand.', 'They melt it in.'],
      ['An ordinary vacuum on a big spill.', 'The dust passes through, or ignites.'],
    ],
    says: ['Stay dry and cold until the tape is clean.'],
    prevent: ['A bag over the cartridge.'],
  }),
  course({
    id: 'emulsionPaint',
    name: 'Emulsion, acrylic and poster paint',
    markIds: ['emulsionPaint'],
    is: 'Acrylic or vinyl in water; a plastic skin once dry.',
    tells: [
      tell('Wet, runs.', 'Flush.'),
      tell('A rubbery skin, softens with alcohol.', 'Dry acrylic.'),
      tell('Powdery, wets again.', 'Poster paint: detergent.'),
    ],
    cause: 'A splash.',
    causeAction: ['Wet it at once.'],
    garment: ['Keep it wet.', 'Spoon it off.', 'Water through from the back within half an hour.'],
    surfaceAtOnce: ['Spoon it off; a damp cloth, five clean faces.'],
    donts: ['Never let it dry in while you look for a remover.', 'No hot water.'],
    cloths: {
      white: white({
        first: [
          P.lift({ when: [C.driedIn] }),
          P.flush({ c: [20, 35], min: [5, 15], when: [C.wet] }),
          P.alcohol('film', {
            when: [C.driedIn],
            expect: 'Wetted ten minutes under film, scraped, a pad from the back.',
          }),
          P.suds('pigment'),
        ],
        wash: W.white(),
        second: [P.alcohol('film'), P.solventAir(), P.suds('pigment', { c: [12, 25] })],
        checks: ['feel', 'daylight'],
        end: end(2, 'accept', 'What is left is plastic: painting clothes.'),
      }),
      coloured: coloured({
        first: [
          P.lift({ when: [C.driedIn] }),
          P.flush({ c: [20, 35], min: [5, 15], when: [C.wet] }),
          P.alcohol('film', { when: [C.driedIn] }),
          P.suds('pigment'),
        ],
        second: [P.alcohol('film')],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [
          P.lift({ when: [C.driedIn] }),
          P.flush({ c: [20, 35], min: [5, 15], when: [C.wet] }),
          P.alcohol('film', { when: [C.driedIn] }),
          P.suds('pigment'),
        ],
        second: [P.alcohol('film')],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [P.drip({ c: [15, 25], when: [C.wet] }), P.mild('film', { min: [20, 30], when: [C.driedIn] })],
        second: [P.alcohol('film', { min: [3, 8], when: [C.noAcetate] })],
        checks: ['feel'],
        end: end(1, 'professional', 'A cleaner at once, kept wet in a bag.'),
      }),
      protein: protein({
        first: [P.drip({ c: [15, 25], when: [C.wet] }), P.mild('film', { min: [20, 30], when: [C.driedIn] })],
        second: [P.alcohol('film', { min: [3, 8] })],
        checks: ['feel'],
      }),
      surface: surface({
        first: [
          P.waterBlot({ when: [C.wet] }),
          P.lift({ when: [C.driedIn], expect: 'Crack it, lift it; snip tips of a pile.' }),
          P.foam('pigment'),
        ],
        second: [P.foam('pigment')],
        checks: ['feel'],
      }),
      dryOnly: cleaner('Blot wet paint, no more.'),
    },
    never: [NO_SOLVENT_IN_PLACE, ['Letting it dry.', 'By then it is plastic.']],
    says: [
      ofSome({ wet: true }, 'While it is wet, water alone takes it.'),
      ofSome({ wet: false, uses: ['alcohol'] }, 'Alcohol softens it.'),
    ],
    disputes: [
      {
        question: 'Dry?',
        ways: ['alcohol (default)', 'a warm soapy soak and scraping: half as good, no vapour'],
      },
    ],
    prevent: ['Painting clothes.'],
  }),
  course({
    id: 'fuel',
    name: 'Petrol, diesel, paraffin, lighter fluid',
    markIds: ['fuelSpill'],
    is: 'Fuel: a vapour that burns, and an oil that stays.',
    tells: [
      tell('It still smells.', 'The vapour is still there.'),
      tell('No smell, a drop of water beads.', 'Oil is left: detergent.'),
      tell('Soaked, or foam or padding under it.', 'It stays for weeks: out of use.'),
    ],
    cause: 'A spill or a leak.',
    causeAction: ['Close the can; no flame or switch near it.'],
    surfaceAtOnce: ['Blot with a white cloth, the cloth outdoors.'],
    donts: [
      'No machine and no water until no smell is left; never into a basin or a drain.',
      'No heat, no iron, no vacuum cleaner, no fan.',
    ],
    cloths: {
      white: white({
        first: [P.solventAir(), P.suds('fat', { min: [10, 20], c: [12, 25] })],
        wash: W.cold('Alone, and only when no smell is left.'),
        second: [P.solventAir(), P.suds('fat', { min: [10, 20], c: [12, 25] })],
        checks: ['smellWarm', 'waterDrop'],
      }),
      coloured: coloured({
        first: [P.solventAir(), P.suds('fat', { min: [10, 20], c: [12, 25] })],
        wash: W.cold('Alone, and only when no smell is left.'),
        second: [P.solventAir(), P.suds('fat', { min: [10, 20], c: [12, 25] })],
        checks: ['smellWarm', 'waterDrop'],
      }),
      synthetic: synthetic({
        first: [P.solventAir(), P.suds('fat', { min: [10, 20], c: [12, 25] })],
        wash: W.cold('Alone, and only when no smell is left.'),
        second: [P.solventAir(), P.suds('fat', { min: [10, 20], c: [12, 25] })],
        checks: ['smellWarm', 'waterDrop'],
      }),
      delicate: delicate({
        first: [P.solventAir(), P.mild('fat', { c: [15, 25] })],
        wash: W.delicate('Alone, and only when no smell is left.'),
        second: [P.solventAir(), P.mild('fat', { c: [15, 25] })],
        checks: ['smellWarm'],
      }),
      protein: protein({
        first: [P.solventAir(), P.mild('fat', { c: [15, 25] })],
        wash: W.protein('Alone, and only when no smell is left.'),
        second: [P.solventAir(), P.mild('fat', { c: [15, 25] })],
        checks: ['smellWarm'],
      }),
      surface: cleaner('Foam and padding keep fuel: out of use.'),
      dryOnly: dryOnly({
        first: [P.solventAir()],
        checks: ['smellWarm'],
        end: end(1, 'professional', 'A cleaner, once no smell is left: say it was fuel.'),
      }),
    },
    never: [
      ['A machine, a dryer, an iron, steam or a vacuum cleaner while it smells.', 'The vapour burns.'],
      ['Fuel rinsed into a basin or a drain.', 'It burns in the drain.'],
      ['Another solvent to take it out.', 'More vapour.'],
    ],
    says: [
      'A splash on a washable piece comes out; a soaked piece goes to the hazardous-waste point.',
      'Children and pets away until it has aired.',
    ],
    prevent: ['Fill the tank outdoors, a rag round the spout.'],
  }),
  course({
    id: 'oilPaint',
    name: 'Oil and gloss paint, wood varnish',
    markIds: ['oilPaintMark', 'woodVarnish'],
    is: 'Drying oil or alkyd; varnish may be shellac, nitro or two-part.',
    tells: [
      tell('White spirit on the tin.', 'Spirits.'),
      tell('Alcohol on the tin, or an alcohol pad takes it.', 'Shellac.'),
      tell('Thinner on the tin.', 'Nitro: acetone.'),
      tell('A hardener was mixed in.', 'Two-part: it stays.'),
      tell('It smells of fuel.', 'Fuel: aired before anything else.', 'fuel'),
    ],
    cause: 'A splash.',
    causeAction: ['Read the tin: it tells which of three solvents.'],
    garment: ['Spoon it off, blot; flat outdoors, treat within the hour.'],
    surfaceAtOnce: ['Spoon it off, blot; open the window.'],
    donts: ['No water first.', 'No heat, no flame near it.'],
    cloths: {
      white: white({
        first: [
          P.spirits('film', { ways: ['spiritsSpot', 'alcoholSpot'], onlyIf: [C.spiritsOnTin] }),
          ...P.afterSolvent(),
        ],
        wash: W.noBleach([40, 60], 'Alone; dry, without smell and rinsed first.'),
        second: [P.spirits('film'), ...P.afterSolvent()],
        checks: ['feel', 'daylight'],
        end: end(
          2,
          'accept',
          'Cured over two or three days it only cracks off. Shellac is alcohol’s, nitro is acetone’s: in place of the spirits, never after them.',
        ),
      }),
      coloured: coloured({
        first: [P.spirits('film', { ways: ['spiritsSpot', 'alcoholSpot'] }), ...P.afterSolvent()],
        second: [P.spirits('film'), ...P.afterSolvent()],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [
          P.spirits('film', { ways: ['spiritsSpot', 'alcoholSpot'], min: [5, 5], when: [C.noPolypropylene] }),
          ...P.afterSolvent(),
        ],
        second: [P.suds('film', { min: [15, 20] })],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [
          P.spirits('film', { ways: ['spiritsSpot', 'alcoholSpot'], min: [5, 5] }),
          P.mild('residue', { c: [15, 25] }),
          P.solventAir(),
        ],
        second: [P.spirits('film', { min: [5, 5] }), P.mild('residue', { c: [15, 25] }), P.solventAir()],
        checks: ['feel'],
        end: end(1, 'professional', 'A cleaner the same day, the tin’s name along.'),
      }),
      protein: protein({
        first: [
          P.spirits('film', { ways: ['spiritsSpot', 'alcoholSpot'], min: [5, 5] }),
          P.mild('residue', { c: [15, 25] }),
          P.solventAir(),
        ],
        second: [P.spirits('film', { min: [5, 5] }), P.mild('residue', { c: [15, 25] }), P.solventAir()],
        checks: ['feel'],
      }),
      surface: cleaner('Only lifting and foam are allowed in place.'),
      dryOnly: cleaner('The same day.'),
    },
    never: [
      ['A solvent near a flame, a machine, a dryer or in a closed room.', 'Vapour burns.'],
      [
        'Rags with linseed oil or varnish in a heap.',
        'They light themselves within hours: flat outdoors, or a lidded can with water.',
      ],
      ['Paint stripper, unknown thinner, petrol as a cleaner.', 'Poison, burns, fire.'],
      ['A second solvent before the first is aired and rinsed out.', 'Their vapours add up.'],
    ],
    says: ['One solvent only, as the tin says.', OUTDOORS],
    disputes: [
      { question: 'Cured?', ways: ['accept it (default)', 'solvent packs for hours: over the cap'] },
    ],
    prevent: ['An overall.'],
  }),
  course({
    id: 'correctionFluid',
    name: 'Correction fluid',
    markIds: ['correctionFluid'],
    is: 'White pigment in an acrylic, or in a solvent resin.',
    tells: [
      tell('The bottle says water.', 'Water and alcohol.'),
      tell('The bottle says flammable.', 'Spirits.'),
    ],
    cause: 'A desk.',
    causeAction: ['The cap.'],
    garment: ['Let it dry half an hour.'],
    surfaceAtOnce: ['Let it dry half an hour.'],
    donts: ['No smearing.'],
    cloths: {
      white: white({
        first: [
          P.tape('bulk'),
          P.ketoneOrAlcohol('film', { main: true }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        wash: W.noBleach([40, 60], 'Alone.'),
        second: [P.alcohol('film'), P.solventAir()],
        checks: ['feel'],
        end: end(
          2,
          'accept',
          'The solvent kind: spirits in place of the alcohol. A white trace is accepted.',
        ),
      }),
      coloured: coloured({
        first: [
          P.tape('bulk'),
          P.alcohol('film', { main: true }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        second: [P.alcohol('film'), P.solventAir()],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [
          P.tape('bulk'),
          P.alcohol('film', { ways: ['alcoholSpot', 'spiritsSpot'], main: true }),
          P.solventAir(),
          P.suds('pigment', { min: [5, 10], c: [12, 25] }),
        ],
        second: [P.alcohol('film'), P.solventAir()],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [
          P.tape('bulk'),
          P.alcohol('film', {
            ways: ['alcoholSpot', 'spiritsSpot'],
            min: [3, 5],
            when: [C.noAcetate],
            main: true,
          }),
          P.solventAir(),
          P.mild('residue', { c: [15, 25] }),
        ],
        second: [P.tape('bulk')],
        checks: ['feel'],
      }),
      protein: protein({
        first: [
          P.tape('bulk'),
          P.alcohol('film', { ways: ['alcoholSpot', 'spiritsSpot'], min: [3, 5], main: true }),
          P.solventAir(),
          P.mild('residue', { c: [15, 25] }),
        ],
        second: [P.tape('bulk')],
        checks: ['feel'],
      }),
      surface: surface({
        first: [P.lift(), P.foam('film')],
        second: [P.lift()],
        checks: ['feel'],
      }),
      dryOnly: cleaner('Crack it and pick it off.'),
    },
    never: [NO_SOLVENT_IN_PLACE, ...KETONE_NEVERS],
    says: ['Read the bottle: water or solvent kind.', OUTDOORS],
    prevent: ['Tape instead of fluid.'],
    confidence: 'medium',
  }),
];
