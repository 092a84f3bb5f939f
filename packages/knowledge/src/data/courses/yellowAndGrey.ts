import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  dryOnly,
  end,
  honest,
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

/** What changes a whole piece: yellow, grey, lost brightness. */
/** Deodorant comes on what is worn. */
const WORN = [C.worn];

export const yellowAndGrey = [
  course({
    id: 'yellowSweat',
    name: 'Whites yellowed by sweat and body oil',
    markIds: ['sweatYellow', 'yellowed'],
    is: 'Old skin fat, oxidised; at the underarm bound with aluminium.',
    tells: [
      tell('Yellow underarm, stiff or waxy.', 'Fat with aluminium: acid first.'),
      tell('Collar, cuffs, the shape of a head.', 'Skin oil: detergent and oxygen.'),
      tell('Yellow along folds and edges.', 'The cupboard.', 'yellowStorage'),
      tell('Orange specks, orange basins in the house.', 'Iron.', 'yellowIron'),
      tell('It came after chlorine.', 'Chlorine yellow.', 'yellowChlorine'),
      tell('Even, dull, it foams in plain hot water.', 'Residue.', 'residueDull'),
      tell('Creamier than an inside seam, nothing else.', 'The brightener is gone.', 'lostWhite'),
    ],
    cause: 'Washed too cool or too late; deodorant put on wet; tumbled before it was clean.',
    causeAction: ['Deodorant dry before dressing; wash within two days, at forty or more with enzymes.'],
    donts: ['No chlorine.', 'No dryer before it is white.'],
    cloths: {
      white: white({
        first: [
          P.enzyme({ expect: 'Underarms and collar.' }),
          P.citricSoak('aluminium', {
            ways: ['citricSoak', 'citricSpot'],
            min: [30, 30],
            when: WORN,
            onlyIf: [C.stiff],
            stop: 'It feels soft.',
          }),
          P.long('yellow', { c: [40, 60], stop: 'All white, or nothing changes.' }),
        ],
        wash: W.white([40, 60], 'Half a measure, extra rinse; citrate in hard water.'),
        dry: ['sun', 'line'],
        second: [
          P.peroxideSuds('yellow', { optional: true, onlyIf: [C.lastRim, C.white] }),
          P.long('yellow', { c: [40, 60], onlyIf: [C.paler] }),
        ],
        checks: ['daylight', 'besideClean'],
        end: end(
          3,
          'accept',
          'Three soaks; unchanged after a whole round: the fibre itself has yellowed. Accept it, or dye it.',
        ),
      }),
      coloured: coloured({
        first: [
          P.vinegar('aluminium', {
            min: [15, 20],
            when: WORN,
            onlyIf: [C.stiff],
          }),
          P.enzyme({ when: WORN }),
          P.colourOxygen('yellow', [60, 120]),
        ],
        second: [P.enzymeSoak([120, 180], { when: WORN }), P.colourOxygen('yellow', [60, 120])],
        end: end(2, 'dyePatch', 'A pale patch is lost dye: accept it, or dye over.'),
      }),
      synthetic: synthetic({
        first: [
          P.vinegar('aluminium', {
            min: [15, 20],
            when: WORN,
            onlyIf: [C.stiff],
          }),
          P.suds('fat', { min: [15, 20], when: WORN, expect: 'Fat sits deeper in synthetics.' }),
          P.oxygen('yellow', [120, 240], [40, 40]),
        ],
        second: [P.oxygen('yellow', [120, 240], [40, 40])],
        notes: [
          only({ fibreIds: ['elastane'] }, 'Stretch bears eight hours at forty.'),
          only({ fibreIds: ['polyamide'] }, 'Polyamide: four hours at most.'),
          only({ fibreIds: ['acrylic'] }, 'Acrylic: four hours at most.'),
        ],
      }),
      delicate: delicate({
        first: [
          P.weakVinegar('aluminium', { when: WORN }),
          P.mild('fat'),
          P.oxygen('yellow', [60, 240], [30, 40], {
            when: [C.viscose],
          }),
        ],
        second: [P.mild('fat')],
      }),
      protein: protein({
        first: [P.weakVinegar('aluminium', { min: [10, 20] }), P.handSoak('fat')],
        second: [P.peroxide('yellow', [10, 30])],
        end: end(2, 'accept', 'With age such fibres yellow of themselves.'),
      }),
      surface: surface({
        first: [P.foam('fat')],
        second: [P.peroxideBlot('yellow', [5, 10]), P.mattressCoat('yellow')],
        checks: ['fromSide'],
      }),
      dryOnly: cleaner('A conservator bleaches it wet and supported, or not at all.'),
    },
    never: [
      ['Chlorine on it.', 'It yellows sweat further.'],
      ['A dryer or an iron before it is white.', 'They brown the old fat.'],
    ],
    says: [
      ofSome({ hardWater: true }, 'Soda in hard water leaves lime soap: acid takes that first.'),
      'Acid for what is stiff, then the fat, then oxygen.',
      'Two full rinses between acid and oxygen.',
      'Three soaks are usual.',
    ],
    disputes: [
      {
        question: 'Acid or oxygen first?',
        ways: ['acid where it is stiff or waxy (default)', 'oxygen alone where it is only yellow'],
      },
    ],
    prevent: ['Wash worn whites within two days.'],
  }),
  course({
    id: 'yellowStorage',
    name: 'Whites yellowed in the cupboard',
    markIds: ['storageYellow'],
    is: 'Acids of ageing cellulose, starch and unseen grease, turned yellow in the dark.',
    tells: [
      tell('Yellow along folds and edges.', 'Storage.'),
      tell('A brown line where it touched wood or card.', 'Acid from the shelf: it comes out slowly.'),
      tell('Sharp brown or orange dots.', 'Iron: a citric drop first, before any oxygen.', 'rust'),
      tell('The first cold water turns tea-yellow.', 'Yellow acids: plain water works.'),
    ],
    cause: 'Put away starched, ironed hot, not rinsed; wood, card, plastic.',
    causeAction: ['Rinse it, no starch, dry fully; acid-free tissue; refold twice a year.'],
    cloths: {
      white: white({
        first: [
          P.waters('yellow', { min: [30, 60], c: [20, 35], expect: 'The water turns yellow like tea.' }),
          P.citric('iron', { min: [30, 30], onlyIf: [C.orange, C.sound] }),
          P.long('yellow', { c: [40, 60], onlyIf: [C.sound, C.ironGone] }),
        ],
        wash: W.white([40, 60], 'A full rinse, no starch.'),
        dry: ['sun', 'line'],
        second: [P.long('yellow', { c: [40, 60] }), P.sun('yellow')],
        checks: ['daylight', 'besideClean'],
        end: end(3, 'accept', 'Three soaks; fold lines may stay.'),
      }),
      coloured: coloured({
        first: [
          P.waters('yellow', { min: [30, 60], c: [20, 30], stop: 'Dye in the water.' }),
          P.colourOxygen('yellow', [60, 120]),
        ],
        second: [P.colourOxygen('yellow', [120, 240])],
      }),
      synthetic: synthetic({
        first: [P.waters('yellow', { min: [30, 60] }), P.oxygen('yellow', [120, 240], [40, 40])],
        second: [P.oxygen('yellow', [120, 240], [40, 40])],
        notes: [only({ fibreIds: ['elastane'] }, 'Stretch that has yellowed stays yellow.')],
      }),
      delicate: delicate({
        first: [
          P.waters('yellow', { min: [30, 60], c: [15, 30], expect: 'On a net, three to five waters.' }),
          P.oxygen('yellow', [60, 240], [30, 40], {
            when: [C.viscoseOrCotton],
            onlyIf: [C.sound, C.viscoseOrCotton],
          }),
        ],
        second: [P.waters('yellow', { min: [30, 60] })],
        end: end(
          2,
          'professional',
          ofSome({ states: ['antique', 'irreplaceable'] }, 'What water leaves is its age: a conservator.'),
          ofSome({ states: ['sound', 'worn', 'thinning', 'torn'] }, 'After two rounds, a cleaner.'),
        ),
      }),
      protein: protein({
        first: [P.waters('yellow', { min: [15, 30], c: [15, 30] })],
        second: [P.peroxide('yellow', [15, 30])],
        end: end(2, 'accept', 'Such fibres yellow with age.'),
      }),
      surface: cleaner('It needs bleaching by a professional.'),
      dryOnly: cleaner('Vacuum it through a net and air it; then a conservator.'),
    },
    never: [
      ['Chlorine on old linen.', 'It tenders old cellulose.'],
      ['An iron before it is clean.', 'It browns.'],
    ],
    says: [
      'Plain water first: much of the yellow dissolves.',
      'Look for orange dots before any oxygen.',
      'Sugar that was spilt unseen turns brown with heat.',
    ],
    disputes: [
      {
        question: 'Sun on old linen?',
        ways: ['damp on grass, half a day, where it is sound (default)', 'no light: a conservator’s view'],
      },
    ],
    prevent: ['Store it unstarched and rinsed.'],
  }),
  course({
    id: 'yellowChlorine',
    name: 'Yellowed by chlorine bleach',
    markIds: ['chlorineYellowed'],
    is: 'Chlorine bound to a finish, a protein or a stretch fibre: the cloth, not dirt.',
    tells: [
      tell('Even yellow, right after bleach.', 'Chlorine on an easy-care finish, polyamide or elastane.'),
      tell('Only the stretch bands.', 'Elastane itself: it stays.'),
      tell('Orange after bleach.', 'Iron or a sun filter.', 'yellowIron'),
    ],
    cause: 'Chlorine on a finish, a stretch fibre or sweat.',
    causeAction: ['No more chlorine here.'],
    garment: [names('Bleached just now: rinse it cold in three waters.')],
    surfaceAtOnce: ['Bleached just now: blot, a damp cold cloth three times.'],
    donts: ['No vinegar, no acid.', 'No hot water, no iron.'],
    cloths: {
      white: white({
        first: [
          P.waters('residue', { min: [5, 15], c: [10, 25], stop: 'No smell of a pool.' }),
          P.reducer('yellow', {
            onlyIf: [C.noBleachLeft, C.white, C.noElastane, C.metalFree],
          }),
        ],
        wash: W.noBleach(),
        second: [
          P.oxygen('yellow', [240, 480], [40, 40], {
            onlyIf: [C.sweatZones],
          }),
        ],
        end: end(
          2,
          'accept',
          'A yellow finish stays: accept it, or dye.',
          ofSome({ fibreIds: ['elastane', 'polyamide'] }, 'Elastane and polyamide stay yellow.'),
        ),
      }),
      coloured: honest(
        'dyePatch',
        'Chlorine has taken the dye; rinse it out three times, then there is nothing to wash out.',
      ),
      synthetic: synthetic({
        first: [P.waters('residue', { min: [5, 15], c: [10, 25], stop: 'No smell of a pool.' })],
        second: [P.oxygen('yellow', [120, 240], [40, 40], { onlyIf: [C.noBleachLeft] })],
        end: end(
          2,
          'accept',
          'After two rounds, what is left stays.',
          ofSome({ fibreIds: ['elastane', 'polyamide'] }, 'Polyamide and elastane stay yellow.'),
        ),
      }),
      delicate: delicate({
        first: [P.waters('residue', { min: [5, 15], c: [10, 25] })],
        second: [P.waters('residue')],
        end: end(1, 'accept', 'What is yellow is the fibre.'),
      }),
      protein: honest('accept', 'Chlorine dissolved and yellowed the fibre; rinse it cold three times.'),
      surface: honest('accept', 'Fibre or dye is changed; a professional recolours.'),
      dryOnly: cleaner('Weakened cloth: a conservator.'),
    },
    never: [
      ['Vinegar or any acid with chlorine still in it.', 'Chlorine gas.'],
      ['More chlorine.', 'It yellows and rots further.'],
    ],
    says: [
      'Rinse three times before anything else.',
      'What is left may be a finish or a brightener, gone for good.',
    ],
    disputes: [
      {
        question: 'Reducer or oxygen first?',
        ways: ['reducer, for bound chlorine (default)', 'oxygen alone, where sweat zones show'],
      },
    ],
    prevent: ['Read the triangle.'],
    confidence: 'medium',
  }),
  course({
    id: 'yellowIron',
    name: 'Yellow or orange from iron in the water',
    markIds: ['ironYellow'],
    is: 'Iron from a well, pipes or a boiler, laid down by alkali and oxygen.',
    tells: [
      tell('Basin and kettle are orange.', 'Iron water.'),
      tell('Citric acid on an edge, half an hour: paler.', 'Iron is proven.'),
      tell('Worse after oxygen or chlorine.', 'Iron.'),
      tell('Sharp orange dots.', 'Flecks of rust.', 'rust'),
    ],
    cause: 'Iron water with an alkaline detergent; a rusty drum.',
    causeAction: ['A filter, or run the tap first; citrate in each wash.'],
    donts: ['No bleach of any kind.'],
    cloths: {
      white: white({
        first: [P.citricSoak('iron', { c: [35, 40] })],
        wash: W.noBleach([40, 60], 'Citrate with it.'),
        second: [
          P.citricSoak('iron', { c: [35, 40] }),
          P.reducer('iron', {
            onlyIf: [C.orange, C.white, C.noElastane, C.metalFree],
          }),
        ],
        checks: ['daylight'],
        end: end(2, 'accept', 'After two rounds, what is left stays.'),
      }),
      coloured: coloured({
        first: [P.citricSoak('iron', { min: [30, 30], onlyIf: [] })],
        second: [P.citricSoak('iron', { min: [30, 45] })],
      }),
      synthetic: synthetic({
        first: [P.citricSoak('iron', { min: [30, 30] })],
        second: [P.citricSoak('iron', { min: [30, 45] })],
      }),
      delicate: delicate({
        first: [P.mildVinegar('iron', { min: [10, 20] })],
        second: [P.mildVinegar('iron', { min: [10, 20] })],
      }),
      protein: protein({
        first: [P.mildVinegar('iron', { min: [10, 30] })],
        second: [P.mildVinegar('iron', { min: [10, 30] })],
      }),
      surface: surface({ first: [P.citricBlot()], second: [P.citricBlot()] }),
      dryOnly: cleaner('Iron rots old cloth: a conservator.'),
    },
    never: [
      ['Chlorine or oxygen first.', 'They fix the iron.'],
      ['Acid and reducer without two waters between.', 'Sulphur dioxide.'],
    ],
    says: ['It is iron: bleach turns it to rust.', 'Rinse the acid out fully: it must not dry in the cloth.'],
    disputes: [
      {
        question: 'The reducer at home for iron?',
        ways: ['round two, on plain white (default)', 'citric acid only, three times'],
      },
    ],
    prevent: ['Citrate in each wash.'],
  }),
  course({
    id: 'residueDull',
    name: 'Dull or grey from detergent and softener',
    markIds: ['residueGrey'],
    is: 'Detergent, softener or lime soap left in the cloth, holding soil.',
    tells: [
      tell('It foams in hot water with no detergent.', 'Detergent left.'),
      tell('Water beads; slippery.', 'Softener.', 'stiffSoftener'),
      tell('Grey curd, rancid when warm.', 'Lime soap.', 'stiffSoap'),
      tell('None of these, clean to the hand.', 'The brightener is gone.', 'lostWhite'),
    ],
    cause: 'Too much detergent, or too little for hard water; softener; cool and short programmes.',
    causeAction: [
      only({ hardWater: false }, 'Half the dose from now on; no softener.'),
      only({ hardWater: true }, 'From now on the full dose for hard water, sixty degrees; no softener.'),
    ],
    cloths: {
      white: white({
        first: [
          P.citricSoak('lime', { min: [30, 60], c: [35, 40], when: [C.hardWater], main: true }),
          P.noDetergent([40, 60], { when: [C.softWater] }),
          P.oxygen('grey', [120, 360], [40, 60], {
            onlyIf: [C.dull],
          }),
        ],
        wash: W.white(
          [60, 60],
          only({ hardWater: false }, 'Half a dose, citrate, an extra rinse.'),
          only({ hardWater: true }, 'The full dose for hard water, citrate with it, an extra rinse.'),
        ),
        second: [P.soda('grey')],
        checks: ['feel', 'waterDrop'],
      }),
      coloured: coloured({
        first: [P.noDetergent([30, 40])],
        second: [P.warmSuds('grey')],
        checks: ['feel'],
      }),
      synthetic: synthetic({
        first: [P.noDetergent([30, 40])],
        second: [P.warmSuds('grey')],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [P.waters('residue')],
        second: [P.mildVinegar('film', { min: [10, 10] })],
        checks: ['feel'],
      }),
      protein: protein({
        first: [P.waters('residue')],
        second: [P.mildVinegar('film', { min: [10, 10] })],
        checks: ['feel'],
      }),
      surface: surface({
        first: [P.waterBlot({ stop: 'No foam comes.' })],
        second: [P.waterBlot()],
        end: end(2, 'professional', 'Extraction by a cleaner.'),
      }),
      dryOnly: cleaner('Residue comes out with water only.'),
    },
    never: [
      [notOn({ hardWater: false }, 'More detergent.'), 'It is the trouble.'],
      [notOn({ hardWater: true }, 'Half a dose in hard water.'), 'Lime and dirt go back into the cloth.'],
      ['Softener.', 'It holds the grey.'],
    ],
    says: [
      ofSome({ hardWater: false }, 'One wash with no detergent: foam proves it.'),
      ofSome({ hardWater: true }, 'Too little detergent in hard water leaves lime and film in the cloth.'),
    ],
    disputes: [
      {
        question: 'Vinegar in the last rinse?',
        ways: ['for a month, then seldom (default)', 'none: citrate does it, seals live longer'],
      },
    ],
    prevent: ['Powder, dosed for your water, and a hotter wash.'],
  }),
  course({
    id: 'lostWhite',
    name: 'White that has lost its brightness',
    markIds: ['lostWhite'],
    is: 'The optical brightener has gone; the cloth is clean and cream.',
    tells: [
      tell('No zones, no feel, no smell; creamier than an inside seam.', 'The brightener.'),
      tell('Natural linen or wool.', 'Its own colour.'),
    ],
    cause: 'Sun, years, liquid detergents.',
    causeAction: ['A whites powder for whites.'],
    cloths: {
      white: white({
        wash: W.white([40, 60], 'Full dose, three to five washes running.'),
        second: [P.oxygen('yellow', [120, 240], [40, 40], { onlyIf: [C.oxygenUntried] })],
        checks: ['besideClean'],
        end: end(5, 'accept', 'Five washes: then it is cream.'),
      }),
      coloured: honest('accept', 'Brightener shifts pale colours; what is gone is dye.'),
      synthetic: synthetic({
        wash: W.synthetic('A whites powder at forty.'),
        second: [P.oxygen('yellow', [120, 240], [40, 40])],
        end: end(3, 'accept', 'Synthetics take little of it.'),
      }),
      delicate: honest('accept', 'Its own tone.'),
      protein: honest('accept', 'Natural cream; bleaching costs strength.'),
      surface: honest('accept', 'Sun and age.'),
      dryOnly: honest('accept', 'Old white cloth is never quite white.'),
    },
    never: [['Chlorine to whiten it.', 'There is nothing to bleach: the cloth yellows and weakens.']],
    says: ['Nothing is on it: a dye is gone.'],
    disputes: [
      {
        question: 'Laundry blue?',
        ways: ['no: patches and grey (default)', 'a few drops in the last rinse, well stirred'],
      },
    ],
    prevent: [only({ fibreIds: ['polyamide', 'silk'] }, 'Dry it in the shade.')],
  }),
  course({
    id: 'greyed',
    name: 'Whites gone grey',
    markIds: ['greyed', 'greyUnknown'],
    is: 'Soil, lime or stray dye laid back on the cloth.',
    tells: [
      tell('Slowly, dull and limp.', 'Soil laid back: too little detergent or heat.'),
      tell('Slowly, harsh; the kettle is furred.', 'Hard water: acid first.'),
      tell('In one wash, bluish or pinkish.', 'Dye.', 'dyeRun'),
      tell('Slippery, water beads.', 'Softener.', 'stiffSoftener'),
      tell('It foams in plain hot water.', 'Detergent left.', 'residueDull'),
    ],
    cause: 'Drum too full, too little detergent, mixed colours, thirty degrees for all.',
    causeAction: ['Whites alone, sixty degrees, the full dose for the hardness.'],
    cloths: {
      white: white({
        first: [
          P.citricSoak('lime', { min: [30, 30], onlyIf: [C.harsh, C.hardWater] }),
          P.long('grey', { c: [40, 60], onlyIf: [] }),
        ],
        wash: W.white([60, 60], 'Full dose, citrate with it.'),
        dry: ['sun', 'line'],
        second: [P.dye([20, 80], [40, 60], { onlyIf: [C.tint] }), P.long('grey', { c: [40, 60] })],
        checks: ['besideClean'],
        end: end(3, 'accept', 'Three soaks; then accept it, or dye.'),
      }),
      coloured: coloured({
        first: [P.warmSuds('grey')],
        second: [P.colourOxygen('grey', [60, 120])],
        end: end(2, 'accept', 'What has faded is not grey.'),
      }),
      synthetic: synthetic({
        first: [P.oxygen('grey', [60, 240], [40, 40])],
        second: [P.dye([30, 80], [40, 40])],
        checks: ['besideClean', 'feel'],
        end: end(2, 'accept', 'Synthetics hold grey: half back is good.'),
      }),
      delicate: delicate({
        first: [P.handSoak('grey'), P.handSoak('grey')],
        second: [
          P.oxygen('grey', [60, 240], [30, 40], {
            when: [C.viscose],
          }),
        ],
      }),
      protein: protein({
        first: [P.handSoak('grey'), P.handSoak('grey')],
        second: [P.peroxide('grey', [15, 30])],
      }),
      surface: cleaner('All-over grey needs extraction.'),
      dryOnly: dryOnly({ first: [P.dust()], end: end(1, 'professional', 'Vacuum it, and leave the rest.') }),
    },
    never: [
      ['Chlorine over lime and softener.', 'Yellow, and little white.'],
      ['Softener.', 'It binds the grey.'],
    ],
    says: [
      'A fuller dose, hotter, less in the drum.',
      ofSome({ fibreIds: ['polyamide'] }, 'Polyamide takes up dye: its grey is often for good.'),
    ],
    disputes: [
      {
        question: 'Less detergent, or more?',
        ways: ['more where it is limp and dull (default)', 'less where it foams'],
      },
    ],
    prevent: ['Leave a hand’s width free above the load.'],
  }),
  course({
    id: 'nicotine',
    name: 'Smoke-yellow nets, curtains, linen',
    markIds: ['nicotineYellow'],
    is: 'Tar and dust: sticky, acid, brown in the first water.',
    tells: [
      tell('Yellow-brown, smells of ash when damp.', 'Tar.'),
      tell('Grey-black at the top and the folds.', 'Soot and dust: dry first.', 'soot'),
      tell('It tears at a gentle pull.', 'Sun-rotted: it will not bear a wash.'),
    ],
    cause: 'Smoke, fire, candles, cooking; too long unwashed.',
    causeAction: ['Wash nets every three months.'],
    garment: ['Shake it outdoors once.'],
    surfaceAtOnce: ['Vacuum, a centimetre off.'],
    donts: ['No brush, no damp cloth on soot.'],
    cloths: {
      white: white({
        first: [
          P.dust(),
          P.waters('film', {
            min: [15, 30],
            c: [10, 25],
            expect: 'Brown water; change it two to four times.',
          }),
          P.soda('film', { min: [60, 120] }),
        ],
        wash: W.white(),
        second: [P.long('yellow', { c: [40, 60] })],
        checks: ['besideClean', 'smellWarm'],
      }),
      coloured: coloured({
        first: [P.dust(), P.waters('loose', { min: [10, 20], c: [10, 25] }), P.warmSuds('film')],
        second: [P.colourOxygen('film', [60, 120])],
        checks: ['smellWarm'],
      }),
      synthetic: synthetic({
        first: [
          P.dust({ expect: 'Hooks and weights off.' }),
          P.waters('loose', { min: [10, 20], c: [10, 25] }),
          P.oxygen('film', [60, 240], [30, 40]),
        ],
        wash: W.cool(),
        second: [P.oxygen('grey', [120, 240], [40, 40])],
        checks: ['againstLight', 'smellWarm'],
        notes: ['Folded in a net, no spin; hang it wet on the rail.'],
      }),
      delicate: delicate({
        first: [P.dust(), P.waters('loose', { min: [10, 20], c: [10, 25] }), P.handSoak('film')],
        second: [P.handSoak('film')],
        checks: ['smellWarm'],
      }),
      protein: protein({
        first: [P.dust(), P.air('smell')],
        second: [P.handSoak('film')],
        checks: ['smellWarm'],
      }),
      surface: surface({
        first: [P.dust(), P.foam('film')],
        second: [P.foam('film')],
        checks: ['whiteCloth'],
        end: end(2, 'professional', 'After a room fire: a smoke-damage firm.'),
      }),
      dryOnly: cleaner('Vacuum it, air it; then a cleaner: say that it is smoke.'),
    },
    never: [
      ['Wetting or rubbing soot.', 'It drives carbon in.'],
      ['A hot first bath, or a hot spin.', 'It sets tar and creases.'],
      ['Softener.', 'It holds dust.'],
    ],
    says: [
      'Wipe rail, frame and sill: the same film brings it back. In hard water its full dose.',
      'Cold water first: it turns brown.',
      ofSome({ itemIds: ['curtain', 'netCurtain'] }, 'Hang nets wet: their own weight smooths them.'),
    ],
    disputes: [
      {
        question: 'Nets in a machine?',
        ways: ['in a bag, half a drum, gentle (default)', 'bath only, hung dripping'],
      },
    ],
    prevent: [only({ itemIds: ['curtain', 'netCurtain'] }, 'Wash nets every three months.')],
  }),
];
