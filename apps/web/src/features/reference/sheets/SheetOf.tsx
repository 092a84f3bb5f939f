import { Box } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { PageHeading } from '../../../components/layout/PageHeading';
import { Empty } from '../../../components/notices/States';
import { FAMILIES, type FamilyId, ONE_PAGE } from '../referenceView';
import { AgentSheet } from './AgentSheet';
import { CodesSheet } from './CodesSheet';
import { ComponentSheet } from './ComponentSheet';
import { CourseSheet } from './CourseSheet';
import { FibreSheet } from './FibreSheet';
import { HazardsSheet } from './HazardsSheet';
import { ItemSheet } from './ItemSheet';
import { MarkSheet } from './MarkSheet';
import { MethodSheet } from './MethodSheet';
import { PositionsSheet } from './PositionsSheet';
import { WordsSheet } from './WordsSheet';

interface SheetOfProps {
  readonly family: FamilyId;
  readonly id: string | undefined;
  readonly reference: Reference;
}

/** The open sheet: one record of a shelf, or a shelf that is read as one page. */
export function SheetOf({ family, id, reference }: SheetOfProps) {
  const group = FAMILIES.find((candidate) => candidate.id === family);
  const isPage = ONE_PAGE.includes(family);
  const sheet = isPage
    ? { name: group?.title ?? '', body: <OnePage family={family} reference={reference} /> }
    : id === undefined
      ? null
      : sheetFor(family, id, reference);
  if (!sheet && id === undefined)
    return (
      <Box color="soft" paddingTop="2">
        Open a {group?.one}, or search. “Where from” shows the ground of every fact on its sheet; what was
        only recalled says so.
      </Box>
    );
  if (!sheet) return <Empty>There is no such sheet. It may have been renamed: search for it.</Empty>;
  return (
    <Box
      as="article"
      aria-label={sheet.name}
      border={{ lg: '1.5px solid' }}
      borderColor={{ lg: 'ink' }}
      borderRadius="md"
      padding={{ lg: '1rem 1.5rem' }}
      marginTop={{ lg: '2' }}
    >
      <Box display={{ lg: 'none' }} data-print="hide">
        <Link to={isPage ? '/reference' : `/reference/${family}`}>‹ {isPage ? 'Look up' : group?.title}</Link>
      </Box>
      <PageHeading title={sheet.name} lineHeight="1.2" marginBottom="2" />
      {sheet.body}
    </Box>
  );
}

function OnePage({ family, reference }: { family: FamilyId; reference: Reference }) {
  if (family === 'codes') return <CodesSheet reference={reference} />;
  if (family === 'hazards') return <HazardsSheet reference={reference} />;
  if (family === 'words') return <WordsSheet reference={reference} />;
  return <PositionsSheet reference={reference} />;
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
