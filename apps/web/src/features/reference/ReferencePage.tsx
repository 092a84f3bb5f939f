import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import { type ReactNode, useMemo, useState } from 'react';
import { Link, NavLink, useNavigate, useParams } from 'react-router';
import { Button, Input } from '../../components/controls/controls';
import { LinkButton } from '../../components/controls/LinkButton';
import { PageHeading } from '../../components/layout/PageHeading';
import { Empty, Failed, Loading } from '../../components/notices/States';
import { useReference } from '../../queries/catalogueQueries';
import { searchOptions } from '../../search/searchOptions';
import { SOURCES_SHOWN } from './Fact';
import { entriesOf, FAMILIES, type FamilyId, isFamily, ONE_PAGE } from './referenceView';
import { AgentSheet } from './sheets/AgentSheet';
import { CodesSheet } from './sheets/CodesSheet';
import { ComponentSheet } from './sheets/ComponentSheet';
import { CourseSheet } from './sheets/CourseSheet';
import { FibreSheet } from './sheets/FibreSheet';
import { HazardsSheet } from './sheets/HazardsSheet';
import { ItemSheet } from './sheets/ItemSheet';
import { MarkSheet } from './sheets/MarkSheet';
import { MethodSheet } from './sheets/MethodSheet';
import { PositionsSheet } from './sheets/PositionsSheet';
import { WordsSheet } from './sheets/WordsSheet';

/** What is known, one sheet each, linked across; each fact says where it comes from. */
export function ReferencePage() {
  const { family = 'marks', id } = useParams();
  const reference = useReference();
  if (reference.isPending) return <Loading what="the reference" />;
  if (reference.isError) return <Failed error={reference.error} onRetry={() => void reference.refetch()} />;
  if (!isFamily(family)) return <Empty>There is no such shelf. Choose one above.</Empty>;
  return <Room key={family} family={family} id={id} reference={reference.data} />;
}

function Room({ family, id, reference }: { family: FamilyId; id: string | undefined; reference: Reference }) {
  const onePage = ONE_PAGE.includes(family);
  const title = FAMILIES.find((group) => group.id === family)?.title ?? 'Look up';
  const [sources, setSources] = useState(false);
  return (
    <Box
      maxWidth="77.5rem"
      marginInline="auto"
      padding={{ base: '3', md: '1.125rem 1.75rem' }}
      {...{ [SOURCES_SHOWN]: sources ? 'on' : 'off' }}
    >
      <Flex as="nav" aria-label="Shelves" gap="1.5" wrap="wrap" marginBottom="3" data-print="hide">
        {FAMILIES.map(({ id: group, title }) => (
          <LinkButton
            key={group}
            to={`/reference/${group}`}
            size="small"
            variant={group === family ? 'action' : 'outline'}
            aria-current={group === family ? 'page' : undefined}
          >
            {title}
          </LinkButton>
        ))}
        <Box flex="1" />
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
      {onePage ? (
        <>
          <PageHeading title={title} marginBottom="2.5" />
          <OnePage family={family} reference={reference} />
        </>
      ) : (
        <>
          {!id && <PageHeading title={title} unseen />}
          <Grid
            templateColumns={{ base: 'minmax(0, 1fr)', md: '16.875rem minmax(0, 1fr)' }}
            gap="6"
            alignItems="start"
          >
            <Group family={family} id={id} reference={reference} />
            <SheetOf family={family} id={id} reference={reference} />
          </Grid>
        </>
      )}
    </Box>
  );
}

function OnePage({ family, reference }: { family: FamilyId; reference: Reference }) {
  if (family === 'codes') return <CodesSheet reference={reference} />;
  if (family === 'hazards') return <HazardsSheet reference={reference} />;
  if (family === 'words') return <WordsSheet reference={reference} />;
  return <PositionsSheet reference={reference} />;
}

/** Names shown before and after the one whose sheet is open. */
const NEAR = 3;

/** The names of a group; typing narrows them, Enter opens the first. On a phone only until one is chosen. */
function Group({
  family,
  id,
  reference,
}: {
  family: FamilyId;
  id: string | undefined;
  reference: Reference;
}) {
  const [query, setQuery] = useState('');
  const navigate = useNavigate();
  const entries = useMemo(() => entriesOf(family, reference), [family, reference]);
  const found = useMemo(() => searchOptions(entries, query), [entries, query]);
  const [isWhole, setWhole] = useState(false);
  const at = entries.findIndex((entry) => entry.id === id);
  // Next to an open sheet, the list is navigation, not content.
  const isNear = at >= 0 && query === '' && !isWhole;
  const shown = isNear ? found.slice(Math.max(0, at - NEAR), at + NEAR + 1) : found;
  return (
    <Stack
      gap="1.5"
      data-print="hide"
      display={{ base: id ? 'none' : 'flex', md: 'flex' }}
      position={{ md: 'sticky' }}
      top="0.75rem"
      maxHeight={{ md: 'calc(100dvh - 9.375rem)' }}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const first = found[0];
          if (first) void navigate(`/reference/${family}/${first.id}`);
        }}
      >
        <Input
          value={query}
          placeholder={`Any word, ${entries.length} here`}
          aria-label="Search this shelf"
          onChange={(event) => setQuery(event.currentTarget.value)}
        />
      </form>
      <Stack as="ul" gap="0" listStyleType="none" overflowY="auto">
        {shown.map((entry) => (
          <li key={entry.id}>
            <NavLink
              to={`/reference/${family}/${entry.id}`}
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
        {found.length === 0 && <Empty>Nothing by that word here.</Empty>}
        {isNear && (
          <li>
            <Button variant="plain" onClick={() => setWhole(true)}>
              All {entries.length}
            </Button>
          </li>
        )}
      </Stack>
    </Stack>
  );
}

function SheetOf({
  family,
  id,
  reference,
}: {
  family: FamilyId;
  id: string | undefined;
  reference: Reference;
}) {
  const group = FAMILIES.find((candidate) => candidate.id === family);
  if (id === undefined)
    return (
      <Box color="soft" paddingTop="2" display={{ base: 'none', md: 'block' }}>
        Choose a {group?.one} on the left. “Where from” shows the ground of every fact on its sheet; what was
        only recalled says so.
      </Box>
    );
  const sheet = sheetFor(family, id, reference);
  if (!sheet) return <Empty>There is no such sheet. It may have been renamed: search on the left.</Empty>;
  return (
    <Box as="article" aria-label={sheet.name}>
      <Box display={{ md: 'none' }} data-print="hide">
        <Link to={`/reference/${family}`}>‹ {group?.title}</Link>
      </Box>
      <PageHeading title={sheet.name} lineHeight="1.2" marginBottom="2" />
      {sheet.body}
    </Box>
  );
}

function sheetFor(
  family: FamilyId,
  id: string,
  reference: Reference,
): { name: string; body: ReactNode } | null {
  const find = <T extends { id: string }>(records: readonly T[]) =>
    records.find((record) => record.id === id);
  switch (family) {
    case 'fibres': {
      const fibre = find(reference.fibres);
      return fibre ? { name: fibre.name, body: <FibreSheet fibre={fibre} reference={reference} /> } : null;
    }
    case 'marks': {
      const mark = find(reference.marks);
      return mark ? { name: mark.name, body: <MarkSheet mark={mark} reference={reference} /> } : null;
    }
    case 'courses': {
      const course = find(reference.courses);
      return course
        ? { name: course.name, body: <CourseSheet course={course} reference={reference} /> }
        : null;
    }
    case 'items': {
      const item = find(reference.items);
      return item ? { name: item.name, body: <ItemSheet item={item} reference={reference} /> } : null;
    }
    case 'agents': {
      const agent = find(reference.agents);
      return agent ? { name: agent.name, body: <AgentSheet agent={agent} reference={reference} /> } : null;
    }
    case 'methods': {
      const method = find(reference.methods);
      return method
        ? { name: method.name, body: <MethodSheet method={method} reference={reference} /> }
        : null;
    }
    case 'components': {
      const component = find(reference.components);
      return component
        ? { name: component.name, body: <ComponentSheet component={component} reference={reference} /> }
        : null;
    }
    default:
      return null;
  }
}
