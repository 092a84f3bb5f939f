import { Box, Flex } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import { NoteText } from '../NoteText';
import type { Cloth } from './ByCloth';

type Course = Reference['courses'][number];

/** The first seconds: a surface has its own. What is never done then is framed below it. */
export function AtOnce({ course, cloth }: { course: Course; cloth: Cloth | null }) {
  const lines = cloth === 'surface' ? course.atOnce.surface : course.atOnce.garment;
  // A piece that must not be wetted is not to be rinsed.
  const kept = cloth === 'dryOnly' ? [] : lines;
  const { donts } = course.atOnce;
  if (kept.length + donts.length === 0) return null;
  return (
    <Box
      as="section"
      aria-label="At once"
      borderInlineStart="4px solid"
      borderColor="ink"
      paddingInlineStart="3.5"
    >
      <Box as="h2" fontSize="subhead">
        At once
      </Box>
      <Box fontFamily="heading" fontWeight={600} fontSize="large">
        {kept.map((note) => (
          <Box key={note.text}>
            <NoteText note={note} />
          </Box>
        ))}
      </Box>
      {donts.length > 0 && (
        <Flex as="ul" listStyleType="none" gap="2" wrap="wrap" marginTop="2">
          {donts.map((note) => (
            <Box
              as="li"
              key={note.text}
              border="1.5px dashed"
              borderColor="brick"
              color="brick"
              fontWeight={650}
              fontSize="note"
              borderRadius="sm"
              paddingInline="2.5"
              paddingBlock="0.5"
            >
              <NoteText note={note} />
            </Box>
          ))}
        </Flex>
      )}
    </Box>
  );
}
