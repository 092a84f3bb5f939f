import { Box, Stack } from '@chakra-ui/react';
import {
  CLOTH_WORDS,
  CONFIDENCE_WORDS,
  COURSE_END_WORDS,
  checkWords,
  DRYING_WORDS,
  ON_CLOTH_WORDS,
  type Reference,
} from '@feverfew/contracts';
import { useSearchParams } from 'react-router';
import { useLexicon } from '../../../app/useLexicon';
import { Fold } from '../../../components/layout/Fold';
import { Terms } from '../../../components/text/Terms';
import { Fact, See, SeeAll, Sources } from '../Fact';
import { NotesText, NoteText } from '../NoteText';
import { AtOnce } from './AtOnce';
import { ByCloth, type Cloth } from './ByCloth';
import { CoursePasses } from './CoursePasses';

type Course = Reference['courses'][number];
type ClothCourse = Course['cloths'][Cloth];

const CLOTHS = Object.keys(CLOTH_WORDS) as Cloth[];

/** How an experienced hand treats a family of troubles, on one kind of cloth at a time. */
export function CourseSheet({ course, reference }: { course: Course; reference: Reference }) {
  const say = useLexicon();
  const [params] = useSearchParams();
  const asked = params.get('cloth') as Cloth | null;
  const cloth = asked && CLOTHS.includes(asked) ? asked : null;
  return (
    <Stack gap="3.5">
      <Box>
        <Terms>{course.verdict.is}</Terms> <Sources ids={course.sourceIds} />
      </Box>
      <AtOnce course={course} cloth={cloth} />
      <ByCloth cloths={course.cloths} chosen={cloth}>
        {cloth && (
          <Box
            as="section"
            aria-label={`On ${ON_CLOTH_WORDS[cloth]}`}
            borderInlineStart="4px solid"
            borderColor="disc"
            paddingInlineStart="3"
            paddingBottom="2"
          >
            <Box as="h3" fontSize="subhead">
              On {ON_CLOTH_WORDS[cloth]}
            </Box>
            <OnCloth given={course.cloths[cloth]} reference={reference} />
          </Box>
        )}
      </ByCloth>
      <Told title="How to tell" folded>
        {course.verdict.tells.map(({ see, means, courseId }) => (
          <li key={see.text}>
            {see.text}{' '}
            <Box as="span" color="soft">
              →
            </Box>{' '}
            {courseId ? (
              <See family="courses" id={courseId}>
                {means}
              </See>
            ) : (
              means
            )}
          </li>
        ))}
      </Told>
      <Told title="Never">
        {course.never.map(({ what, why }) => (
          <li key={what.text}>
            <b>
              <NoteText note={what} />
            </b>{' '}
            <Terms>{why}</Terms>
          </li>
        ))}
      </Told>
      <Told title="The cause, and what to do with it" folded>
        <li>
          <Terms>{course.verdict.cause}</Terms>
        </li>
        {course.verdict.causeAction.map((note) => (
          <li key={note.text}>
            <NoteText note={note} />
          </li>
        ))}
      </Told>
      <Told title="Worth knowing">
        {course.says.map((note) => (
          <li key={note.text}>
            <NoteText note={note} />
          </li>
        ))}
      </Told>
      <Told title="Where practice differs" folded>
        {course.disputes.map(({ question, ways }) => (
          <li key={question}>
            {question} {ways.join(' / ')}
          </li>
        ))}
      </Told>
      <Told title="So that it does not come again" folded>
        {course.prevent.map((note) => (
          <li key={note.text}>
            <NoteText note={note} />
          </li>
        ))}
      </Told>
      <Box>
        {course.markIds.length > 0 && (
          <Fact term="It is the course of" sourceIds={course.sourceIds}>
            <SeeAll family="marks" ids={course.markIds} nameOf={say.name} />
          </Fact>
        )}
        {course.itemIds.length > 0 && (
          <Fact term="Brought along by" sourceIds={course.sourceIds}>
            <SeeAll family="items" ids={course.itemIds} nameOf={say.name} />
          </Fact>
        )}
        <Fact term="How sure" sourceIds={course.sourceIds}>
          {CONFIDENCE_WORDS[course.confidence]}. Your piece’s own limits go before every line here.
        </Fact>
      </Box>
    </Stack>
  );
}

interface ToldProps {
  readonly title: string;
  /** Read by who asks for it. */
  readonly folded?: boolean;
  readonly children: React.ReactNode[] | React.ReactNode;
}

/** A list under its own small heading; nothing where there is nothing to say. */
function Told({ title, folded = false, children }: ToldProps) {
  const empty = Array.isArray(children) && children.flat().length === 0;
  if (empty) return null;
  if (folded)
    return (
      <Fold title={title} printed>
        <Box as="ul" paddingInlineStart="4.5" listStyleType="disc">
          {children}
        </Box>
      </Fold>
    );
  return (
    <Box as="section">
      <Box as="h2" fontSize="body" color="soft">
        {title}
      </Box>
      <Box as="ul" paddingInlineStart="4.5" listStyleType="disc">
        {children}
      </Box>
    </Box>
  );
}

function OnCloth({ given, reference }: { given: ClothCourse; reference: Reference }) {
  const say = useLexicon();
  if (given.kind === 'honest')
    return (
      <Box paddingTop="1.5">
        <b>{COURSE_END_WORDS[given.next]}.</b> <NotesText notes={given.why} />
      </Box>
    );
  const { first, wash, dry, checks, second, end, notes } = given;
  return (
    <Stack gap="2" paddingTop="1.5">
      <CoursePasses label="First round" passes={first} reference={reference} />
      {wash && (
        <Fact term="Then the wash" sourceIds={['commonPractice']}>
          <Ways ids={wash.methodIds} />
          {`, ${wash.tempC.min === wash.tempC.max ? say.temp(wash.tempC.min) : `${say.temp(wash.tempC.min)} to ${say.temp(wash.tempC.max)}`}. `}
          <NotesText notes={wash.extra} />
        </Fact>
      )}
      {dry.ways.length + dry.notes.length > 0 && (
        <Fact term="Dry" sourceIds={['commonPractice']}>
          {dry.ways.length > 0 && `${dry.ways.map((way) => DRYING_WORDS[way]).join(', ')}. `}
          <NotesText notes={dry.notes} />
        </Fact>
      )}
      <Fact term="Check" sourceIds={['commonPractice']}>
        {checkWords(checks)}
      </Fact>
      <CoursePasses label="Second round, if it is not gone" passes={second} reference={reference} />
      <Fact
        term={`After ${end.rounds === 1 ? 'one round' : `${end.rounds} rounds`}`}
        sourceIds={['commonPractice']}
      >
        {COURSE_END_WORDS[end.next]}. <NotesText notes={end.notes} />
      </Fact>
      {notes.map((note) => (
        <Box key={note.text}>
          <NoteText note={note} />
        </Box>
      ))}
    </Stack>
  );
}

/** The best way, and what else would do. */
function Ways({ ids: [best, ...others] }: { ids: readonly string[] }) {
  const say = useLexicon();
  return (
    <>
      <SeeAll family="methods" ids={best ? [best] : []} nameOf={say.name} />
      {others.length > 0 && (
        <>
          , else <SeeAll family="methods" ids={others} nameOf={say.name} />
        </>
      )}
    </>
  );
}
