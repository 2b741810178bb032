import { readFileSync } from 'node:fs';
import { root } from './installed.mjs';

/**
 * The sample book with as many trials as wanted, each a copy of one of its own on another day: for timing only.
 *
 * @param {number} trials how many
 * @returns {string} a book file's text
 */
export function bigBook(trials) {
  const book = JSON.parse(readFileSync(`${root}web/public/sample-book.json`, 'utf8'));
  const own = book.trials;
  const counts = new Map();
  book.trials = Array.from({ length: trials }, (_, i) => {
    const trial = own[i % own.length];
    const number = (counts.get(trial.dipId) ?? 0) + 1;
    counts.set(trial.dipId, number);
    const madeAt = new Date(Date.parse(trial.madeAt) + i * 3_600_000).toISOString();
    return { ...trial, id: `trial-${i}`, number, madeAt };
  });
  return JSON.stringify(book);
}
