import { Box } from '@chakra-ui/react';
import { ACTION_WORDS, durationWords, type Reference, WETTING_WORDS } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Fact, See, SeeAll } from '../Fact';
import { NoteText } from '../NoteText';
import { Scale } from '../Scale';

type Method = Reference['methods'][number];
type Dose = Method['agents'][number]['dose'];

/** A method's windows as strips, what goes in, what it is for, what to do and what follows. */
export function MethodSheet({ method, reference }: { method: Method; reference: Reference }) {
  const say = useLexicon();
  const position = reference.positions.find((candidate) => candidate.id === method.positionId);
  const { tempC, dwellMin } = method;
  const longest = Math.max(60, dwellMin.max);
  const notes = Object.values(method.notes).flat();
  return (
    <>
      <Box fontSize="lead" paddingBottom="1.5">
        {method.reason}
      </Box>
      {method.wetting !== 'dry' && (
        <Scale
          name="Water"
          scale={{ from: 0, to: 100 }}
          fill={{ from: tempC.min, to: tempC.max }}
          colour="water"
          marks={[
            { value: tempC.min, text: say.temp(tempC.min) },
            { value: tempC.max, text: `${say.temp(tempC.max)}, ${tempC.prefer} is best` },
          ]}
        />
      )}
      <Scale
        name="Time"
        scale={{ from: 0, to: longest }}
        fill={{ from: dwellMin.min, to: dwellMin.max }}
        colour="leaf"
        marks={[
          {
            value: dwellMin.max,
            text:
              `${durationWords(dwellMin.min, dwellMin.max)}, look every ` +
              `${durationWords(dwellMin.lookEvery, dwellMin.lookEvery)}`,
          },
        ]}
      />
      <Fact term="Goes in" sourceIds={method.sourceIds}>
        {method.agents.length === 0 && 'nothing'}
        {method.agents.map(({ agentId, dose }) => (
          <Box key={agentId}>
            <See family="agents" id={agentId}>
              {say.name(agentId)}
            </See>
            : {doseText(dose)}
          </Box>
        ))}
        {method.waterParts !== null && method.waterParts > 0 && <Box>water: {method.waterParts} parts</Box>}
      </Fact>
      <Fact term="How" sourceIds={method.sourceIds}>
        {WETTING_WORDS[method.wetting]}; {ACTION_WORDS[method.action]}; at most {method.maxRounds}{' '}
        {method.maxRounds === 1 ? 'round' : 'rounds'}
        {method.whitesOnly ? '; whites only' : ''}
        {method.sturdyOnly ? '; sturdy cotton and linen only' : ''}
      </Fact>
      <Fact term="For" sourceIds={method.sourceIds}>
        {method.componentIds.length > 0 ? (
          <SeeAll family="components" ids={method.componentIds} nameOf={say.name} />
        ) : (
          'whatever it moves'
        )}
      </Fact>
      {method.itemIds.length > 0 && (
        <Fact term="Only on" sourceIds={method.sourceIds}>
          <SeeAll family="items" ids={method.itemIds} nameOf={say.name} />
        </Fact>
      )}
      {position && (
        <Fact term="School" sourceIds={position.sourceIds}>
          “{position.view}”: {position.why}
        </Fact>
      )}
      {notes.length > 0 && (
        <Fact term="Careful" sourceIds={method.sourceIds}>
          {notes.map((note) => (
            <Box key={note.text}>
              <NoteText note={note} />
            </Box>
          ))}
        </Fact>
      )}
    </>
  );
}

function doseText(dose: Dose): string {
  if (dose.per === 'label') return 'by its label';
  if (dose.per === 'step') return 'as its words tell';
  if (dose.per === 'parts') return `${dose.parts} ${dose.parts === 1 ? 'part' : 'parts'}`;
  const { low, high } = dose.amount;
  return `${low === high ? low : `${low}–${high}`} ${dose.unit} per litre`;
}
