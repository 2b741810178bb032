import type { LineQuestion, ReadPart } from './lineReading';
import { type LineContext, readLine } from './readLine';

/** One way a doubt may be settled. */
export interface Choice {
  ingredient: string;
  part: ReadPart;
}

/** A typed line as it is understood: everything of it, or the first doubt with what it may be. */
export interface Understanding {
  /** What is sure; what is left open counts as sure, since nothing is guessed. */
  parts: ReadPart[];
  /** The first thing that must be asked; null where all is sure. */
  question: LineQuestion | null;
  /** Ways to settle it, likeliest first, three at most. */
  choices: Choice[];
}

/** Doubts that need no answer: the amount is open and shown so. */
export const isOpen = ({ kind, part }: LineQuestion): boolean =>
  kind === 'open' && part !== undefined;

function choiceOf(
  text: string,
  question: LineQuestion,
  id: string,
  context: LineContext,
): Choice | null {
  const { part, food } = question;
  if (part?.ingredient === id && question.kind !== 'food') return { ingredient: id, part };
  const picked = new Map(context.picked).set(food, id);
  const again = readLine(text, { ...context, picked });
  const all = [...again.parts, ...again.ask.flatMap((one) => one.part ?? [])];
  const settled = all.find(({ ingredient }) => ingredient === id);
  return settled ? { ingredient: id, part: settled } : null;
}

/**
 * The ways to settle a doubt of a line, likeliest first.
 *
 * @param text the line it is of
 */
export const choicesFor = (text: string, question: LineQuestion, context: LineContext): Choice[] =>
  question.candidates.flatMap((id) => choiceOf(text, question, id, context) ?? []);

/**
 * Understands a line while it is typed.
 *
 * @param text as typed so far
 */
export function understandLine(text: string, context: LineContext): Understanding {
  const { parts, ask } = readLine(text, context);
  const open = ask.flatMap((one) => (isOpen(one) && one.part ? [one.part] : []));
  const question = ask.find((one) => !isOpen(one)) ?? null;
  const choices = question ? choicesFor(text, question, context) : [];
  return { parts: [...parts, ...open], question, choices };
}
