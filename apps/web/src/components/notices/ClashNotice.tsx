import { type Clash, clashWords } from '@feverfew/contracts';
import { Notice } from './Notice';

const timeText = (iso: string): string =>
  new Date(iso).toLocaleString('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });

/** One thing wanted twice: said before it happens, with when it is free. */
export function ClashNotice({ clash }: { clash: Clash }) {
  return (
    <Notice kind="warning" word={`From ${timeText(clash.fromAt)}`}>
      {clashWords(clash)}
      {(clash.kind === 'vesselTwice' || clash.kind === 'machineTwice') &&
        ` It is free by ${timeText(clash.freeAt)} at the latest.`}
    </Notice>
  );
}
