/** What a cook tastes for. */
export const tastes = ['salt', 'sour', 'garlic', 'bitter', 'lean', 'flat'] as const;
export type Taste = (typeof tastes)[number];

/** A cook's verdict on one taste. */
export const verdicts = ['short', 'right', 'over'] as const;
export type Verdict = (typeof verdicts)[number];

export type TasteMarks = Partial<Record<Taste, Verdict>>;
