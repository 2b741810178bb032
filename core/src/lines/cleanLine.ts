const entities: Record<string, string> = {
  nbsp: ' ',
  amp: '&',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  frac13: '⅓',
  frac23: '⅔',
  deg: '°',
  quot: '"',
  apos: "'",
  rsquo: "'",
  lsquo: "'",
  ndash: '–',
  mdash: '—',
  times: '×',
  lt: '<',
  gt: '>',
};

function entity(whole: string, name: string): string {
  if (/^#x/i.test(name)) return String.fromCodePoint(Number.parseInt(name.slice(2), 16) || 32);
  if (name.startsWith('#')) return String.fromCodePoint(Number(name.slice(1)) || 32);
  return entities[name.toLowerCase()] ?? whole;
}

/**
 * A line as it was meant: marks of pages and lists taken off, typography brought to one spelling. Nothing a cook wrote about
 * the food is lost.
 *
 * @param text one line, from anywhere; at most its first 400 characters count
 */
export function cleanLine(text: string): string {
  return (
    text
      .slice(0, 400)
      .replace(/<[^>]{0,200}>/g, ' ')
      .replace(/&(#?\w{1,8});/g, entity)
      .normalize('NFC')
      .replace(/[\p{Zs}\t]+/gu, ' ')
      // a heading of Markdown, and what it keeps from being read as its own
      .replace(/^ ?#{1,6} /, '')
      .replace(/\\([\\`*_[\]<>#])/g, '$1')
      .replace(/[‘’ʼ`´]/g, "'")
      .replace(/[“”„]/g, '"')
      .replace(/⁄/g, '/')
      // bullets, tick boxes, numbers of a list
      .replace(/^\s*(?:[-–—•·◦▪▢☐☑✓*+>]+\s*|\[[ x]?\]\s*|\d{1,2}[.)]\s+(?=\S))+/iu, '')
      .replace(/\.{3,}|…|_{2,}/g, ' : ')
      .replace(/\s+/g, ' ')
      .trim()
  );
}
