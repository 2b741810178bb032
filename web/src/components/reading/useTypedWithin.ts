'use client';

import { useState } from 'react';
import { typedWithin } from './readingText';

/**
 * A figure being typed that has to lie between two ends.
 *
 * @returns its value, null while it is none, and what its field is given
 */
export function useTypedWithin(start: string, least: number, most: number) {
  const [text, setText] = useState(start);
  const { value, problem } = typedWithin(text, least, most);
  return { value, field: { value: text, problem, onChange: setText } };
}
