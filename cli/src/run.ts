import { readFile } from 'node:fs/promises';
import {
  type AnswerText,
  bookVerbs,
  isBookVerb,
  isVerb,
  requestLimitBytes,
  verbs,
} from '@cobbet/core/api/answered';
import { BadInput } from '@cobbet/core/book/fieldError';
import { answerInThread } from './answerInThread';

/** A book of years with its trials is larger than any request. */
const bookLimitBytes = 100_000_000;

const usage = `cobbet: the computation from a shell; JSON in, JSON out; lines takes the text of a recipe (docs/format.md)

  npm run --silent cobbet -- analyse FILE|-
  npm run --silent cobbet -- land FILE|-
  npm run --silent cobbet -- reading FILE|-
  npm run --silent cobbet -- prepare FILE|-
  npm run --silent cobbet -- soak FILE|-
  npm run --silent cobbet -- cool FILE|-
  npm run --silent cobbet -- plan FILE|-
  npm run --silent cobbet -- advise FILE|-
  npm run --silent cobbet -- stage FILE|-
  npm run --silent cobbet -- loads FILE|-
  npm run --silent cobbet -- swap FILE|-
  npm run --silent cobbet -- free FILE|-
  npm run --silent cobbet -- batch FILE|-
  npm run --silent cobbet -- keep FILE|-
  npm run --silent cobbet -- taste FILE|-
  npm run --silent cobbet -- taste-plan FILE|-
  npm run --silent cobbet -- design FILE|-
  npm run --silent cobbet -- next FILE|-
  npm run --silent cobbet -- recipe FILE|- [DIP]     a dip of a book as schema.org/Recipe; a recipe's file as lines
  npm run --silent cobbet -- table FILE|- KIND       CSV of trials, readings, tastings, larder, prices or stock of a book
  npm run --silent cobbet -- search FILE|- "words"   what is found in a book
  npm run --silent cobbet -- join FILE FILE          two books as one
  npm run --silent cobbet -- lines FILE|- [--measures us|metric|australian|british]
  npm run --silent cobbet -- convert "1/3 cup" tahini-hulled [--measures us|metric|australian|british]
`;

async function standardInput(limit: number): Promise<string> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of process.stdin as AsyncIterable<Buffer>) {
    size += chunk.length;
    if (size > limit) break;
    chunks.push(chunk);
  }
  return size > limit ? tooLarge(limit) : Buffer.concat(chunks).toString('utf8');
}

function tooLarge(limit: number): never {
  throw new BadInput('', `The input is over ${limit / 1_000_000} MB.`);
}

async function input(path: string | undefined, limit = requestLimitBytes): Promise<string> {
  if (path === undefined)
    throw new BadInput('FILE', 'Say which file to read, or - for standard input.');
  if (path === '-') return standardInput(limit);
  let text: Buffer;
  try {
    text = await readFile(path);
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    const why =
      code === 'ENOENT' ? 'There is no such file' : `It can't be read (${code ?? 'error'})`;
    throw new BadInput('FILE', `${why}: ${path}`);
  }
  return text.length > limit ? tooLarge(limit) : text.toString('utf8');
}

/** What stands in a command line beside its measure system. */
function withMeasures(args: readonly string[]): { rest: string[]; measures: string } {
  const rest: string[] = [];
  let measures = 'us';
  for (let i = 0; i < args.length; i += 1) {
    const arg = args[i] ?? '';
    if (arg === '--measures') {
      i += 1;
      measures = args[i] ?? '';
    } else if (arg.startsWith('--measures=')) measures = arg.slice('--measures='.length);
    else rest.push(arg);
  }
  return { rest, measures };
}

function conversion(args: readonly string[]): string {
  const { rest, measures } = withMeasures(args);
  const [amount, ingredient, extra] = rest;
  if (amount === undefined) throw new BadInput('amount', 'Say how much, such as "1/3 cup".');
  if (ingredient === undefined)
    throw new BadInput('ingredient', 'Say of what, such as tahini-hulled.');
  if (extra !== undefined)
    throw new BadInput(extra, `“${extra}” is one word too many; put the amount in quotes.`);
  return JSON.stringify({ amount, ingredient, measures });
}

/** What is asked, as one verb with its JSON. */
async function answer(command: string | undefined, rest: readonly string[]): Promise<AnswerText> {
  if (command === 'convert') return answerInThread('convert', conversion(rest));
  if (command === 'lines') {
    const { rest: files, measures } = withMeasures(rest);
    if (files.length > 1) throw new BadInput(files[1] ?? '', 'Give one file only.');
    return answerInThread('lines', JSON.stringify({ text: await input(files[0]), measures }));
  }
  if (command !== undefined && isBookVerb(command)) {
    const [path, what, extra] = rest;
    if (extra !== undefined) {
      throw new BadInput(extra, `“${extra}” is one word too many; put them in quotes.`);
    }
    const text = await input(path, bookLimitBytes);
    const second = command === 'join' ? { other: await input(what, bookLimitBytes) } : { what };
    const asked = { verb: command, text, ...(what === undefined ? {} : second) };
    return answerInThread('book', JSON.stringify(asked));
  }
  if (rest.length > 1) throw new BadInput(rest[1] ?? '', 'Give one file only.');
  if (command === undefined || !isVerb(command)) {
    throw new BadInput(
      'command',
      `“${command ?? ''}” is none of ${[...verbs, ...bookVerbs, 'convert'].join(', ')}.`,
    );
  }
  return answerInThread(command, await input(rest[0]));
}

/**
 * Runs one command line. JSON goes to standard output; help to standard error when nothing was asked.
 *
 * @param args without node and the script
 * @returns the exit code: 0 answered, 2 bad input
 */
export async function run(args: readonly string[]): Promise<number> {
  if (args.length === 0 || args[0] === '--help' || args[0] === 'help') {
    (args.length === 0 ? process.stderr : process.stdout).write(usage);
    return args.length === 0 ? 2 : 0;
  }
  try {
    const { status, body } = await answer(args[0], args.slice(1));
    const answered: unknown = JSON.parse(body);
    // a table is text by itself
    process.stdout.write(
      typeof answered === 'string' ? answered : `${JSON.stringify(answered, null, 2)}\n`,
    );
    return status === 200 ? 0 : 2;
  } catch (error) {
    const told =
      error instanceof BadInput
        ? error.toJSON()
        : { field: '', message: 'Something went wrong inside Cobbet with this input.' };
    process.stdout.write(`${JSON.stringify({ error: told }, null, 2)}\n`);
    return 2;
  }
}
