import { upperFirst } from '../letterCase.js';
import type { UsualPiece, UsualTag } from '../schema/usual.js';

/**
 * What washable pieces of a household usually are: what they are made of, and what the tag says of washing, each
 * with about how often. Common practice in trade and household, from memory; counted nowhere, and other in other
 * countries, price classes and decades. Read a share as "about", to the nearest tenth.
 * @param makes fibres, each with its percent unless it is the only one, parts set apart by a plus; and the share of
 *   such pieces
 * @param tags what the tag says, and the share of such pieces; `none` = there is no tag as a rule
 * @param whiteShare how many are white, where most are
 * @param tagsOfFibres what the tag says of those that are known to be of one of these fibres
 */
const usual = (
  itemId: string,
  makes: Readonly<Record<string, number>>,
  tags: Shares,
  whiteShare: number | null = null,
  tagsOfFibres: Readonly<Record<string, Shares>> = {},
): UsualPiece => ({
  id: `usual${upperFirst(itemId)}`,
  itemId,
  compositions: Object.entries(makes).map(([make, share]) => ({
    parts: make.split(' + ').map(fibresOf),
    share,
  })),
  tags: tagsOf(tags),
  tagsOfFibres: Object.entries(tagsOfFibres).map(([fibres, own]) => ({
    fibreIds: fibres.split(' '),
    tags: tagsOf(own),
  })),
  whiteShare,
  sourceIds: ['commonPractice', 'memory'],
});

type Shares = Readonly<Partial<Record<UsualTag, number>>>;

const tagsOf = (shares: Shares): UsualPiece['tags'] =>
  Object.entries(shares).map(([says, share]) => ({ says: tagOf(says), share }));

/** "cotton 60 polyester 40" */
const fibresOf = (part: string): UsualPiece['compositions'][number]['parts'][number] =>
  [...part.matchAll(/(\p{L}+)(?: (\d+))?/gu)].map(([, fibreId = '', pct = '100']) => ({
    fibreId,
    sharePct: Number(pct),
  }));

const tagOf = (says: string): UsualTag =>
  says === 'hand' || says === 'never' || says === 'none' ? says : (Number(says) as 30 | 40 | 60 | 95);

export const usualPieces: readonly UsualPiece[] = [
  usual(
    'tableLinen',
    {
      cotton: 0.45,
      'cotton 50 polyester 50': 0.2,
      linen: 0.15,
      polyester: 0.12,
      'linen 55 cotton 45': 0.05,
      viscose: 0.03,
    },
    { 60: 0.45, 40: 0.45, hand: 0.05, none: 0.05 },
  ),
  usual(
    'pillowcase',
    {
      cotton: 0.6,
      'cotton 50 polyester 50': 0.25,
      polyester: 0.06,
      lyocell: 0.03,
      silk: 0.03,
      'cotton 60 modal 40': 0.03,
    },
    { 60: 0.6, 40: 0.35, hand: 0.05 },
  ),
  usual(
    'bedSheet',
    {
      cotton: 0.6,
      'cotton 50 polyester 50': 0.25,
      polyester: 0.06,
      'cotton 97 elastane 3': 0.04,
      linen: 0.03,
      lyocell: 0.02,
    },
    { 60: 0.6, 40: 0.4 },
  ),
  usual(
    'duvetCover',
    { cotton: 0.6, 'cotton 50 polyester 50': 0.28, polyester: 0.09, linen: 0.03 },
    { 60: 0.5, 40: 0.5 },
  ),
  usual(
    'towel',
    { cotton: 0.93, 'cotton 60 modal 40': 0.02, 'polyester 80 polyamide 20': 0.03, linen: 0.02 },
    { 60: 0.7, 40: 0.3 },
  ),
  usual(
    'strainingCloth',
    { cotton: 0.75, linen: 0.1, 'linen 50 cotton 50': 0.1, 'polyester 80 polyamide 20': 0.05 },
    { 95: 0.15, 60: 0.75, 40: 0.1 },
  ),
  usual('handkerchief', { cotton: 0.85, linen: 0.1, silk: 0.05 }, { 60: 0.7, 40: 0.25, never: 0.05 }),
  usual(
    'ovenGlove',
    { cotton: 0.85, 'cotton 60 polyester 40': 0.1, 'coating 20 cotton 80': 0.05 },
    { 60: 0.4, 40: 0.6 },
  ),
  usual(
    'bathrobe',
    { cotton: 0.7, polyester: 0.25, silk: 0.03, 'cotton 60 polyester 40': 0.02 },
    { 60: 0.35, 40: 0.6, hand: 0.05 },
  ),
  usual(
    'mattressProtector',
    {
      'cotton 60 polyester 40': 0.35,
      polyester: 0.35,
      'cotton 80 coating 20': 0.2,
      'coating 20 polyester 80': 0.1,
    },
    { 95: 0.1, 60: 0.65, 40: 0.25 },
    1,
  ),
  usual(
    'bedspread',
    { cotton: 0.5, polyester: 0.35, 'cotton 50 polyester 50': 0.1, silk: 0.03, wool: 0.02 },
    { 40: 0.5, 30: 0.25, never: 0.25 },
  ),
  usual(
    'blanket',
    { polyester: 0.5, acrylic: 0.15, wool: 0.18, cotton: 0.12, 'acrylic 60 polyester 40': 0.05 },
    { 40: 0.45, 30: 0.35, hand: 0.1, never: 0.1 },
  ),
  usual(
    'pillow',
    {
      'cotton + polyester': 0.45,
      'polyester + polyester': 0.35,
      'cotton + down': 0.15,
      'cotton + foam': 0.05,
    },
    { 60: 0.25, 40: 0.55, never: 0.2 },
    0.98,
    { down: { 60: 0.4, 40: 0.35, never: 0.25 } },
  ),
  usual(
    'duvet',
    { 'cotton + polyester': 0.4, 'polyester + polyester': 0.35, 'cotton + down': 0.2, 'cotton + wool': 0.05 },
    { 60: 0.35, 40: 0.35, 30: 0.1, never: 0.2 },
    0.97,
    { down: { 60: 0.4, 40: 0.3, never: 0.3 } },
  ),
  usual(
    'filledCoat',
    {
      'polyamide + polyamide + polyester': 0.25,
      'polyester + polyester + polyester': 0.35,
      'polyamide + polyamide + down': 0.2,
      'polyester + polyester + down': 0.15,
      'cotton + polyester + polyester': 0.05,
    },
    { 30: 0.75, hand: 0.1, never: 0.15 },
    null,
    { down: { 30: 0.75, hand: 0.05, never: 0.2 } },
  ),
  usual(
    'curtain',
    {
      polyester: 0.45,
      cotton: 0.25,
      'cotton 50 polyester 50': 0.15,
      linen: 0.05,
      'viscose 50 polyester 50': 0.1,
    },
    { 40: 0.35, 30: 0.4, never: 0.2, none: 0.05 },
    null,
    { 'cotton linen': { 60: 0.2, 40: 0.5, 30: 0.15, never: 0.1, none: 0.05 } },
  ),
  usual(
    'netCurtain',
    { polyester: 0.9, 'cotton 60 polyester 40': 0.06, 'polyester 95 metallised 5': 0.04 },
    { 40: 0.4, 30: 0.6 },
    0.9,
  ),
  usual(
    'looseCover',
    {
      cotton: 0.4,
      polyester: 0.25,
      'cotton 60 polyester 40': 0.15,
      'linen 55 cotton 45': 0.1,
      'viscose 40 polyester 60': 0.1,
    },
    { 60: 0.1, 40: 0.4, 30: 0.25, never: 0.25 },
  ),
  usual(
    'cushionCover',
    {
      cotton: 0.4,
      polyester: 0.35,
      'linen 60 cotton 40': 0.08,
      'polyester 90 viscose 10': 0.1,
      wool: 0.04,
      silk: 0.03,
    },
    { 40: 0.3, 30: 0.45, hand: 0.1, never: 0.15 },
  ),
  usual(
    'tShirt',
    {
      cotton: 0.55,
      'cotton 60 polyester 40': 0.15,
      'cotton 95 elastane 5': 0.12,
      polyester: 0.1,
      'viscose 95 elastane 5': 0.06,
      wool: 0.02,
    },
    { 60: 0.1, 40: 0.6, 30: 0.3 },
  ),
  usual(
    'shirt',
    {
      cotton: 0.35,
      'cotton 60 polyester 40': 0.25,
      polyester: 0.13,
      viscose: 0.12,
      'cotton 97 elastane 3': 0.06,
      silk: 0.04,
      linen: 0.05,
    },
    { 60: 0.05, 40: 0.6, 30: 0.2, hand: 0.08, never: 0.07 },
  ),
  usual(
    'jumper',
    {
      cotton: 0.22,
      acrylic: 0.22,
      wool: 0.2,
      'cotton 50 acrylic 50': 0.1,
      'wool 30 acrylic 70': 0.12,
      cashmere: 0.05,
      'viscose 80 polyamide 20': 0.09,
    },
    { 40: 0.2, 30: 0.4, hand: 0.3, never: 0.1 },
  ),
  usual(
    'sweatshirt',
    {
      'cotton 80 polyester 20': 0.55,
      cotton: 0.15,
      'polyester 60 cotton 40': 0.15,
      'cotton 95 elastane 5': 0.1,
      polyester: 0.05,
    },
    { 40: 0.6, 30: 0.4 },
  ),
  usual(
    'joggers',
    {
      'cotton 80 polyester 20': 0.5,
      polyester: 0.25,
      'cotton 60 polyester 40': 0.15,
      'cotton 95 elastane 5': 0.1,
    },
    { 40: 0.6, 30: 0.4 },
  ),
  usual(
    'leggings',
    {
      'polyester 80 elastane 20': 0.35,
      'polyamide 78 elastane 22': 0.2,
      'cotton 95 elastane 5': 0.35,
      'viscose 95 elastane 5': 0.1,
    },
    { 40: 0.5, 30: 0.5 },
  ),
  usual(
    'trousers',
    {
      'cotton 98 elastane 2': 0.35,
      'polyester 65 viscose 35': 0.22,
      polyester: 0.13,
      cotton: 0.12,
      'wool 45 polyester 55': 0.1,
      linen: 0.05,
      'viscose 80 polyester 20': 0.03,
    },
    { 60: 0.05, 40: 0.55, 30: 0.2, hand: 0.05, never: 0.15 },
  ),
  usual(
    'jeans',
    { 'cotton 98 elastane 2': 0.55, cotton: 0.3, 'cotton 79 polyester 19 elastane 2': 0.12, lyocell: 0.03 },
    { 40: 0.6, 30: 0.4 },
  ),
  usual(
    'shorts',
    {
      'cotton 98 elastane 2': 0.4,
      cotton: 0.25,
      polyester: 0.25,
      'linen 55 viscose 45': 0.05,
      polyamide: 0.05,
    },
    { 40: 0.7, 30: 0.3 },
  ),
  usual(
    'skirt',
    {
      'polyester 65 viscose 35': 0.3,
      polyester: 0.2,
      cotton: 0.2,
      'wool 60 polyester 40': 0.1,
      viscose: 0.12,
      'cotton 98 elastane 2': 0.08,
    },
    { 40: 0.4, 30: 0.35, hand: 0.1, never: 0.15 },
  ),
  usual(
    'dress',
    {
      polyester: 0.35,
      viscose: 0.25,
      cotton: 0.2,
      'viscose 95 elastane 5': 0.06,
      linen: 0.05,
      silk: 0.04,
      acetate: 0.05,
    },
    { 40: 0.25, 30: 0.45, hand: 0.15, never: 0.15 },
  ),
  usual(
    'jumpsuit',
    { polyester: 0.4, viscose: 0.3, cotton: 0.2, 'viscose 70 linen 30': 0.1 },
    { 40: 0.25, 30: 0.6, hand: 0.1, never: 0.05 },
  ),
  usual(
    'petticoat',
    { polyester: 0.35, polyamide: 0.25, cotton: 0.2, viscose: 0.08, silk: 0.07, acetate: 0.05 },
    { 40: 0.35, 30: 0.35, hand: 0.3 },
  ),
  usual(
    'underwear',
    {
      'cotton 95 elastane 5': 0.55,
      'polyamide 80 elastane 20': 0.17,
      cotton: 0.1,
      'polyester 85 elastane 15': 0.08,
      'modal 90 elastane 10': 0.06,
      silk: 0.02,
      wool: 0.02,
    },
    { 60: 0.15, 40: 0.55, 30: 0.2, hand: 0.1 },
  ),
  usual(
    'periodPants',
    {
      'cotton 80 polyester 15 elastane 5': 0.55,
      'polyamide 75 elastane 25': 0.35,
      'viscose 92 elastane 8': 0.1,
    },
    { 40: 0.6, 30: 0.4 },
  ),
  usual(
    'socks',
    {
      'cotton 75 polyamide 23 elastane 2': 0.6,
      'polyester 60 cotton 30 polyamide 10': 0.2,
      'wool 60 polyamide 38 elastane 2': 0.12,
      'polyamide 95 elastane 5': 0.08,
    },
    { 60: 0.15, 40: 0.7, 30: 0.15 },
  ),
  usual(
    'sportsTop',
    {
      polyester: 0.55,
      'polyester 88 elastane 12': 0.25,
      cotton: 0.06,
      wool: 0.07,
      'polyamide 80 elastane 20': 0.07,
    },
    { 40: 0.5, 30: 0.5 },
  ),
  usual('fleeceJacket', { polyester: 0.95, 'polyester 95 elastane 5': 0.05 }, { 40: 0.5, 30: 0.5 }),
  usual(
    'swimwear',
    { 'polyamide 80 elastane 20': 0.6, 'polyester 80 elastane 20': 0.25, polyester: 0.13, polyamide: 0.02 },
    { 30: 0.5, hand: 0.5 },
  ),
  usual(
    'workwear',
    {
      'polyester 65 cotton 35': 0.5,
      cotton: 0.35,
      'polyester 50 cotton 50': 0.1,
      'aramid 93 polyamide 7': 0.03,
      polyester: 0.02,
    },
    { 60: 0.7, 40: 0.3 },
  ),
  usual(
    'uniformWhites',
    { 'polyester 65 cotton 35': 0.55, cotton: 0.35, polyester: 0.1 },
    { 60: 0.65, 40: 0.35 },
    0.95,
  ),
  usual(
    'scarf',
    { acrylic: 0.25, polyester: 0.2, wool: 0.15, viscose: 0.15, cotton: 0.12, silk: 0.08, cashmere: 0.05 },
    { 30: 0.3, hand: 0.4, never: 0.2, none: 0.1 },
  ),
  usual(
    'beanie',
    { acrylic: 0.65, 'wool 50 acrylic 50': 0.2, wool: 0.12, cashmere: 0.03 },
    { 30: 0.5, hand: 0.4, never: 0.1 },
  ),
  usual(
    'faceCovering',
    { cotton: 0.75, polyester: 0.15, 'polyester 80 elastane 20': 0.1 },
    { 60: 0.7, 40: 0.3 },
  ),
  usual(
    'babyClothes',
    { cotton: 0.85, 'cotton 95 elastane 5': 0.08, polyester: 0.05, wool: 0.02 },
    { 60: 0.4, 40: 0.6 },
  ),
  usual(
    'childNightwear',
    { cotton: 0.7, polyester: 0.2, 'cotton 50 polyester 50': 0.1 },
    { 60: 0.25, 40: 0.75 },
  ),
  usual(
    'clothNappy',
    {
      cotton: 0.55,
      'hemp 55 cotton 45': 0.1,
      'viscose 70 polyester 30': 0.2,
      'polyester 80 coating 20': 0.15,
    },
    { 60: 0.9, 40: 0.1 },
  ),
  usual(
    'clothPads',
    { 'cotton 80 polyester 20': 0.6, 'viscose 70 polyester 30': 0.25, cotton: 0.15 },
    { 60: 0.5, 40: 0.5 },
  ),
  usual(
    'softToy',
    {
      'polyester + polyester': 0.88,
      'acrylic 80 polyester 20 + polyester': 0.07,
      'cotton + polyester': 0.05,
    },
    { 30: 0.4, hand: 0.4, none: 0.2 },
  ),
  usual(
    'petBed',
    {
      'polyester + polyester': 0.6,
      'cotton 60 polyester 40 + polyester': 0.2,
      'cotton + polyester': 0.1,
      'polyester + foam': 0.1,
    },
    { 40: 0.4, 30: 0.4, none: 0.2 },
  ),
  usual(
    'mattress',
    {
      'polyester + foam': 0.4,
      'cotton 60 polyester 40 + foam': 0.25,
      'polyester + polyester': 0.15,
      'viscose 40 polyester 60 + foam': 0.1,
      'cotton + cotton': 0.05,
      'cotton + wool': 0.05,
    },
    { none: 1 },
    0.9,
  ),
  usual(
    'coatedJacket',
    {
      'polyester + polyester': 0.45,
      'polyamide + polyester': 0.2,
      'polyamide + polyamide': 0.2,
      'cotton 65 polyester 35 + cotton': 0.1,
      'cotton + cotton': 0.05,
    },
    { 30: 0.65, 40: 0.25, never: 0.05, hand: 0.05 },
  ),
];
