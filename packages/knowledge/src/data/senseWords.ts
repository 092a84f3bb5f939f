/**
 * How texts speak of fibres, pieces and products, for those who check that a text fits its plan. Words of
 * tools and of trade names of programmes are no fibre: a cotton pad, the wool programme.
 */
export interface NamedInText {
  /** What the text calls it. */
  readonly name: string;
  readonly words: RegExp;
}

/** Fibres as texts name them, with the fibres that answer to the name. */
export const FIBRE_WORDS: readonly (NamedInText & { readonly fibreIds: readonly string[] })[] = [
  {
    name: 'wool',
    words: /(?<!cotton )\b(wool|woollens?|merino)\b(?! (programme|wash|detergent|cycle))/i,
    fibreIds: ['wool', 'cashmere', 'mohair', 'alpaca', 'angora', 'superwash'],
  },
  { name: 'cashmere', words: /\bcashmere\b/i, fibreIds: ['cashmere', 'wool'] },
  { name: 'silk', words: /\bsilks?\b/i, fibreIds: ['silk'] },
  {
    name: 'cotton',
    words: /\bcotton\b(?! (bud|pad|wool|cloth|programme|ball|swab|glove|rag|towel))/i,
    fibreIds: ['cotton'],
  },
  {
    name: 'linen',
    words: /\b(pure|of|on|for|in|is|or|and|a) linen\b|\blinen (is|takes|and|or|back)\b|^linen\b/i,
    fibreIds: ['linen', 'hemp', 'ramie'],
  },
  {
    name: 'viscose',
    words: /\b(viscose|rayon)\b/i,
    fibreIds: ['viscose', 'modal', 'lyocell', 'cupro'],
  },
  { name: 'acetate', words: /\b(tri)?acetate\b(?!\))/i, fibreIds: ['acetate', 'triacetate'] },
  { name: 'polyester', words: /\bpolyester\b/i, fibreIds: ['polyester'] },
  {
    name: 'polyamide',
    words: /\bpolyamide|(?<!dry |with )nylon\b(?! stocking)/i,
    fibreIds: ['polyamide', 'aramid'],
  },
  { name: 'elastane', words: /\b(elastane|spandex)\b/i, fibreIds: ['elastane'] },
  { name: 'acrylic', words: /\b(mod)?acrylic\b/i, fibreIds: ['acrylic', 'modacrylic'] },
  { name: 'leather', words: /\b(leather|suede)\b(?! (cleaner|brush))/i, fibreIds: ['leather'] },
  {
    name: 'feathers',
    words: /\bdown\b(?= (jacket|pillow|duvet|fill|and feather|or feather|clumps))|\bfeathers?\b(?! the)/i,
    fibreIds: ['down'],
  },
  { name: 'jute', words: /\bjute\b/i, fibreIds: ['jute', 'sisal', 'coir'] },
];

/** Kinds of piece as texts name them; `near` are names of pieces that answer to the word. */
export const PIECE_WORDS: readonly (NamedInText & { readonly near: RegExp })[] = [
  ...(
    [
      ['sofa', /chair|sofa|seat|couch|cushion|cover/i],
      ['armchair', /chair|sofa|seat/i],
      ['carpet', /carpet|rug|mat/i],
      ['rug', /carpet|rug|mat/i],
      ['mattress', /mattress|bed/i],
      ['pillow', /pillow|cushion/i],
      ['duvet', /duvet|quilt|bed/i],
      ['curtain', /curtain|blind/i],
      ['jumper', /jumper|knit|cardigan|sweater/i],
      ['tablecloth', /tablecloth|table|damask|linen/i],
      ['tights', /tights|stocking/i],
      ['hat', /hat|cap/i],
      ['shoe', /shoe|trainer|boot/i],
      ['nappy', /napp/i],
      ['nappies', /napp/i],
      ['scarf', /scarf|shawl/i],
      ['tapestry', /tapestry|hanging/i],
      ['tent', /tent|canvas/i],
      ['awning', /awning|canvas/i],
      ['wetsuit', /wetsuit|neoprene/i],
      ['swimsuit', /swim/i],
      ['jeans', /jeans|denim/i],
      ['shirt', /shirt|blouse|top/i],
      ['trousers', /trouser|jeans|pants|shorts/i],
      ['dress', /dress|skirt|gown/i],
      ['apron', /apron/i],
      ['bra', /bra|underwear|lingerie/i],
      ['sock', /sock|stocking|tights/i],
    ] as const
  ).map(([name, near]) => ({ name, words: new RegExp(`\\b${name}s?\\b(?! roll)`, 'i'), near })),
  { name: 'tie', words: /\b(a|the|this|your|silk|of) ties?\b/, near: /\btie/i },
];

/** A tool or a place near the piece, named by the word of a piece: "over a clean towel", "into an old sock". */
export const PIECE_AS_TOOL =
  /\b(in|into|with|on|onto|under|over|between|to|from) (a |an |old |the |dry |white |clean |thick )*(towel|sheet|blanket|pillow|rug|sock|pillowcase|tights|stocking|nappies)/i;

/** Products as texts name them, with the chemistries or the product names that answer to the word. */
export const PRODUCT_WORDS: readonly (NamedInText & {
  readonly chemistries: readonly string[];
  readonly products: RegExp | null;
})[] = [
  {
    name: 'alcohol',
    words: /\b(isopropanol|rubbing alcohol|alcohol)\b/i,
    chemistries: ['alcohol'],
    products: null,
  },
  { name: 'acetone', words: /\bacetone\b(?!-free)/i, chemistries: ['ketone', 'ester'], products: null },
  {
    name: 'spirits',
    words: /\b(mineral |white )?spirits\b/i,
    chemistries: ['hydrocarbon'],
    products: null,
  },
  { name: 'vinegar', words: /\bvinegar\b/i, chemistries: [], products: /vinegar/i },
  { name: 'citric acid', words: /\bcitric\b/i, chemistries: [], products: /citric/i },
  { name: 'peroxide', words: /\bperoxide\b/i, chemistries: ['peroxide'], products: null },
  {
    name: 'oxygen bleach',
    words: /\boxygen (powder|bleach|soak|bath|round)/i,
    chemistries: ['percarbonate', 'peroxide'],
    products: null,
  },
  { name: 'enzymes', words: /\benzymes?\b(?!-free)/i, chemistries: ['protease'], products: null },
  {
    name: 'run remover',
    words: /\b(run remover|reducer)\b/i,
    chemistries: ['reducer'],
    products: null,
  },
  { name: 'chlorine', words: /\bchlorine\b/i, chemistries: ['chlorine'], products: null },
  {
    name: 'washing soda',
    words: /\b(washing soda|soda crystals|the soda)\b/i,
    chemistries: ['strongAlkali', 'mildAlkali'],
    products: null,
  },
  { name: 'glycerine', words: /\bglycerine\b/i, chemistries: ['polyol'], products: null },
  { name: 'odour remover', words: /\bodour remover\b/i, chemistries: [], products: /odour/i },
  {
    name: 'absorbent powder',
    words: /\b(absorbent|talcum|starch) powder\b/i,
    chemistries: ['absorbent'],
    products: null,
  },
];

const DENIED_BEFORE = /\b(no|not|never|nor|without|instead of|before any|keep .* away|barred)\b/i;
const DENIED_AFTER = /\b(does|do|is|are|would|will) (not|nothing|no)\b|never|nothing/i;

/** @returns whether what a text names at this place is only spoken against */
export const isDenied = (text: string, at: number): boolean =>
  DENIED_BEFORE.test(text.slice(0, at)) || DENIED_AFTER.test(text.slice(at));
