import { Stack } from '@chakra-ui/react';
import type { Finding } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Notice } from '../../../components/notices/Notice';
import { Terms } from '../../../components/text/Terms';
import { sentences } from './mixView';

/** Why the mix is refused, first, and without a recipe. */
export function Refused({ findings }: { findings: readonly Finding[] }) {
  return findings.length === 0 ? null : <Lines kind="danger" word="Not mixed" findings={findings} />;
}

/** What a piece bears in no case, however little time it takes. */
const NEVER: readonly Finding['code'][] = [
  'chemistryForbidden',
  'pHOutside',
  'hotterThanPiece',
  'wetterThanPiece',
];
/** What is said of the piece, not of vessel and water. */
const OF_PIECE: readonly Finding['code'][] = [...NEVER, 'metalParts', 'hiddenTestFirst', 'onlyBrieflySour'];

/** Whether the piece may have it, and what speaks against it here. */
export function Against({ findings, hasPiece }: { findings: readonly Finding[]; hasPiece: boolean }) {
  const never = findings.some(({ code }) => NEVER.includes(code));
  const ofPiece = OF_PIECE.flatMap((code) => findings.filter((finding) => finding.code === code));
  const others = findings.filter(({ code }) => !OF_PIECE.includes(code));
  return (
    <>
      {hasPiece && ofPiece.length === 0 && (
        <Notice kind="good" word="It may go in">
          Nothing here is beyond what it can stand.
        </Notice>
      )}
      {ofPiece.length > 0 && (
        <Lines
          kind={never ? 'danger' : 'warning'}
          word={never ? 'Not on this piece' : 'On this piece'}
          findings={ofPiece}
        />
      )}
      {others.length > 0 && <Lines kind="warning" word="Against it" findings={others} />}
    </>
  );
}

function Lines({
  kind,
  word,
  findings,
}: {
  kind: 'warning' | 'danger';
  word: string;
  findings: readonly Finding[];
}) {
  const say = useLexicon();
  return (
    <Notice kind={kind} word={word}>
      <Stack gap="1" as="ul" listStyleType="none" aria-label={word}>
        {sentences(findings, say).map((text) => (
          <li key={text}>
            <Terms>{text}</Terms>
          </li>
        ))}
      </Stack>
    </Notice>
  );
}
