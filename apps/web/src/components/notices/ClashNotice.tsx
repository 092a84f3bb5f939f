import { type Clash, clashWords } from '@feverfew/contracts';
import { weekdayAndTime } from '../../clock/timeOfDay';
import { Notice } from './Notice';

/** One thing wanted twice: said before it happens, with when it is free. */
export function ClashNotice({ clash }: { clash: Clash }) {
  return (
    <Notice kind="warning" word={`From ${weekdayAndTime(clash.fromAt)}`}>
      {clashWords(clash)}
      {(clash.kind === 'vesselTwice' || clash.kind === 'machineTwice') &&
        ` It is free by ${weekdayAndTime(clash.freeAt)} at the latest.`}
    </Notice>
  );
}
