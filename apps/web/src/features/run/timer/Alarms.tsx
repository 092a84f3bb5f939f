import { useLexicon } from '../../../app/useLexicon';
import { marksText } from '../../../facts/sentenceView';
import { useToday } from '../../../queries/todayQueries';
import { useAlarms } from './useAlarms';

/** Calls for every clock that runs, whichever page is open. */
export function Alarms() {
  const today = useToday();
  const say = useLexicon();
  const offsetMs = today.data ? Date.parse(today.data.now) - today.dataUpdatedAt : 0;
  return today.data?.running.map((run) => (
    <Alarm
      key={run.id}
      timer={run.state.timer}
      offsetMs={offsetMs}
      what={`${marksText(run.markIds, say)} on the ${run.pieceName}`}
      path={`/runs/${run.id}`}
    />
  ));
}

function Alarm({
  timer,
  offsetMs,
  what,
  path,
}: {
  timer: Parameters<typeof useAlarms>[0];
  offsetMs: number;
  what: string;
  path: string;
}) {
  useAlarms(timer, offsetMs, what, path);
  return null;
}
