import type { Ingredient } from '../larder/ingredient';
import type { TasteMarks } from '../readings/tastes';
import type { TargetName } from '../mix/targets';

/** What a figure lacks, in a cook's word. */
function lackWord(name: TargetName, miss: number): string {
  switch (name) {
    case 'freshBody':
      return miss > 0 ? 'too loose' : 'too stiff';
    case 'chilledBody':
      return miss > 0 ? 'too loose once it is cold' : 'too stiff once it is cold';
    case 'saltG':
      return miss > 0 ? 'short of salt' : 'too salty';
    case 'acidG':
      return miss > 0 ? 'dull' : 'too sharp';
    case 'garlicG':
      return miss > 0 ? 'short of garlic' : 'too garlicky';
    default:
      return miss > 0 ? 'too little' : 'too much';
  }
}

const nameOf = ({ name }: Ingredient) => (name.split(',')[0] ?? name).toLowerCase();

/** What a bowl lacks, in a cook's words; null where it lacks nothing. */
export function lackWords(
  lacks: readonly { name: TargetName; miss: number }[],
  tastes: TasteMarks,
): string | null {
  const said = lacks.filter(
    // too stiff cold goes without saying where it is too stiff warm
    ({ name, miss }) =>
      name !== 'chilledBody' ||
      !lacks.some((one) => one.name === 'freshBody' && one.miss > 0 === miss > 0),
  );
  const words = said.map(({ name, miss }) => lackWord(name, miss));
  if (tastes.lean === 'over') words.push('lean');
  if (tastes.flat === 'over') words.push('flat');
  const last = words.pop();
  if (last === undefined) return null;
  return words.length > 0 ? `${words.join(', ')} and ${last}` : last;
}

/**
 * Why a step is advised: what the bowl lacks, and what puts it right.
 *
 * @param solves how many of the lacks each addition moves the right way, by place
 */
export function whyWords(
  lacks: readonly { name: TargetName; miss: number }[],
  added: readonly Ingredient[],
  solves: readonly number[],
  tastes: TasteMarks,
): string {
  const bowl = lackWords(lacks, tastes);
  const names = added.map(nameOf);
  const [first = 'nothing'] = names;
  const lead = bowl ? `It is ${bowl}: ` : '';
  if (names.length === 1) {
    return `${lead}${first} ${(solves[0] ?? 0) > 1 ? 'does both' : 'puts it right'}.`;
  }
  return `${lead}${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''} together.`;
}
