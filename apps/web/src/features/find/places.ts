import type { Named } from '../../search/nameSearch';

/** A screen, or a setting on one, and where it is. */
export interface FindPlace extends Named {
  readonly to: string;
}

/** Screens and settings by the words people use for them. */
export const FIND_PLACES: readonly FindPlace[] = [
  { id: 'today', name: 'Today', aliases: ['home', 'start', 'to do', 'due', 'timers', 'reminders'], to: '/' },
  {
    id: 'trouble',
    name: 'Trouble',
    aliases: ['new trouble', 'new stain', 'plan', 'treatment', 'add a stain'],
    to: '/trouble',
  },
  {
    id: 'wash',
    name: 'Wash',
    aliases: ['laundry', 'loads', 'heap', 'washing', 'sort the wash', 'drum'],
    to: '/wash',
  },
  {
    id: 'line',
    name: 'The line',
    aliases: ['drying', 'clothes line', 'washing line', 'hang', 'weather', 'forecast'],
    to: '/wash/line',
  },
  {
    id: 'machine',
    name: 'Machine, dryer and rope',
    aliases: ['machine capacity', 'programmes', 'spin speed', 'dryer size', 'rope'],
    to: '/wash/machine',
  },
  {
    id: 'linen',
    name: 'Linen',
    aliases: ['linen', 'my things', 'pieces', 'wardrobe', 'inventory'],
    to: '/pieces',
  },
  {
    id: 'works',
    name: 'What works',
    aliases: ['log', 'history', 'results', 'statistics', 'trials', 'export log'],
    to: '/what-works',
  },
  {
    id: 'mix',
    name: 'Mixing',
    aliases: ['mix', 'mixing table', 'dilution', 'recipe', 'calculator', 'ph'],
    to: '/mix',
  },
  {
    id: 'household',
    name: 'Your house',
    aliases: [
      ...[
        'settings',
        'household',
        'house',
        'preferences',
        'options',
        'units',
        'water hardness',
        'hard water settings',
      ],
      ...['taps', 'hot water', 'kettle', 'vessels', 'tubs', 'bucket', 'scale', 'scoop'],
      ...[
        'washing machine',
        'dryer settings',
        'who lives here',
        'asthma',
        'pregnant',
        'pets',
        'children',
        'septic tank',
      ],
      ...['backup', 'export', 'import', 'household file', 'borax', 'allow chlorine', 'allow oxalic acid'],
    ],
    to: '/household',
  },
  {
    id: 'devices',
    name: 'Devices',
    aliases: [
      ...[
        'phone',
        'tablet',
        'pair',
        'pairing',
        'qr code',
        'connect a phone',
        'let a device in',
        'network',
        'wifi',
      ],
      ...['https', 'certificate', 'install app', 'offline'],
    ],
    to: '/devices',
  },
  {
    id: 'cupboard',
    name: 'Cupboard',
    aliases: ['my cupboard', 'products I have', 'bottles', 'prices'],
    to: '/cupboard',
  },
  {
    id: 'help',
    name: 'Help',
    aliases: ['how it works', 'how to use', 'manual', 'emergency', 'poison'],
    to: '/help',
  },
  { id: 'setup', name: 'Set up again', aliases: ['setup', 'first steps', 'getting started'], to: '/setup' },
  {
    id: 'reference',
    name: 'Look up',
    aliases: [
      'reference',
      'care symbols',
      'care labels',
      'laundry symbols',
      'fibres',
      'what must not be mixed',
      'glossary',
    ],
    to: '/reference',
  },
];
