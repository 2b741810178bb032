import { singular } from '../amounts/pieceWords';
import { type Token, tokens } from '../amounts/tokens';

/** A line cut into tokens, with each in lower case and in the singular. */
export interface LineWords {
  tokens: Token[];
  lower: string[];
  stems: string[];
}

/** A word as names are compared: in the singular, without a genitive. */
export const stemOf = (lower: string): string => singular(lower.replace(/'s$/, ''));

/** Tokens with each in lower case and in the singular. */
export function withStems(list: Token[]): LineWords {
  const lower = list.map(({ text }) => text.toLowerCase());
  return { tokens: list, lower, stems: lower.map(stemOf) };
}

/**
 * Cuts a clean line into words. Joined words come apart where each half says something by itself (`sun-dried`, `14-oz`).
 *
 * @param clean from `cleanLine`
 */
export function lineWords(clean: string): LineWords {
  const text = clean
    .replace(/(\p{L})-(?=\p{L})/gu, '$1 ')
    .replace(/(\d)-(?=\p{L})/gu, '$1 ')
    .replace(/(\p{L})\/(?=\p{L})/gu, '$1 or ')
    .replace(/\b(s)\s*&\s*(p)\b/gi, 'salt and pepper')
    .replace(/\bw\/\s*/gi, 'with ')
    .replace(/\bfat[ -]?free\b|\bnon[ -]?fat\b|\b0\s*%(?:\s*fat)?/gi, 'fatfree')
    .replace(/\b(\d+)\s*%(?:\s*fat)?/g, '')
    .replace(/(\d)\s*°\s*[CF]?\b/gi, '$1 degrees');
  const list = tokens(text).map((token) => {
    const plain = token.text.replace(/’/g, "'").replace(/^'+|'+$/g, '');
    return { ...token, text: plain === '' ? token.text : plain };
  });
  return withStems(list);
}
