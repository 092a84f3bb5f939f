import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
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
import type { Line } from './lines.js';

const NO_WATER = 'No water before the solvent or the detergent.';
const SOLVENT_NEVERS: (readonly [Line, string])[] = [
  [
    'A solvent near a flame, a hot bath, a machine, a dryer or in a closed room.',
    'Its vapour burns; used pads flat outdoors or in a lidded can with water.',
  ],
  [
    'A dryer or an iron while oil, wax or a smell of solvent is left.',
    'It heats itself and burns, and heat sets the rest.',
  ],
  [
    notOn({ drains: false }, 'A solvent on a filling, foam, rubber, latex or a glued back.'),
    'It stays inside and dissolves glue.',
  ],
];
const OUTDOORS = 'Outdoors, no flame; used pads flat outdoors or in a lidded can with water.';

/** Heat takes the dye of coloured wax along. */
const DYED_WAX = 'Coloured: ten seconds a press.';

/** Oil, wax, tar, gum and resin: chill or powder, solvent on pads, cool suds, air, wash alone. */
export const greaseAndWax = [
  course({
    id: 'oilGrease',
    name: 'Motor oil, chain and axle grease',
    markIds: ['motorOil', 'chainGrease'],
    is: 'Mineral oil that carries carbon black and metal dust.',
    tells: [
      tell('A drop of water beads.', 'Oil is still in it.'),
      tell('Grey, does not shine through, nothing on a white cloth.', 'Carbon only.'),
      tell('Orange after the wash.', 'Rust from the metal dust.', 'rust'),
    ],
    cause: 'A bare chain, a dripping engine, tools.',
    causeAction: ['Wipe the chain; overalls for the job.'],
    garment: ['Blot with three fresh faces of a cloth, card beneath; powder a quarter of an hour.'],
    surfaceAtOnce: ['Blot, powder half an hour, vacuum.'],
    donts: [NO_WATER, 'No rubbing.', 'No heat.'],
    cloths: {
      white: white({
        first: [P.powder({ onlyIf: [C.freshOrShiny] }), P.spirits('fat'), ...P.afterSolvent([15, 30])],
        wash: W.noBleach([40, 60], 'Alone, heavy soil.'),
        second: [
          P.spirits('fat', { onlyIf: [C.beads] }),
          ...P.afterSolvent([15, 30]),
          P.suds('pigment', { expect: 'The carbon: foam stays white when it is done.' }),
        ],
        checks: ['daylight', 'againstLight', 'waterDrop'],
        dryNotes: ['On the line; what has had solvent in it never goes into a dryer this round.'],
        end: end(2, 'accept', 'Two rounds; a grey shadow that no longer comes off on a cloth is accepted.'),
      }),
      coloured: coloured({
        first: [P.powder({ onlyIf: [C.freshOrShiny] }), P.spirits('fat'), ...P.afterSolvent([15, 30])],
        second: [P.suds('fat', { c: [30, 40] })],
        checks: ['againstLight', 'waterDrop'],
      }),
      synthetic: synthetic({
        first: [
          P.powder({ onlyIf: [C.freshOrShiny] }),
          P.spirits('fat', { min: [5, 5], when: [C.noPolypropyleneOrElastane] }),
          ...P.afterSolvent([15, 30]),
        ],
        second: [
          P.suds('fat', { c: [30, 40], min: [15, 20] }),
          P.suds('fat', { c: [30, 40], min: [15, 20] }),
        ],
        checks: ['againstLight', 'waterDrop'],
        notes: [only({ fibreIds: ['polyester'] }, 'Polyester gives oil up slowly: two washes are usual.')],
      }),
      delicate: delicate({
        first: [
          P.powder({ min: [30, 60] }),
          P.spirits('fat', { min: [5, 5] }),
          P.mildGrease(),
          P.solventAir(),
        ],
        second: [P.powder({ min: [120, 480] })],
        checks: ['againstLight'],
        end: end(1, 'professional', 'A lined or structured piece goes to a cleaner: say it is oil.'),
      }),
      protein: protein({
        first: [
          P.powder({ min: [30, 60] }),
          P.spirits('fat', { min: [5, 5] }),
          P.mildGrease(),
          P.solventAir(),
        ],
        second: [P.spirits('fat', { min: [5, 5] }), P.mildGrease(), P.solventAir()],
        checks: ['againstLight'],
      }),
      surface: surface({
        first: [P.powder(), P.foam('fat')],
        second: [P.powder({ min: [30, 480] }), P.foam('fat')],
        checks: ['nextDay', 'whiteCloth'],
      }),
      dryOnly: cleaner('Oil needs solvent in quantity.'),
    },
    never: [
      ...SOLVENT_NEVERS,
      ['Oily rags in a heap.', 'Drying oils heat themselves: flat outdoors, or a lidded can with water.'],
    ],
    says: [
      'Detergent by hand, twice, before any solvent on a small mark.',
      'Grey that is left after the oil is carbon, not oil.',
      'Wash alone; wipe the drum seal afterwards.',
      OUTDOORS,
    ],
    disputes: [
      {
        question: 'Solvent, or powder and neat detergent?',
        ways: [
          'solvent on a pad: quicker (default outdoors)',
          'powder and neat detergent twice: no vapour (default indoors)',
        ],
      },
    ],
    prevent: ['Clothes kept for dirty work.'],
  }),
  course({
    id: 'tar',
    name: 'Tar, asphalt',
    markIds: ['tar'],
    is: 'Bitumen: heavy oil and resin.',
    tells: [
      tell('Black, sticky, softens in the hand.', 'Tar.'),
      tell('A brown halo after the black is gone.', 'Light oils: more solvent, then oxygen on white.'),
      tell('Smears grey and does not stick.', 'Rubber.', 'rubberScuff'),
    ],
    cause: 'A hot road, a roof, a beach.',
    causeAction: ['Shoes off; an old towel on the seat.'],
    garment: ['Pick it off with a card.', 'Half an hour in the freezer.'],
    surfaceAtOnce: ['An ice bag ten minutes; lift.'],
    donts: ['No heat, no pressing.', 'No hot water.'],
    cloths: {
      white: white({
        first: [P.chip(), P.spirits('fat'), ...P.afterSolvent()],
        wash: W.noBleach([40, 60], 'Alone, heavy soil.'),
        second: [
          P.spirits('fat'),
          ...P.afterSolvent(),
          P.oxygen('colour', [60, 240], [40, 60], {
            onlyIf: [C.greaseFree, C.noSolventLeft],
          }),
        ],
        checks: ['daylight', 'againstLight'],
        end: end(2, 'accept', 'Two rounds; pale brown is accepted.'),
      }),
      coloured: coloured({
        first: [P.chip(), P.spirits('fat'), ...P.afterSolvent()],
        second: [P.spirits('fat'), ...P.afterSolvent()],
      }),
      synthetic: synthetic({
        first: [
          P.chip(),
          P.spirits('fat', { min: [5, 5], when: [C.noPolypropyleneOrElastane] }),
          ...P.afterSolvent(),
        ],
        second: [P.suds('fat', { c: [30, 40], min: [15, 20] })],
      }),
      delicate: delicate({
        first: [P.chip(), P.spirits('fat', { min: [5, 5] }), P.mildGrease(), P.solventAir()],
        second: [P.spirits('fat', { min: [5, 5] }), P.mildGrease(), P.solventAir()],
      }),
      protein: protein({
        first: [
          P.chip({ expect: 'Work gently: felt and pile tear.' }),
          P.spirits('fat', { min: [5, 5] }),
          P.mild('residue', { c: [15, 25] }),
          P.solventAir(),
        ],
        second: [P.spirits('fat', { min: [5, 5] }), P.mild('residue', { c: [15, 25] }), P.solventAir()],
      }),
      surface: surface({
        first: [P.chip({ expect: 'Ice in a closed bag.' }), P.greaseFoam('film')],
        second: [P.chip(), P.greaseFoam('film')],
        end: end(2, 'professional', 'Getting the bulk out is the home part; the film is for a cleaner.'),
      }),
      dryOnly: cleaner('Chill and chip only; the film needs solvent.'),
    },
    never: [...SOLVENT_NEVERS, ['Chipping it warm.', 'It strings into the cloth.']],
    says: ['Chill first, then solvent, then detergent.', 'Two small rounds beat one wet one.', OUTDOORS],
    prevent: ['Shoes off.'],
  }),
  course({
    id: 'shoePolish',
    name: 'Shoe polish',
    markIds: ['shoePolish'],
    is: 'Wax in solvent with dye and carbon; the self-shine kind is in water.',
    tells: [
      tell('Greasy, smells of turpentine.', 'The paste kind: solvent.'),
      tell('It dries like a skin.', 'Self-shine: detergent and alcohol.'),
    ],
    cause: 'A brush left lying.',
    causeAction: ['Polish on paper; let it dry twenty minutes.'],
    garment: ['Lift it with a card, no rubbing.'],
    surfaceAtOnce: ['Lift; vacuum the crumbs.'],
    donts: [NO_WATER, 'No rubbing.'],
    cloths: {
      white: white({
        first: [
          P.tape('bulk', { min: [2, 5] }),
          P.spirits('wax', { onlyIf: [C.pastePolish] }),
          ...P.afterSolvent(),
        ],
        wash: W.noBleach([40, 60], 'Alone.'),
        second: [
          P.alcohol('dye', {
            onlyIf: [C.colourLeft, C.noSolventLeft],
          }),
          P.solventAir(),
          P.oxygen('dye', [60, 180], [40, 60], { onlyIf: [C.noSolventLeft] }),
        ],
        checks: ['daylight', 'againstLight'],
        end: end(2, 'accept', 'Two rounds; a black shadow of carbon is accepted.'),
      }),
      coloured: coloured({
        first: [P.tape('bulk', { min: [2, 5] }), P.spirits('wax'), ...P.afterSolvent()],
        second: [P.suds('wax')],
      }),
      synthetic: synthetic({
        first: [
          P.tape('bulk', { min: [2, 5] }),
          P.spirits('wax', { min: [5, 5], when: [C.noPolypropylene] }),
          ...P.afterSolvent(),
        ],
        second: [P.suds('wax', { c: [30, 40] })],
        notes: [only({ fibreIds: ['polyamide'] }, 'A dye in polyamide seldom comes out wholly.')],
      }),
      delicate: delicate({
        first: [P.spirits('wax', { min: [5, 5] }), P.mildGrease(), P.solventAir()],
        second: [P.spirits('wax', { min: [5, 5] }), P.mildGrease(), P.solventAir()],
      }),
      protein: protein({
        first: [P.spirits('wax', { min: [5, 5] }), P.mild('residue', { c: [15, 25] }), P.solventAir()],
        second: [
          P.alcohol('dye', {
            min: [3, 5],
            onlyIf: [C.noSolventLeft],
          }),
        ],
      }),
      surface: surface({
        first: [P.tape('bulk', { min: [2, 5] }), P.powder({ main: true }), P.foam('wax')],
        second: [P.foam('wax')],
        end: end(2, 'professional', 'Colour left: a professional.'),
      }),
      dryOnly: cleaner(
        'Lift only.',
        ofSome({ fibreIds: ['leather'] }, 'On leather it is its own polish: wipe it off.'),
      ),
    },
    never: [
      ...SOLVENT_NEVERS,
      ['A second solvent before the first is aired and rinsed out.', 'Their vapours add up.'],
    ],
    says: ['Find out first: paste or self-shine.', OUTDOORS],
    disputes: [
      { question: 'The dye on colours?', ways: ['left to a cleaner (default)', 'alcohol after a test'] },
    ],
    prevent: ['Newspaper under shoes.'],
    confidence: 'medium',
  }),
  course({
    id: 'candleWax',
    name: 'Candle wax',
    markIds: ['candleWax'],
    is: 'Paraffin, stearin or beeswax, perhaps with dye and soot.',
    tells: [
      tell('Stiff, pale when scratched.', 'Wax.'),
      tell('A dark see-through ring after the iron.', 'Wax oil: solvent.'),
      tell('A coloured ring.', 'Candle dye: alcohol, and oxygen on white.'),
      tell('Black specks.', 'Soot: tape first.', 'soot'),
    ],
    cause: 'Dripping, a draught.',
    causeAction: ['A tray under the candles.'],
    garment: ['Let it harden; ice is quicker.'],
    surfaceAtOnce: ['Let it harden; ice is quicker.'],
    donts: ['No wiping.', 'No hot water.'],
    cloths: {
      white: white({
        first: [
          P.chip(),
          P.iron({ when: [C.noneToBake], onlyIf: [C.noSolventLeft], expect: DYED_WAX }),
          P.spirits('wax', {
            min: [3, 8],
            onlyIf: [C.cooled],
          }),
          ...P.afterSolvent(),
        ],
        wash: W.white([60, 60], 'Alone.'),
        second: [
          P.alcohol('dye', { onlyIf: [C.colourLeft, C.noSolventLeft], main: true }),
          P.oxygen('dye', [60, 180], [40, 60], { onlyIf: [C.noSolventLeft] }),
        ],
        checks: ['scratch', 'againstLight', 'daylight'],
        end: end(2, 'accept', 'A colour that survives two rounds is accepted; wax itself comes out whole.'),
      }),
      coloured: coloured({
        first: [
          P.chip(),
          P.iron({ when: [C.noneToBake], onlyIf: [C.noSolventLeft], expect: DYED_WAX }),
          P.spirits('wax', { min: [3, 8] }),
          ...P.afterSolvent(),
        ],
        wash: W.colouredHot(),
        second: [P.spirits('wax', { min: [3, 8] }), ...P.afterSolvent()],
        checks: ['scratch', 'againstLight'],
      }),
      synthetic: synthetic({
        first: [
          P.chip(),
          P.iron({
            onlyIf: [C.undyedWax, C.noSolventLeft, C.noPile],
          }),
          P.spirits('wax', { min: [5, 8], when: [C.noPolypropylene] }),
          ...P.afterSolvent(),
        ],
        second: [P.spirits('wax', { min: [5, 5], when: [C.noPolypropylene] }), ...P.afterSolvent()],
        checks: ['scratch', 'againstLight'],
        end: end(
          2,
          'accept',
          'After two rounds, what is left stays.',
          ofSome({ fibreIds: ['polyester'] }, 'Candle dye in polyester stays.'),
        ),
      }),
      delicate: delicate({
        first: [
          P.chip(),
          P.iron({
            onlyIf: [C.undyedWax, C.noSolventLeft, C.noAcetate, C.noPile],
          }),
          P.spirits('wax', { min: [5, 5] }),
          P.mild('residue', { c: [15, 25] }),
          P.solventAir(),
        ],
        second: [P.spirits('wax', { min: [5, 5] }), P.mild('residue', { c: [15, 25] }), P.solventAir()],
        checks: ['scratch', 'againstLight'],
      }),
      protein: protein({
        first: [
          P.chip(),
          P.iron({ onlyIf: [C.undyedWax, C.noSolventLeft] }),
          P.spirits('wax', { min: [5, 5] }),
          P.mild('residue', { c: [15, 25] }),
          P.solventAir(),
        ],
        second: [P.spirits('wax', { min: [5, 5] }), P.mild('residue', { c: [15, 25] }), P.solventAir()],
        checks: ['scratch', 'againstLight'],
      }),
      surface: surface({
        first: [
          P.chip(),
          P.foam('wax', { when: [C.floor, C.noJute], main: true }),
          P.foam('wax', { when: [C.notFloor, C.pileStandsUp] }),
        ],
        second: [P.chip(), P.foam('wax', { when: [C.pileStandsUp] })],
        checks: ['fromSide'],
        end: end(
          2,
          'professional',
          'A dye ring, or polypropylene: chip it, clip the tips, then a professional.',
        ),
      }),
      dryOnly: cleaner('Chill it, chip it off and vacuum; leave heat and solvents to a cleaner.'),
    },
    never: [
      ...SOLVENT_NEVERS,
      ['An iron on dyed wax over synthetics.', 'It drives the dye in.'],
      ['An iron after a solvent.', 'Fire.'],
    ],
    says: [
      ofSome(
        { itemIds: ['rug', 'carpet'] },
        'Many rugs are polypropylene: an iron leaves a shine or a hole.',
      ),
      ofSome(
        { itemIds: ['rug', 'carpet'] },
        'Fibre and colour before anything wet: fine fibres, or a colour that comes off, end at the chipping.',
      ),
      'Iron before a solvent is used, never after.',
      'Wax comes out; candle dye may not.',
      OUTDOORS,
    ],
    disputes: [
      {
        question: 'After chipping?',
        ways: [
          'the iron through paper (default)',
          'boiling water through stretched white linen: quick, and it scalds',
        ],
      },
      { question: 'The ring?', ways: ['spirits (default)', 'alcohol: less for paraffin, more for dye'] },
    ],
    prevent: ['Undyed candles on linen.'],
  }),
  course({
    id: 'waxLoad',
    name: 'Crayon or lip balm, also through a whole wash',
    markIds: ['crayon'],
    is: 'Wax with pigment; in a machine it melts into spots everywhere.',
    tells: [
      tell('Coloured smears on many pieces.', 'A crayon in the load.'),
      tell('Dark spots like oil, no colour.', 'A lip balm.'),
      tell('New spots after a clean wash.', 'The drum still holds wax.'),
    ],
    cause: 'A stick left in a pocket.',
    causeAction: [
      'Find the stick. Wipe drum, fins and seal with a cloth and detergent, the machine off, until a white rag stays white.',
    ],
    garment: ['All pieces out and kept dry; scrape off what is thick.'],
    surfaceAtOnce: ['An ice bag; chip.'],
    donts: ['No second tumble.', 'No solvent in a drum.'],
    cloths: {
      white: white({
        first: [
          P.chip({ onlyIf: [C.thickFlakes] }),
          P.spirits('wax', { min: [5, 10], onlyIf: [C.fewSpots], main: true }),
          P.solventAir(),
          P.suds('wax', { c: [12, 25], onlyIf: [C.fewSpots] }),
        ],
        wash: W.white([60, 60], 'Half full; wax melts at fifty to sixty-five.'),
        second: [P.suds('wax', { min: [15, 20] }), P.oxygen('dye', [60, 120], [60, 60])],
        checks: ['againstLight', 'scratch'],
        end: end(3, 'accept', 'Three washes; then spot by spot with spirits on pieces worth it.'),
      }),
      coloured: coloured({
        first: [
          P.chip({ onlyIf: [C.thickFlakes] }),
          P.spirits('wax', { min: [5, 10], main: true }),
          P.solventAir(),
          P.suds('wax', { c: [12, 25] }),
        ],
        wash: W.colouredHot(),
        second: [P.suds('wax', { min: [15, 20] })],
        checks: ['againstLight'],
        end: end(3, 'accept', 'Three washes rather than hotter ones.'),
      }),
      synthetic: synthetic({
        first: [
          P.chip({ onlyIf: [C.thickFlakes] }),
          P.spirits('wax', { min: [5, 10], main: true }),
          P.solventAir(),
          P.suds('wax', { c: [12, 25] }),
        ],
        wash: W.colouredHot(),
        second: [P.suds('wax', { min: [15, 20] })],
        checks: ['againstLight'],
        end: end(
          3,
          'accept',
          'Three washes; what is left then stays.',
          ofSome({ fibreIds: ['polyester'] }, 'Crayon dye in polyester may stay.'),
        ),
      }),
      delicate: delicate({
        first: [P.chip(), P.spirits('wax', { min: [5, 5], main: true }), P.solventAir(), P.mildGrease()],
        second: [P.mild('wax', { min: [5, 10] })],
        checks: ['againstLight'],
      }),
      protein: protein({
        first: [P.chip(), P.spirits('wax', { min: [5, 5], main: true }), P.solventAir(), P.mildGrease()],
        second: [P.mild('wax', { min: [5, 10] })],
        checks: ['againstLight'],
      }),
      surface: surface({
        first: [P.chip({ expect: 'Ice in a closed bag.' }), P.foam('wax')],
        second: [P.chip(), P.foam('wax', { when: [C.pileStandsUp] })],
      }),
      dryOnly: cleaner('Chip only.'),
    },
    never: [
      ...SOLVENT_NEVERS,
      ['A machine or a dryer while it smells of spirits.', 'Vapour in a closed drum: fire.'],
    ],
    says: ['Clean the drum before any second load.', 'Dry on the line until every spot is gone.'],
    prevent: ['Turn the pockets out.'],
    confidence: 'medium',
  }),
  course({
    id: 'gumLabel',
    name: 'Chewing gum, sticky labels, hot glue',
    markIds: ['chewingGum', 'stickerResidue', 'hotGlue', 'silicone'],
    is: 'Elastic gum or set plastic, or a thin film of glue.',
    tells: [
      tell('Thick, strings when warm.', 'Gum: freeze it.'),
      tell('Thin, grey, grabs lint.', 'Label glue: tape, then solvent.'),
      tell(
        'A hard clear lump, or rubber that no solvent moves.',
        'Hot glue or silicone: freeze and peel; the rest stays.',
      ),
    ],
    cause: 'A seat, a sticker washed on.',
    causeAction: ['Peel stickers before the first wash.'],
    garment: [
      'Ice on it, in a closed bag.',
      only({ markIds: ['stickerResidue'] }, 'A label: peel it cold.'),
      'Or the freezer, an hour.',
    ],
    surfaceAtOnce: ['Ice in a closed bag, ten to fifteen minutes.'],
    donts: ['No heat.', 'No washing first.'],
    cloths: {
      white: white({
        first: [
          P.chip(),
          P.tape('film', { min: [2, 5], stop: 'The tape takes no more.' }),
          P.spirits('film', { min: [3, 8] }),
          ...P.afterSolvent(),
        ],
        wash: W.noBleach([40, 60], 'Alone.'),
        second: [
          P.chip({ onlyIf: [C.gumBetween] }),
          P.alcohol('film', { onlyIf: [C.labelGlue, C.noSolventLeft] }),
        ],
        checks: ['feel'],
      }),
      coloured: coloured({
        first: [
          P.chip(),
          P.tape('film', { min: [2, 5] }),
          P.spirits('film', { min: [5, 8] }),
          ...P.afterSolvent(),
        ],
        second: [P.chip()],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [
          P.chip(),
          P.tape('film', { min: [2, 5] }),
          P.spirits('film', { min: [5, 5], when: [C.noPolypropyleneOrElastane] }),
          ...P.afterSolvent(),
        ],
        second: [P.alcohol('film'), P.suds('film')],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [P.chip(), P.spirits('film', { min: [5, 5], main: true }), P.solventAir(), P.mildGrease()],
        second: [P.mild('film', { min: [5, 10] })],
        checks: ['feel'],
      }),
      protein: protein({
        first: [
          P.chip({ expect: 'Pick it off; never pull the pile.' }),
          P.spirits('film', { min: [5, 5], main: true }),
          P.solventAir(),
          P.mildGrease(),
        ],
        second: [P.mild('film', { min: [5, 10] })],
        checks: ['feel'],
      }),
      surface: surface({
        first: [
          P.chip({ expect: 'Ice in a closed bag.' }),
          P.tape('film', { min: [2, 5] }),
          P.greaseFoam('film'),
        ],
        second: [P.chip()],
        checks: ['feel'],
        notes: [
          only({ itemIds: ['carpet', 'rug'] }, 'On a carpet: small scissors for stuck tips of the pile.'),
        ],
      }),
      dryOnly: cleaner('The film needs solvent.'),
    },
    never: [...SOLVENT_NEVERS, ['A hot wash or a dryer with gum or a label on it.', 'It melts through.']],
    says: ['Freeze gum; tape off label glue.', OUTDOORS],
    disputes: [
      {
        question: 'What is left?',
        ways: ['spirits (default)', 'peanut butter or oil: gentle, but it is a new fat to wash out'],
      },
    ],
    prevent: ['Peel labels first.'],
  }),
  course({
    id: 'resin',
    name: 'Tree resin, propolis, sap',
    markIds: ['sap', 'propolis'],
    is: 'Resin acids, which alcohol dissolves; propolis has wax as well; milky sap is another thing.',
    tells: [
      tell('Sticky, smells of pine.', 'Resin: alcohol.'),
      tell('Yellow-brown, smells of honey.', 'Propolis: alcohol; a waxy rest, spirits.'),
      tell('Milky, turns brown, does not stick.', 'Latex or banana sap: cold wash, then oxygen.'),
      tell('Tacky and black.', 'Tar.', 'tar'),
    ],
    cause: 'Pruning, the hive.',
    causeAction: ['Overalls, gloves.'],
    garment: ['Milky sap: cold water and detergent at once.', 'Hard resin: the freezer for an hour.'],
    surfaceAtOnce: ['An ice bag ten minutes.'],
    donts: ['No hot water.', 'No rubbing.'],
    cloths: {
      white: white({
        first: [
          P.chip({ onlyIf: [C.lumps] }),
          P.alcohol('film'),
          P.suds('residue', { min: [5, 10], onlyIf: [C.noSolventLeft] }),
        ],
        second: [
          P.spirits('wax', {
            min: [3, 8],
            onlyIf: [C.waxLeft, C.noSolventLeft],
          }),
          ...P.afterSolvent(),
          P.oxygen('colour', [60, 240], [40, 60], { onlyIf: [C.noSolventLeft] }),
        ],
        checks: ['feel', 'daylight'],
        end: end(
          2,
          'accept',
          'Pale yellow is accepted; milky sap that has dried brown is often there for good.',
        ),
      }),
      coloured: coloured({
        first: [P.chip({ onlyIf: [C.lumps] }), P.alcohol('film'), P.suds('residue', { min: [5, 10] })],
        second: [
          P.spirits('wax', {
            min: [5, 8],
            onlyIf: [C.waxLeft, C.noSolventLeft],
          }),
          ...P.afterSolvent(),
        ],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [P.chip({ onlyIf: [C.lumps] }), P.alcohol('film'), P.suds('residue', { min: [5, 10] })],
        second: [P.alcohol('film')],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [
          P.chip({ onlyIf: [C.lumps] }),
          P.alcohol('film', { min: [3, 5], when: [C.noAcetate] }),
          P.mild('residue', { min: [5, 10] }),
        ],
        second: [P.alcohol('film', { min: [3, 5], when: [C.noAcetate] })],
        checks: ['feel'],
      }),
      protein: protein({
        first: [
          P.chip({ onlyIf: [C.lumps] }),
          P.alcohol('film', { min: [3, 8] }),
          P.mild('residue', { min: [5, 10] }),
        ],
        second: [
          P.spirits('wax', {
            min: [5, 5],
            onlyIf: [C.beeswax, C.noSolventLeft],
          }),
          P.mildGrease(),
          P.solventAir(),
        ],
        checks: ['feel'],
      }),
      surface: surface({
        first: [P.chip({ expect: 'Ice in a closed bag.' }), P.greaseFoam('film')],
        second: [P.chip()],
        checks: ['feel'],
        end: end(
          2,
          'professional',
          'The film needs solvent: a professional. A removable cover: off, then as its cloth.',
        ),
      }),
      dryOnly: cleaner('Chip it cold only.'),
    },
    never: [
      ...SOLVENT_NEVERS,
      ['A second solvent before the first is aired and rinsed out.', 'Their vapours add up.'],
      ['Bare hands on spurge, fig or hogweed sap.', 'It burns skin in daylight.'],
    ],
    says: [
      ofSome({ uses: ['alcohol'] }, 'Alcohol is for resin.'),
      ofSome({ uses: ['hydrocarbon'] }, 'Spirits are for wax.'),
      OUTDOORS,
    ],
    disputes: [{ question: 'Resin on cotton?', ways: ['alcohol (default)', 'spirits: more smell'] }],
    prevent: ['Sit away from pines.'],
  }),
];
