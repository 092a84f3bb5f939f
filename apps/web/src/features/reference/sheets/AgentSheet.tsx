import { Box } from '@chakra-ui/react';
import { CHEMISTRY_WORDS, MECHANISM_WORDS, type Reference } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { CautionDigest } from '../../../components/notices/CautionDigest';
import { Fact, SeeAll } from '../Fact';
import { forbiddenWith, methodsWithAgent } from '../referenceView';
import { Scale } from '../Scale';

type Agent = Reference['agents'][number];

/** What an agent is, how sour or alkaline, what it does, what it may never meet, how it is kept. */
export function AgentSheet({ agent, reference }: { agent: Agent; reference: Reference }) {
  const say = useLexicon();
  const meets = forbiddenWith(agent.id, reference);
  return (
    <>
      <SourOrAlkaline agent={agent} />
      <Fact term="Does" sourceIds={agent.sourceIds}>
        {agent.mechanisms.map((mechanism) => MECHANISM_WORDS[mechanism]).join(', ') || '—'}
      </Fact>
      <Fact term="Counts as" sourceIds={agent.sourceIds}>
        {agent.chemistries.map((chemistry) => CHEMISTRY_WORDS[chemistry]).join(', ') || 'touches nothing'}
      </Fact>
      {agent.strength && (
        <Fact term="Strength" sourceIds={agent.sourceIds}>
          recipes are written for {agent.strength.recipe} {agent.strength.unit}; above {agent.strength.max} it
          is not for the household
          {agent.strength.mustBeKnown ? '; refused until it is known' : ''}
        </Fact>
      )}
      <BringsToABath agent={agent} reference={reference} />
      <Fact term="Works best" sourceIds={agent.sourceIds}>
        {agent.worksBest}
      </Fact>
      <Fact term="Usual dose" sourceIds={agent.sourceIds}>
        {agent.typicalDose}
      </Fact>
      <Fact
        term="Never with"
        sourceIds={meets.length > 0 ? meets.flatMap(({ pair }) => pair.sourceIds) : ['commonPractice']}
      >
        {meets.length === 0 && 'no partner is forbidden'}
        {meets.map(({ pair, ids }) => (
          <Box key={pair.id}>
            {pair.happens}: <SeeAll family="agents" ids={ids} nameOf={say.name} most={3} />
          </Box>
        ))}
      </Fact>
      <Fact term="Hazards by GHS" sourceIds={['clp']}>
        {agent.ghs}
      </Fact>
      <Fact term="Keep it" sourceIds={agent.sourceIds}>
        {agent.storage} {agent.shelfLife}
      </Fact>
      {agent.notInVessels.length > 0 && (
        <Fact term="Not in" sourceIds={agent.sourceIds}>
          {agent.notInVessels.join(', ')} vessels
        </Fact>
      )}
      <Guards agent={agent} />
      <StandIns agent={agent} reference={reference} />
      <Fact term="Used in" sourceIds={['commonPractice']}>
        <SeeAll
          family="methods"
          ids={methodsWithAgent(agent.id, reference)}
          nameOf={say.name}
          none="no method"
        />
      </Fact>
      <Box paddingTop="3">
        <CautionDigest ids={agent.cautionIds} lead={agent.name} />
      </Box>
    </>
  );
}

const KEPT_FROM = {
  asthma: 'someone with asthma',
  pregnancy: 'someone pregnant',
  baby: 'a baby or small child',
  pets: 'pets',
} as const;

/** What guards people: caps, the water it needs, whom it is kept from, where it may not go. */
function Guards({ agent }: { agent: Agent }) {
  const lines = [
    ...(agent.mostMLPerRound === null ? [] : [`at most ${agent.mostMLPerRound} mL a round`]),
    ...(agent.mostPerL === null
      ? []
      : [`at most ${agent.mostPerL.amount} ${agent.mostPerL.unit} a litre of bath`]),
    ...(agent.leastWaterMLPerG === null
      ? []
      : [`at least ${agent.leastWaterMLPerG} mL of water to a gram: it heats up by itself`]),
    ...(agent.notWith.length > 0
      ? [`kept out of a house with ${agent.notWith.map((who) => KEPT_FROM[who]).join(', ')}`]
      : []),
    ...(agent.onlyInItsBottle ? ['stays in its own bottle: no sprayer, no other bottle'] : []),
    ...(agent.notIntoSeptic ? ['not into a septic tank'] : []),
  ];
  return lines.length > 0 ? (
    <Fact term="Guards people" sourceIds={agent.sourceIds}>
      {lines.map((line) => (
        <Box key={line}>{line}</Box>
      ))}
    </Fact>
  ) : null;
}

function SourOrAlkaline({ agent }: { agent: Agent }) {
  return agent.hasPH ? (
    <Scale
      name="pH as used"
      scale={{ from: 0, to: 14 }}
      fill={{ from: agent.pH.low, to: agent.pH.high }}
      colour={agent.pH.high < 6 ? 'brick' : agent.pH.low > 8.5 ? 'water' : 'leaf'}
      marks={[
        { value: agent.pH.low, text: String(agent.pH.low) },
        ...(agent.pH.high === agent.pH.low ? [] : [{ value: agent.pH.high, text: String(agent.pH.high) }]),
      ]}
    />
  ) : (
    <Fact term="pH" sourceIds={agent.sourceIds}>
      says nothing here: a solvent or a dry thing
    </Fact>
  );
}

function BringsToABath({ agent, reference }: { agent: Agent; reference: Reference }) {
  const composition = agent.composition.flatMap(({ substanceId, share }) => {
    const substance = reference.substances.find((one) => one.id === substanceId);
    return substance ? [{ substance, share }] : [];
  });
  if (agent.composition.length === 0) return null;
  return (
    <Fact
      term="Brings to a bath"
      sourceIds={[...new Set([...composition.flatMap(({ substance }) => substance.sourceIds), 'memory'])]}
    >
      {composition.map(({ substance, share }) => (
        <Box key={substance.id}>
          {substance.name} ({substance.formula})
          {share
            ? `, ${Math.round(share.low * 100)}–${Math.round(share.high * 100)} % of it`
            : ', by the strength on the bottle'}
          {substance.solubilityGPerL === null
            ? ''
            : `; cold water holds ${substance.solubilityGPerL} g a litre`}
        </Box>
      ))}
    </Fact>
  );
}

function StandIns({ agent, reference }: { agent: Agent; reference: Reference }) {
  const say = useLexicon();
  const standIns = reference.substitutions.filter((one) => one.wantedAgentId === agent.id);
  if (standIns.length === 0) return null;
  return (
    <Fact term="Stand-ins" sourceIds={standIns.flatMap((one) => one.sourceIds)}>
      {standIns.map((one) => (
        <Box key={one.id}>
          {one.factor} {one.useUnit} <SeeAll family="agents" ids={[one.useAgentId]} nameOf={say.name} /> for 1{' '}
          {one.wantedUnit}. {one.note}
        </Box>
      ))}
    </Fact>
  );
}
