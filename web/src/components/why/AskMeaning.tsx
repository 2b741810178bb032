'use client';

import { useState } from 'react';
import { later } from '@/components/later';
import type { meanings as allMeanings } from './meanings';
import { WhyMark } from './WhyMark';

type MeaningName = keyof typeof allMeanings;

const Answer = later<{ about: MeaningName; onClose: () => void }>(() =>
  Promise.all([import('./MeaningDialog'), import('./meanings')]).then(
    ([{ MeaningDialog }, { meanings }]) =>
      function Answer({ about, onClose }: { about: MeaningName; onClose: () => void }) {
        return <MeaningDialog meaning={meanings[about]} onClose={onClose} />;
      },
  ),
);

/** A quiet mark beside a heading: asked, it says what stands under it. */
export function AskMeaning({ about, of }: { about: MeaningName; of: string }) {
  const [asked, setAsked] = useState(false);
  return (
    <>
      <WhyMark of={of} onAsk={() => setAsked(true)} />
      {asked && <Answer about={about} onClose={() => setAsked(false)} />}
    </>
  );
}
