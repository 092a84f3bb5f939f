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

const GLOVES = 'Gloves on: it is a body fluid.';
/** Old blood takes up water slowly: soaked first, then peroxide. */
const DRIED_BLOOD = { c: [25, 35], when: [C.dayOld], loosens: true } as const;

/** What comes from a body: cold before anything, gloves, and wash apart. */
/** Where no water may go: what is wet is drawn out, and powder takes up the smell of what has dried. */
const URINE_DRY = dryOnly({
  first: [
    P.towel({ min: [10, 20], when: [C.wet] }),
    P.sodaDry({ ways: ['sodaDry', 'absorbentDust'], min: [240, 480], main: true }),
  ],
  second: [P.sodaDry({ ways: ['sodaDry', 'absorbentDust'], min: [240, 480] })],
  checks: ['nextDay', 'smellWarm'],
  end: end(2, 'professional', 'The salts draw damp, and powder does not reach them: a cleaner.'),
});

export const bodyFluids = [
  course({
    id: 'blood',
    name: 'Blood',
    markIds: ['blood', 'woundFluid'],
    is: 'Blood: red, then brown, stiff where it dried.',
    tells: [
      tell('A drop of peroxide fizzes, where the piece bears it.', 'There is still blood in it.'),
      tell('Brown and soft, nothing fizzes.', 'Iron, or protein that heat has set: the second round.'),
      tell('Orange-brown near metal, never stiff.', 'Rust.', 'rust'),
    ],
    cause: 'A cut, a nosebleed, a period: minutes decide.',
    causeAction: ['Cold water within the hour; a protector under the sheet.'],
    garment: [GLOVES, 'Blot a minute.', 'Cold water from the back, three minutes.', 'Keep it damp.'],
    surfaceAtOnce: [
      GLOVES,
      'Blot with a dry white cloth.',
      'Dab cold water, a teaspoon a palm, blot until the cloth stays pale.',
    ],
    donts: ['No hot water.', 'No rubbing.', 'No vinegar on fresh blood.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.flush({ min: [2, 10] }),
          P.longEnzymeSoak({ ...DRIED_BLOOD, min: [120, 480] }),
          P.enzyme({ c: [20, 30] }),
          P.peroxide('colour', [3, 10], {
            stop: 'It no longer fizzes; three fresh doses at most.',
            expect: 'White fizz: that is blood, not damage.',
          }),
        ],
        second: [
          P.citric('iron', { onlyIf: [C.brownNoFizz], main: true }),
          P.longEnzymeSoak({ min: [180, 720], c: [30, 40] }),
        ],
        wash: W.coloured('Sixty only once it is gone.'),
        end: end(2, 'accept', 'A faint brown that is left then stays.'),
      }),
      coloured: coloured({
        first: [
          P.flush({ min: [2, 10] }),
          P.enzymeSoak([120, 180], DRIED_BLOOD),
          P.enzyme({ c: [20, 30] }),
          P.peroxide('colour', [3, 5]),
        ],
        second: [
          P.citric('iron', { min: [30, 30], onlyIf: [C.brownNoFizz], main: true }),
          P.enzymeSoak([120, 180]),
        ],
      }),
      synthetic: synthetic({
        first: [P.flush({ expect: 'The flush alone takes most.' }), P.enzyme({ c: [20, 30] })],
        second: [P.enzymeSoak([60, 180])],
      }),
      delicate: delicate({
        first: [
          P.drip({ stop: 'A lining gives colour.' }),
          P.mild('protein'),
          P.enzyme({ min: [10, 15], c: [20, 30], onlyIf: [C.noWoolOrSilk, C.notAntique], main: true }),
          P.peroxide('colour', [3, 5]),
        ],
        second: [P.peroxide('colour', [5, 10])],
      }),
      protein: protein({
        first: [
          P.drip(),
          P.mild('protein', { min: [10, 30] }),
          P.peroxide('colour', [5, 15], {
            onlyIf: [C.whiteOrFast, C.notAntique],
          }),
        ],
        second: [
          P.mild('protein', { min: [60, 120], expect: 'A compress: a damp cloth kept on it.' }),
          P.peroxide('colour', [10, 20]),
        ],
      }),
      surface: surface({
        first: [
          P.waterBlot(),
          P.foam('protein'),
          P.enzymeBlot('protein', { min: [10, 30], when: [C.woundFluid], main: true }),
          P.peroxideBlot('colour', [3, 10]),
        ],
        second: [
          P.mattressCoat('colour'),
          P.odourRemover({
            min: [20, 60],
            onlyIf: [C.noWoolOrSilk],
          }),
        ],
        notes: [
          only({ fibreIds: ['wool'], uses: ['peroxide'] }, 'Peroxide once, then a cleaner.'),
          only(
            { itemIds: ['mattress'] },
            'A mattress lightens and seldom comes quite clean: a protector over it.',
          ),
        ],
      }),
      dryOnly: cleaner('Water drives it in, and no home solvent takes it.'),
    },
    never: [
      ['Water above 40 °C before it is gone.', 'The protein coagulates in the cloth.'],
      ['Chlorine on it.', 'It yellows protein and turns what iron is left.'],
      ['Vinegar on fresh blood.', 'Acid turns it brown and sets it.'],
      [notOn({ fibreIds: EATEN_BY_ENZYMES }, 'Protein enzymes on it.'), 'They eat the fibre.'],
    ],
    says: ['Cold only, until no red comes.', 'Fizz is blood, not damage.'],
    disputes: [
      {
        question: 'Salt in the cold water?',
        ways: ['plain water (default)', 'a teaspoon to a cup helps the protein dissolve'],
      },
      {
        question: 'Peroxide before the enzyme, or after?',
        ways: ['enzyme first (default)', 'peroxide first on fresh spots'],
      },
    ],
    prevent: [only({ itemIds: ['mattress', 'bedSheet', 'pillowcase'] }, 'A washable protector underneath.')],
  }),
  course({
    id: 'otherBodyFluid',
    name: 'Other body fluids',
    markIds: ['mucus', 'semen'],
    is: 'Protein and salts: stiff, pale, nearly invisible until warmed.',
    tells: [
      tell('Stiff, pale, a sharp edge.', 'Dried protein.'),
      tell('A ring and a sharp smell.', 'Urine.', 'urine'),
    ],
    cause: 'A cold, a bed, a child.',
    causeAction: ['Cold water the same day.'],
    garment: [GLOVES, 'Lift what lies on top; cold water through from the back.'],
    surfaceAtOnce: [GLOVES, 'Lift, blot; cold water, a teaspoon a palm.'],
    donts: ['No warm water first.', NO_HEAT_YET],
    cloths: {
      white: white({ first: [P.flush(), P.enzyme()], wash: W.white([40, 60]), second: [P.longEnzymeSoak()] }),
      coloured: coloured({ first: [P.flush(), P.enzyme()], second: [P.enzymeSoak([60, 180])] }),
      synthetic: synthetic({
        first: [P.flush(), P.enzyme({ min: [10, 20] })],
        second: [P.enzymeSoak([60, 180])],
      }),
      delicate: delicate({
        first: [
          P.drip(),
          P.mild('protein'),
          P.enzyme({ min: [10, 15], c: [20, 30], onlyIf: [C.noWoolOrSilk, C.notAntique], main: true }),
        ],
        second: [P.mild('protein', { min: [20, 30] })],
      }),
      protein: protein({
        first: [P.drip(), P.mild('protein', { min: [10, 30] })],
        second: [P.mild('protein', { min: [60, 120] })],
      }),
      surface: surface({
        first: [P.waterBlot(), P.foam('protein'), P.enzymeBlot('protein', { min: [10, 30], main: true })],
        second: [P.odourRemover(), P.peroxideBlot('colour', [5, 10])],
      }),
      dryOnly: cleaner('Protein needs water.'),
    },
    never: [
      ['Hot water before it is gone.', 'It cooks the protein in.'],
      [notOn({ fibreIds: EATEN_BY_ENZYMES }, 'Protein enzymes on it.'), 'They eat the fibre.'],
    ],
    says: ['Cold first; it hardly shows and stiffens the cloth.'],
  }),
  course({
    id: 'vomit',
    name: 'Vomit',
    markIds: ['vomit'],
    is: 'Acid, protein, fat and food colour; the smell is an acid too.',
    tells: [
      tell(
        'Others are ill as well, all at once.',
        'Take it as catching: sixty degrees, a powder with oxygen, apart.',
      ),
      tell('A yellow-green rest.', 'Bile: oxygen and sun.'),
      tell('It smells when damp and warm.', 'Not rinsed to the core.'),
    ],
    cause: 'Sickness, drink, a car.',
    causeAction: ['Bag it apart and wash it the same day.'],
    garment: [
      GLOVES,
      'Lift it off with a card, no shaking; apart from other washing, children away.',
      'Cold water from the back, three to five minutes.',
    ],
    surfaceAtOnce: [GLOVES, 'Lift, blot.', 'A cold damp cloth, blotted, until clean.'],
    donts: ['No hot water yet.', 'No chlorine.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [
          P.lift(),
          P.flush({ min: [3, 10] }),
          P.enzyme({ min: [10, 20], optional: true, onlyIf: [C.nobodyIll] }),
        ],
        wash: W.hygiene('Alone; full dose. Where it is catching, run the machine empty at sixty afterwards.'),
        second: [P.oxygen('yellow', [120, 480], [40, 60])],
        checks: ['daylight', 'smellDamp'],
        end: end(2, 'accept', 'Smell after two rounds: odour remover by its label, then sun.'),
      }),
      coloured: coloured({
        first: [
          P.lift(),
          P.flush({ min: [3, 10] }),
          P.enzyme({ min: [10, 20], optional: true, onlyIf: [C.nobodyIll] }),
        ],
        wash: W.colouredHot('If it is catching: powder.'),
        second: [P.colourOxygen('yellow', [60, 240])],
        checks: ['daylight', 'smellDamp'],
      }),
      synthetic: synthetic({
        first: [P.lift(), P.flush(), P.removerSpot({ onlyIf: [C.nobodyIll] })],
        second: [P.colourOxygen('yellow', [60, 240])],
        checks: ['daylight', 'smellDamp'],
      }),
      delicate: delicate({
        first: [P.lift(), P.drip(), P.mild('protein')],
        second: [P.mild('smell', { min: [20, 30] })],
        checks: ['smellDamp'],
        end: end(
          1,
          'professional',
          'Thirty degrees does not disinfect. Where it is catching, a cleaner: say so.',
        ),
      }),
      protein: protein({
        first: [P.lift(), P.drip(), P.handSoak('protein')],
        second: [P.air('smell'), P.peroxide('yellow', [5, 15])],
        checks: ['smellDamp'],
      }),
      surface: surface({
        first: [P.lift(), P.waterBlot(), P.foam('fat'), P.odourRemoverLong()],
        second: [P.sodaDry({ onlyIf: [C.dryNow, C.nobodyIll] }), P.peroxideBlot('colour', [5, 10])],
        checks: ['nextDay', 'smellWarm'],
        end: end(2, 'professional', 'Two rounds; soaked through, extraction by a professional.'),
      }),
      dryOnly: cleaner('Lift, blot, dry soda; then a cleaner: say what it is.'),
    },
    never: [
      ['Chlorine on it.', 'There is acid and ammonia in it: fumes.'],
      ['Steam or a hot-air gun.', 'Heat sets protein and smell.'],
      ['Shaking it out.', 'That spreads germs.'],
    ],
    says: ['Wash hands, and wipe what it touched.', 'Judge the smell damp and warm, not dry.'],
    disputes: [
      {
        question: 'Vinegar for the smell?',
        ways: ['no: the smell is itself an acid (default)', 'in the last rinse, from habit'],
      },
    ],
    prevent: ['Use a washable cover; lay a towel over the bed of someone who is ill.'],
  }),
  course({
    id: 'faeces',
    name: 'Faeces, nappy leaks',
    markIds: ['faeces'],
    is: 'Protein, fat, bile colour and germs.',
    tells: [
      tell('Mustard yellow on baby cloth.', 'Bile colour: sun takes it.'),
      tell('Grey and greasy.', 'Zinc cream: dish detergent.'),
    ],
    cause: 'A leak, an illness.',
    causeAction: ['See to the size and fit of the nappy.'],
    garment: [GLOVES, 'Lift it into the toilet.', 'Cold water from the back, three to five minutes.'],
    surfaceAtOnce: [GLOVES, 'Lift, blot, a cold damp cloth.'],
    donts: ['No hot water first.', 'No chlorine.', NO_HEAT_YET],
    cloths: {
      white: white({
        first: [P.lift(), P.flush({ min: [3, 5] }), P.enzyme()],
        wash: W.hygiene('A load of its own; pre-rinse and an extra rinse.'),
        dry: ['sun', 'line'],
        second: [P.sun('yellow', { min: [120, 360] }), P.oxygen('yellow', [120, 360], [40, 60])],
      }),
      coloured: coloured({
        first: [P.lift(), P.flush({ min: [3, 5] }), P.enzyme()],
        wash: W.colouredHot(),
        second: [P.colourOxygen('yellow', [60, 180])],
      }),
      synthetic: synthetic({
        first: [P.lift(), P.flush({ min: [3, 5] }), P.enzyme()],
        second: [P.colourOxygen('yellow', [60, 180])],
      }),
      delicate: delicate({
        first: [
          P.lift(),
          P.drip(),
          P.mild('protein'),
          P.enzyme({ min: [10, 15], c: [20, 30], onlyIf: [C.noWoolOrSilk, C.notAntique], main: true }),
        ],
        second: [P.peroxide('yellow', [3, 5])],
        end: end(1, 'professional', 'Thirty degrees is not hygiene: a cleaner.'),
      }),
      protein: protein({
        first: [P.lift(), P.drip(), P.mild('protein', { min: [15, 30] })],
        second: [P.peroxide('yellow', [10, 15])],
      }),
      surface: surface({
        first: [P.lift(), P.waterBlot(), P.foam('fat'), P.odourRemoverLong()],
        second: [P.peroxideBlot('yellow', [5, 10]), P.mattressCoat('yellow')],
        checks: ['nextDay', 'smellWarm'],
      }),
      dryOnly: cleaner('Germs, and water marks.'),
    },
    never: [
      ['Chlorine while urine may be in it.', 'Chloramines: poisonous fumes.'],
      ['In one load with kitchen cloths.', 'Germs.'],
      [notOn({ itemIds: ['clothNappy', 'babyClothes', 'towel'] }, 'Softener on it.'), 'It stops drinking.'],
    ],
    says: [ofSome({ white: true, drains: true }, 'Yellow that is left: hang it wet in the sun.')],
    disputes: [
      {
        question: 'Soak nappies or keep them dry?',
        ways: [
          'a dry pail, washed within two days (default)',
          'an oxygen bath, lid laid loose, out of a child’s reach',
        ],
      },
    ],
    prevent: ['Flush at once; a liner.'],
  }),
  course({
    id: 'urine',
    name: 'Urine',
    markIds: ['humanUrine'],
    alsoMarkIds: ['mattressRing'],
    is: 'Fresh: salts and urea. Old: salts, ammonia and a yellow rim.',
    tells: [
      tell('It smells when breathed on, or damp.', 'Salts are still in it.'),
      tell('A yellow halo came back.', 'It was treated too narrow: three centimetres wider.'),
      tell('A rim without any smell.', 'Water or a drink.', 'waterRing'),
    ],
    cause: 'A wet bed, a leak, age.',
    causeAction: ['A waterproof protector; new and often: ask a doctor.'],
    garment: [GLOVES, 'Rinse cold in two waters the same day.'],
    surfaceAtOnce: [
      GLOVES,
      'Blot under a towel and a weight, ten minutes.',
      'A cold damp cloth, a teaspoon a palm, blot.',
    ],
    donts: ['No chlorine, ever.', 'No steam.', 'No hot water first.'],
    cloths: {
      white: white({
        first: [P.waters('salts'), P.vinegarSoak('salts', { onlyIf: [C.dampSmellOrOld] })],
        wash: W.hygiene('Full dose.', only({ tagBelowC: 60 }, 'A booster with it.')),
        dry: ['sun', 'line'],
        second: [
          P.oxygen('yellow', [240, 480], [40, 60], { after: 'full' }),
          P.removerSoak({ onlyIf: [C.smellLeft, C.oxygenOut] }),
        ],
        checks: ['smellDamp', 'daylight'],
        end: end(3, 'accept', 'A smell that comes back is then in what lies beneath.'),
      }),
      coloured: coloured({
        first: [P.waters('salts'), P.vinegarSoak('salts', { onlyIf: [C.dampSmellOrOld] })],
        wash: W.colouredHot(),
        second: [P.colourOxygen('yellow', [60, 180])],
        checks: ['smellDamp'],
      }),
      synthetic: synthetic({
        first: [P.waters('salts'), P.vinegarSoak('salts', { onlyIf: [C.overADay] })],
        second: [P.colourOxygen('smell', [60, 240])],
        checks: ['smellDamp'],
      }),
      delicate: delicate({
        first: [P.drip({ min: [10, 15] }), P.weakVinegar('smell')],
        second: [P.handSoak('smell')],
        checks: ['smellDamp'],
      }),
      protein: protein({
        first: [P.drip({ min: [10, 15] }), P.mildVinegar('salts', { min: [20, 30] })],
        second: [
          P.peroxide('yellow', [10, 20], {
            onlyIf: [C.whiteOrFast],
          }),
        ],
        checks: ['smellDamp'],
      }),
      surface: surface({
        first: [
          P.towel(),
          P.waterBlot(),
          P.odourRemoverLong({ min: [60, 480], when: [C.noWoolOrSilk] }),
          P.vinegarBlot('smell', { min: [10, 15], when: [C.woolOrSilk] }),
        ],
        second: [P.sodaDry({ when: [C.notMattress], onlyIf: [C.dryNow] }), P.mattressCoat('yellow')],
        checks: ['nextDay', 'smellWarm', 'fromSide'],
        notes: ['Go three centimetres past the rim.'],
        end: end(
          2,
          'professional',
          ofSome({ itemIds: ['carpet', 'rug'] }, 'Through to the underlay: lift or replace that.'),
          ofSome({ itemIds: ['mattress'] }, 'If it smells on damp days and is past eight years, replace it.'),
          ofSome(
            { itemIds: ['armchair', 'diningChair', 'vehicleSeat'] },
            'Through to the padding: extraction by a professional.',
          ),
        ),
      }),
      dryOnly: URINE_DRY,
    },
    never: [
      ['Chlorine, also on dried urine.', 'Chloramines: poisonous fumes.'],
      ['An ammonia cleaner.', 'The same smell, and alkali on top.'],
      ['Steam.', 'It sets the smell.'],
      ['An oxygen bath on flame-retardant nightwear.', 'It spoils the finish.'],
    ],
    says: ['The smell comes back with damp: then salts are still in.', 'Treat it wider than the rim.'],
    disputes: [
      {
        question: 'Acid, enzyme or peroxide on a mattress?',
        ways: ['enzyme remover (default)', 'vinegar one to one, then dry soda', 'a peroxide and soda coat'],
      },
      { question: 'Soda and vinegar together?', ways: ['they cancel each other (default)', 'habit'] },
    ],
    prevent: ['Use a waterproof protector.'],
  }),
  course({
    id: 'petUrine',
    name: 'Pet urine',
    markIds: ['petUrine', 'catUrine'],
    is: 'Urea and salts; a cat’s brings a sulphur smell that grows for days.',
    tells: [
      tell(
        'It glows under an ultraviolet torch in the dark.',
        'The edge of the spill: treat to there and beyond.',
      ),
      tell('It smells on damp days.', 'Salts in the backing or the filling.'),
      tell('Sprayed upright, sharp.', 'A cat marking.'),
    ],
    cause: 'Not house-trained, ill, marking, a dirty tray.',
    causeAction: ['New: a vet. A clean tray, and the animal kept off until it is dry.'],
    garment: ['Rinse cold in two waters.'],
    surfaceAtOnce: [
      'Blot under a towel and a weight, ten to twenty minutes.',
      'Cold water in small pours, blotted, three times.',
    ],
    donts: ['No chlorine.', 'No ammonia cleaner.', 'No steam.'],
    cloths: {
      white: white({
        first: [P.waters('salts'), P.removerSoak()],
        wash: W.hygiene('Alone; an extra rinse.'),
        dry: ['sun', 'line'],
        second: [P.oxygen('smell', [360, 480], [40, 60])],
        checks: ['smellDamp'],
        end: end(3, 'discard', 'Then let cheap things go.'),
      }),
      coloured: coloured({
        first: [P.waters('salts'), P.removerSoak()],
        wash: W.colouredHot(),
        second: [P.colourOxygen('smell', [60, 120])],
        checks: ['smellDamp'],
      }),
      synthetic: synthetic({
        first: [P.waters('salts'), P.removerSoak()],
        second: [P.colourOxygen('smell', [60, 240])],
        checks: ['smellDamp'],
      }),
      delicate: delicate({
        first: [
          P.drip({ min: [10, 15] }),
          P.weakVinegar('smell'),
          P.removerSpot({ min: [15, 60], main: true }),
        ],
        second: [P.weakVinegar('smell')],
        checks: ['smellDamp'],
      }),
      protein: protein({
        first: [P.waters('salts', { c: [12, 20] }), P.mildVinegar('smell', { min: [30, 45] })],
        second: [P.peroxide('smell', [15, 30], { onlyIf: [C.whiteOrFast] })],
        checks: ['smellDamp'],
        end: end(
          2,
          'professional',
          'Then a cleaner.',
          ofSome(
            {
              markIds: ['catUrine', 'petUrine'],
              fibreIds: ['wool', 'superwash', 'cashmere', 'mohair', 'alpaca', 'angora'],
            },
            'Cat urine on wool often stays.',
          ),
        ),
      }),
      surface: surface({
        first: [
          P.towel({ min: [10, 20] }),
          P.waterBlot(),
          P.odourRemoverLong({ min: [120, 480], when: [C.noWoolOrSilk] }),
          P.vinegarBlot('smell', { min: [10, 15], when: [C.woolOrSilk] }),
        ],
        second: [P.odourRemoverLong({ min: [120, 480] }), P.peroxideBlot('colour', [5, 10])],
        checks: ['nextDay', 'smellWarm'],
        end: end(3, 'professional', 'Through to the underlay: cut that out and replace it, seal the floor.'),
      }),
      dryOnly: URINE_DRY,
    },
    never: [
      ['Chlorine on it.', 'Chloramines: poisonous fumes.'],
      ['An ammonia cleaner.', 'Animals mark there again.'],
      ['Steam or hot air.', 'They set the smell.'],
      ['Vinegar and an enzyme remover at once.', 'The acid stops the enzyme.'],
    ],
    says: [
      'Find the place by nose or lamp and mark it; look at what lies beneath too.',
      ofSome({ markIds: ['catUrine'] }, 'A cat that goes on the bed is for the vet.'),
      'A remover works while damp: hours, then dry.',
      'It smells stronger while damp: wait until it is dry.',
    ],
    disputes: [
      {
        question: 'How wet on a carpet?',
        ways: [
          'a tablespoon a palm, repeated and blotted (default)',
          'as much as was spilled, at once: reaches the backing, risks browning',
        ],
      },
      {
        question: 'Vinegar or enzyme first?',
        ways: ['enzyme alone (default)', 'vinegar, rinsed, the enzyme next day'],
      },
    ],
    prevent: ['Pet bedding washed weekly at sixty.'],
    confidence: 'medium',
  }),
];
