import { Box } from '@chakra-ui/react';
import type { MixBath, MixVerdict } from '@feverfew/contracts';
import { format } from 'date-fns';
import { useLexicon } from '../../../app/useLexicon';
import { cautionsById } from '../../../components/notices/CautionList';
import { useCatalogue } from '../../../queries/catalogueQueries';
import { pHText, strengthText } from '../table/mixView';

/** A tag for the bottle, on paper only: name, strength, date, hazards, and what must not be closed. */
export function MixTag({
  name,
  verdict,
  bath,
  place,
}: {
  name: string;
  verdict: MixVerdict;
  bath: MixBath;
  place: string;
}) {
  const say = useLexicon();
  const { data } = useCatalogue();
  const cautions = cautionsById(verdict.cautionIds, data);
  const fresh = verdict.cautionIds.includes('noClosedVessel') || bath.carbonDioxideL > 0;
  return (
    <Box
      maxWidth="105mm"
      border="1.5px solid #000"
      borderRadius="8px"
      padding="6mm"
      fontSize="11pt"
      color="#000"
      bg="#fff"
    >
      <Box fontFamily="heading" fontSize="18pt" fontWeight={700}>
        {name || 'A mix'}
      </Box>
      <Box marginBottom="3mm">
        {format(new Date(), 'd MMMM yyyy')} · {place} · {say.volume(bath.totalML)}
      </Box>
      {bath.pours.map((pour) => (
        <Box key={pour.agentId}>
          {say.name(pour.agentId)} <strong>{strengthText(pour)}</strong>
        </Box>
      ))}
      {bath.pH && <Box>{pHText(bath.pH)}</Box>}
      {fresh && (
        <Box fontWeight={700} fontSize="14pt" marginBlock="3mm" border="1.5px dashed #000" padding="2mm">
          Mix fresh. Do not close. Pour away what is left.
        </Box>
      )}
      <Box as="ul" paddingInlineStart="5mm" fontSize="9.5pt">
        {cautions.map((caution) => (
          <li key={caution.id}>{caution.text}</li>
        ))}
      </Box>
      <Box fontSize="9pt" marginTop="2mm">
        Out of reach of children. Never in a food bottle.
      </Box>
    </Box>
  );
}
