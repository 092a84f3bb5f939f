import type { ReadingRules } from '../../schema/reading.js';

const WORN = ['collar', 'cuff', 'underarm'];
const SLEPT_ON = ['pillow', 'pillowcase', 'downPillow', 'foamPillow'];
const OF_VELVET = [
  ...['dress', 'skirt', 'trousers', 'shirt', 'linedCoat', 'cushion', 'cushionCover', 'scarf', 'leggings'],
];
const WORN_FOR_SPORT = [
  ...['sportsTop', 'leggings', 'joggers', 'shoes', 'socks', 'tShirt', 'sweatshirt', 'cap', 'paddedShorts'],
  ...['underwear', 'shirt', 'jumper'],
];

/** What the reader of typed sentences has to know of single records. Common practice, no source. */
export const readingRules: ReadingRules = {
  markRules: [
    { markIds: ['yellowed'], isThen: 'chlorineYellowed', where: { triedIds: ['chlorineBleach'] } },
    { markIds: ['yellowed'], isThen: 'sweatYellow', where: { places: WORN } },
    { markIds: ['yellowed'], isThen: 'sweatYellow', where: { itemIds: SLEPT_ON } },
    { markIds: ['yellowed'], isThen: 'storageYellow', where: { ages: ['months'] } },
    // "Greasy" on a collar is skin, not the kitchen.
    {
      markIds: ['saladOil'],
      isThen: 'sweatYellow',
      where: { places: WORN, begins: ['greas', 'oily', 'fat'] },
    },
    { markIds: ['smellUnknown'], isThen: 'kitSmell', where: { itemIds: WORN_FOR_SPORT } },
    { markIds: ['smellUnknown'], isThen: 'humanUrine', where: { itemIds: ['clothNappy'] } },
    { markIds: ['unknownStain'], isThen: 'mattressRing', where: { itemIds: ['mattress'], begins: ['ring'] } },
    {
      markIds: ['unknownStain'],
      isThen: 'waterMark',
      where: { notPlaces: WORN, begins: ['ring', 'tide', 'halo'] },
    },
  ],
  kindRules: [
    { itemIds: ['curtain'], isThen: 'linedCurtain', makes: ['lined', 'velvet'] },
    { itemIds: ['curtain'], isThen: 'netCurtain', makes: ['lace', 'sheer'] },
    { itemIds: ['dress', 'skirt'], isThen: 'linedDress', makes: ['lined', 'pleated'] },
    { itemIds: OF_VELVET, isThen: 'velvetPiece', makes: ['velvet'] },
    { itemIds: ['tableLinen'], isThen: 'embroideredLinen', makes: ['embroidered'] },
    { itemIds: ['tableLinen', 'scarf', 'handkerchief'], isThen: 'lacePiece', makes: ['lace'] },
    { itemIds: ['linedCoat'], isThen: 'filledCoat', makes: ['quilted'] },
    { itemIds: ['linedCoat'], isThen: 'coatedJacket', makes: ['coated'] },
    { itemIds: ['linedCoat', 'waistcoat'], isThen: 'filledCoat', fibreIds: ['down'] },
    { itemIds: ['pillow'], isThen: 'downPillow', fibreIds: ['down'] },
    { itemIds: ['pillow'], isThen: 'foamPillow', fibreIds: ['foam', 'latex'] },
    { itemIds: ['gloves'], isThen: 'leatherGloves', fibreIds: ['leather'] },
    { itemIds: ['rug', 'carpet'], isThen: 'doormat', fibreIds: ['sisal', 'jute', 'coir'] },
  ],
  unknownMarkId: 'unknownStain',
  unknownSmellId: 'smellUnknown',
  runMarkId: 'dyeRun',
  yellowMarkId: 'yellowed',
  skinYellowMarkId: 'sweatYellow',
  sleptOnItemIds: SLEPT_ON,
  vagueMarkIds: [
    ...[
      'ballpoint',
      'saladOil',
      'emulsionPaint',
      'whiteGlueMark',
      'superGlueMark',
      'smellUnknown',
      'scorchMark',
    ],
    ...['hole', 'milk', 'stickerResidue', 'gravy', 'yellowed', 'waterMark', 'fuelSpill', 'boiledSweet'],
    ...['fruitJuice', 'dustMark', 'skinCream'],
  ],
  weakHeadMarkIds: [
    ...['gravy', 'fruitJuice', 'skinCream', 'milk', 'soup', 'butter', 'saladOil', 'smellUnknown'],
    ...['boiledSweet', 'hole', 'waterMark', 'stickerResidue'],
  ],
  flavouredMarkIds: [
    ...['iceCream', 'milk', 'fruitJuice', 'fruitJam', 'soup', 'gravy', 'boiledSweet', 'softDrink', 'spirits'],
    ...['babyFood', 'butter', 'skinCream', 'honey', 'saladOil', 'smellUnknown', 'hole', 'waterMark'],
    ...[
      'stickerResidue',
      'foodColouring',
      'medicine',
      'curry',
      'tomato',
      'whiteWine',
      'redWine',
      'ale',
      'cola',
    ],
  ],
  notSpiltMarkIds: [
    ...['mildew', 'unknownStain', 'waterMark', 'mattressRing', 'scorchMark', 'bleachSpot', 'sunFaded'],
    ...['dyeLost', 'shrunken', 'felted', 'pilling', 'hole', 'rust'],
  ],
  notWetMarkIds: ['humanUrine', 'petUrine', 'sourWash', 'musty', 'semen'],
  productsAsMarks: [
    { agentId: 'chlorineBleach', markId: 'bleachSpot' },
    { agentId: 'mouldSpray', markId: 'bleachSpot' },
    { agentId: 'petrol', markId: 'fuelSpill' },
    { agentId: 'shampoo', markId: 'hairProduct' },
  ],
  washAgentId: 'liquidDetergent',
  otherAgentId: 'unknownProduct',
  clothItemIds: [
    ...['velvetPiece', 'lacePiece', 'canvas', 'jeans', 'jumper', 'fleeceJacket', 'embroideredLinen'],
    ...['strainingCloth', 'wetsuit', 'towel', 'coatedJacket', 'netCurtain', 'linedCurtain', 'scarf', 'rug'],
    ...['trousers', 'doormat'],
  ],
  fineItemIds: ['lacePiece', 'embroideredLinen', 'weddingDress', 'petticoat'],
  filledItemIds: [
    ...['duvet', 'pillow', 'downPillow', 'filledCoat', 'linedCoat', 'sleepingBag', 'waistcoat', 'cushion'],
  ],
  fillingFibreIds: ['down', 'foam', 'latex', 'kapok'],
  downFibreId: 'down',
  stretchFibreId: 'elastane',
  unknownFibreId: 'unknownFibre',
  ownSeatItemId: 'vehicleSeat',
  madeOf: [{ fibreId: 'cashmere', itemIds: ['jumper', 'scarf'] }],
  whoInNames: {
    pets: ['dog', 'puppy', 'cat', 'kitten', 'pup', 'pet'],
    baby: ['baby', 'cot', 'nappy', 'crib', 'newborn', 'babygrow'],
  },
  pluralNames: (
    'trouser pant jean short legging jogger overall dungaree chino slack strides breeche tight sock stocking glove mitten ' +
    'shoe trainer sneaker boot slipper curtain drape blind sheet stair knicker boxer brief undy pyjama pajama pj trunk ' +
    'bather tog cord net scrub bloomer denim thermal sweat tracky trackpant clothe strap brace'
  ).split(' '),
  loadItemId: 'tShirt',
};
