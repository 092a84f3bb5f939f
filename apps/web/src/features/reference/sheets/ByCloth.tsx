import { Box, chakra } from '@chakra-ui/react';
import { CLOTH_WORDS, type Reference } from '@feverfew/contracts';
import { type ReactNode, useId } from 'react';
import { Link } from 'react-router';
import { useLexicon } from '../../../app/useLexicon';
import { ClothFill, type FibreGroup } from '../../../components/drawings/cloth';
import { clothLine } from './clothLine';

type Cloths = Reference['courses'][number]['cloths'];
export type Cloth = keyof Cloths;
type Colour = Parameters<typeof ClothFill>[0]['colour'];

/** How each kind of cloth is drawn. */
const LOOKS: Readonly<Record<Cloth, readonly [FibreGroup, Colour]>> = {
  white: ['bastLeaf', 'white'],
  coloured: ['cellulose', 'pale'],
  synthetic: ['synthetic', 'mid'],
  delicate: ['regeneratedCellulose', 'white'],
  protein: ['animalProtein', 'natural'],
  surface: ['animalProtein', 'multicoloured'],
  dryOnly: ['unknown', 'unknown'],
};

const Row = chakra(Link, {
  base: {
    display: 'grid',
    gridTemplateColumns: { base: '2.25rem minmax(0, 1fr)', md: '2.25rem 9rem minmax(0, 1fr)' },
    gap: '0 0.75rem',
    alignItems: 'center',
    minHeight: '2.875rem',
    paddingBlock: '1',
    borderTop: '1px solid',
    borderColor: 'line',
    _hover: { bg: 'leafTint' },
    '&[aria-current=true]': { bg: 'discTint' },
  },
});

interface ByClothProps {
  readonly cloths: Cloths;
  /** null = none is open. */
  readonly chosen: Cloth | null;
  /** The course on the chosen cloth, below its row. */
  readonly children: ReactNode;
}

/** A course on every kind of cloth, a line each; the chosen one opens in full, and is printed alone. */
export function ByCloth({ cloths, chosen, children }: ByClothProps) {
  const say = useLexicon();
  const kinds = Object.keys(CLOTH_WORDS) as Cloth[];
  const row = (kind: Cloth) => (
    <Row
      key={kind}
      to={kind === chosen ? '?' : `?cloth=${kind}`}
      replace
      preventScrollReset
      aria-label={CLOTH_WORDS[kind]}
      aria-current={kind === chosen ? 'true' : undefined}
    >
      <Swatch look={LOOKS[kind]} />
      <Box fontWeight={650}>{CLOTH_WORDS[kind]}</Box>
      <Box gridColumn={{ base: '2', md: 'auto' }} fontSize="note" color="soft">
        {clothLine(cloths[kind], say)}
      </Box>
    </Row>
  );
  const at = chosen === null ? kinds.length : kinds.indexOf(chosen) + 1;
  const print = chosen === null ? undefined : 'hide';
  return (
    <Box>
      <Box as="h2" fontSize="heading" data-print={print}>
        Then, by cloth
      </Box>
      <Box as="nav" aria-label="Kinds of cloth" data-print={print}>
        {kinds.slice(0, at).map(row)}
      </Box>
      {children}
      <Box
        as="nav"
        aria-label="Further kinds of cloth"
        data-print={print}
        borderBottom="1px solid"
        borderColor="line"
      >
        {kinds.slice(at).map(row)}
      </Box>
    </Box>
  );
}

function Swatch({ look: [group, colour] }: { readonly look: readonly [FibreGroup, Colour] }) {
  const id = useId();
  return (
    <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true">
      <defs>
        <ClothFill id={id} group={group} colour={colour} />
      </defs>
      <rect
        x="1"
        y="1"
        width="32"
        height="32"
        rx="5"
        fill={`url(#${id})`}
        stroke="currentColor"
        strokeWidth="1.6"
        strokeDasharray={colour === 'unknown' ? '0.1 4' : undefined}
        strokeLinecap="round"
      />
    </svg>
  );
}
