import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  dryOnly,
  end,
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

const LAST_FLUFF = end(2, 'accept', 'After two rounds, what is left stays: it comes off with wear.');

/** The same on each cloth: dried, pressed off, taped off, never washed again first. */
const FLUFF_OFF: Parameters<typeof white>[0] = {
  first: [P.brush({ when: [C.wet] }), P.sponge({ main: true }), P.tape('bulk', { min: [2, 10] })],
  wash: null,
  second: [P.sponge({ main: true }), P.tape('bulk', { min: [2, 10] })],
  checks: ['fromSide'],
  end: LAST_FLUFF,
};

/** What lies on the cloth, and what water leaves behind. */
export const drySolids = [
  course({
    id: 'rubberScuff',
    name: 'Rubber scuff',
    markIds: ['rubberScuffMark'],
    is: 'Carbon and rubber oil, smeared.',
    tells: [
      tell('An eraser takes it.', 'On the surface.'),
      tell('Brown later, in light.', 'From the rubber: it stays.'),
    ],
    cause: 'A sole, a tyre.',
    causeAction: ['Wipe the wheel.'],
    garment: ['Leave it dry.'],
    surfaceAtOnce: ['Leave it dry.'],
    donts: ['No water first.', 'No heat.'],
    cloths: {
      white: white({
        first: [P.eraser(), P.spirits('fat', { main: true }), P.solventAir(), P.suds('fat', { c: [12, 25] })],
        wash: W.noBleach(),
        second: [P.suds('fat')],
        checks: ['whiteCloth'],
      }),
      coloured: coloured({
        first: [P.eraser(), P.spirits('fat', { main: true }), P.solventAir(), P.suds('fat', { c: [12, 25] })],
        second: [P.suds('fat')],
        checks: ['whiteCloth'],
      }),
      synthetic: synthetic({
        first: [P.eraser(), P.spirits('fat', { main: true }), P.solventAir(), P.suds('fat', { c: [12, 25] })],
        second: [P.suds('fat')],
        checks: ['whiteCloth'],
      }),
      delicate: delicate({
        first: [P.eraser({ main: true }), P.mild('fat', { min: [5, 10] })],
        second: [P.mild('fat', { min: [5, 10] })],
        checks: ['whiteCloth'],
      }),
      protein: protein({
        first: [P.eraser(), P.mild('fat', { min: [5, 10] })],
        second: [P.mild('fat', { min: [5, 10] })],
        checks: ['whiteCloth'],
      }),
      surface: surface({
        first: [P.eraser(), P.foam('fat')],
        second: [P.foam('fat')],
        checks: ['whiteCloth'],
      }),
      dryOnly: dryOnly({
        first: [P.eraser()],
        end: end(1, 'accept', 'A grey trace is not worth a solvent.'),
      }),
    },
    never: [['Solvent on a fixed cover.', 'It stays inside.']],
    says: ['The eraser first; some always stays.'],
    prevent: ['Pale soles.'],
  }),
  course({
    id: 'toothpaste',
    name: 'Toothpaste',
    markIds: ['toothpaste'],
    is: 'Chalk or silica with soap, sometimes peroxide.',
    tells: [
      tell('A white crust.', 'Powder.'),
      tell(
        'A pale spot after cleaning, on a colour.',
        'Bleached by a whitening paste: for good.',
        'colourLost',
      ),
    ],
    cause: 'Over the basin.',
    causeAction: ['A towel over the collar.'],
    garment: ['Spoon it off; a cold damp cloth.'],
    surfaceAtOnce: ['Spoon it off; a damp cloth.'],
    donts: ['No rubbing: it scours.'],
    cloths: {
      white: white({
        first: [P.lift(), P.flush({ min: [2, 5] })],
        second: [P.vinegar('lime', { min: [15, 15] })],
      }),
      coloured: coloured({
        first: [P.lift(), P.flush({ min: [2, 5] })],
        second: [P.vinegar('lime', { min: [15, 15] })],
      }),
      synthetic: synthetic({
        first: [P.lift(), P.flush({ min: [2, 5] })],
        second: [P.vinegar('lime', { min: [15, 15] })],
      }),
      delicate: delicate({ first: [P.lift(), P.drip({ min: [2, 5] })], second: [P.weakVinegar('lime')] }),
      protein: protein({ first: [P.lift(), P.drip({ min: [2, 5] })], second: [P.weakVinegar('lime')] }),
      surface: surface({ first: [P.dust(), P.waterBlot({ main: true })], second: [P.foam('residue')] }),
      dryOnly: dryOnly({
        first: [P.lift(), P.brush({ when: [C.driedIn] }), P.waterBlot({ min: [2, 3], main: true })],
      }),
    },
    never: [['Hot water on whitening paste on a colour.', 'It bleaches faster.']],
    says: ['A plain damp cloth last: what is left dries white.', 'A pale spot is lost colour.'],
    prevent: ['Brush, then dress.'],
  }),
  course({
    id: 'glitterDust',
    name: 'Glitter, chalk, dust',
    markIds: ['glitter', 'chalk', 'dustMark'],
    is: 'Dry flakes or powder, loose or in a gel.',
    tells: [
      tell('It flies.', 'Loose: tape, brush.'),
      tell('Stuck.', 'In glue or gel.', 'whiteGlue'),
      tell('Grey and soft, on top.', 'Dust: vacuum, no water first.'),
    ],
    cause: 'Craft, school, a shelf.',
    causeAction: ['Costumes inside out in a bag, washed last.'],
    garment: ['Tape, no rubbing; chalk and dust: shake outdoors.'],
    surfaceAtOnce: ['Vacuum, then tape.'],
    donts: ['No water first.', 'No rubbing.'],
    cloths: {
      white: white({
        first: [P.dust(), P.tape('bulk', { min: [5, 10] })],
        wash: W.noBleach([40, 60], 'Wash it alone, in a fine net.'),
        second: [P.tape('bulk')],
        checks: ['fromSide'],
      }),
      coloured: coloured({
        first: [P.dust(), P.tape('bulk', { min: [5, 10] })],
        second: [P.tape('bulk')],
        checks: ['fromSide'],
      }),
      synthetic: synthetic({
        first: [P.dust(), P.tape('bulk', { min: [5, 10] })],
        second: [P.tape('bulk')],
        checks: ['fromSide'],
      }),
      delicate: delicate({
        first: [P.dust(), P.tape('bulk', { min: [2, 5] })],
        second: [P.tape('bulk', { min: [2, 5] })],
        checks: ['fromSide'],
      }),
      protein: protein({
        first: [P.dust(), P.tape('bulk', { min: [2, 5] })],
        second: [P.tape('bulk', { min: [2, 5] })],
        checks: ['fromSide'],
      }),
      surface: surface({
        first: [P.dust(), P.tape('bulk')],
        second: [P.tape('bulk')],
        checks: ['fromSide'],
        end: end(2, 'accept', 'The last flakes are accepted.'),
      }),
      dryOnly: dryOnly({ first: [P.dust(), P.tape('bulk')] }),
    },
    never: [['A dryer before it is taped off.', 'Static spreads it to the next load.']],
    says: ['Tape it dry, before and after the wash.'],
    prevent: ['A box of its own.'],
  }),
  course({
    id: 'fluff',
    name: 'Paper tissue, lint or hair',
    markIds: ['fluff'],
    is: 'Loose fibres that cling while they are wet or charged, and let go when they are dry and moved.',
    tells: [
      tell('Flat white scraps all over the load.', 'A paper tissue.'),
      tell('Small balls that hold on.', 'Its own fibres: bobbles, not lint.'),
    ],
    cause: 'A tissue in a pocket, a new towel, a pet.',
    causeAction: [
      'Empty the pockets. Wipe the drum and the door seal, and empty the filter, before the next load.',
    ],
    garment: ['Shake each piece outdoors.', only({ wet: true }, 'Let it dry before anything else.')],
    surfaceAtOnce: ['Leave it dry.'],
    donts: ['No second wash yet.', 'No rubbing while it is wet.'],
    cloths: {
      white: white(FLUFF_OFF),
      coloured: coloured(FLUFF_OFF),
      synthetic: synthetic(FLUFF_OFF),
      delicate: delicate(FLUFF_OFF),
      protein: protein(FLUFF_OFF),
      surface: surface({
        first: [P.dust(), P.sponge({ main: true })],
        second: [P.sponge({ main: true })],
        checks: ['fromSide'],
        end: LAST_FLUFF,
      }),
      dryOnly: dryOnly({
        first: [P.sponge({ main: true }), P.tape('bulk', { min: [2, 10] })],
        second: [P.tape('bulk', { min: [2, 10] })],
        end: LAST_FLUFF,
      }),
    },
    never: [['Rubbing it wet.', 'Wet paper felts into the cloth.']],
    says: [
      ofSome(
        { drains: true },
        'A dryer takes most of it, cool, in ten minutes, where the care label allows one.',
      ),
      'The last fibres go in the next wash, shaken out before and after.',
    ],
    prevent: ['Empty all pockets; wash hairy pieces alone.'],
  }),
  course({
    id: 'playDough',
    name: 'Play dough',
    markIds: ['playdough'],
    is: 'Salted starch dough with food dye.',
    tells: [tell('Soft.', 'Let it dry.'), tell('Colour left.', 'Food dye: peroxide, oxygen.')],
    cause: 'Craft.',
    causeAction: ['A mat.'],
    garment: ['Let it dry four to twelve hours.'],
    surfaceAtOnce: ['Let it dry four to twelve hours.'],
    donts: ['No warm water first.', 'No pressing.'],
    cloths: {
      white: white({
        first: [P.brush(), P.enzyme({ min: [10, 20] })],
        second: [P.peroxide('dye', [15, 30]), P.oxygen('dye', [60, 120], [40, 60])],
      }),
      coloured: coloured({
        first: [P.brush(), P.enzyme({ min: [10, 20] })],
        second: [P.colourOxygen('dye', [60, 120])],
      }),
      synthetic: synthetic({
        first: [P.brush(), P.enzyme({ min: [10, 20] })],
        second: [P.colourOxygen('dye', [60, 120])],
      }),
      delicate: delicate({
        first: [P.brush(), P.mild('protein', { min: [5, 10] })],
        second: [P.peroxide('dye', [10, 20])],
      }),
      protein: protein({
        first: [P.brush(), P.mild('protein', { min: [5, 10] })],
        second: [P.peroxide('dye', [5, 15])],
      }),
      surface: surface({
        first: [P.dust(), P.foam('dye')],
        second: [P.peroxideBlot('dye', [5, 15])],
      }),
      dryOnly: dryOnly({ first: [P.brush()] }),
    },
    never: [['Hot water before it is crumbled out.', 'It glues the starch.']],
    says: ['Let it dry hard: then it crumbles out.'],
    prevent: ['A washable mat.'],
  }),
  course({
    id: 'waterRing',
    name: 'Water ring, cleaning ring',
    markIds: ['waterMark'],
    is: 'Soil, finish or detergent pushed to the edge that dried last; no stain of its own.',
    tells: [
      tell('A brown-grey edge, clean inside.', 'A water ring.'),
      tell('A stiff edge, foams when damp.', 'A cleaning ring: rinse it out.'),
      tell('Pale inside a dark panel.', 'The panel is soiled: clean all of it.'),
      tell('It smells.', 'Urine.', 'urine'),
    ],
    cause: 'A drop left to dry; a spot cleaned too small.',
    causeAction: ['The whole panel, dried fast and evenly.'],
    garment: ['Blot; dry it fast and evenly.'],
    surfaceAtOnce: [
      'Blot; widen it with a fine mist; a fan.',
      only({ itemIds: ['rug'] }, 'Lift the rug and air it from both sides, the floor too.'),
    ],
    donts: ['No rubbing at the edge.', 'No hot hair dryer.'],
    cloths: {
      white: white({
        wash: W.noBleach([40, 60], 'Washing the whole piece is what takes it out.'),
        first: [P.waters('residue', { optional: true })],
        second: [P.waters('residue')],
        checks: ['fromSide'],
      }),
      coloured: coloured({
        first: [P.waters('residue', { optional: true })],
        second: [P.waters('residue')],
        checks: ['fromSide'],
      }),
      synthetic: synthetic({
        first: [P.waters('residue', { optional: true })],
        second: [P.waters('residue')],
        checks: ['fromSide'],
      }),
      delicate: delicate({
        first: [
          P.steam('residue', {
            onlyIf: [C.silkOrViscose, C.noAcetate, C.noSolventLeft],
            optional: true,
          }),
          P.drip({ expect: 'A fine mist of distilled water to the next seam.' }),
        ],
        second: [P.handSoak('residue')],
        checks: ['fromSide'],
      }),
      protein: protein({
        first: [P.drip({ expect: 'A fine mist to the next seam, pressed with a damp cloth.' })],
        second: [P.handSoak('residue')],
        checks: ['fromSide'],
      }),
      surface: surface({
        first: [P.waterBlot({ expect: 'Do the whole panel, seam to seam, from the outside in.' })],
        second: [P.foam('residue', { expect: 'Very dry foam, the whole panel.' })],
        checks: ['nextDay', 'fromSide'],
        end: end(2, 'professional', 'A no-water code or velvet: a professional.'),
      }),
      dryOnly: cleaner(
        ofSome(
          { fibreIds: ['leather'] },
          'Suede: let it dry, then brush it. Leather: dampen the whole panel evenly and dry it slowly.',
        ),
        ofSome({ notFibreIds: ['leather'] }, 'Water would leave a new ring.'),
      ),
    },
    never: [['A wet spot smaller than the last.', 'A new ring.']],
    says: [
      ofSome({ drains: false }, 'Look beneath it: mildew or damp dries first, the floor too.'),
      'It may only fade. A fine mist beyond the ring, less towards its edge, leaves no new edge.',
      'Never smaller than the last wet place.',
    ],
    disputes: [
      {
        question: 'A ring on silk?',
        ways: ['wet the whole panel (default)', 'steam and rub the cloth on itself'],
      },
    ],
    prevent: ['Clean a panel, not a spot.'],
  }),
  course({
    id: 'wickBack',
    name: 'A mark that comes back in a carpet',
    markIds: [],
    itemIds: ['carpet', 'rug'],
    is: 'Soil or drink in the backing rises with the water to the tips.',
    tells: [
      tell('Clean while damp, back in a day or two.', 'It wicks.'),
      tell('Sticky, greys again.', 'Detergent left.'),
      tell('Brown all over after wetting.', 'A jute back has browned.'),
    ],
    cause: 'Too much water, or too deep a spill.',
    causeAction: ['Less water; a weight until it is dry.'],
    surfaceAtOnce: ['A dry towel, plastic, five kilograms overnight.'],
    donts: ['No more spraying.', 'No rubbing.'],
    cloths: {
      white: honest('noHomeMethod', 'Not a garment’s trouble: see the ring.'),
      coloured: honest('noHomeMethod', 'Not a garment’s trouble: see the ring.'),
      synthetic: honest('noHomeMethod', 'Not a garment’s trouble: see the ring.'),
      delicate: honest('noHomeMethod', 'Not a garment’s trouble: see the ring.'),
      protein: honest('noHomeMethod', 'Not a garment’s trouble: see the ring.'),
      surface: surface({
        first: [P.waterBlot(), P.weigh()],
        second: [
          P.peroxideBlot('colour', [5, 15], {
            onlyIf: [C.whiteOrFast, C.noJute, C.noAcidLeft],
          }),
          P.weigh(),
        ],
        checks: ['nextDay'],
        end: end(2, 'professional', 'The third time: extraction; the underlay may be soaked.'),
      }),
      dryOnly: cleaner(
        ofSome({ fibreIds: ['jute', 'sisal', 'coir'] }, 'A pile of jute or sisal browns.'),
        ofSome({ notFibreIds: ['jute', 'sisal', 'coir'] }, 'More water makes it worse.'),
      ),
    },
    never: [
      [
        'More than a tablespoon of water a palm, or none weighed down after.',
        'It draws more of the mark up.',
      ],
      [notOn({ fibreIds: ['jute', 'sisal', 'coir'] }, 'Heat.'), 'It browns jute.'],
    ],
    says: ['A mark that comes back is deeper down: a weight on towels draws it up.'],
    disputes: [
      {
        question: 'What draws it up?',
        ways: ['towel and weight (default)', 'absorbent powder on the damp place'],
      },
    ],
    prevent: ['Use little water, and put a weight on it.'],
  }),
];
