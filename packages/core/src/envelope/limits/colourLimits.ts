import type { Chemistry, Protects } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { PieceFacts } from '../../textile/piece.js';
import type { Limit } from '../limit.js';

/** Chemistries that can move or take a dye: a hidden test first on anything not proven. */
const TEST_ON_COLOUR: readonly Chemistry[] = [
  'peroxide',
  'percarbonate',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'weakAcid',
  'dyeSuspender',
  'ammonia',
  'strongAlkali',
  'oxalicAcid',
];
/** A colour that holds in water is tested all the same: water says nothing about a solvent. */
const SOLVENTS: readonly Chemistry[] = ['alcohol', 'ketone', 'ester', 'hydrocarbon'];
/** A dye that has bled once does not bear these at all. */
const NEVER_ON_BLEEDERS: readonly Chemistry[] = [
  'percarbonate',
  'ammonia',
  'strongAlkali',
  'alcohol',
  'ketone',
  'ester',
];
/** Bath for a piece that has bled, °C. */
const BLEEDER_MAX_C = 30;

export function colourLimits({ colour, fastness }: PieceFacts): Limit[] {
  if (colour === 'white') return [];
  const owner: LimitOwner = { kind: 'colour', colour, fastness };
  const on = (chemistry: Chemistry, verdict: 'never' | 'test', protects: Protects = 'piece'): Limit => ({
    quantity: 'chemistry',
    chemistry,
    verdict,
    bounds: {},
    owner,
    protects,
    sourceIds: ['commonPractice'],
  });
  const fades = colour !== 'natural' && colour !== 'pale';
  const darkDye = colour === 'mid' || colour === 'dark' || colour === 'unknown';
  return [
    on('chlorine', 'never'),
    ...(fades
      ? [
          {
            quantity: 'drying',
            forbids: 'sun',
            owner,
            protects: 'piece',
            sourceIds: ['commonPractice'],
          } as const,
        ]
      : []),
    on('reducer', darkDye || fastness === 'failed' ? 'never' : 'test'),
    ...(fastness === 'unknown' ? TEST_ON_COLOUR : fastness === 'proven' ? SOLVENTS : []).map((chemistry) =>
      on(chemistry, 'test'),
    ),
    ...(fastness === 'failed'
      ? [
          {
            quantity: 'tempC',
            maxC: BLEEDER_MAX_C,
            owner,
            protects: 'piece',
            sourceIds: ['commonPractice'],
          } as const,
          ...NEVER_ON_BLEEDERS.map((chemistry) => on(chemistry, 'never')),
          ...(['peroxide', 'weakAcid', 'dyeSuspender', 'hydrocarbon'] as const).map((chemistry) =>
            on(chemistry, 'test'),
          ),
        ]
      : []),
  ];
}
