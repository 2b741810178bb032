import type { FamilyUsual } from '@cobbet/core/dip/familyUsual';
import { isBody, targetNames, targetWords } from '@cobbet/core/mix/targets';
import { bandWords } from '@/components/bandWords';
import { wordsIn } from '@cobbet/core/mix/aimAtWord';

/** How a family is usually eaten and what it is then to be, in a line: `at 8 °C, 60 g a portion; chilled 6.7–7.8, salt 0.8–1.3`. */
export function usualWords({ servedAtC, portionG, targets }: FamilyUsual): string {
  const aims = targetNames.flatMap((name) => {
    const band = targets[name];
    if (!band) return [];
    const words = isBody(name) ? wordsIn(band) : [];
    const said = words.length > 0 ? ` (${words.join(', ')})` : '';
    return [`${targetWords[name].name} ${bandWords(band)}${said}`];
  });
  return `at ${servedAtC} °C, ${portionG} g a portion; ${aims.join(', ')}`;
}
