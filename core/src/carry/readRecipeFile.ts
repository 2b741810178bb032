import { BadInput } from '../book/fieldError';

/** A recipe out of another program, as lines for the line reader. */
export interface CarriedRecipe {
  name: string;
  /** Title, what it makes, what goes in, then how: one a line. */
  text: string;
  /** Whose it is or where it comes from; empty where nobody says. */
  source: string;
}

/** Larger files are no recipe, letters. */
const mostLetters = 5_000_000;
/** Lists within lists within lists: deeper is no recipe. */
const deepest = 12;
const mostLines = 200;
const longestLine = 500;

const named: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: '’',
  nbsp: ' ',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  deg: '°',
};

/** Text out of a page: no tags, letters for their entities. */
function plain(text: string): string {
  return text
    .slice(0, longestLine * 20)
    .replace(/<[^<>]{0,200}>/g, ' ')
    .replace(/&(#x?[0-9a-f]{1,6}|[a-z0-9]{1,8});/gi, (whole, code: string) => {
      if (!code.startsWith('#')) return named[code.toLowerCase()] ?? whole;
      const hex = /^#x/i.test(code);
      const point = parseInt(code.slice(hex ? 2 : 1), hex ? 16 : 10);
      return point > 31 && point <= 0x10ffff ? String.fromCodePoint(point) : ' ';
    })
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, longestLine);
}

/** JSON-LD pieces of a page, found without looking at any letter twice. */
function piecesOf(page: string): string[] {
  const lower = page.toLowerCase();
  const pieces: string[] = [];
  for (let at = lower.indexOf('<script'); at >= 0; at = lower.indexOf('<script', at + 1)) {
    const open = lower.indexOf('>', at);
    if (open < 0) break;
    const close = lower.indexOf('</script', open);
    if (close < 0) break;
    if (lower.slice(at, open).includes('application/ld+json')) {
      pieces.push(page.slice(open + 1, close).replace(/^\s*<!\[CDATA\[|\]\]>\s*$/g, ''));
    }
    at = close;
  }
  return pieces;
}

type Loose = Record<string, unknown>;
const isRecord = (value: unknown): value is Loose => typeof value === 'object' && value !== null;

/** The first thing that says it is a recipe, wherever in it. */
function recipeIn(value: unknown, depth = 0): Loose | null {
  if (!isRecord(value) || depth > deepest) return null;
  if (!Array.isArray(value)) {
    const types = [value['@type']].flat();
    if (types.some((type) => /(^|[/#:])Recipe$/.test(String(type)))) return value;
  }
  for (const inner of Object.values(value)) {
    const found = recipeIn(inner, depth + 1);
    if (found) return found;
  }
  return null;
}

/** Every piece of text in what may be text, a list, or a thing that has a text or steps of its own. */
function textsOf(value: unknown, depth = 0): string[] {
  if (typeof value === 'string' || typeof value === 'number') {
    const texts = String(value)
      .split(/\r\n|\r|\n|<br\s{0,9}\/?>|<\/(?:p|li)>/i)
      .map(plain);
    return texts.filter((text) => text !== '');
  }
  if (!isRecord(value) || depth > deepest) return [];
  if (Array.isArray(value))
    return value.slice(0, mostLines).flatMap((one) => textsOf(one, depth + 1));
  const own = value['text'] ?? value['itemListElement'] ?? value['name'];
  return textsOf(own, depth + 1);
}

/**
 * Reads a recipe out of a file of another program: schema.org/Recipe as JSON-LD, or a saved page that has it in it. Nothing is fetched.
 *
 * @returns null where the file is neither: then it is text, for the line reader as it is
 * @throws BadInput where it is JSON-LD and has no recipe in it, or nothing that goes in
 */
export function readRecipeFile(text: string): CarriedRecipe | null {
  if (text.length > mostLetters)
    throw new BadInput('', 'The file is over 5 MB: that is no recipe.');
  const bare = text.replace(/^\uFEFF/, '').trim();
  const isPage = bare.startsWith('<');
  if (!isPage && !/^[[{]/.test(bare)) return null;
  const pieces = isPage ? piecesOf(bare) : [bare];
  const parsed = pieces.flatMap((piece): unknown[] => {
    try {
      return [JSON.parse(piece)];
    } catch {
      return [];
    }
  });
  if (parsed.length === 0) {
    throw new BadInput(
      '',
      isPage
        ? 'The page has no recipe data in it. Copy its lines and paste them.'
        : 'The file begins like JSON and can’t be read as that.',
    );
  }
  const recipe = parsed.map((one) => recipeIn(one)).find((one) => one !== null);
  if (!recipe) throw new BadInput('@type', 'Nothing in it says it is a schema.org Recipe.');
  const goesIn = textsOf(recipe['recipeIngredient'] ?? recipe['ingredients']);
  if (goesIn.length === 0) {
    throw new BadInput('recipeIngredient', 'The recipe says nothing of what goes in.');
  }
  const [name = 'A recipe'] = textsOf(recipe['name']);
  const [makes] = textsOf(recipe['recipeYield']);
  const [source = ''] = [...textsOf(recipe['creditText']), ...textsOf(recipe['author'])];
  const steps = textsOf(recipe['recipeInstructions']);
  const lines = [
    name,
    ...(makes === undefined ? [] : [/^makes/i.test(makes) ? makes : `Makes ${makes}`]),
    '',
    ...goesIn.slice(0, mostLines),
    ...(steps.length === 0
      ? []
      : [
          '',
          'Method',
          ...steps.slice(0, mostLines).map((step, i) => `${i + 1}. ${step}`),
          ...(source === '' ? [] : [`From ${source}`]),
        ]),
  ];
  return { name, text: lines.join('\n'), source };
}
