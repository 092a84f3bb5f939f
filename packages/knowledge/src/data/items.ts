import type { Item } from '../schema/item.js';
import type { ChemistryRule } from '../schema/limitRule.js';

const foamChemistry: ChemistryRule[] = (['hydrocarbon', 'ketone', 'ester', 'alcohol'] as const).map((chemistry) => ({
  chemistry,
  verdict: 'never',
  protects: 'both',
  sourceIds: ['commonPractice'],
}));
const surfaceChemistry: ChemistryRule[] = [
  { chemistry: 'chlorine', verdict: 'never', protects: 'both', sourceIds: ['commonPractice'] },
  { chemistry: 'reducer', verdict: 'never', protects: 'both', sourceIds: ['commonPractice'] },
  { chemistry: 'percarbonate', verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] },
];
const noTumble: Item['drying'] = [
  { forbids: 'tumbleLow', protects: 'piece', sourceIds: ['commonPractice'] },
  { forbids: 'tumbleNormal', protects: 'piece', sourceIds: ['commonPractice'] },
];

const washable = {
  mostWetting: 'immersion',
  mostProgramme: 'normal',
  mostAction: 'firmBrush',
  drying: [] as Item['drying'],
  chemistry: [] as ChemistryRule[],
  coded: false,
  surfaceOnly: false,
  skinContact: false,
  partNames: ['whole piece'],
  sourceIds: ['commonPractice'],
} satisfies Partial<Item>;

const inPlace = {
  mostWetting: 'surface',
  mostProgramme: 'none',
  mostAction: 'softBrush',
  drying: noTumble,
  coded: true,
  surfaceOnly: true,
  skinContact: false,
  sourceIds: ['commonPractice'],
} satisfies Partial<Item>;

export const items: readonly Item[] = [
  { ...washable, id: 'tableLinen', name: 'table linen', aliases: ['tablecloth', 'napkin', 'damask cloth', 'runner'], icon: 'household', defaultFibres: [{ fibreId: 'linen', sharePct: 100 }], dryMassG: 600, note: '' },
  { ...washable, id: 'pillowcase', name: 'pillow case', aliases: ['pillowcase', 'slip'], icon: 'bedding', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 150, skinContact: true, note: '' },
  { ...washable, id: 'bedSheet', name: 'bed sheet', aliases: ['sheet', 'fitted sheet'], icon: 'bedding', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 600, skinContact: true, note: '' },
  { ...washable, id: 'towel', name: 'towel', aliases: ['bath towel', 'hand towel', 'terry'], icon: 'household', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 550, skinContact: true, note: 'No softener: it stops terry from drinking water.' },
  { ...washable, id: 'strainingCloth', name: 'kitchen or straining cloth', aliases: ['muslin square', 'dishcloth', 'tea towel', 'cheesecloth', 'glass cloth'], icon: 'household', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 60, note: 'Touches food: no scent, extra rinse.' },
  { ...washable, id: 'tShirt', name: 'T-shirt or polo', aliases: ['tee', 'polo shirt', 'school polo'], icon: 'garment', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 180, skinContact: true, note: '' },
  { ...washable, id: 'shirt', name: 'shirt or blouse', aliases: ['blouse', 'shirt'], icon: 'garment', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 200, mostAction: 'softBrush', skinContact: true, note: '' },
  { ...washable, id: 'petticoat', name: 'petticoat or slip', aliases: ['underskirt', 'lawn petticoat', 'nightdress'], icon: 'garment', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 350, mostProgramme: 'mild', mostAction: 'softBrush', skinContact: true, note: 'Old seams and lace: support it when lifting wet.' },
  { ...washable, id: 'workwear', name: 'overall, apron or smock', aliases: ['overall', 'overalls', 'apron', 'smock', 'bee smock', 'boiler suit'], icon: 'garment', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 700, note: '' },
  { ...washable, id: 'jeans', name: 'jeans or trousers', aliases: ['trousers', 'denim'], icon: 'garment', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 650, note: 'Unwashed indigo sheds for the first washes.' },
  { ...washable, id: 'jumper', name: 'jumper or cardigan', aliases: ['sweater', 'pullover', 'knit'], icon: 'garment', defaultFibres: [{ fibreId: 'wool', sharePct: 100 }], dryMassG: 450, mostProgramme: 'veryMild', mostAction: 'press', drying: noTumble, skinContact: true, note: 'Dry flat.' },
  { ...washable, id: 'sportsTop', name: 'base layer or sports top', aliases: ['merino layer', 'sports kit', 'jersey', 'thermal'], icon: 'garment', defaultFibres: [{ fibreId: 'polyester', sharePct: 100 }], dryMassG: 180, mostProgramme: 'mild', drying: [{ forbids: 'tumbleNormal', protects: 'piece', sourceIds: ['commonPractice'] }], skinContact: true, note: 'Hang it at once after use.' },
  { ...washable, id: 'scarf', name: 'scarf', aliases: ['shawl', 'neckerchief'], icon: 'garment', defaultFibres: [{ fibreId: 'silk', sharePct: 100 }], dryMassG: 90, mostProgramme: 'veryMild', mostAction: 'press', drying: noTumble, skinContact: true, note: '' },
  { ...washable, id: 'waistcoat', name: 'waistcoat', aliases: ['vest', 'gilet'], icon: 'garment', defaultFibres: [{ fibreId: 'wool', sharePct: 100 }], partNames: ['shell', 'lining'], dryMassG: 350, mostWetting: 'spot', mostProgramme: 'none', mostAction: 'press', drying: noTumble, note: 'Lined and stiffened: spot work only.' },
  { ...washable, id: 'linedCoat', name: 'coat or lined jacket', aliases: ['coat', 'jacket', 'blazer', 'coat lining'], icon: 'garment', defaultFibres: [{ fibreId: 'wool', sharePct: 100 }], partNames: ['shell', 'lining'], dryMassG: 1400, mostWetting: 'spot', mostProgramme: 'none', mostAction: 'press', drying: noTumble, note: 'Interlining shrinks apart from the shell: spot work only.' },
  { ...washable, id: 'curtain', name: 'curtain, unlined', aliases: ['curtains', 'drape'], icon: 'household', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 900, mostProgramme: 'mild', mostAction: 'softBrush', drying: [{ forbids: 'tumbleNormal', protects: 'piece', sourceIds: ['commonPractice'] }], note: 'Take hooks and rings out first.' },
  { ...washable, id: 'blanket', name: 'blanket', aliases: ['throw', 'wool blanket'], icon: 'bedding', defaultFibres: [{ fibreId: 'wool', sharePct: 100 }], dryMassG: 1500, mostProgramme: 'mild', mostAction: 'press', drying: noTumble, skinContact: true, note: 'Heavy when wet: two people lift.' },
  { ...washable, id: 'looseCover', name: 'loose cover', aliases: ['cushion cover', 'sofa cover', 'slipcover'], icon: 'furniture', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 1200, drying: [{ forbids: 'tumbleNormal', protects: 'piece', sourceIds: ['commonPractice'] }], note: 'Goes by its sewn-in label. Treat all covers of a set in the same days.' },
  { ...washable, id: 'canvas', name: 'awning or tent canvas', aliases: ['awning', 'tent', 'tarpaulin', 'canvas awning'], icon: 'outdoor', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], dryMassG: 4000, mostWetting: 'spot', mostProgramme: 'none', drying: noTumble, note: 'Washing takes the proofing out: reproof after.' },
  { ...inPlace, id: 'armchair', name: 'armchair or sofa', aliases: ['sofa', 'settee', 'armchair', 'upholstery', 'chair'], icon: 'furniture', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], partNames: ['cover'], dryMassG: 3000, chemistry: [...foamChemistry, ...surfaceChemistry], note: 'Foam inside: as little water as possible.' },
  { ...inPlace, id: 'windowSeat', name: 'window seat or bench pad', aliases: ['window seat', 'bench cushion', 'fixed cushion'], icon: 'furniture', defaultFibres: [{ fibreId: 'cotton', sharePct: 100 }], partNames: ['cover'], dryMassG: 2000, chemistry: [...foamChemistry, ...surfaceChemistry], note: '' },
  { ...inPlace, id: 'mattress', name: 'mattress', aliases: ['mattress', 'bed'], icon: 'bedding', defaultFibres: [{ fibreId: 'cotton', sharePct: 60 }, { fibreId: 'polyester', sharePct: 40 }], partNames: ['ticking'], dryMassG: 20000, chemistry: [...foamChemistry, ...surfaceChemistry], skinContact: true, note: 'Never flooded: it dries from one side only. Mind the warranty.' },
  { ...inPlace, id: 'rug', name: 'rug', aliases: ['carpet', 'wool rug', 'mat'], icon: 'floor', defaultFibres: [{ fibreId: 'wool', sharePct: 100 }], partNames: ['pile'], dryMassG: 6000, mostAction: 'blot', chemistry: surfaceChemistry, note: 'Never rub pile. A jute back browns when soaked.' },
  { ...inPlace, id: 'carpet', name: 'fitted carpet', aliases: ['stair carpet', 'fitted carpet'], icon: 'floor', defaultFibres: [{ fibreId: 'unknownFibre', sharePct: 100 }], partNames: ['pile'], dryMassG: 20000, mostAction: 'blot', chemistry: [...foamChemistry, ...surfaceChemistry], note: 'Backing and underlay hold water: use little, weigh down dry towels.' },
];
