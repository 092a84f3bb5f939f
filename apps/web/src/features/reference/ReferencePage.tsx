import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import { Search } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, NavLink, useNavigate, useParams } from 'react-router';
import { Button, Input } from '../../components/controls/controls';
import { PageHeading } from '../../components/layout/PageHeading';
import { Empty, Failed, Loading } from '../../components/notices/States';
import { useReference } from '../../queries/catalogueQueries';
import { SOURCES_SHOWN } from './Fact';
import {
  type Entry,
  entriesOf,
  type FamilyId,
  findEntries,
  isFamily,
  ONE_PAGE,
  shelfCounts,
} from './referenceView';
import { ShelfBoxes } from './ShelfBoxes';
import { SheetOf } from './sheets/SheetOf';

/** What is known, one sheet each, linked across; each fact says where it comes from. */
export function ReferencePage() {
  const { family, id } = useParams();
  const reference = useReference();
  if (reference.isPending) return <Loading what="the reference" />;
  if (reference.isError) return <Failed error={reference.error} onRetry={() => void reference.refetch()} />;
  const shelf = family ?? 'marks';
  if (!isFamily(shelf)) return <Empty>There is no such shelf. Choose one above.</Empty>;
  return <Room shelf={shelf} isChosen={family !== undefined} id={id} reference={reference.data} />;
}

interface RoomProps {
  readonly shelf: FamilyId;
  /** False on the way in: no box is open yet. */
  readonly isChosen: boolean;
  readonly id: string | undefined;
  readonly reference: Reference;
}

/** Search, boxes and names at the left, the open sheet at the right; on a phone one of them. */
function Room({ shelf, isChosen, id, reference }: RoomProps) {
  const [sources, setSources] = useState(false);
  const hasSheet = id !== undefined || (isChosen && ONE_PAGE.includes(shelf));
  const counts = useMemo(() => shelfCounts(reference), [reference]);
  return (
    <Grid
      maxWidth="84rem"
      marginInline="auto"
      templateColumns={{ base: 'minmax(0, 1fr)', lg: '27rem minmax(0, 1fr)' }}
      gap={{ base: '4', lg: '8' }}
      padding={{ base: '3', md: '1.125rem 1.75rem' }}
      alignItems="start"
      {...{ [SOURCES_SHOWN]: sources ? 'on' : 'off' }}
    >
      <Stack gap="3" data-print="hide" display={{ base: hasSheet ? 'none' : 'flex', lg: 'flex' }}>
        {hasSheet ? (
          <Box fontFamily="heading" fontWeight={650} fontSize="display.small">
            Look up
          </Box>
        ) : (
          <PageHeading title="Look up" />
        )}
        <Names shelf={shelf} isChosen={isChosen} id={id} reference={reference} counts={counts} />
      </Stack>
      <Box display={{ base: hasSheet ? 'block' : 'none', lg: 'block' }} minWidth="0">
        <Flex gap="1.5" justify="flex-end" data-print="hide">
          <Button
            size="small"
            variant={sources ? 'action' : 'outline'}
            aria-pressed={sources}
            onClick={() => setSources(!sources)}
          >
            Where from
          </Button>
          <Button size="small" onClick={() => window.print()}>
            Print
          </Button>
        </Flex>
        <SheetOf family={shelf} id={id} reference={reference} />
      </Box>
    </Grid>
  );
}

/** Names shown before and after the one whose sheet is open. */
const NEAR = 3;
/** Answers of a search: the eye takes in no more. */
const MAX_FOUND = 8;

interface NamesProps extends RoomProps {
  readonly counts: ReadonlyMap<FamilyId, number>;
}

/** One search over all boxes, the boxes, and the names in the open one; Enter opens the first answer. */
function Names({ shelf, isChosen, id, reference, counts }: NamesProps) {
  const [query, setQuery] = useState('');
  const navigate = useNavigate();
  const entries = useMemo(() => entriesOf(shelf, reference), [shelf, reference]);
  const found = useMemo(
    () => findEntries(query, shelf, reference).slice(0, MAX_FOUND),
    [query, shelf, reference],
  );
  const [isWhole, setWhole] = useState(false);
  const isSearching = query.trim() !== '';
  const at = entries.findIndex((entry) => entry.id === id);
  // Next to an open sheet, the list is navigation, not content.
  const isNear = at >= 0 && !isWhole;
  const names = isNear ? entries.slice(Math.max(0, at - NEAR), at + NEAR + 1) : entries;
  const open = ({ family, id: entryId }: Entry) => {
    setQuery('');
    void navigate(`/reference/${family}/${entryId}`);
  };
  return (
    <>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const [first] = found;
          if (isSearching && first) open(first);
        }}
      >
        <Box position="relative">
          <Box position="absolute" left="0.75rem" top="50%" transform="translateY(-50%)" color="soft">
            <Search size={20} strokeWidth={1.8} aria-hidden="true" />
          </Box>
          <Input
            value={query}
            placeholder="Any word"
            aria-label="Search the reference"
            paddingInlineStart="2.75rem"
            onChange={(event) => setQuery(event.currentTarget.value)}
          />
        </Box>
      </form>
      {isSearching ? (
        <Stack as="ul" gap="0" listStyleType="none" padding="0" aria-label="Found">
          {found.map((entry) => (
            <li key={`${entry.family}/${entry.id}`}>
              <Flex
                asChild
                justify="space-between"
                gap="3"
                padding="2"
                borderBottom="1px solid"
                borderColor="line"
              >
                <Link to={`/reference/${entry.family}/${entry.id}`} onClick={() => setQuery('')}>
                  <strong>{entry.name}</strong>
                  <Box as="span" color="soft">
                    {entry.one}
                  </Box>
                </Link>
              </Flex>
            </li>
          ))}
          {found.length === 0 && <Empty>Nothing by that word.</Empty>}
        </Stack>
      ) : (
        <>
          {/* On a phone an open box has the window to itself. */}
          <Box display={{ base: isChosen ? 'none' : 'block', lg: 'block' }}>
            <ShelfBoxes family={isChosen ? shelf : null} counts={counts} />
          </Box>
          <Box display={{ base: isChosen ? 'block' : 'none', lg: 'none' }}>
            <Link to="/reference">‹ All boxes</Link>
          </Box>
          <Stack
            as="ul"
            gap="0"
            listStyleType="none"
            padding="0"
            overflowY={{ lg: 'auto' }}
            maxHeight={{ lg: '16rem' }}
            display={{ base: isChosen ? 'flex' : 'none', lg: 'flex' }}
          >
            {names.map((entry) => (
              <li key={entry.id}>
                <NavLink
                  to={`/reference/${shelf}/${entry.id}`}
                  style={({ isActive }) => ({
                    display: 'block',
                    padding: '0.4375rem 0.5rem',
                    fontWeight: isActive ? 700 : 400,
                    borderInlineStart: `3px solid ${isActive ? 'var(--ff-colors-disc)' : 'transparent'}`,
                  })}
                >
                  {entry.name}
                </NavLink>
              </li>
            ))}
            {isNear && (
              <li>
                <Button variant="plain" onClick={() => setWhole(true)}>
                  All {entries.length}
                </Button>
              </li>
            )}
          </Stack>
        </>
      )}
    </>
  );
}
