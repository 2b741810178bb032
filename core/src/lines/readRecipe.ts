import type { Place } from '../mix/part';
import { cleanLine } from './cleanLine';
import { beginsWithVerb, isSentence } from './lineKind';
import type { LineQuestion, ReadPart, SkipReason } from './lineReading';
import { placeOfHeading } from './placeOf';
import { type LineContext, readLine } from './readLine';

/** Lines of a recipe that count; more is no recipe. */
export const mostLines = 300;

/** What came of one line of a recipe. */
export interface ReadLine {
  /** From 1. */
  line: number;
  text: string;
  parts: ReadPart[];
  ask: LineQuestion[];
  /** Why nothing came of it; null where something did. */
  skipped: SkipReason | null;
}

/** A recipe, understood line by line. */
export interface RecipeReading {
  title: string | null;
  /** How much it makes, in its own words. */
  makes: string | null;
  lines: ReadLine[];
}

const methodHeading =
  /^(?:the )?(?:method|directions?|instructions?|preparation|procedure|steps?|how to(?: make it)?|notes?|tips?|storage|variations?)\s*[:\-–]*$/i;
const makesLine =
  /^(?:it )?(?:makes?|yields?|serves?|servings?)\b|^(?:about |for )?\d+(?:\s*[-–]\s*\d+)? (?:serves|servings?|portions?|persons?|people)\b/i;

interface Section {
  method: boolean;
  place: Place;
  /** Lines with something to go in so far. */
  listed: number;
  blankBefore: boolean;
}

/** After the list and a gap, a line that tells what to do begins the method. */
function beginsMethod(clean: string, { listed, blankBefore }: Section): boolean {
  if (listed < 2) return false;
  if (beginsWithVerb(clean) && (blankBefore || isSentence(clean))) return true;
  return blankBefore && isSentence(clean);
}

const somethingOf = ({ parts, ask }: Pick<ReadLine, 'parts' | 'ask'>) =>
  parts.length + ask.length > 0;

/** The first line names the dish where amounts come only after it. */
function titleAt(lines: readonly string[], context: LineContext): number {
  const first = lines.findIndex((line) => cleanLine(line) !== '');
  const clean = cleanLine(lines[first] ?? '');
  const rest = lines.slice(first + 1).filter((line) => cleanLine(line) !== '');
  if (first < 0 || rest.length < 2 || /\d/.test(clean) || clean.length > 100 || /:$/.test(clean))
    return -1;
  const reading = readLine(clean, context);
  const measured = [...reading.parts, ...reading.ask.flatMap(({ part }) => part ?? [])].some(
    ({ massG }) => massG > 0,
  );
  if (measured) return -1;
  const next = cleanLine(rest[0] ?? '');
  const named = reading.skipped === 'note' || clean.split(/\s+/).length > 2;
  return named || makesLine.test(next) || cleanLine(lines[first + 1] ?? '') === '' ? first : -1;
}

/**
 * Reads a recipe line by line: its title, what it makes, what goes in and where, what is asked about, and the lines of the
 * method, of which nothing goes in. A heading says where what stands under it goes.
 *
 * @param text one line or many; lines past `mostLines` are left out
 * @returns every line that is not blank, in order, each with parts, questions or the reason it has neither; never throws
 */
export function readRecipe(text: string, context: LineContext): RecipeReading {
  const lines = text.split(/\r\n|\r|\n/).slice(0, mostLines);
  const titled = titleAt(lines, context);
  const section: Section = { method: false, place: 'bowl', listed: 0, blankBefore: false };
  const reading: RecipeReading = { title: null, makes: null, lines: [] };
  lines.forEach((line, i) => {
    const clean = cleanLine(line);
    if (clean === '') {
      section.blankBefore = true;
      return;
    }
    const skip = (skipped: SkipReason) => {
      reading.lines.push({ line: i + 1, text: line.trim(), parts: [], ask: [], skipped });
    };
    if (i === titled) {
      reading.title = clean;
      skip('heading');
    } else if (makesLine.test(clean)) {
      reading.makes ??= clean.replace(/\s*\([^)]*\)\s*$/, '');
      skip('note');
    } else if (methodHeading.test(clean)) {
      section.method = true;
      skip('heading');
    } else {
      const read = readLine(line, { ...context, place: section.place });
      if (read.skipped === 'heading') {
        section.method = false;
        section.place = placeOfHeading(clean);
        skip('heading');
      } else if (section.method || beginsMethod(clean, section)) {
        section.method = true;
        skip('step');
      } else {
        if (somethingOf(read)) section.listed += 1;
        reading.lines.push({ line: i + 1, text: line.trim(), ...read });
      }
    }
    section.blankBefore = false;
  });
  return reading;
}
