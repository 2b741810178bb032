'use client';

import { shippedLarder } from '@cobbet/core/larder/larder';
import { type BowlRef, hiddenBowl } from '@cobbet/core/practice/practice';
import { useRouter } from 'next/navigation';
import { useOnce } from '@/components/useOnce';
import { beginPractice } from '@/store/practiceCommands';

/** Takes a practice bowl up and goes to it; a bowl there is none of is not taken up. */
export function useBegin(): (bowl: BowlRef) => void {
  const router = useRouter();
  const once = useOnce();
  return (bowl) =>
    once(async () => {
      const found = hiddenBowl(bowl, shippedLarder);
      if (!found) return;
      const name = 'seed' in bowl ? `${found.name}, number ${bowl.seed}` : found.name;
      const id = await beginPractice(bowl, name);
      router.push(`/practice?id=${encodeURIComponent(id)}`);
    });
}
