import { getLocation, parse, type ParseError, printParseErrorCode } from 'jsonc-parser';
import { BadInput } from './fieldError';
import { recordName } from './recordName';

/** No book or request comes near this; deeper ones are made to bring a reader down. */
const deepest = 64;

/** How deep lists and objects stand in one another, text skipped. */
function depthOf(text: string): number {
  let depth = 0;
  let most = 0;
  let inText = false;
  for (let i = 0; i < text.length; i += 1) {
    const code = text.charCodeAt(i);
    if (inText) {
      if (code === 92) i += 1;
      else if (code === 34) inText = false;
    } else if (code === 34) inText = true;
    else if (code === 91 || code === 123) {
      depth += 1;
      most = Math.max(most, depth);
      if (most > deepest) return most;
    } else if (code === 93 || code === 125) depth -= 1;
  }
  return most;
}

/** Where the fault is, by the record it is in. */
function placeOf(text: string, offset: number): string {
  const broken: unknown = parse(text.slice(0, offset), [], { allowTrailingComma: true });
  const { path } = getLocation(text, offset);
  const name = recordName(broken, path);
  return name === '' ? '' : `, in ${name}`;
}

/**
 * Parses JSON text.
 *
 * @throws BadInput saying the line of the fault and the record it is in, its field empty: the whole text is at fault
 */
export function parseJson(text: string): unknown {
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.slice(0, 400).includes('\u0000')) {
    throw new BadInput('', 'This is saved as UTF-16: save it as UTF-8 and try again.');
  }
  if (plain.trim() === '') throw new BadInput('', 'This is not JSON: it is empty.');
  if (depthOf(plain) > deepest) {
    throw new BadInput(
      '',
      `This is nested more than ${deepest} deep, which no book or request is.`,
    );
  }
  try {
    return JSON.parse(plain) as unknown;
  } catch {
    // engines word and place the fault differently, so the place is found apart
    const faults: ParseError[] = [];
    parse(plain, faults, { disallowComments: true, allowTrailingComma: false });
    const [fault] = faults;
    const offset = fault?.offset ?? 0;
    const place = placeOf(plain, offset);
    if (offset >= plain.trimEnd().length) {
      throw new BadInput('', `This is not JSON: it ends too early${place}.`);
    }
    const line = plain.slice(0, offset).split('\n').length;
    const words = printParseErrorCode(fault?.error ?? 1)
      .replace(/([A-Z])/g, ' $1')
      .toLowerCase()
      .trim();
    throw new BadInput('', `This is not JSON: ${words} on line ${line}${place}.`);
  }
}
