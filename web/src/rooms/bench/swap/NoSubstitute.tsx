import { SayWords } from './SayWords';

/** Says that nothing else may go in for a row, with why. */
export function NoSubstitute({ onLock }: { onLock: (why: string) => void }) {
  return (
    <SayWords
      ask="Nothing else will do"
      first=""
      label="Why nothing else will do"
      placeholder="such as it is named for it"
      longest={200}
      say="No substitute"
      onSay={onLock}
    />
  );
}
