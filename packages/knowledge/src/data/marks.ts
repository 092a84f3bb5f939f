import type { Mark } from '../schema/soil.js';

const plain = { hasSolids: false, bodyFluid: false, expectedSignIds: [] as string[], advice: '', sourceIds: ['commonPractice'] } satisfies Partial<Mark>;
const of = (...parts: [string, number][]): Mark['components'] => parts.map(([componentId, weight]) => ({ componentId, weight }));

export const marks: readonly Mark[] = [
  { ...plain, id: 'blood', name: 'blood', aliases: ['nosebleed', 'cut'], kind: 'mark', components: of(['haem', 1]), bodyFluid: true, expectedSignIds: ['fizzOnBlood', 'brownRemainder'], advice: 'Cold only until no more lifts. A brown remainder may be iron: citric acid, no bleach.' },
  { ...plain, id: 'egg', name: 'egg', aliases: ['yolk', 'egg white'], kind: 'mark', components: of(['protein', 0.8], ['freshOil', 0.2]), hasSolids: true, advice: 'Scrape first; warm water cooks it in.' },
  { ...plain, id: 'milk', name: 'milk or cream', aliases: ['cream', 'ice cream', 'baby formula', 'yoghurt'], kind: 'mark', components: of(['protein', 0.55], ['freshOil', 0.29], ['sugar', 0.16]) },
  { ...plain, id: 'beetroot', name: 'beetroot', aliases: ['beet', 'borscht'], kind: 'mark', components: of(['betalain', 0.85], ['sugar', 0.15]), hasSolids: true },
  {
    ...plain,
    id: 'berry',
    name: 'blackberry or other berry',
    aliases: ['blackberry', 'bramble', 'blueberry', 'blackcurrant', 'raspberry', 'cherry', 'elderberry', 'juice'],
    kind: 'mark',
    components: of(['anthocyanin', 0.7], ['sugar', 0.15], ['tannin', 0.15]),
    hasSolids: true,
    expectedSignIds: ['blueTurn'],
    advice: 'No natural soap: it sets the tannin.',
  },
  { ...plain, id: 'redWine', name: 'red wine', aliases: ['wine', 'claret', 'port'], kind: 'mark', components: of(['anthocyanin', 0.6], ['tannin', 0.35], ['sugar', 0.05]), expectedSignIds: ['blueTurn'], advice: 'No salt: dyers use it to fix dye.' },
  { ...plain, id: 'ale', name: 'ale or beer', aliases: ['beer', 'stout', 'lager', 'cider'], kind: 'mark', components: of(['tannin', 0.4], ['sugar', 0.35], ['protein', 0.25]) },
  { ...plain, id: 'tea', name: 'tea or coffee', aliases: ['coffee', 'tea', 'espresso'], kind: 'mark', components: of(['tannin', 1]) },
  { ...plain, id: 'grass', name: 'grass', aliases: ['lawn', 'leaf', 'moss'], kind: 'mark', components: of(['chlorophyll', 0.7], ['protein', 0.3]) },
  { ...plain, id: 'saladOil', name: 'salad oil or butter', aliases: ['oil', 'olive oil', 'butter', 'dressing', 'mayonnaise', 'grease'], kind: 'mark', components: of(['freshOil', 1]), advice: 'No water first: it locks the oil in.' },
  { ...plain, id: 'ballpoint', name: 'ballpoint', aliases: ['biro', 'pen', 'ink'], kind: 'mark', components: of(['ballpointInk', 1]), advice: 'Work from the back onto an absorbent pad.' },
  { ...plain, id: 'nailVarnish', name: 'nail varnish', aliases: ['nail polish', 'nail lacquer'], kind: 'mark', components: of(['lacquer', 1]), advice: 'Do not rub while wet: it spreads.' },
  { ...plain, id: 'propolis', name: 'propolis or beeswax', aliases: ['beeswax', 'resin', 'sap', 'pine sap'], kind: 'mark', components: of(['resinWax', 1]), hasSolids: true, advice: 'Chill it hard and chip it off before any solvent.' },
  { ...plain, id: 'rust', name: 'rust', aliases: ['iron', 'radiator rust'], kind: 'mark', components: of(['ironOxide', 1]), advice: 'No bleach of any kind: it makes rust worse.' },
  { ...plain, id: 'walnut', name: 'walnut-hull dye', aliases: ['walnut', 'oak gall', 'bark'], kind: 'mark', components: of(['quinoneDye', 0.8], ['tannin', 0.2]) },
  { ...plain, id: 'mildew', name: 'mildew', aliases: ['mould', 'mold', 'black spots'], kind: 'mark', components: of(['mouldPigment', 0.8], ['mustyOdour', 0.2]), advice: 'Brush outdoors with a mask. Large or spreading mould: discard.' },
  { ...plain, id: 'sweatMark', name: 'sweat or deodorant mark', aliases: ['deodorant', 'underarm', 'armpit', 'sweat'], kind: 'mark', components: of(['aluminiumSebum', 0.75], ['oxidisedOil', 0.25]), bodyFluid: false, advice: 'No chlorine: it yellows further.' },
  { ...plain, id: 'petUrine', name: "pet's accident", aliases: ['urine', 'dog', 'cat', 'wee', 'terrier'], kind: 'odour', components: of(['urineSalts', 0.9], ['protein', 0.1]), bodyFluid: true, expectedSignIds: ['strongerWhenWet'], advice: 'Never chlorine: with urine it makes chloramines.' },
  { ...plain, id: 'dyeRun', name: 'dye run from another piece', aliases: ['indigo', 'colour run', 'bleed', 'red sock', 'run'], kind: 'dyeRun', components: of(['looseDye', 1]), expectedSignIds: ['sulphurSmell'], advice: 'Keep it wet and do not tumble: heat fixes the dye.' },
  { ...plain, id: 'storageYellow', name: 'storage yellow', aliases: ['yellowed', 'yellowing', 'loft', 'attic', 'old lace yellow'], kind: 'yellowing', components: of(['storageYellowing', 0.85], ['oxidisedOil', 0.15]), expectedSignIds: ['waterDarkens', 'strongerWhenWet'] },
  { ...plain, id: 'greyed', name: 'greyed white', aliases: ['grey', 'dingy', 'dull'], kind: 'yellowing', components: of(['greyFilm', 0.7], ['softenerFilm', 0.3]), expectedSignIds: ['waterDarkens'] },
  { ...plain, id: 'fishSmell', name: 'fish or fish-meal smell', aliases: ['fish', 'fish meal', 'bait'], kind: 'odour', components: of(['amineOdour', 0.85], ['protein', 0.15]), expectedSignIds: ['vinegarSmellGoes'], advice: 'Cold first: hot water and hot air set it.' },
  { ...plain, id: 'smoke', name: 'bonfire smoke', aliases: ['smoke', 'campfire', 'bonfire', 'cigarette'], kind: 'odour', components: of(['smokeOdour', 1]), expectedSignIds: ['strongerWhenWet', 'vinegarSmellGoes'] },
  { ...plain, id: 'kitSmell', name: 'sports-kit smell', aliases: ['sweaty', 'gym', 'bo', 'body odour'], kind: 'odour', components: of(['fattyAcidOdour', 0.8], ['oxidisedOil', 0.2]), expectedSignIds: ['vinegarSmellGoes'] },
  { ...plain, id: 'musty', name: 'musty smell', aliases: ['mothball', 'stale', 'damp smell'], kind: 'odour', components: of(['mustyOdour', 1]), expectedSignIds: ['strongerWhenWet'] },
  { ...plain, id: 'stiffTowels', name: 'stiff or greasy build-up', aliases: ['build-up', 'stiff', 'residue', 'softener', 'dingy towels'], kind: 'buildUp', components: of(['softenerFilm', 0.45], ['hardnessScale', 0.3], ['oxidisedOil', 0.25]), expectedSignIds: ['waterDarkens'] },
  { ...plain, id: 'scale', name: 'hard-water stiffness', aliases: ['limescale', 'hard water', 'chalky'], kind: 'buildUp', components: of(['hardnessScale', 0.8], ['softenerFilm', 0.2]) },
];
