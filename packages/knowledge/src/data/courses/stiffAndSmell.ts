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

const STIFF_TELLS = [
  tell('A drop of water soaks in at once, still hard; the kettle is furred.', 'Lime.', 'stiffScale'),
  tell('A drop stays ten seconds and more.', 'Softener or oil.', 'stiffSoftener'),
  tell('Slippery when wet, a curd, rancid.', 'Soap scum.', 'stiffSoap'),
  tell('Hard only from a still line.', 'Nothing on it: shake it hard, or ten minutes in the dryer.'),
];
/** The one sentence for what a dirty machine needs. */
const CLEAN_MACHINE =
  'The machine: an empty run at sixty to ninety with two doses of powder. Wipe seal, drawer and filter; leave the door open.';

/** What makes cloth stiff or waxy, and what makes it smell. */
export const stiffAndSmell = [
  course({
    id: 'stiffScale',
    name: 'Stiff from hard water',
    markIds: ['scale', 'stiffUnknown'],
    is: 'Lime dried between the fibres.',
    tells: STIFF_TELLS,
    cause: 'Hard water, too little softening in the wash.',
    causeAction: ['Dose for your hardness; citrate in the wash.'],
    cloths: {
      white: white({
        first: [P.citricSoak('lime', { c: [35, 40], stop: 'The cloth turns limp.' })],
        wash: W.white([60, 60], 'Full dose for the hardness, citrate with it.'),
        dry: ['line', 'tumbleLow'],
        second: [P.citricSoak('lime', { c: [35, 40] })],
        checks: ['feel', 'waterDrop'],
        end: end(2, 'accept', 'Two baths; still hard: worn pile.'),
      }),
      coloured: coloured({
        first: [P.citricSoak('lime', { min: [30, 30], onlyIf: [] })],
        second: [P.citricSoak('lime', { min: [30, 30] })],
        checks: ['feel', 'waterDrop'],
      }),
      synthetic: synthetic({
        first: [P.vinegarSoak('lime')],
        second: [P.vinegarSoak('lime')],
        checks: ['feel'],
      }),
      delicate: delicate({
        first: [P.mildVinegar('lime', { min: [10, 20] })],
        second: [P.mildVinegar('lime', { min: [10, 20] })],
        checks: ['feel'],
      }),
      protein: protein({
        first: [P.mildVinegar('lime', { min: [10, 20] })],
        second: [P.mildVinegar('lime', { min: [10, 20] })],
        checks: ['feel'],
      }),
      surface: surface({
        first: [P.vinegarBlot('lime', { main: true })],
        end: end(1, 'accept', 'A hard patch that stays is detergent that was left: see dull from detergent.'),
      }),
      dryOnly: honest('accept', 'It needs a bath.'),
    },
    never: [
      [
        notOn(
          { notMarkIds: ['softenerWaxy', 'stiffTowels', 'soapScumBuild'] },
          'Soda or a strip before the acid.',
        ),
        'It leaves the lime.',
      ],
      ['Acid with chlorine in one cycle.', 'Chlorine gas.'],
      [
        notOn({ fibreIds: ['cotton', 'linen', 'hemp', 'viscose'] }, 'Acid left to dry in it.'),
        'It weakens the cloth.',
      ],
    ],
    says: [
      ofSome(
        { drains: true },
        'Shake it hard, and move it while it dries: wind, or ten minutes in the dryer.',
      ),
      'Lime needs acid; more detergent does nothing.',
      'Rinse twice: acid must not dry in the cloth.',
      'Acid baths in plastic: not in bare metal or chipped enamel.',
    ],
    disputes: [
      {
        question: 'Vinegar or citric acid?',
        ways: ['citric: stronger, no smell (default)', 'vinegar in the last rinse'],
      },
    ],
    prevent: ['Citrate in each wash.'],
  }),
  course({
    id: 'stiffSoftener',
    name: 'Waxy towels that do not drink',
    markIds: ['softenerWaxy', 'stiffTowels'],
    is: 'Softener wax and body oil round each loop.',
    tells: STIFF_TELLS,
    cause: 'Softener, dryer sheets, too much detergent, cold washes.',
    causeAction: ['No more softener and sheets; vinegar or nothing in the last rinse.'],
    cloths: {
      white: white({
        first: [P.soda('film', { stop: 'A drop soaks in.', expect: 'Milky grey water.' })],
        wash: W.white([60, 60], 'Half a dose, an extra rinse.'),
        second: [P.soda('film'), P.citricSoak('lime', { min: [30, 30], onlyIf: [C.limeUnder] })],
        checks: ['waterDrop'],
        end: end(3, 'accept', 'Three washes; then lime underneath, or worn out.'),
      }),
      coloured: coloured({
        first: [P.warmSuds('film', { after: 'short' })],
        wash: W.colouredHot(),
        second: [P.warmSuds('film')],
        checks: ['waterDrop'],
      }),
      synthetic: synthetic({
        first: [P.warmSuds('film', { after: 'short' })],
        second: [P.warmSuds('film')],
        checks: ['waterDrop'],
      }),
      delicate: delicate({
        first: [P.handSoak('film')],
        second: [P.handSoak('film')],
        checks: ['waterDrop'],
      }),
      protein: protein({ first: [P.handSoak('film')], second: [P.handSoak('film')], checks: ['waterDrop'] }),
      surface: honest('noHomeMethod', 'Not a softener trouble.'),
      dryOnly: honest('accept', 'It needs hot water.'),
    },
    never: [
      ['Softener or sheets.', 'They are the cause.'],
      ['Acid first.', 'Wax does not dissolve in it.'],
    ],
    says: [
      ofSome(
        { drains: true },
        'Shake it hard, and move it while it dries: wind, or ten minutes in the dryer.',
      ),
      'A drop that stays ten seconds shows the wax.',
      ofSome({ uses: ['weakAcid'] }, 'Acid comes last.'),
      'No dryer while it feels greasy.',
    ],
    disputes: [
      {
        question: 'A vinegar wash alone?',
        ways: ['not enough for wax (default)', 'a vinegar cycle, then a soda cycle'],
      },
    ],
    prevent: ['Sixty degrees every other wash.'],
  }),
  course({
    id: 'stiffSoap',
    name: 'Soap scum',
    markIds: ['soapScumBuild'],
    is: 'Lime soap: soap with hardness, holding soil and fat.',
    tells: STIFF_TELLS,
    cause: 'Soap, soap nuts or grated soap in hard water.',
    causeAction: ['Detergent instead; soap only in soft water.'],
    cloths: {
      white: white({
        first: [
          P.citricSoak('lime', { c: [35, 40], expect: 'Cloudy water with a fatty film.' }),
          P.soda('fat', { min: [60, 120], onlyIf: [] }),
        ],
        wash: W.white([60, 60], 'Citrate with it.'),
        second: [P.soda('fat')],
        checks: ['waterDrop', 'smellWarm'],
      }),
      coloured: coloured({
        first: [P.citricSoak('lime', { min: [30, 30], onlyIf: [] }), P.warmSuds('fat')],
        second: [P.warmSuds('fat')],
        checks: ['waterDrop'],
      }),
      synthetic: synthetic({
        first: [P.citricSoak('lime', { min: [30, 30] }), P.warmSuds('fat')],
        second: [P.warmSuds('fat')],
        checks: ['waterDrop'],
      }),
      delicate: delicate({ first: [P.handSoak('film')], second: [P.handSoak('film')], checks: ['feel'] }),
      protein: protein({ first: [P.handSoak('film')], second: [P.handSoak('film')], checks: ['feel'] }),
      surface: surface({
        first: [P.vinegarBlot('film'), P.foam('fat')],
        second: [P.foam('fat')],
        checks: ['feel'],
      }),
      dryOnly: cleaner('Only water loosens it.'),
    },
    never: [
      ['Acid last.', 'It leaves free fat that turns rancid.'],
      ['Soap again.', 'It is the cause.'],
    ],
    says: [
      'Order matters: acid, rinse, detergent.',
      'Acid baths in plastic: not in bare metal or chipped enamel.',
      ofSome({ fibreIds: HARMED_BY_ALKALI }, 'Cool dilute acid is fine on it.'),
    ],
    disputes: [
      {
        question: 'A citrate wash alone?',
        ways: ['for light cases: two hot washes, and cheaper', 'heavy: acid, then detergent (default)'],
      },
    ],
    prevent: ['Detergent in hard water.'],
  }),
  course({
    id: 'deepStrip',
    name: 'Deep strip of towels and sheets',
    markIds: [],
    alsoMarkIds: ['stiffTowels', 'residueGrey'],
    itemIds: ['towel', 'bedSheet'],
    is: 'All old deposits at once; seldom needed where washing is hot.',
    tells: [
      tell('The water grey-brown, not the hue of the cloth.', 'Dirt: go on.'),
      tell('The water the hue of the cloth.', 'Dye: stop, a cold rinse.'),
      tell('Grey-blue from mixed colours.', 'Cannot tell: squeeze it on a white cloth.'),
      tell('Clear after half an hour.', 'Nothing to strip.'),
    ],
    cause: 'Overdosing, softener, cold washes, soap, hard water.',
    causeAction: ['Name the one cause and end it; a strip each quarter at most.'],
    cloths: {
      white: white({
        first: [P.strip({ when: [C.noSingleDeposit] })],
        wash: W.white([60, 60], 'No softener.'),
        second: [P.citricSoak('lime', { min: [30, 60], onlyIf: [C.limeUnder] })],
        checks: ['waterDrop', 'smellWarm'],
        end: end(1, 'accept', 'One strip, one acid; not again for three months.'),
      }),
      coloured: coloured({
        first: [
          P.strip({
            when: [C.noSingleDeposit],
            onlyIf: [C.sturdy, C.whiteOrFast],
            advice: [
              always('A fresh bath for each colour, and no oxygen bleach.', { bars: ['bleach'] }),
              always('Out if its colour runs.'),
            ],
          }),
        ],
        wash: W.colouredHot('An extra rinse.'),
        second: [P.warmSuds('film')],
        checks: ['waterDrop'],
        end: end(1, 'accept', 'One strip each quarter at most; never on what gives off dye.'),
      }),
      synthetic: synthetic({
        first: [P.warmSuds('film')],
        second: [P.warmSuds('film')],
        checks: ['waterDrop'],
      }),
      delicate: honest('noHomeMethod', 'A strip is too harsh: see dull from detergent.'),
      protein: honest('noHomeMethod', 'Alkali destroys such fibres.'),
      surface: honest('noHomeMethod', 'It cannot be rinsed through.'),
      dryOnly: honest('noHomeMethod', 'It needs a hot bath.'),
    },
    never: [
      ['Borax on a child’s things.', 'Toxic to reproduction.'],
      ['Whites and darks in one tub.', 'Dye moves.'],
      ['What bleeds, fine things, flame-retardant cloth.', 'Dye, fibre, finish.'],
    ],
    says: [
      'Brown water is partly harmless dye and old detergent.',
      'The strip cures nothing if the habit stays.',
    ],
    disputes: [
      {
        question: 'Which strip?',
        ways: [
          'soda and detergent (default)',
          'with borax, only where it is sold to households, no child, no pregnancy',
          'none where washing is done at sixty',
        ],
      },
    ],
    prevent: ['Dose by the hardness and the load; hotter washes.'],
  }),
  course({
    id: 'kitSmell',
    name: 'Sports and synthetic smell',
    markIds: ['kitSmell'],
    is: 'Skin fat soaked into polyester with bacteria living on it; perfume only covers.',
    tells: [
      tell('It smells only when warm or worn.', 'Fat in the fibre.'),
      tell('It smells when damp, clean when dry.', 'Bacteria.', 'mustySour'),
      tell('Stiff underarms.', 'Deodorant too: acid.', 'underarmYellow'),
    ],
    cause: 'Left in the bag; short cool programmes; softener.',
    causeAction: ['Hang it within an hour; no softener; as hot as the tag lets each third wash.'],
    garment: ['Hang it open at once.'],
    cloths: {
      white: white({
        first: [P.oxygen('smell', [120, 360], [40, 60])],
        second: [P.enzymeSoak([120, 180])],
        checks: ['smellWarm'],
      }),
      coloured: coloured({
        first: [P.enzymeSoak([60, 120]), P.colourOxygen('smell', [60, 120], { main: true })],
        second: [P.vinegarSoak('smell'), P.removerSoak({ onlyIf: [C.smellLeft] })],
        checks: ['smellWarm'],
      }),
      synthetic: synthetic({
        first: [
          P.vinegarSoak('smell', {
            expect: 'Just covered; white vinegar.',
            onlyIf: [C.smellOfDays],
            main: true,
          }),
          P.enzymeSoak([60, 120], {
            optional: true,
            onlyIf: [C.monthsOrBack],
          }),
          P.oxygen('smell', [60, 240], [30, 40], { main: true }),
        ],
        wash: {
          methodIds: ['hotDetergentWash', 'bioMachineWash', 'gentleMachineWash'],
          tempC: { min: 40, max: 60 },
          extra: [],
        },
        second: [
          P.suds('fat', { min: [15, 20] }),
          P.removerSoak({ onlyIf: [C.smellLeft], main: true }),
          P.longEnzymeSoak({ min: [240, 480] }),
        ],
        checks: ['smellWarm'],
        end: end(3, 'accept', 'Three washes over three wears; then dirty work.'),
        notes: ['Hang it at once, in moving air.'],
      }),
      delicate: delicate({
        first: [P.mildVinegar('smell', { min: [15, 30] })],
        second: [P.mild('fat')],
        checks: ['smellWarm'],
      }),
      protein: protein({
        first: [
          P.air('smell', { min: [480, 1440], expect: 'Most of the smell goes in one night.' }),
          P.mildVinegar('smell', { min: [10, 15], main: true }),
        ],
        second: [P.mild('fat')],
        checks: ['smellWarm'],
      }),
      surface: surface({
        first: [P.foam('fat'), P.sodaDry({ main: true })],
        second: [P.odourRemover()],
        checks: ['smellWarm'],
      }),
      dryOnly: dryOnly({
        first: [P.air('smell', { min: [720, 1440], main: true })],
        second: [P.bag('smell')],
        checks: ['smellWarm'],
      }),
    },
    never: [
      ['Softener, a dryer, a hot iron.', 'They lock the fat in.'],
      ['Cider or malt vinegar.', 'It colours and smells.'],
    ],
    says: [
      'The cause: synthetic cloth holds skin fat, softener seals it in, and cool washes leave it.',
      'Judge it warm, not from the drawer.',
      ofSome({ drains: true }, 'As hot as the tag lets: in old sweat there is nothing left to set.'),
    ],
    disputes: [
      {
        question: 'Acid or enzymes first?',
        ways: ['vinegar on fresh smell and a thirty label (default)', 'enzymes or oxygen on old smell'],
      },
      { question: 'Freezing it?', ways: ['no: bacteria sleep (default)', 'it holds a day'] },
    ],
    prevent: ['Hang it at once.'],
  }),
  course({
    id: 'mustySour',
    name: 'Musty or sour',
    markIds: ['musty', 'sourWash', 'smellUnknown'],
    is: 'Bacteria and mould grown in damp cloth, or a slimy machine.',
    tells: [
      tell('The whole load smells, a new towel too.', 'The machine.'),
      tell('One piece, a damp corner.', 'Stored damp.'),
      tell('Only when wetted.', 'A film in the cloth.'),
      tell('Black specks.', 'Mildew.', 'mildew'),
      tell('Only when warm, synthetics.', 'Skin fat.', 'kitSmell'),
      tell('Ash when damp.', 'Smoke.', 'smokeSmell'),
      tell('Sweet tar, camphor.', 'Mothballs.', 'mothballSolvent'),
    ],
    cause: 'Cold washing only, a closed door, left wet, a day to dry.',
    causeAction: [CLEAN_MACHINE],
    surfaceAtOnce: ['Out of the damp and away from other things; let it air.'],
    garment: [only({ wet: true }, 'Take it out, hang it open, and wash it again before it dries.')],
    cloths: {
      white: white({
        first: [
          P.oxygen('germs', [60, 120], [60, 60], {
            onlyIf: [C.smellsWet],
          }),
        ],
        wash: W.hygiene('Full dose, full length.'),
        dry: ['sun', 'line'],
        second: [P.long('germs', { c: [40, 60] })],
        checks: ['smellDamp', 'smellWarm'],
        end: end(2, 'discard', 'Still sour from a clean machine: the terry is worn out.'),
      }),
      coloured: coloured({
        first: [
          P.colourOxygen('germs', [60, 240], { onlyIf: [C.whiteOrFast, C.coolTag] }),
          P.drumOxygen('germs'),
        ],
        wash: W.colouredHot('Out at the beep, and dry the same day.'),
        second: [
          P.removerSoak({ when: [C.smellOfUnknown], main: true }),
          P.colourOxygen('germs', [240, 360], { onlyIf: [C.whiteOrFast, C.smellLeft], main: true }),
        ],
        checks: ['smellDamp'],
      }),
      synthetic: synthetic({
        first: [P.colourOxygen('germs', [60, 240])],
        second: [P.removerSoak({ onlyIf: [C.smellLeft], main: true }), P.vinegarSoak('smell')],
        checks: ['smellDamp'],
      }),
      delicate: delicate({
        first: [P.air('smell'), P.mildVinegar('smell', { min: [10, 20], main: true })],
        second: [
          P.removerSoak({ onlyIf: [C.noWoolOrSilk, C.smellLeft], main: true }),
          P.bag('smell', { min: [2880, 4320] }),
        ],
        checks: ['smellDamp'],
      }),
      protein: protein({
        first: [P.air('smell'), P.mildVinegar('smell', { min: [10, 20] })],
        second: [P.bag('smell', { min: [2880, 4320] })],
        checks: ['smellDamp'],
      }),
      surface: surface({
        first: [
          P.air('smell', { min: [720, 1440] }),
          P.dust({ expect: 'Quite dry, a fine filter.' }),
          P.sodaDry({ when: [C.smellOfUnknown], main: true }),
          P.vinegarBlot('smell'),
        ],
        second: [P.odourRemover({ min: [15, 30] })],
        checks: ['nextDay', 'smellDamp'],
        end: end(2, 'discard', 'Mould inside it: discard it.'),
      }),
      dryOnly: dryOnly({
        first: [
          P.air('smell', { min: [720, 1440], main: true }),
          P.dust(),
          P.bag('smell', { min: [4320, 10080] }),
        ],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['nextDay'],
      }),
    },
    never: [
      ['Airing it in a closed damp room.', 'That prolongs it.'],
      ['Softener to cover it.', 'It feeds the slime.'],
      ['A descaler and a bleach in one machine cycle.', 'Chlorine gas.'],
    ],
    says: [
      'If all loads smell, the machine first.',
      'Dry it through the same day; leave nothing in the drum.',
      ofSome(
        { itemIds: ['coatedJacket'] },
        'Feel the inside first: a sticky or flaking coating is rotten, and no wash cures that.',
      ),
      ofSome(
        { itemIds: ['petBed'] },
        'Cover and filling apart: the filling often holds the smell. Together again only once both are dry.',
      ),
    ],
    disputes: [
      {
        question: 'Sour towels in the dryer?',
        ways: ['yes, bone dry after a hot wash (default)', 'line: only in wind and sun'],
      },
    ],
    prevent: ['Take the wash out within an hour.'],
  }),
  course({
    id: 'fishSmell',
    name: 'Fish smell',
    markIds: ['fishSmell', 'fish'],
    is: 'Amines, which are bases: acid binds them; protein holds them.',
    tells: [
      tell('Stronger when wetted or with soda.', 'Amines.'),
      tell('An oily shine.', 'Fish oil too: detergent.'),
      tell('Sweet and rotten.', 'Old protein: enzymes.'),
    ],
    cause: 'A drip that dried before it was rinsed; a warm wash.',
    causeAction: ['A cold rinse within the hour; the apron kept apart.'],
    garment: ['Cold rinse, several waters, five minutes each.'],
    surfaceAtOnce: ['Blot; one damp cold cloth.', 'Hang it open outdoors.'],
    donts: ['No hot water.', 'No dryer.'],
    cloths: {
      white: white({
        first: [
          P.waters('protein', { c: [10, 20], expect: 'It smells stronger when wet.' }),
          P.removerSpot({ after: 'short' }),
          P.vinegar('smell'),
        ],
        wash: W.coloured('Vinegar in the last rinse.'),
        dry: ['sun', 'line'],
        second: [
          P.sun('smell'),
          P.oxygen('smell', [120, 240], [40, 40], {
            onlyIf: [],
          }),
        ],
        checks: ['smellDamp'],
        end: end(2, 'discard', 'After two rounds, hang it in the sun; then let it go.'),
      }),
      coloured: coloured({
        first: [P.waters('protein', { c: [10, 20] }), P.removerSpot(), P.vinegar('smell')],
        wash: W.coloured('Vinegar in the last rinse.'),
        dry: ['sun', 'line'],
        second: [P.vinegar('smell')],
        checks: ['smellDamp'],
        end: end(2, 'discard', 'Do it once more; then let it go.'),
      }),
      synthetic: synthetic({
        first: [P.waters('protein', { c: [10, 20] }), P.suds('fat', { min: [5, 10] }), P.vinegar('smell')],
        second: [P.vinegar('smell')],
        checks: ['smellDamp'],
      }),
      delicate: delicate({
        first: [P.weakVinegar('smell')],
        second: [P.mildVinegar('smell', { min: [10, 15] })],
        checks: ['smellDamp'],
      }),
      protein: protein({
        first: [P.air('smell', { min: [240, 1440], main: true }), P.vinegar('smell', { min: [15, 15] })],
        second: [P.vinegar('smell', { min: [15, 15] })],
        checks: ['smellDamp'],
        end: end(2, 'accept', 'Air it a week.'),
      }),
      surface: surface({
        first: [P.waterBlot(), P.odourRemover({ min: [30, 60] })],
        second: [
          P.vinegarBlot('smell', {
            onlyIf: [C.odourRemoverDry],
          }),
          P.sodaDry(),
        ],
        checks: ['nextDay', 'smellDamp'],
      }),
      dryOnly: dryOnly({
        first: [
          P.air('smell', { min: [240, 1440], main: true }),
          P.vinegarBlot('smell', { ways: ['weakVinegarBlot'], min: [5, 10], after: 'damp' }),
        ],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellDamp'],
        end: end(2, 'professional', 'Still there after days of air? A cleaner: say what it is.'),
      }),
    },
    never: [
      ['Hot water first.', 'It sets protein and smell.'],
      ['Soda before the acid.', 'It frees the amine.'],
      ['A dryer before it is gone.', 'It sets.'],
    ],
    says: ['No heat until nothing smells damp.'],
    disputes: [
      {
        question: 'Vinegar in the drum, or in the rinse?',
        ways: ['last rinse (default)', 'a cup in the drum'],
      },
    ],
    prevent: ['A cold rinse within the hour.'],
  }),
  course({
    id: 'onionSmell',
    name: 'Onion, garlic, frying smell',
    markIds: ['onionSmell'],
    is: 'Sulphur compounds held in fat; oxygen ends them.',
    tells: [
      tell('Sharp.', 'Onion, garlic.'),
      tell('Stale fat.', 'A frying film.'),
      tell('Yellow with it.', 'Curry.', 'turmeric'),
    ],
    cause: 'Cooking without a hood, a closed wardrobe.',
    causeAction: ['Air; kitchen cloths daily.'],
    garment: ['Hang it open.'],
    cloths: {
      white: white({
        first: [P.oxygen('smell', [60, 120], [40, 60])],
        second: [P.soda('film')],
        checks: ['smellWarm'],
      }),
      coloured: coloured({
        first: [P.suds('film', { optional: true })],
        second: [P.colourOxygen('smell', [60, 120])],
        checks: ['smellWarm'],
      }),
      synthetic: synthetic({
        first: [P.warmSuds('film')],
        second: [P.colourOxygen('smell', [60, 120])],
        checks: ['smellWarm'],
      }),
      delicate: delicate({
        first: [P.air('smell')],
        second: [P.bag('smell', { min: [2880, 4320] })],
        checks: ['smellWarm'],
      }),
      protein: protein({
        first: [P.air('smell')],
        second: [P.bag('smell', { min: [2880, 4320] })],
        checks: ['smellWarm'],
      }),
      surface: surface({ first: [P.sodaDry({ main: true })], second: [P.foam('film')], checks: ['nextDay'] }),
      dryOnly: dryOnly({
        first: [P.air('smell', { main: true })],
        second: [P.bag('smell', { min: [2880, 4320] })],
        checks: ['smellWarm'],
      }),
    },
    never: [
      ['Perfume.', 'It only mixes.'],
      ['An iron first.', 'It bakes the film.'],
      ['A dryer while frying fat is left.', 'A warm greasy heap heats itself, hours later.'],
    ],
    says: ['Air first, wash once, warm it to judge.', 'Old fat holds the smell: as hot as the tag lets.'],
    disputes: [{ question: 'Vinegar?', ways: ['useless on these (default)', 'in the rinse for the rest'] }],
    prevent: ['The hood on.'],
  }),
  course({
    id: 'smokeSmell',
    name: 'Smoke: cigarette, bonfire, barbecue',
    markIds: ['smoke', 'cigaretteSmoke', 'barbecueSmoke'],
    is: 'Sticky tar and gas in the fibre; soot on top.',
    tells: [
      tell('Black specks.', 'Soot: dry first.', 'soot'),
      tell('Ash when damp.', 'Tar.'),
      tell('A campfire.', 'Wood smoke: quick to wash.'),
    ],
    cause: 'Smoke has settled in it.',
    causeAction: ['Air smoky clothes the same night.'],
    garment: ['Outdoors, in wind.'],
    cloths: {
      white: white({
        first: [
          P.dust({ onlyIf: [C.specks], optional: true }),
          P.suds('fat', { when: [C.barbecue], main: true }),
          P.soda('film', { min: [60, 120] }),
        ],
        wash: W.white(),
        second: [P.oxygen('smell', [60, 120], [40, 60])],
        checks: ['smellWarm'],
      }),
      coloured: coloured({
        first: [
          P.dust({ onlyIf: [C.specks], optional: true }),
          P.suds('fat', { when: [C.barbecue], main: true }),
          P.soda('film', { min: [60, 120], c: [40, 40], main: true }),
        ],
        second: [P.colourOxygen('smell', [60, 120])],
        checks: ['smellWarm'],
      }),
      synthetic: synthetic({
        first: [
          P.dust({ when: [C.barbecue] }),
          P.suds('fat', { when: [C.barbecue], main: true }),
          P.warmSuds('film'),
        ],
        second: [P.colourOxygen('smell', [60, 120])],
        checks: ['smellWarm'],
      }),
      delicate: delicate({
        first: [P.dust({ when: [C.barbecue] }), P.air('smell', { min: [720, 1440] })],
        second: [P.bag('smell', { min: [2880, 4320] })],
        checks: ['smellWarm'],
      }),
      protein: protein({
        first: [
          P.dust({ when: [C.barbecue] }),
          P.air('smell', { min: [720, 1440], expect: 'Wind does more than water.' }),
          P.steam('smell', { optional: true }),
        ],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellWarm'],
      }),
      surface: surface({
        first: [P.dust(), P.sodaDry({ main: true }), P.foam('film')],
        second: [P.foam('film')],
        checks: ['nextDay', 'smellWarm'],
        end: end(2, 'professional', 'A smoke-damage firm.'),
      }),
      dryOnly: dryOnly({
        first: [
          P.dust({ when: [C.barbecue] }),
          P.air('smell', { min: [720, 1440], main: true }),
          P.bag('smell', { min: [4320, 10080] }),
        ],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellWarm'],
      }),
    },
    never: [
      ['Wetting soot.', 'It smears.'],
      ['Perfume.', 'It only covers.'],
      ['An iron or a dryer first.', 'They set the tar.'],
    ],
    says: ['Take soot off dry, then air it: often enough by itself. Then wash it warm.'],
    disputes: [
      {
        question: 'Ozone at home?',
        ways: ['no: a lung gas, it ages rubber (default)', 'professionals only'],
      },
    ],
    prevent: ['Air it the same night.'],
  }),
  course({
    id: 'mothballSolvent',
    name: 'Mothball or dry-cleaning smell',
    markIds: ['mothball', 'dryCleanSmell'],
    is: 'A vapour in the fibre: only moving air takes it out.',
    tells: [
      tell('Tar-sweet, camphor.', 'Mothballs.'),
      tell('Sweet petrol, from the cleaner.', 'Solvent left.'),
      tell('Crystals.', 'Shake it outdoors.'),
    ],
    cause: 'Stored with a repellent; plastic left on.',
    causeAction: ['Freezing instead; the plastic off outdoors at once.'],
    garment: ['The plastic off; outdoors, in wind.'],
    surfaceAtOnce: ['Windows open.'],
    donts: ['No heater, no dryer.', 'No water first.'],
    cloths: {
      white: white({
        first: [P.air('smell', { min: [1440, 1440], expect: 'Days of it.' })],
        wash: W.coloured('Only when no smell is left.'),
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellWarm'],
      }),
      coloured: coloured({
        first: [P.air('smell', { min: [1440, 1440] })],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellWarm'],
      }),
      synthetic: synthetic({
        first: [P.air('smell', { min: [1440, 1440] })],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellWarm'],
      }),
      delicate: delicate({
        first: [P.air('smell', { min: [1440, 1440] })],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellWarm'],
      }),
      protein: protein({
        first: [P.air('smell', { min: [1440, 1440] })],
        second: [P.bag('smell', { min: [4320, 10080] })],
        checks: ['smellWarm'],
      }),
      surface: surface({
        first: [P.air('smell', { min: [1440, 1440] })],
        second: [P.air('smell', { min: [1440, 1440] })],
        checks: ['smellWarm'],
        notes: ['Windows open, for days.'],
      }),
      dryOnly: dryOnly({
        first: [P.air('smell', { min: [1440, 1440], main: true })],
        second: [P.air('smell', { min: [1440, 1440] })],
        checks: ['smellWarm'],
        end: end(2, 'professional', 'A strong smell of solvent: back to the cleaner.'),
      }),
    },
    never: [
      ['A dryer, iron or stove while it smells.', 'Flammable vapour.'],
      ['Mothball clothes on a baby.', 'Naphthalene is poison to small children.'],
      ['Airing in a bedroom.', 'You breathe it.'],
    ],
    says: ['Air outdoors for days before any water.'],
    disputes: [
      { question: 'Vinegar?', ways: ['useless on naphthalene (default)', 'in the rinse for the rest'] },
    ],
    prevent: ['Clean, bag and freeze instead of mothballs.'],
  }),
];
