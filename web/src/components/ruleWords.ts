import type { Role } from '@cobbet/core/larder/ingredient';
import type { Rule, RuleSide } from '@cobbet/core/mix/rule';

const groups: Partial<Record<Role, string>> = {
  legume: 'pulse',
  'nut-seed': 'nuts',
  'nut-butter': 'nut butter',
  green: 'greens',
  herb: 'herbs',
  acid: 'lemon and vinegar',
  vegetable: 'vegetables',
  spice: 'spices',
  'sesame-paste': 'tahini',
};

function sideWords(side: RuleSide, nameOf: (rowId: string) => string): string {
  if ('whole' in side) return 'the whole';
  const names =
    'rows' in side ? side.rows.map(nameOf) : side.roles.map((role) => groups[role] ?? role);
  return [...new Set(names.filter((name) => name !== ''))].join(' and ');
}

const shares: readonly (readonly [number, string])[] = [
  [1 / 4, 'a quarter of'],
  [1 / 3, 'a third of'],
  [1 / 2, 'half of'],
  [2 / 3, 'two thirds of'],
  [3 / 4, 'three quarters of'],
  [1, 'as much as'],
  [2, 'twice'],
];

function timesWords(times: number): string {
  const near = shares.find(([share]) => Math.abs(share - times) < 0.004 * share);
  return near ? near[1] : `${Number(times.toPrecision(3))} ×`;
}

const senses = { equal: '', atLeast: 'at least ', atMost: 'at most ' } as const;

/**
 * A rule as it was understood: `tahini as much as lemon juice`, `salt 9 g a kilo`.
 *
 * @param nameOf what a row is of, by its id
 */
export function ruleWords(
  { of, sense, times, to }: Omit<Rule, 'id'>,
  nameOf: (rowId: string) => string,
) {
  const name = sideWords(of, nameOf);
  if ('whole' in to) {
    const perKilo = times * 1000;
    return `${name} ${senses[sense]}${Number(perKilo.toPrecision(3))} g a kilo`;
  }
  return `${name} ${senses[sense]}${timesWords(times)} ${sideWords(to, nameOf)}`;
}
