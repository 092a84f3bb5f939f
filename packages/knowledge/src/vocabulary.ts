/** Ordered vocabularies, free of any library so that an interface can take them alone. */

/** Chemistry families an envelope allows or forbids. One agent may belong to several. */
export const CHEMISTRIES = [
  'water',
  'detergent',
  'soap',
  'protease',
  'otherEnzyme',
  'cellulase',
  'peroxide',
  'percarbonate',
  'chlorine',
  'reducer',
  'weakAcid',
  'oxalicAcid',
  'mildAlkali',
  'strongAlkali',
  'ammonia',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'absorbent',
  'dyeSuspender',
  'salt',
  'polyol',
  'softener',
  'poolChlorine',
  'undeclared',
  'mildReducer',
  'contactHeat',
] as const;

/** How a small amount is put on a mark: each kind has its amounts (`data/spotAmounts`). */
export const SPOT_KINDS = [
  'neatDetergent',
  'neatDish',
  'suds',
  'preTreater',
  'alcohol',
  'ketone',
  'spirit',
  'thin',
  'peroxideMix',
  'glycerineMix',
  'sodaPaste',
  'sodaOver',
  'powder',
  'dip',
  'plainRinse',
  'drip',
  'flush',
] as const;
export type SpotKind = (typeof SPOT_KINDS)[number];

/** Ways an agent acts on a soil component. */
export const MECHANISMS = [
  'lift',
  'flush',
  'surfactant',
  'proteolysis',
  'amylolysis',
  'lipolysis',
  'oxidation',
  'chlorineOxidation',
  'reduction',
  'acidity',
  'chelation',
  'alkalinity',
  'polarSolvent',
  'ketoneSolvent',
  'hydrocarbonSolvent',
  'absorption',
  'blotting',
  'dyeSuspension',
  'airing',
  'brushing',
  'sunlight',
  'softening',
  'mildReduction',
  'melting',
  'freezing',
] as const;

/** Wetting modes, from least to most water. */
export const WETTINGS = ['dry', 'surface', 'spot', 'immersion'] as const;

/** Mechanical action by hand, from none to firmest. */
export const MECHANICAL_ACTIONS = ['none', 'blot', 'press', 'softBrush', 'firmBrush'] as const;

/** Washing programmes, gentlest first. */
export const PROGRAMMES = ['none', 'hand', 'veryMild', 'mild', 'normal'] as const;

export const DRYING_WAYS = ['flat', 'line', 'sun', 'tumbleLow', 'tumbleNormal'] as const;

/** What words may tell a person to do to a piece, or not to do. */
export const DEEDS = [
  'blot',
  'rub',
  'brush',
  'water',
  'soak',
  'sun',
  'steam',
  'heat',
  'iron',
  'tumble',
  'wring',
  'bleach',
  'chlorine',
  'soap',
  'soda',
  'acid',
  'ammonia',
  'solvent',
  'softener',
  'spray',
  'dryIn',
  'motor',
  'freezer',
  'airOutdoors',
  'leaveRoom',
  'flood',
  'handsOff',
] as const;

/** People and animals of a house that some products are kept from. */
export const SENSITIVE = ['asthma', 'pregnancy', 'baby', 'pets'] as const;

/** Whom a limit protects. Only "piece" limits can ever be overridden. */
export const PROTECTS = ['piece', 'person', 'both'] as const;

export const TROUBLE_KINDS = ['mark', 'yellowing', 'dyeRun', 'odour', 'buildUp'] as const;

export const AGES = ['minutes', 'hours', 'days', 'weeks', 'months', 'unknown'] as const;

export const COLOURS = ['white', 'natural', 'pale', 'mid', 'dark', 'multicoloured', 'unknown'] as const;

export const FASTNESSES = ['proven', 'unknown', 'failed'] as const;

export const CONDITIONS = ['sound', 'worn', 'thinning', 'torn', 'antique', 'irreplaceable'] as const;

export const UPHOLSTERY_CODES = ['W', 'S', 'WS', 'X', 'unknown'] as const;

export const VESSEL_MATERIALS = [
  'plastic',
  'enamel',
  'stainless',
  'aluminium',
  'zinc',
  'stone',
  'ceramic',
] as const;

/** Kinds of cloth a course is written for; `white` is sturdy white or fast cellulose and its blends. */
export const CLOTHS = [
  'white',
  'coloured',
  'synthetic',
  'delicate',
  'protein',
  'surface',
  'dryOnly',
] as const;

/** What a pass of a course is for. */
export const PURPOSES = [
  'bulk',
  'liquid',
  'loose',
  'protein',
  'fat',
  'wax',
  'film',
  'pigment',
  'colour',
  'dye',
  'looseDye',
  'iron',
  'lime',
  'aluminium',
  'salts',
  'sugar',
  'smell',
  'germs',
  'residue',
  'solventLeft',
  'damp',
  'yellow',
  'grey',
  'scorch',
  'size',
  'larvae',
  'shape',
  'dust',
] as const;

/** What comes between a pass and the next thing. */
export const RINSES_BETWEEN = [
  'none',
  'blot',
  'short',
  'noFoam',
  'full',
  'damp',
  'dryToTouch',
  'airOut',
  'vacuum',
] as const;

export type RinseBetween = (typeof RINSES_BETWEEN)[number];

/** How a trouble is judged to be gone. */
export const CHECKS = [
  'daylight',
  'againstLight',
  'waterDrop',
  'smellDamp',
  'smellWarm',
  'feel',
  'fromSide',
  'scratch',
  'whiteCloth',
  'nextDay',
  'wetAndDry',
  'besideClean',
  'strength',
] as const;

export type Check = (typeof CHECKS)[number];

/** Where a course ends when it has done what it can. */
export const COURSE_ENDS = ['accept', 'professional', 'dyePatch', 'discard', 'mend', 'noHomeMethod'] as const;
export type CourseEnd = (typeof COURSE_ENDS)[number];

/** What a hand does in the first seconds. */
export const AT_ONCE_VERBS = [
  'protect',
  'lift',
  'shake',
  'blot',
  'absorb',
  'coldFlush',
  'keepWet',
  'letDry',
  'chill',
  'vacuum',
  'isolate',
  'hangToAir',
  'ventilate',
  'rinseOutProduct',
  'detergent',
  'rewash',
  'leaveAlone',
  'leaveRoom',
  'airOutdoors',
  'keepFlooded',
  'handsOff',
] as const;
export type AtOnceVerb = (typeof AT_ONCE_VERBS)[number];

/** Programmes for a load, gentlest first; each means one step of `PROGRAMMES`. */
export const LOAD_PROGRAMMES = ['woollens', 'delicate', 'easyCare', 'cotton'] as const;

/** Whether a kind of cloth gives fluff off, or takes it when it is dark and smooth. */
export const LINT_WAYS = ['gives', 'takesWhenDark', 'neither'] as const;

/** What is done by hand before a piece goes into the drum. */
export const LOAD_CHORES = [
  'emptyPockets',
  'closeFastenings',
  'openCollars',
  'insideOut',
  'bag',
  'shakeOut',
  'unbutton',
] as const;

/** Who is at more risk than others from something that is no matter of cleaning. */
export const DANGER_RISKS = ['child', 'pregnancy', 'asthma', 'pets', 'weakImmunity'] as const;

/** Patterns of a cloth in drawings; always with its word. */
export const WEAVES = [
  'percale',
  'loops',
  'damask',
  'muslin',
  'stripe',
  'pique',
  'herringbone',
  'knit',
  'smooth',
  'denim',
  'drill',
  'slick',
] as const;
