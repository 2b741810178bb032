import { mostSeats } from '@cobbet/core/taste/tasting';

const longestName = 60;

/** Tasters as they are typed: names with commas between, or how many; names that are there twice are told apart. */
export function typedTasters(text: string): string[] {
  const trimmed = text.trim();
  if (/^\d+$/.test(trimmed)) {
    return Array.from({ length: Math.min(mostSeats, Number(trimmed)) }, (_, i) => `Seat ${i + 1}`);
  }
  const seen = new Set<string>();
  return trimmed
    .split(',')
    .map((name) => name.trim().slice(0, longestName))
    .filter((name) => name !== '')
    .slice(0, mostSeats)
    .map((name) => {
      let own = name;
      for (let n = 2; seen.has(own.toLowerCase()); n += 1) own = `${name} ${n}`;
      seen.add(own.toLowerCase());
      return own;
    });
}

/** Words as they are typed, with commas between; each once. */
export function typedWords(text: string): string[] {
  const words = text
    .split(',')
    .map((word) => word.trim().slice(0, longestName))
    .filter((word) => word !== '');
  return [...new Set(words)].slice(0, 40);
}
