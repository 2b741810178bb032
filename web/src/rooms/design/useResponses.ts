'use client';

import type { DesignResponse } from '@cobbet/core/design/mixtureDesign';
import type { Dip } from '@cobbet/core/dip/dip';
import { useState } from 'react';
import { typedNumber } from '@/components/reading/readingText';

/** What can be marked: two come by themselves, any other is named. */
export const responseKinds = ['liking', 'body', 'own'] as const;
export type ResponseKind = (typeof responseKinds)[number];
export type GoalKind = 'more' | 'less' | 'near';

/** A response as it is typed. */
export interface TypedResponse {
  kind: ResponseKind;
  name: string;
  goal: GoalKind;
  near: string;
}

const bodyName = 'cold body';
const first: TypedResponse = { kind: 'liking', name: '', goal: 'more', near: '' };

/** What trials are marked by: as typed, as understood, and what is wrong with it. */
export function useResponses({ targets }: Dip) {
  const [typed, setTyped] = useState<readonly TypedResponse[]>([first]);
  const { low = null, high = null } = targets.chilledBody ?? {};
  const usualBody = low !== null && high !== null ? (low + high) / 2 : (low ?? high ?? 7);
  const understood = typed.map((one): DesignResponse | null => {
    if (one.kind === 'liking') return { name: 'liking', goal: 'more', from: 'likings' };
    const near = one.near.trim() === '' && one.kind === 'body' ? usualBody : typedNumber(one.near);
    if (one.kind === 'body') {
      return near === null ? null : { name: bodyName, goal: { near }, from: 'chilled-readings' };
    }
    const name = one.name.trim();
    if (name === '') return null;
    if (one.goal !== 'near') return { name, goal: one.goal };
    return near === null ? null : { name, goal: { near } };
  });
  const responses = understood.filter((one) => one !== null);
  const wrong = (): string | null => {
    const names = responses.map(({ name }) => name.toLowerCase());
    if (new Set(names).size < names.length)
      return 'Two things that are marked are called the same.';
    if (responses.length === typed.length) return null;
    return typed.some(({ kind, name }) => kind === 'own' && name.trim() === '')
      ? 'Say what else is marked.'
      : 'Say what it should come near to, as a number.';
  };
  return {
    ...{ typed, responses, usualBody, wrong: wrong() },
    change: (at: number, change: Partial<TypedResponse>) =>
      setTyped(typed.map((one, i) => (i === at ? { ...one, ...change } : one))),
    add: () => setTyped([...typed, { ...first, kind: 'own' }]),
    remove: (at: number) => setTyped(typed.filter((_, i) => i !== at)),
  };
}
