/** What a cook tastes for. */
export const tastes = [
  'salt',
  'sour',
  'garlic',
  'bitter',
  'lean',
  'flat',
  'sweet',
  'heat',
  'smoke',
  'herb',
  'nut',
  'colour',
] as const;
export type Taste = (typeof tastes)[number];

/** A cook's verdict on one taste. */
export const verdicts = ['short', 'right', 'over'] as const;
export type Verdict = (typeof verdicts)[number];

export type TasteMarks = Partial<Record<Taste, Verdict>>;

/** What can be wrong with how a bowl holds together or feels. */
export const faults = ['split', 'grainy', 'gluey', 'warm'] as const;
export type Fault = (typeof faults)[number];
