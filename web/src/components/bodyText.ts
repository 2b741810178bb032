import { type BodyWord, bodyWord } from '@cobbet/core/mix/bodyWords';

/** A body to one decimal. */
export function bodyFigure(body: number): string {
  return body.toFixed(1);
}

/** Words first, figures second: `scoops, body 6.9`. */
export function bodyText(body: number | null): string {
  return body === null ? 'crumbs' : `${bodyWord(body)}, body ${bodyFigure(body)}`;
}

/** The word for a body, or null for crumbs. */
export function wordOf(body: number | null): BodyWord | null {
  return body === null ? null : bodyWord(body);
}

/** `spreads` → `Spreads`. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
