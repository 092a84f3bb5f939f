import { describe, expect, it } from 'vitest';
import { plainMarkdown } from './markdown';

describe('words of a person in Markdown', () => {
  it.each([
    ['<img src=x onerror=alert(1)>', '\\<img src=x onerror=alert(1)\\>'],
    ['one\n# two\r\n\r\n- three', 'one \\# two - three'],
    ['[a](javascript:b)', '\\[a\\](javascript:b)'],
    ['a | b', 'a \\| b'],
    ['`rm` *now*', '\\`rm\\` \\*now\\*'],
    ['Grandmother’s cloth, 60 °C', 'Grandmother’s cloth, 60 °C'],
  ])('%j stays what it is', (text, line) => {
    expect(plainMarkdown(text)).toBe(line);
  });
});
