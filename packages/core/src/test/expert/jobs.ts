import type { PieceFacts } from '../../textile/piece.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import { label, piece, trouble } from '../fixtures.js';

const on = (
  itemId: string,
  parts: Readonly<Record<string, Record<string, number>>>,
  facts: Partial<PieceFacts>,
) => ({
  ...piece(itemId, {}, facts),
  parts: Object.entries(parts).map(([name, fibres]) => ({
    name,
    fibres: Object.entries(fibres).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
  })),
});

export interface Job {
  readonly name: string;
  readonly facts: TroubleFacts;
  /** What is done, in this order: at once, in round one, and in what may follow. Any one of a group. */
  readonly course: readonly (readonly string[])[];
  readonly never: readonly string[];
}

const SOAP = ['dishDetergent', 'whiteSoap', 'delicateDetergent'];
const ENZYME = ['enzymePretreater', 'bioDetergent', 'enzymeSoak'];
const OXYGEN = ['oxygenBleach', 'colourOxygenBleach'];

/** The jobs a treatment must replay, each with the course an expert takes. Common practice, no source. */
export const JOBS: readonly Job[] = [
  {
    name: 'grape jelly on a code W sofa',
    facts: trouble(
      'fruitJam',
      on('armchair', { cover: { polyester: 50, cotton: 30, viscose: 20 } }, { colour: 'pale', code: 'W' }),
      { wetness: 'wet', age: 'minutes' },
    ),
    course: [['lift'], ['blot', 'water'], [...SOAP, 'water'], ['rinse', 'water'], ['airInPlace']],
    never: ['machineWash', 'handWash', 'oxygenBleach', 'chlorineBleach'],
  },
  {
    name: 'fish smell in a cotton jacket',
    facts: trouble('fishSmell', piece('shirt', { cotton: 100 }, { colour: 'mid', label: label(40) }), {
      size: 'allOver',
      age: 'days',
    }),
    course: [['coldFlush', 'rinse'], ['vinegar'], ['rinse'], ['machineWash'], ['line', 'sun']],
    never: ['tumbleLow', 'chlorineBleach'],
  },
  {
    name: 'a dye run, weeks old, on a white towel with a coloured border',
    facts: trouble(
      'dyeRun',
      piece('towel', { cotton: 100 }, { colour: 'white', condition: 'irreplaceable', label: label(60) }),
      { size: 'allOver', age: 'weeks' },
    ),
    course: [['waterTest'], ['dyeSuspender'], ['rinse'], ['machineWash'], ['line']],
    never: ['tumbleLow', 'chlorineBleach'],
  },
  {
    name: 'a muddy white sweater of cotton and acrylic',
    facts: trouble('mud', piece('sweatshirt', { cotton: 60, acrylic: 40 }, { label: label(40) }), {
      wetness: 'wet',
      age: 'minutes',
    }),
    course: [['letDry'], ['brush'], ['machineWash'], ['line', 'sun']],
    never: ['chlorineBleach'],
  },
  {
    name: 'grass, tomato and blackcurrant on white sports trousers: one wash',
    facts: trouble(
      ['grass', 'tomato', 'blackcurrant'],
      piece('joggers', { cotton: 97, elastane: 3 }, { label: label(40) }),
      { wetness: 'wet', age: 'hours' },
    ),
    course: [['lift'], ENZYME, ['machineWash'], ['line']],
    never: ['chlorineBleach', 'whiteSoap'],
  },
  {
    name: 'dirty white loose covers',
    facts: trouble('greyed', piece('looseCover', { cotton: 100 }, { label: label(60) }), {
      size: 'allOver',
      age: 'months',
    }),
    course: [['vacuum'], OXYGEN, ['machineWash'], ['line']],
    never: ['chlorineBleach'],
  },
  {
    name: 'sports synthetics that smell',
    facts: trouble('kitSmell', piece('sportsTop', { polyester: 100 }, { colour: 'mid', label: label(30) }), {
      size: 'allOver',
      age: 'weeks',
    }),
    course: [['vinegar'], ['machineWash'], ['line']],
    never: ['softener', 'tumbleLow', 'vinegarEssence'],
  },
  {
    name: 'build-up in navy towels: strip without oxygen bleach',
    facts: trouble(
      'residueGrey',
      piece('towel', { cotton: 100 }, { colour: 'dark', fastness: 'proven', label: label(60) }),
      { size: 'allOver', age: 'months' },
    ),
    course: [['washingSoda', 'liquidDetergent'], ['rinse'], ['machineWash']],
    never: ['oxygenBleach', 'powderWithBleach'],
  },
  {
    name: 'antique lace over a silk lining, smell',
    facts: trouble(
      'musty',
      on(
        'lacePiece',
        { lace: { cotton: 100 }, lining: { silk: 100 } },
        { condition: 'antique', colour: 'natural' },
      ),
      { size: 'allOver', age: 'months' },
    ),
    course: [['hangToAir', 'air', 'vacuum']],
    never: [...OXYGEN, 'peroxide', 'machineWash', 'isopropanol', 'line', 'tumbleLow'],
  },
  {
    name: 'motor oil on a white cotton tee',
    facts: trouble('motorOil', piece('tShirt', { cotton: 100 }, { label: label(60) }), {
      wetness: 'wet',
      age: 'minutes',
      size: 'coin',
    }),
    course: [
      ['blot'],
      ['mineralSpirits', 'solventPretreater'],
      ['air'],
      ['dishDetergent'],
      ['machineWash'],
      ['line'],
    ],
    never: ['tumbleLow', 'ironThroughPaper'],
  },
  {
    name: 'red wine on a synthetic carpet, fresh',
    facts: trouble('redWine', on('carpet', { pile: { polyamide: 100 } }, { colour: 'pale' }), {
      wetness: 'wet',
      age: 'minutes',
      size: 'hand',
    }),
    course: [['blot'], ['water'], ['vinegar'], ['water', 'rinse'], ['weighDown']],
    never: ['machineWash', 'oxygenBleach'],
  },
  {
    name: 'red wine on a wool carpet, fresh',
    facts: trouble('redWine', on('carpet', { pile: { wool: 100 } }, { colour: 'pale' }), {
      wetness: 'wet',
      age: 'minutes',
      size: 'hand',
    }),
    course: [['blot'], ['water'], ['vinegar'], ['water', 'rinse'], ['weighDown']],
    never: ['enzymePretreater', 'bioDetergent', 'odourRemover', ...OXYGEN],
  },
  {
    name: 'make-up on white towels, greying',
    facts: trouble('foundation', piece('towel', { cotton: 100 }, { label: label(60) }), {
      age: 'days',
      size: 'hand',
    }),
    course: [['peroxide'], ['rinse'], ['machineWash'], ['line']],
    never: ['softener', 'chlorineBleach'],
  },
  {
    name: 'dried wine on a white handkerchief',
    facts: trouble('redWine', piece('handkerchief', { cotton: 100 }, { label: label(95) }), {
      age: 'days',
      size: 'coin',
    }),
    course: [['oxygenBleach'], ['machineWash']],
    never: ['chlorineBleach', 'whiteSoap'],
  },
  {
    name: 'its own trim has run into a white dress',
    facts: trouble('ownRun', piece('dress', { cotton: 100 }, { colour: 'white', label: label(40) }), {
      size: 'allOver',
      age: 'days',
    }),
    course: [['dyeSuspender'], ['rinse']],
    never: ['runRemover', 'tumbleLow'],
  },
  {
    name: 'the white sweatband of a stiffened cap',
    facts: trouble('sweatMark', on('cap', { shell: { cotton: 100 } }, { colour: 'white' }), {
      age: 'weeks',
      size: 'hand',
    }),
    course: [
      ['dishDetergent', 'delicateDetergent'],
      ['airInPlace', 'line'],
    ],
    never: ['machineWash', 'handWash'],
  },
  {
    name: 'a mattress with urine and wine: dry through',
    facts: trouble(
      ['humanUrine', 'redWine'],
      on('mattress', { ticking: { cotton: 60, polyester: 40 } }, {}),
      { age: 'hours', wetness: 'wet', size: 'plate' },
    ),
    // What is wet is not vacuumed: an ordinary vacuum cleaner takes in no water.
    course: [['blot'], ['odourRemover', 'peroxide', 'water', 'dishDetergent'], ['airInPlace']],
    never: ['machineWash', 'chlorineBleach'],
  },
  {
    name: 'a yellowed white tee with 3 % elastane, hard water',
    facts: trouble('yellowed', piece('tShirt', { cotton: 97, elastane: 3 }, { label: label(40) }), {
      size: 'allOver',
      age: 'months',
    }),
    course: [['oxygenBleach'], ['machineWash'], ['line']],
    never: ['chlorineBleach'],
  },
  {
    name: 'candle wax on a tablecloth',
    facts: trouble(
      'candleWax',
      piece('tableLinen', { cotton: 100 }, { label: { ...label(60), iron: 'high' } }),
      { age: 'hours', size: 'coin' },
    ),
    course: [
      ['chillChip'],
      ['ironThroughPaper'],
      ['mineralSpirits', 'isopropanol', 'solventPretreater'],
      ['air'],
      ['dishDetergent'],
      ['machineWash'],
      ['line'],
    ],
    never: ['tumbleLow'],
  },
];
