import { Box, Flex } from '@chakra-ui/react';
import {
  ACTION_WORDS,
  CHEMISTRY_WORDS,
  DRYING_WORDS,
  PROGRAMME_WORDS,
  type Reference,
  WETTING_WORDS,
  WETTINGS,
} from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Chip } from '../../../components/controls/controls';
import { Fact, SeeAll } from '../Fact';
import { NotesText } from '../NoteText';

/** How a kind of piece is made and how wet, how hard and how dry it may be treated. */
export function ItemSheet({ item, reference }: { item: Reference['items'][number]; reference: Reference }) {
  const say = useLexicon();
  const parts = reference.parts.filter((part) => item.partNames.includes(part.name));
  const courses = reference.courses.filter((course) => course.itemIds.includes(item.id));
  const most = WETTINGS.indexOf(item.mostWetting);
  return (
    <>
      <Flex gap="2px 0.875rem" paddingBlock="1.5" wrap="wrap">
        <Box flex="0 0 9.375rem" color="soft">
          Wetting
        </Box>
        <Flex gap="0.3125rem" wrap="wrap">
          {WETTINGS.map((wetting, index) => (
            <Chip key={wetting} state={index <= most ? 'allowed' : 'forbidden'}>
              {index > most && '✕ '}
              {WETTING_WORDS[wetting]}
            </Chip>
          ))}
        </Flex>
      </Flex>
      <Fact term="Hands and machine" sourceIds={item.sourceIds}>
        at most {ACTION_WORDS[item.mostAction]}; {PROGRAMME_WORDS[item.mostProgramme]}
        {item.surfaceOnly ? '; cleaned in place: nothing drains through it' : ''}
        {item.coded ? '; goes by the code underneath' : ''}
      </Fact>
      {courses.length > 0 && (
        <Fact term="Its own course" sourceIds={courses.flatMap((course) => course.sourceIds)}>
          <SeeAll
            family="courses"
            ids={courses.map((course) => course.id)}
            nameOf={(id) => courses.find((course) => course.id === id)?.name ?? id}
          />
        </Fact>
      )}
      <Fact term="Made of" sourceIds={['commonPractice']}>
        <SeeAll
          family="fibres"
          ids={item.defaultFibres.map((share) => share.fibreId)}
          nameOf={(id) =>
            `${say.name(id)} ${item.defaultFibres.find((share) => share.fibreId === id)?.sharePct} %`
          }
        />{' '}
        as a rule; about {item.dryMassG} g dry, {item.typicalAreaCm2} cm²
      </Fact>
      {parts.map((part) => (
        <Fact key={part.id} term={`Its ${part.name}`} sourceIds={part.sourceIds}>
          {part.note || 'limits by its own fibres'}
          {part.mostWetting ? `; at most ${WETTING_WORDS[part.mostWetting]}` : ''}
        </Fact>
      ))}
      {item.chemistry.length > 0 && (
        <Fact term="Kept away from" sourceIds={item.chemistry.flatMap((rule) => rule.sourceIds)}>
          {item.chemistry.map((rule) => CHEMISTRY_WORDS[rule.chemistry]).join(', ')}
        </Fact>
      )}
      {item.drying.length > 0 && (
        <Fact term="Drying" sourceIds={item.drying.flatMap((rule) => rule.sourceIds)}>
          not {item.drying.map((rule) => DRYING_WORDS[rule.forbids]).join(', not ')}
        </Fact>
      )}
      {item.notes.length > 0 && (
        <Fact term="Careful" sourceIds={item.sourceIds}>
          <NotesText notes={item.notes} />
        </Fact>
      )}
    </>
  );
}
