import type { ChangeNews } from '@feverfew/contracts';
import { NEVER, type Observable } from 'rxjs';

export const NEWS_LINE = Symbol('newsLine');

/** How servers on one database tell each other what changed. */
export interface NewsLine {
  tell(news: ChangeNews): void;
  /** Events of other servers; null if some may have been missed. */
  readonly heard: Observable<ChangeNews | null>;
}

/** One server alone on its database. */
export const NO_OTHERS: NewsLine = { tell: () => undefined, heard: NEVER };
