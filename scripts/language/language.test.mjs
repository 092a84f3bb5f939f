import assert from 'node:assert/strict';
import { test } from 'node:test';
import { findFaults } from './countFaults.mjs';
import { readTexts } from './readTexts.mjs';

const words = (count) => `${Array.from({ length: count }, () => 'rinse').join(' ')}.`;

test('reads every text a person sees, and no address or id', () => {
  const source = `
    import x from 'not-a-text';
    /** Why it is
     * so
     * @param x its use */
    const a = 'one text' + \` goes \${b ? 'an inner text' : ''} on\`; // beside the line
    const drawn = 'M6.4 8.6C8.6 5.4';
    const query = sql\`select a, b from c\`;
    const view = <Box as="section" gap="14px" title="A heading"> some words // here </Box>;
  `;
  assert.deepEqual(readTexts('a.tsx', source), {
    strings: ['one text goes … on', 'an inner text', 'A heading', 'some words // here'],
    comments: ['Why it is so\n@param x its use', 'beside the line'],
  });
});

test('finds a banned word as a word, not as part of one', () => {
  const { banned } = findFaults(['Nobody reckoned it at hand.', 'Besides, the stands-in toldo'], 20);
  assert.deepEqual(banned, ['nobody', 'reckoned', 'at hand', 'stands']);
});

test('counts the words of a sentence, each value as one', () => {
  assert.equal(findFaults([words(20)], 20).long.length, 0);
  assert.equal(findFaults([`${words(21)} Short.`], 20).long.length, 1);
  assert.equal(findFaults([`… ${words(20)}`], 20).long.length, 1);
});
