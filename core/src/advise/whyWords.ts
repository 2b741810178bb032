import type { Ingredient } from '../larder/ingredient';
import type { Miss } from '../mix/figures';
import { isBody, type TargetName } from '../mix/targets';
import type { Proposal } from '../proposal/proposal';
import type { TasteMarks } from '../readings/tastes';
import { type GivenUp, saidFrom } from './justNoticeable';

/** What a figure lacks, in a cook's word; null for what is only moved on the way to something else. */
function lackWord(name: TargetName, miss: number): string | null {
  switch (name) {
    case 'warmBody':
    case 'freshBody':
      return miss > 0 ? 'too loose' : 'too stiff';
    case 'pastaBody':
      return miss > 0 ? 'too loose on hot pasta' : 'too stiff on hot pasta';
    case 'servedBody':
      return miss > 0 ? 'too loose at the table' : 'too stiff at the table';
    case 'chilledBody':
      return miss > 0 ? 'too loose once it is cold' : 'too stiff once it is cold';
    case 'saltG':
      return miss > 0 ? 'short of salt' : 'too salty';
    case 'acidG':
      return miss > 0 ? 'dull' : 'too sharp';
    case 'garlicG':
      return miss > 0 ? 'short of garlic' : 'too garlicky';
    case 'fatG':
    case 'sugarsG':
    case 'heat':
    case 'bitter':
    case 'savoury':
      return null;
    case 'costEur':
      return miss > 0 ? null : 'too dear';
    default:
      return miss > 0 ? 'too little' : 'too much';
  }
}

/** What an ingredient is called in a sentence. */
export const nameOf = ({ name }: Ingredient) => (name.split(',')[0] ?? name).toLowerCase();

/** Whether a name is of many: chickpeas, pine nuts. */
const areMany = (name: string) => /[^su]s$/.test(name);

/** Marks that are words of their own. */
const markWords: readonly (readonly [keyof TasteMarks, 'short' | 'over', string])[] = [
  ['bitter', 'over', 'bitter'],
  ['lean', 'over', 'lean'],
  ['lean', 'short', 'too rich'],
  ['flat', 'over', 'flat'],
];

/** What a bowl lacks, in a cook's words; null where it lacks nothing. */
export function lackWords(lacks: readonly Miss[], tastes: TasteMarks): string | null {
  // a flat bowl is flat, not short of what flat is mended with
  const bySelf = ({ name }: Miss) =>
    tastes.flat !== 'over' ||
    (name === 'saltG' ? tastes.salt : name === 'acidG' ? tastes.sour : 'other') !== undefined;
  const said = lacks.filter(
    // too stiff cold goes without saying where it is too stiff warm
    ({ name, miss }, i) =>
      !isBody(name) ||
      !lacks.slice(0, i).some((one) => isBody(one.name) && one.miss > 0 === miss > 0),
  );
  const words = [
    ...said.filter(bySelf).flatMap(({ name, miss }) => lackWord(name, miss) ?? []),
    ...markWords.flatMap(([taste, verdict, word]) => (tastes[taste] === verdict ? [word] : [])),
  ];
  const last = words.pop();
  if (last === undefined) return null;
  return words.length > 0 ? `${words.join(', ')} and ${last}` : last;
}

/** More and less of a figure, in a cook's words. */
const givenWords: Readonly<Record<GivenUp['name'], readonly [more: string, less: string]>> = {
  freshBody: ['stiffer', 'looser'],
  chilledBody: ['stiffer once it is cold', 'looser once it is cold'],
  saltG: ['saltier', 'less salty'],
  acidG: ['sourer', 'less sour'],
  garlicG: ['more garlicky', 'less garlicky'],
  fatG: ['richer', 'leaner'],
  sugarsG: ['sweeter', 'less sweet'],
  heat: ['hotter', 'less hot'],
  bitter: ['more bitter', 'less bitter'],
  lead: ['stronger in what it is named for', 'weaker in what it is named for'],
};

function given({ name, before, after }: GivenUp): string {
  const decimals = name === 'fatG' || name === 'lead' ? 0 : name.endsWith('Body') ? 1 : 2;
  const [more, less] = givenWords[name];
  const figures = `${before.toFixed(decimals)} → ${after.toFixed(decimals)}`;
  return `${after > before ? more : less}: ${figures}`;
}

/** What a step is said of. */
export interface Said {
  /** What the bowl lacks now. */
  lacks: readonly Miss[];
  added: readonly Ingredient[];
  /** How many of the lacks each addition moves the right way, by place. */
  solves: readonly number[];
  tastes: TasteMarks;
  /** How it is mended where that is not the figure itself. */
  by: string | null;
  gives: readonly GivenUp[];
  proposal: Pick<Proposal, 'misses'>;
}

/**
 * Why a step is advised: what it gives up, what the bowl lacks, and what puts it right; that it does only where everything wanted is
 * met then, else what stays wrong.
 */
export function whyWords({ lacks, added, solves, tastes, by, gives, proposal }: Said): string {
  const bowl = lackWords(lacks, tastes);
  const names = added.map(nameOf);
  const [first = 'nothing'] = names;
  const told = gives.filter(({ times }) => times >= saidFrom);
  const price = told.length > 0 ? `It will be ${told.map(given).join(', ')}. ` : '';
  const lead = `${price}${bowl ? `It is ${bowl}: ` : ''}`;
  const all =
    names.length === 1
      ? first
      : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''} together`;
  if (proposal.misses.length > 0) {
    const stays = lackWords(proposal.misses, {});
    const makes = names.length === 1 && !areMany(first) ? 'makes' : 'make';
    return `${lead}${all} ${makes} it better${stays ? `; it stays ${stays}` : ', not right'}.`;
  }
  if (by !== null) return `${lead}${all}; ${by}.`;
  if (names.length > 1) return `${lead}${all}.`;
  const many = areMany(first);
  const both = many ? 'do both' : 'does both';
  return `${lead}${first} ${(solves[0] ?? 0) > 1 ? both : many ? 'put it right' : 'puts it right'}.`;
}
