import { Box, Grid } from '@chakra-ui/react';
import {
  Atom,
  BookOpen,
  Droplets,
  FlaskConical,
  ListOrdered,
  type LucideIcon,
  Scale,
  Shirt,
  Spool,
  Tag,
  TriangleAlert,
  WashingMachine,
} from 'lucide-react';
import { Link } from 'react-router';
import { FAMILIES, type FamilyId } from './referenceView';

const ICONS: Readonly<Record<FamilyId, LucideIcon>> = {
  marks: Droplets,
  courses: ListOrdered,
  fibres: Spool,
  items: Shirt,
  agents: FlaskConical,
  methods: WashingMachine,
  components: Atom,
  codes: Tag,
  hazards: TriangleAlert,
  positions: Scale,
  words: BookOpen,
};

interface ShelfBoxesProps {
  /** The open one. */
  readonly family: FamilyId | null;
  /** How many sheets each box holds; 0 where it is read as one page. */
  readonly counts: ReadonlyMap<FamilyId, number>;
}

/** The boxes of the reference on their boards; the open one is yellow. */
export function ShelfBoxes({ family, counts }: ShelfBoxesProps) {
  return (
    <Grid
      as="nav"
      aria-label="Shelves"
      templateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(3, minmax(0, 1fr))' }}
      rowGap="3"
    >
      {FAMILIES.map(({ id, title }) => {
        const Icon = ICONS[id];
        const isOpen = id === family;
        return (
          <Link key={id} to={`/reference/${id}`} aria-current={isOpen ? 'page' : undefined}>
            <Box
              marginInline="1.5"
              height={{ base: '3.25rem', md: '3.5rem' }}
              display="grid"
              placeItems="center"
              border="2px solid"
              borderBottom="none"
              borderColor="ink"
              borderTopRadius="md"
              bg={isOpen ? 'discTint' : 'card'}
              position="relative"
              _hover={{ bg: isOpen ? 'discTint' : 'leafTint' }}
            >
              {/* The hole to pull it out by. */}
              <Box
                position="absolute"
                top="-2px"
                width="2.25rem"
                height="0.5rem"
                border="2px solid"
                borderTop="none"
                borderColor="ink"
                borderBottomRadius="full"
                bg="paper"
                aria-hidden="true"
              />
              <Icon size={24} strokeWidth={1.7} aria-hidden="true" />
            </Box>
            <Box
              borderTop="2px solid"
              borderColor="ink"
              bg="tape"
              textAlign="center"
              paddingBlock="0.5"
              paddingInline="1"
              fontSize="small"
              lineHeight="1.3"
            >
              <strong>{title}</strong>{' '}
              {(counts.get(id) ?? 0) > 0 && (
                <Box as="span" color="soft">
                  {counts.get(id)}
                </Box>
              )}
            </Box>
          </Link>
        );
      })}
    </Grid>
  );
}
