/** What Markdown or the HTML inside it would take for more than letters. */
const SPECIAL = /[\\`*_{}[\]<>#|~&]/g;

/** Words of a person as one line of Markdown that shows them letter by letter: no marks, no HTML, no lines of its own. */
export const plainMarkdown = (text: string): string =>
  text
    .replace(/[\p{Cc}\u2028\u2029]+/gu, ' ')
    .replace(SPECIAL, '\\$&')
    .trim();
