import { Box, Flex } from '@chakra-ui/react';
import type { RunView } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { downloadText } from '../../../components/files/downloadText';
import { usePrintSheet } from '../../../components/files/usePrintSheet';
import { OUTCOME_WORDS, RUN_HEAT_WORDS } from '../../../components/text/runWords';
import { RunLog } from '../RunLog';
import { runMarkdown } from './runMarkdown';

/** The run on paper or as text, for the drawer or the professional. */
export function RunReport({ title, run }: { title: string; run: RunView }) {
  const say = useLexicon();
  const paper = usePrintSheet();
  const sheet = (
    <Box padding="4mm" fontSize="11pt">
      <Box as="h1" fontSize="18pt">
        {title}
      </Box>
      <Box>
        {say.name(run.plan.passes[run.state.looks.at(-1)?.passIndex ?? run.state.passIndex]?.methodId ?? '')}
        {run.state.outcome ? `: ${OUTCOME_WORDS[run.state.outcome].toLowerCase()}` : ', under way'}
      </Box>
      <RunLog state={run.state} />
      <Box>{RUN_HEAT_WORDS[run.state.heat]}</Box>
    </Box>
  );
  return (
    <Flex gap="2" wrap="wrap" data-print="hide">
      <Button onClick={() => paper.print(sheet)}>Print the report</Button>
      <Button onClick={() => downloadText(`${title}.md`, 'text/markdown', runMarkdown(title, run, say))}>
        Report as Markdown
      </Button>
      {paper.sheet}
    </Flex>
  );
}
