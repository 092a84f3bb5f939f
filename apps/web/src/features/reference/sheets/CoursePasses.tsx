import { Box } from '@chakra-ui/react';
import { betweenWords, PURPOSE_WORDS, passFigures, type Reference, upperFirst } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Terms } from '../../../components/text/Terms';
import { See, SeeAll } from '../Fact';
import { NotesText } from '../NoteText';

type ClothCourse = Reference['courses'][number]['cloths']['white'];
type Pass = Extract<ClothCourse, { kind: 'course' }>['first'][number];

/** The passes of one round of a course, in order. */
export function CoursePasses({
  label,
  passes,
  reference,
}: {
  label: string;
  passes: readonly Pass[];
  reference: Reference;
}) {
  if (passes.length === 0) return null;
  return (
    <Box>
      <Box as="h3" fontSize="note" fontWeight="700">
        {label}
      </Box>
      <Box as="ol" paddingInlineStart="5.5" listStyleType="decimal">
        {passes.map((pass, place) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the order of a course never changes
          <PassLine key={place} pass={pass} reference={reference} />
        ))}
      </Box>
    </Box>
  );
}

/** What it takes out, how, how warm and long; what must hold, when to stop, what comes between. */
function PassLine({ pass, reference }: { pass: Pass; reference: Reference }) {
  const say = useLexicon();
  const ways = pass.methodIds.flatMap((id) => reference.methods.find((method) => method.id === id) ?? []);
  const [best, ...others] = ways;
  if (!best) return null;
  const between = betweenWords(pass);
  return (
    <Box as="li" paddingBlock="3px">
      <b>{upperFirst(PURPOSE_WORDS[pass.purpose])}</b>
      {pass.optional ? ' (if you like)' : ''}:{' '}
      <See family="methods" id={best.id}>
        {best.name}
      </See>
      {`, ${passFigures(pass, best, say)}.`}
      <Terms>
        {[conditionsOf(pass, reference), pass.expect && ` ${pass.expect}`, pass.stop && ` Stop: ${pass.stop}`]
          .filter(Boolean)
          .join('')}
      </Terms>{' '}
      <NotesText notes={pass.advice} />
      {between && (
        <>
          {' '}
          <Box as="span" color="soft">
            {between}
          </Box>
        </>
      )}
      {others.length > 0 && (
        <Box color="soft">
          Else: <SeeAll family="methods" ids={others.map((way) => way.id)} nameOf={say.name} />
        </Box>
      )}
    </Box>
  );
}

/** What must hold for it: " Only if it is fresh and no smell of solvent is left." */
function conditionsOf({ when }: Pass, { checks }: Reference): string {
  if (when === 'always') return '';
  const texts = when.flatMap(({ checkId }) => checks.find(({ id }) => id === checkId)?.text ?? []);
  return ` Only if ${texts.join(', and ')}.`;
}
