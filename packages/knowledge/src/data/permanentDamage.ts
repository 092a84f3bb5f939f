import type { Mark } from '../schema/soil.js';
import { of, plain } from './markDefaults.js';
import { always, where } from './say.js';

const honest = {
  ...plain,
  kind: 'mark',
  damage: true,
  components: of(['clothDamage', 1]),
} satisfies Partial<Mark>;

/** What is no soil: something was taken from the cloth, and no cleaning puts it back. Each says what may help. */
export const permanentDamage: readonly Mark[] = [
  {
    ...honest,
    id: 'bleachSpot',
    name: 'bleach spot',
    number: 'one',
    aliases: [
      ...['bleach stain', 'bleach mark', 'bleach spots', 'bleached patch', 'hair bleach', 'hair lightener'],
      ...['acne cream', 'benzoyl peroxide', 'bleach splash'],
    ],
    advice: [
      always(
        'The dye is gone; nothing brings it back. Still wet: rinse it in cold water at once, a long time. Later: a ' +
          'fabric pen or dye of the same shade, or dye the whole piece. A patch or embroidery over it.',
        { names: ['bleach'] },
      ),
      always(
        'A fresh chlorine splash: plain water only, long; tell chlorine as tried, so that nothing sour comes near it.',
        {
          names: ['acid', 'chlorine'],
        },
      ),
    ],
  },
  {
    ...honest,
    id: 'sunFaded',
    name: 'fading by the sun',
    aliases: ['faded by the sun', 'sun faded', 'faded', 'sun bleached'],
    advice: [
      always('Light has broken the dye: it stays as it is.'),
      where(
        { fibreIds: ['cotton', 'linen', 'hemp', 'viscose', 'modal', 'lyocell'], states: ['sound'] },
        'Dyeing the whole piece may help.',
      ),
    ],
  },
  {
    ...honest,
    id: 'dyeLost',
    name: 'loss of colour',
    aliases: [
      'colour washed out',
      'faded black',
      'lost colour',
      'colour faded',
      'washed out black',
      'dye lost',
    ],
    advice: [
      always(
        'Dye that has washed out does not come back. Cool washes inside out keep the rest; dyeing it again may help.',
      ),
    ],
  },
  {
    ...honest,
    id: 'shrunken',
    name: 'shrinkage',
    aliases: ['shrunken', 'shrunk', 'too small after the wash'],
    advice: [
      always(
        'Not felted: lukewarm water with a little delicate detergent or hair conditioner for half an hour. Press out, pin ' +
          'or ease it to size on a towel and let it dry flat. It gives back a part at most.',
      ),
    ],
  },
  {
    ...honest,
    id: 'felted',
    name: 'felting',
    aliases: ['felted', 'matted wool', 'wool gone hard', 'felted wool'],
    advice: [
      always(
        'Felt does not open again. It can be cut and sewn like felt; the next one: cool, by hand, hardly moved.',
      ),
    ],
  },
  {
    ...honest,
    id: 'pilling',
    name: 'pilling',
    aliases: ['bobbles', 'bobbling', 'pills', 'fluff balls', 'pilled'],
    advice: [
      always(
        'A fabric comb or lint shaver, flat and taut, lightly; inside out in the wash brings fewer new ones.',
      ),
    ],
  },
  {
    ...honest,
    id: 'hole',
    name: 'hole or pulled thread',
    number: 'one',
    aliases: ['moth hole', 'tear', 'snag', 'pulled thread', 'hole'],
    advice: [always('Mend before any wash: darn, patch, or draw the thread through to the back.')],
  },
];
