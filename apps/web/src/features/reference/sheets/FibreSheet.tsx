import { Box, Flex } from '@chakra-ui/react';
import {
  ACTION_WORDS,
  CHEMISTRY_WORDS,
  DRYING_WORDS,
  PROGRAMME_WORDS,
  type Reference,
} from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Chip } from '../../../components/controls/controls';
import { Fact, SeeAll, Sources } from '../Fact';
import { itemsOf } from '../referenceView';
import { Scale } from '../Scale';

type Fibre = Reference['fibres'][number];

const VERDICTS = [
  ['never', 'forbidden', 'never'],
  ['limited', 'test', 'only within bounds'],
  ['test', 'test', 'after a hidden test'],
] as const;

/** The limits of a fibre: heat and pH as strips, chemistry by verdict, the rest as facts. */
export function FibreSheet({ fibre, reference }: { fibre: Fibre; reference: Reference }) {
  const say = useLexicon();
  const { bathTempC: t, pH } = fibre;
  const best = Math.max(t.white, t.coloured);
  const byTag = `${say.temp(best)}${t.white === t.coloured ? '' : ' white'}`;
  const temps =
    t.unlabelledColoured === best
      ? [{ value: best, text: byTag }]
      : [
          { value: t.unlabelledColoured, text: `${say.temp(t.unlabelledColoured)} without a tag` },
          { value: best, text: `${byTag}, where its tag says so` },
        ];
  return (
    <>
      <Scale
        name="Bath"
        scale={{ from: 0, to: 100 }}
        fill={{ from: 0, to: best }}
        colour="water"
        marks={temps}
      />
      <Scale
        name="pH of a bath"
        scale={{ from: 1, to: 13 }}
        fill={{ from: pH.min, to: pH.max }}
        colour="leaf"
        marks={[
          { value: pH.min, text: String(pH.min) },
          { value: pH.max, text: String(pH.max) },
        ]}
      />
      <Fact term="Heat" sourceIds={fibre.heatSourceIds}>
        by the sewn-in label where it names a machine wash
        {fibre.longSoakMaxC === null ? '' : `; a soak past two hours at most ${say.temp(fibre.longSoakMaxC)}`}
      </Fact>
      <Fact term="Sour and alkaline" sourceIds={fibre.pHSourceIds}>
        {pH.weakAcidBrieflyMin < pH.min
          ? `mild acid down to pH ${pH.weakAcidBrieflyMin}, an hour at most, then rinsed`
          : 'no acid below that, not even briefly'}
        {pH.oxygenMax > pH.max &&
          `; an oxygen bath up to pH ${pH.oxygenMax}${pH.oxygenNeedsLabel ? ', where the label allows oxygen' : ''}`}
      </Fact>
      {VERDICTS.map(([verdict, state, words]) => {
        const rules = fibre.chemistry.filter((rule) => rule.verdict === verdict);
        if (rules.length === 0) return null;
        return (
          <Flex key={verdict} gap="2px 0.875rem" paddingBlock="1.5" wrap="wrap">
            <Box flex="0 0 9.375rem" color="soft">
              {words}
            </Box>
            <Flex flex="1 1 15rem" gap="1.5" wrap="wrap" alignItems="center">
              {rules.map((rule) => (
                <Chip key={rule.chemistry} state={state}>
                  {verdict === 'never' && '✕ '}
                  {CHEMISTRY_WORDS[rule.chemistry]}
                  {rule.bounds && boundsText(rule.bounds, say.temp)}
                  {rule.whereLabelAllows && ', but where its label allows it'}
                  {rule.upToShare && `, above ${rule.upToShare.pct} %`}
                </Chip>
              ))}
              <Sources ids={rules.flatMap((rule) => rule.sourceIds)} />
            </Flex>
          </Flex>
        );
      })}
      <Fact term="Hands and machine" sourceIds={fibre.handlingSourceIds}>
        at most {ACTION_WORDS[fibre.mostAction]}; {PROGRAMME_WORDS[fibre.mostProgramme]}
        {fibre.felts ? '; felts when moved warm' : ''}
        {fibre.waterSensitive ? '; marked by water: dry methods' : ''}
      </Fact>
      <Fact term="Drying" sourceIds={fibre.drying.flatMap((rule) => rule.sourceIds)}>
        {fibre.drying.length > 0
          ? `not ${fibre.drying.map((rule) => DRYING_WORDS[rule.forbids]).join(', not ')}`
          : 'as the tag says'}
        {fibre.shrinksInHeat ? '; shrinks in heat' : ''}
      </Fact>
      {fibre.moistureRegainPct !== null && (
        <Fact term="Moisture regain" sourceIds={fibre.regainSourceIds}>
          {fibre.moistureRegainPct} % of dry mass
        </Fact>
      )}
      {fibre.wetStrengthPct && (
        <Fact term="Strength when wet" sourceIds={['textileHandbook']}>
          {fibre.wetStrengthPct.low}–{fibre.wetStrengthPct.high} % of its dry strength
        </Fact>
      )}
      <Fact term="Holds oil" sourceIds={['memory']}>
        {fibre.oilAffinity}
      </Fact>
      <Fact term="Usual dyes" sourceIds={['textileHandbook']}>
        {fibre.usualDyes}
      </Fact>
      <Fact term="Usual in" sourceIds={['commonPractice']}>
        <SeeAll family="items" ids={itemsOf(fibre.id, reference)} nameOf={say.name} />
      </Fact>
      {fibre.note && (
        <Fact term="Careful" sourceIds={fibre.sourceIds}>
          {fibre.note}
        </Fact>
      )}
    </>
  );
}

function boundsText(
  { maxTempC, maxDwellMin, maxRounds }: NonNullable<Fibre['chemistry'][number]['bounds']>,
  temp: (tempC: number) => string,
): string {
  const bounds = [
    ...(maxTempC === undefined ? [] : [temp(maxTempC)]),
    ...(maxDwellMin === undefined ? [] : [`${maxDwellMin} min`]),
    ...(maxRounds === undefined ? [] : [`${maxRounds} rounds`]),
  ];
  return bounds.length > 0 ? `: at most ${bounds.join(', ')}` : '';
}
