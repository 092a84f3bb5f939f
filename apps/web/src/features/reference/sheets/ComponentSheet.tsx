import { Box } from '@chakra-ui/react';
import { CHEMISTRY_WORDS, MECHANISM_WORDS, type Reference } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Fact, SeeAll, Sources } from '../Fact';
import { RangeBars } from '../RangeBars';
import { marksWith } from '../referenceView';

/** What moves a soil, strongest first, and what must not be done to it. */
export function ComponentSheet({
  component,
  reference,
}: {
  component: Reference['components'][number];
  reference: Reference;
}) {
  const say = useLexicon();
  const bars = [...component.removal].sort((a, b) => b.high - a.high);
  const never = component.chemistry.filter((rule) => rule.verdict === 'never');
  return (
    <>
      <Box color="soft">One round under good conditions takes out</Box>
      <RangeBars
        bars={bars.map(({ mechanism, low, high }) => ({
          key: mechanism,
          name: MECHANISM_WORDS[mechanism],
          low,
          high,
        }))}
      />
      <Sources ids={['memory', ...component.sourceIds]} />
      <Fact term="Heat" sourceIds={component.sourceIds}>
        {component.maxTempC === null
          ? 'no limit of its own'
          : `at most ${say.temp(component.maxTempC)} while it is there`}
        {component.heatSets ? '; heat and age set it' : ''}
      </Fact>
      <Fact
        term="Never"
        sourceIds={never.length > 0 ? never.flatMap((rule) => rule.sourceIds) : ['commonPractice']}
      >
        {never.map((rule) => CHEMISTRY_WORDS[rule.chemistry]).join(', ') || 'nothing of its own'}
      </Fact>
      {component.note && (
        <Fact term="Careful" sourceIds={component.sourceIds}>
          {component.note}
        </Fact>
      )}
      <Fact term="In" sourceIds={['commonPractice']}>
        <SeeAll family="marks" ids={marksWith(component.id, reference)} nameOf={say.name} />
      </Fact>
    </>
  );
}
