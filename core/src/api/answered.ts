/** What the shell and HTTP can be asked, each with one JSON value. */
export const verbs = [
  'analyse',
  'land',
  'reading',
  'prepare',
  'soak',
  'cool',
  'plan',
  'advise',
  'stage',
  'loads',
  'lines',
  'swap',
  'free',
  'batch',
  'keep',
  'taste',
  'taste-plan',
  'design',
  'next',
] as const;
export type Verb = (typeof verbs)[number];

/** Whether a word is one of them. */
export const isVerb = (word: string): word is Verb => (verbs as readonly string[]).includes(word);

/** What only the shell is asked: it takes a book file, which is larger than a request. */
export const bookVerbs = ['recipe', 'table', 'search', 'join'] as const;
export type BookVerb = (typeof bookVerbs)[number];

/** Whether a word is one of them. */
export const isBookVerb = (word: string): word is BookVerb =>
  (bookVerbs as readonly string[]).includes(word);

/** An answer as text: what HTTP sends and the shell prints. */
export interface AnswerText {
  /** 200 answered, 400 refused, 503 given up. */
  status: 200 | 400 | 503;
  body: string;
}

/** What is answered in place of an answer. */
export const refusedText = (status: 400 | 503, field: string, message: string): AnswerText => ({
  status,
  body: JSON.stringify({ error: { field, message } }),
});

/** What is answered where a request is ended at its deadline. */
export const tooLongText = (deadlineMs: number): AnswerText =>
  refusedText(
    503,
    '',
    `This took over ${Number((deadlineMs / 1000).toFixed(1))} s and was stopped. Ask for less at once.`,
  );

/** Largest request that is read, bytes. */
export const requestLimitBytes = 1_000_000;
