import { always } from '../say.js';
import { NO_HEAT_YET } from '../standingNotes.js';
import { C } from './conditions.js';
import {
  cleaner,
  coloured,
  course,
  delicate,
  dryOnly,
  EATEN_BY_ENZYMES,
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

/** Milk, egg, and what a body leaves in its clothes. */
export const milkAndSweat = [
  course({
    id: 'eggDairy',
    name: 'Egg, milk, cream, ice cream',
    markIds: ['egg', 'milk', 'iceCream'],
    alsoMarkIds: ['babyFormula'],
    is: 'Protein and fat: dull, stiff, sour when warm.',
    tells: [
      tell('Stiff and shiny.', 'Egg white.'),
      tell('See-through against the light.', 'Fat is left: the detergent pass.'),
      tell('Sour when damp and warm.', 'Milk is still in it.'),
    ],
    cause: 'A spill, a feed.',
    causeAction: ['Flush it the same day.'],
    garment: [
      'Lift with a spoon.',
      'Blot the rest.',
      'Cold water through from the back, two minutes.',
      'Keep it damp.',
    ],
    surfaceAtOnce: ['Lift, blot; dab cold water, a teaspoon a palm.'],
    donts: ['No water above forty degrees.', 'No rubbing.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.flush({ min: [2, 20] }), P.enzyme({ c: [25, 40] })],
        wash: W.white([40, 40]),
        second: [P.suds('fat', { onlyIf: [C.seeThrough] }), P.longEnzymeSoak({ c: [35, 40] })],
        checks: ['daylight', 'againstLight', 'smellDamp'],
        end: end(
          2,
          'accept',
          'Sixty degrees again once it is gone; a yellow that is left after two rounds has its own course.',
        ),
      }),
      coloured: coloured({
        first: [P.flush({ min: [2, 20] }), P.enzyme()],
        second: [P.suds('fat', { onlyIf: [C.seeThrough] }), P.enzymeSoak([120, 180])],
        checks: ['againstLight', 'smellDamp'],
      }),
      synthetic: synthetic({
        first: [P.flush(), P.suds('fat'), P.enzyme()],
        second: [P.enzymeSoak([60, 180])],
        checks: ['againstLight', 'smellDamp'],
      }),
      delicate: delicate({
        first: [
          P.drip(),
          P.mild('protein'),
          P.enzyme({ min: [10, 15], c: [20, 30], onlyIf: [C.noWoolOrSilk, C.notAntique], main: true }),
        ],
        second: [P.mild('fat')],
      }),
      protein: protein({
        first: [
          P.brush({
            when: [C.driedIn],
            onlyIf: [C.driedEgg],
            advice: [always('Flake it off with a fingernail.')],
          }),
          P.mild('protein', { min: [10, 30] }),
        ],
        second: [P.mild('protein', { min: [60, 120], expect: 'A compress: a damp cloth kept on it.' })],
        checks: ['smellWarm'],
        end: end(2, 'professional', 'Enzymes are barred here: a cleaner.'),
      }),
      surface: surface({
        first: [
          P.lift(),
          P.waterBlot(),
          P.foam('protein'),
          P.enzymeBlot('protein', { min: [10, 20], main: true }),
        ],
        second: [P.odourRemover({ min: [30, 60] }), P.sodaDry({ onlyIf: [C.dryNow] }), P.foam('fat')],
        checks: ['nextDay', 'smellWarm'],
        notes: [only({ fibreIds: ['wool'] }, 'On wool: suds twice, then a cleaner.')],
      }),
      dryOnly: dryOnly({
        first: [
          P.lift(),
          P.waterBlot({ min: [2, 3], expect: 'A cloth wrung hard: a wet edge leaves a ring.' }),
        ],
        end: end(1, 'professional', 'Then a cleaner: say what it is, for heat sets the protein.'),
      }),
    },
    never: [
      [
        'Hot water before it is gone.',
        'Egg white sets from about sixty degrees, milk protein from about seventy.',
      ],
      ['Vinegar on fresh milk.', 'It curdles into the cloth.'],
      [notOn({ fibreIds: EATEN_BY_ENZYMES }, 'Protein enzymes on it.'), 'They eat the fibre.'],
    ],
    says: ['Cold or lukewarm: hot water cooks it.', 'See-through is fat, not water.'],
    disputes: [
      {
        question: 'Vinegar for the smell of milk?',
        ways: ['no while milk is left (default)', 'in the last rinse, after it is gone'],
      },
    ],
    prevent: ['Feeding cloths flushed the same day.'],
  }),
  course({
    id: 'milkYellowed',
    name: 'Milk or formula come up yellow',
    markIds: ['babyFormula'],
    is: 'Milk fat and protein that stayed in, oxidised in the cupboard.',
    tells: [
      tell('Yellow at neck and front only.', 'Milk.'),
      tell('Yellow along folds.', 'Storage yellow.', 'yellowStorage'),
      tell('Pale orange round metal snaps.', 'Rust: acid, and no oxygen on it.', 'rust'),
      tell('Fresh and white.', 'Milk of today.', 'eggDairy'),
    ],
    cause: 'Put away before it was quite clean, or washed cool without enzymes.',
    causeAction: ['Soak before storing; wash without softener.'],
    donts: ['No chlorine.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.longEnzymeSoak({ c: [35, 40] }), P.oxygen('yellow', [240, 480], [40, 40])],
        wash: W.white([40, 60], 'Sixty only when soft and without smell; an extra rinse for skin.'),
        dry: ['sun', 'line'],
        second: [P.sun('yellow', { min: [120, 360] }), P.oxygen('yellow', [360, 480], [40, 60])],
        checks: ['daylight', 'besideClean'],
        end: end(3, 'accept', 'Three soaks in all; then accept it, or dye.'),
      }),
      coloured: coloured({
        first: [P.enzymeSoak([120, 180]), P.colourOxygen('yellow', [60, 120])],
        second: [P.colourOxygen('yellow', [120, 180])],
      }),
      synthetic: synthetic({
        first: [
          P.suds('fat', { min: [10, 10] }),
          P.enzymeSoak([60, 180]),
          P.colourOxygen('yellow', [60, 240]),
        ],
        second: [P.colourOxygen('yellow', [120, 240])],
      }),
      delicate: delicate({
        first: [
          P.mild('protein'),
          P.enzyme({ min: [10, 15], c: [20, 30], onlyIf: [C.noWoolOrSilk, C.notAntique], main: true }),
          P.peroxide('yellow', [5, 10], {
            onlyIf: [C.white, C.viscoseOrCotton, C.notAntique],
          }),
        ],
        second: [P.peroxide('yellow', [10, 15])],
        end: end(1, 'professional', 'One round, then a cleaner; an heirloom goes to a conservator.'),
      }),
      protein: protein({
        first: [P.mild('fat'), P.peroxide('yellow', [10, 20])],
        second: [P.peroxide('yellow', [20, 30])],
        end: end(
          2,
          'accept',
          'After two rounds, what is left stays.',
          ofSome(
            { fibreIds: ['wool', 'superwash', 'cashmere', 'mohair', 'alpaca', 'angora'] },
            'Wool yellows by itself.',
          ),
        ),
      }),
      surface: honest('accept', 'Old milk yellow in a fixed cover lightens little.'),
      dryOnly: cleaner('An old robe belongs to a conservator.'),
    },
    never: [
      ['Chlorine on it.', 'It yellows protein, and is nothing for a baby’s things.'],
      ['Borax on a child’s things.', 'Toxic to reproduction.'],
      ['Softener.', 'A film on the cloth.'],
    ],
    says: [
      'It looked clean when it was put away.',
      ofSome({ fibreIds: ['cotton', 'linen'], uses: ['protease'] }, 'Enzymes come first.'),
      ofSome({ fibreIds: ['cotton', 'linen'], uses: ['percarbonate'] }, 'Oxygen bleach comes second.'),
    ],
    prevent: ['An enzyme wash at forty to sixty before storing.'],
  }),
  course({
    id: 'sweatFresh',
    name: 'Fresh sweat',
    markIds: ['sweatFresh'],
    is: 'Salt and skin fat, nothing bound yet.',
    tells: [
      tell('A white edge of crystals.', 'Salt: water.'),
      tell('Stiff or yellow.', 'Deodorant and old fat.', 'underarmYellow'),
      tell('It smells only when warm.', 'Fat is left: enzymes and warmth.'),
    ],
    cause: 'Heat, sport, nerves.',
    causeAction: ['Air it and rinse it the same evening.'],
    garment: ['Hang it open to the air, or rinse a minute.'],
    surfaceAtOnce: ['Let it air.'],
    donts: ['No dryer.'],
    cloths: {
      white: white({
        first: [
          P.flush({ min: [2, 5], c: [15, 30] }),
          P.enzyme({ min: [10, 15], optional: true, onlyIf: [C.smellsOrOld] }),
        ],
        second: [P.enzymeSoak([60, 120])],
        checks: ['smellWarm'],
      }),
      coloured: coloured({
        first: [
          P.flush({ c: [15, 30] }),
          P.enzyme({ min: [10, 15], optional: true, onlyIf: [C.smellsOrOld] }),
        ],
        second: [P.enzymeSoak([60, 120])],
        checks: ['smellWarm'],
      }),
      synthetic: synthetic({
        first: [P.vinegarSoak('smell', { optional: true, onlyIf: [C.smells] })],
        wash: W.synthetic('No softener; not the short programme.'),
        second: [P.enzymeSoak([60, 120])],
        checks: ['smellWarm'],
      }),
      delicate: delicate({
        first: [P.drip({ min: [2, 5], c: [15, 25] })],
        second: [P.mild('fat', { min: [5, 10] })],
        checks: ['smellWarm'],
      }),
      protein: protein({
        first: [P.drip({ min: [2, 5], c: [12, 25] })],
        second: [P.mildVinegar('smell', { min: [15, 20] })],
        checks: ['smellWarm'],
        notes: [
          only({ fibreIds: ['wool'] }, 'Wool: a night in the air often suffices.'),
          only({ fibreIds: ['silk'] }, 'Silk: the whole panel, or it rings.'),
        ],
      }),
      surface: surface({
        first: [P.foam('salts')],
        second: [P.foam('fat')],
        checks: ['nextDay', 'smellWarm'],
      }),
      dryOnly: cleaner('Wipe a washable lining with a damp cloth; a cleaner does the rest.'),
    },
    never: [
      ['Chlorine on sweat.', 'It yellows.'],
      ['Softener on sports cloth.', 'Its film keeps the fat.'],
    ],
    says: ['Rinse or air it tonight: it yellows far less.'],
    prevent: ['An undershirt of cotton.'],
  }),
  course({
    id: 'underarmYellow',
    name: 'Yellow or stiff underarms and collars',
    markIds: ['sweatMark'],
    alsoMarkIds: ['sweatYellow'],
    is: 'Aluminium of a deodorant bound with old skin fat.',
    tells: [
      tell('Stiff, crusty, water beads on it.', 'Aluminium: the acid pass.'),
      tell('Yellow and soft.', 'Fat: detergent and oxygen.'),
      tell('It turned yellow after chlorine.', 'Chlorine yellow.', 'yellowChlorine'),
      tell('Pale or pinkish on a colour.', 'The dye is gone.', 'colourLost'),
    ],
    cause: 'Deodorant put on wet, and cool washes for months.',
    causeAction: ['Let it dry five minutes before dressing; wash inside out within two days at forty.'],
    donts: ['No chlorine.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.citric('aluminium', { onlyIf: [C.stiff], stop: 'It feels soft.' }),
          P.suds('fat', { min: [15, 20] }),
          P.long('yellow', { c: [40, 60], onlyIf: [] }),
        ],
        wash: W.white([40, 60], 'After a soak half a measure; an extra rinse.'),
        dry: ['sun', 'line'],
        second: [P.citric('aluminium', { onlyIf: [C.stiff] }), P.long('yellow', { c: [40, 60] })],
        checks: ['daylight', 'feel', 'besideClean'],
        end: end(3, 'accept', 'Three soaks in all; then accept it, or dye.'),
      }),
      coloured: coloured({
        first: [
          P.vinegar('aluminium', { min: [20, 30], onlyIf: [C.stiff] }),
          P.suds('fat', { min: [15, 20] }),
        ],
        second: [P.vinegar('aluminium', { min: [30, 60] }), P.colourOxygen('yellow', [60, 120])],
        checks: ['daylight', 'feel'],
        end: end(2, 'accept', 'A dye that acid or aluminium has changed: accept it, or dye over.'),
      }),
      synthetic: synthetic({
        first: [P.vinegar('aluminium', { onlyIf: [C.stiff] }), P.enzyme()],
        second: [P.colourOxygen('yellow', [120, 240])],
        checks: ['daylight', 'smellWarm'],
      }),
      delicate: delicate({
        first: [P.weakVinegar('aluminium'), P.mild('fat')],
        second: [
          P.peroxide('yellow', [5, 10], {
            onlyIf: [C.white, C.viscoseOrCotton, C.notAntique],
          }),
        ],
      }),
      protein: protein({
        first: [P.vinegar('aluminium', { min: [15, 30] }), P.mild('fat', { min: [15, 30] })],
        second: [P.peroxide('yellow', [10, 20], { onlyIf: [C.whiteOrFast] })],
      }),
      surface: surface({
        first: [P.foam('fat'), P.vinegarBlot('aluminium', { onlyIf: [C.stiff] })],
        second: [P.foam('fat'), P.mattressCoat('yellow')],
      }),
      dryOnly: cleaner('Old sweat weakens such cloth; wet work tears it.'),
    },
    never: [
      ['Chlorine on it.', 'It yellows the aluminium and the protein.'],
      ['Soda or soap first on a stiff mark.', 'Aluminium soap: stiffer.'],
      ['Acid and oxygen without a full rinse between.', 'Peracetic acid.'],
    ],
    says: ['Acid loosens, detergent takes the fat, oxygen whitens.', 'A lighter patch is lost dye.'],
    disputes: [
      {
        question: 'Acid or oxygen first?',
        ways: ['acid, rinsed out, then oxygen (default)', 'oxygen alone, again and again'],
      },
    ],
    prevent: ['Deodorant dry before dressing.'],
  }),
  course({
    id: 'deodorantStreak',
    name: 'White deodorant streaks on dark cloth',
    markIds: ['deodorantStreak'],
    is: 'Powder and wax on the face of the cloth.',
    tells: [
      tell('It comes off on a dry finger.', 'A streak: rub it dry.'),
      tell('Stiff, it does not come off.', 'Built up.', 'underarmYellow'),
    ],
    cause: 'Pulled on before it was dry.',
    causeAction: ['Five minutes to dry; dress with the piece inside out over the head.'],
    garment: ['Rub it dry with the cloth itself, a minute.'],
    donts: ['No water first: it smears.'],
    cloths: {
      white: honest('accept', 'It does not show, and the next wash takes it.'),
      coloured: coloured({
        first: [P.dryRub(), P.weakVinegar('wax', { optional: true, onlyIf: [C.stillSeen] })],
        second: [P.suds('fat', { min: [5, 10] })],
      }),
      synthetic: synthetic({ first: [P.dryRub()], second: [P.suds('fat', { min: [5, 10] })] }),
      delicate: delicate({ first: [P.dryRub()], second: [P.mild('wax', { min: [5, 10] })] }),
      protein: protein({ first: [P.dryRub()], second: [P.mild('wax', { min: [5, 10] })] }),
      surface: surface({
        first: [P.dust(), P.dryRub({ main: true }), P.waterBlot({ optional: true })],
        end: end(1, 'accept', 'Seldom there: a trace wears off.'),
      }),
      dryOnly: dryOnly({ first: [P.dryRub()] }),
    },
    never: [
      ['Oxygen bleach on a dark cloth for it.', 'There is no colour to bleach, and the dye is at risk.'],
    ],
    says: ['Dry first: water smears it.'],
    prevent: ['Let it dry five minutes.'],
  }),
];
