import ts from 'typescript';

/**
 * The texts of a source file.
 * @param {string} path its name decides whether JSX is read
 * @param {string} source the file's content
 * @returns {{ strings: string[], comments: string[] }} strings of more than one word, with `…` where a value is put
 * in, joined where they are joined with `+`; comments without their marks
 */
export function readTexts(path, source) {
  const file = ts.createSourceFile(path, source, ts.ScriptTarget.Latest, true);
  const strings = [];
  const visit = (node) => {
    const text = textOf(node);
    if (text === null) ts.forEachChild(node, visit);
    else {
      const line = text.replace(/\s+/g, ' ').trim();
      if (isProse(line)) strings.push(line);
      valuesIn(node).forEach(visit);
    }
  };
  visit(file);
  return { strings, comments: commentsOf(file) };
}

const PATH_OR_QUERY = /^(M ?[\d…]|select |update |delete |insert )/i;

/** Neither one word, nor a drawn line, a query or a list of bare words. */
const isProse = (line) =>
  /\p{L} +\S/u.test(line) && !PATH_OR_QUERY.test(line) && (/[.,:;!?]/.test(line) || line.length < 120);

/** The words of a literal, or of literals joined with `+`; null where a node is neither. */
function textOf(node) {
  if (ts.isStringLiteralLike(node)) return node.text;
  if (ts.isJsxText(node)) return node.text;
  if (ts.isTemplateExpression(node))
    return node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join('');
  if (!isJoined(node)) return null;
  const left = textOf(node.left);
  const right = textOf(node.right);
  return left === null && right === null ? null : (left ?? '…') + (right ?? '…');
}

const isJoined = (node) => ts.isBinaryExpression(node) && node.operatorToken.kind === ts.SyntaxKind.PlusToken;

/** What is put into a text: it may hold texts of its own. */
function valuesIn(node) {
  if (ts.isTemplateExpression(node)) return node.templateSpans.map(({ expression }) => expression);
  if (!isJoined(node)) return [];
  return [node.left, node.right].flatMap((side) => (textOf(side) === null ? [side] : valuesIn(side)));
}

function commentsOf(file) {
  const found = new Map();
  const read = (ranges) => {
    for (const { pos, end } of ranges ?? []) found.set(pos, file.text.slice(pos, end));
  };
  const visit = (node) => {
    // In JSX text, slashes are words.
    if (!ts.isJsxText(node)) {
      read(ts.getLeadingCommentRanges(file.text, node.getFullStart()));
      read(ts.getTrailingCommentRanges(file.text, node.getEnd()));
    }
    node.getChildren(file).forEach(visit);
  };
  visit(file);
  return [...found.values()].map((text) =>
    text
      .replace(/^\/\*+|\*+\/$|^\s*\*(?!\/)|^\/\/+/gm, ' ')
      .replace(/\s+/g, ' ')
      .trim()
      // Each tag of a docstring begins a sentence of its own.
      .replace(/ (?=@\w)/g, '\n'),
  );
}
