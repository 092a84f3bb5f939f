import { Box, Flex } from '@chakra-ui/react';
import { CHEMISTRY_WORDS, type Reference } from '@feverfew/contracts';
import { useNavigate } from 'react-router';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { Fold } from '../../../components/layout/Fold';
import { addressOf } from '../../../facts/draftAddress';
import { EMPTY_DRAFT } from '../../../facts/factsDraft';
import { Fact, See, SeeAll, Sources } from '../Fact';
import { NotesText } from '../NoteText';
import { RangeBars } from '../RangeBars';
import { courseOf, methodsForMark } from '../referenceView';
import { CourseSheet } from './CourseSheet';

type Mark = Reference['marks'][number];

/** What a trouble is made of, what heat and age do to it, what it is taken for, what is done about it. */
export function MarkSheet({ mark, reference }: { mark: Mark; reference: Reference }) {
  const say = useLexicon();
  const navigate = useNavigate();
  const components = mark.components.flatMap(({ componentId, weight }) => {
    const component = reference.components.find((candidate) => candidate.id === componentId);
    return component ? [{ component, weight }] : [];
  });
  const course = courseOf(mark.id, reference);
  const coldest = components
    .filter(({ component }) => component.maxTempC !== null)
    .sort((a, b) => (a.component.maxTempC ?? 0) - (b.component.maxTempC ?? 0))[0];
  const tell = () =>
    void navigate(addressOf({ ...EMPTY_DRAFT, facts: { ...EMPTY_DRAFT.facts, markIds: [mark.id] } }));
  return (
    <>
      <Flex justifyContent="space-between" alignItems="baseline" gap="3" wrap="wrap">
        <Box color="soft">
          {course && course.name.toLowerCase() !== mark.name.toLowerCase() && (
            <>
              Treated as:{' '}
              <See family="courses" id={course.id}>
                {course.name}
              </See>
            </>
          )}
        </Box>
        <Button variant="action" size="small" onClick={tell} data-print="hide">
          I have this: plan it
        </Button>
      </Flex>
      {course && <CourseSheet course={course} reference={reference} />}
      {mark.lookAlikeIds.length > 0 && (
        <Fact term="Looks like" sourceIds={mark.sourceIds}>
          <SeeAll family="marks" ids={mark.lookAlikeIds} nameOf={say.name} />
        </Fact>
      )}
      <Fold title="What it is made of, and what it bears" printed>
        <Box as="h3" fontSize="body" color="soft">
          It is made of
        </Box>
        <RangeBars
          colour="water"
          bars={components.map(({ component, weight }) => ({
            key: component.id,
            name: (
              <See family="components" id={component.id}>
                {component.name}
              </See>
            ),
            low: 0,
            high: weight,
          }))}
        />
        <Sources ids={mark.sourceIds} />
        <Fact term="Heat" sourceIds={coldest?.component.sourceIds ?? ['commonPractice']}>
          {coldest
            ? `at most ${say.temp(coldest.component.maxTempC ?? 0)} while ${coldest.component.name} is there`
            : 'no limit of its own'}
          {components.some(({ component }) => component.heatSets) ? '; heat sets it' : ''}
        </Fact>
        <Fact
          term="Never while it is there"
          sourceIds={components.flatMap(({ component }) => component.sourceIds)}
        >
          {neverWords(components.map(({ component }) => component)) || 'nothing of its own'}
        </Fact>
        <Fact term="With age" sourceIds={mark.sourceIds}>
          {mark.withAge}
        </Fact>
        {mark.advice.length > 0 && (
          <Fact term="Careful" sourceIds={mark.sourceIds}>
            <NotesText notes={mark.advice} />
          </Fact>
        )}
        <Fact term="Methods that move it" sourceIds={['commonPractice', 'memory']}>
          <SeeAll family="methods" ids={methodsForMark(mark, reference)} nameOf={say.name} most={6} />
        </Fact>
        <Fact term="Also called" sourceIds={['commonPractice']}>
          {mark.aliases.join(', ') || '—'}
        </Fact>
      </Fold>
    </>
  );
}

const neverWords = (components: readonly Reference['components'][number][]): string =>
  [
    ...new Set(
      components.flatMap((component) =>
        component.chemistry
          .filter((rule) => rule.verdict === 'never')
          .map((rule) => CHEMISTRY_WORDS[rule.chemistry]),
      ),
    ),
  ].join(', ');
