/** Errors of our own making, whose message holds no value that was written or read. */
const OF_CODE: readonly string[] = ['TypeError', 'RangeError', 'ReferenceError'];
/** Errors are wrapped in errors; more than this says nothing new. */
const MAX_CAUSES = 4;

/**
 * What a log may keep of an error: its kind, its code and where it happened. Messages of a database and of a reader
 * hold what a household wrote (SQL parameters, the text that was not JSON), so they stay out.
 * @returns one line for each error in the chain, then the places of the first
 */
export function withoutHouseText(error: unknown): string {
  const chain = causesOf(error);
  const lines = chain.map((one, at) => `${at === 0 ? '' : 'caused by '}${kindOf(one)}`);
  const [first] = chain;
  const places = first instanceof Error ? (first.stack ?? '').split('\n').filter(isPlace) : [];
  return [...lines, ...places].join('\n');
}

const isPlace = (line: string): boolean => /^\s+at .*[\w>)]:\d+:\d+\)?$/.test(line);

function causesOf(error: unknown): unknown[] {
  const chain: unknown[] = [];
  for (let one = error; one !== undefined && one !== null && chain.length < MAX_CAUSES; ) {
    chain.push(one);
    one = one instanceof Error ? one.cause : undefined;
  }
  return chain;
}

function kindOf(error: unknown): string {
  if (!(error instanceof Error)) return typeof error;
  const { code } = error as { code?: unknown };
  const kind = `${error.constructor.name}${typeof code === 'string' && /^\w+$/.test(code) ? ` ${code}` : ''}`;
  return OF_CODE.includes(error.name) ? `${kind}: ${error.message}` : kind;
}
