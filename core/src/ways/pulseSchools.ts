import type { RawWay } from '../prepare/rawWay';
import type { ReadRow } from '../dip/readRow';
import { routesTo } from '../prepare/prepare';
import { pulseOfIngredient } from '../prepare/pulses';
import { takesUp } from '../prepare/takenUp';
import { methodOf } from '../prepare/usualWay';
import {
  type Asked,
  type School,
  school,
  withIngredient,
  withRaw,
  withRows,
  wayOf,
} from './school';

/** A usual pinch in the pot, g a litre. */
const potSaltG = 10;

const isPulse = ({ ingredient }: ReadRow) => ingredient?.role === 'legume';
const isDried = (read: ReadRow) => isPulse(read) && wayOf(read)?.from === 'dried';

/** The dried form of a row's pulse and the way it is given, whatever it is now. */
function asDried(read: ReadRow, soak: 'overnight' | 'hot') {
  const { ingredient } = read;
  if (!ingredient) return null;
  const id = ingredient.cookedAs ?? read.row.ingredientId;
  const kind = { kind: ingredient.cookedAs ?? ingredient.kind };
  const dries = routesTo(kind).some(({ from }) => from === 'dried');
  return dries && (pulseOfIngredient(kind)?.soakH ?? 0) > 0
    ? { id, way: { ...(isDried(read) ? wayOf(read) : {}), from: 'dried', soak } as RawWay }
    : null;
}

function kinds(asked: Asked): School[] {
  const dryable = (read: ReadRow) => isPulse(read) && asDried(read, 'overnight') !== null;
  if (!asked.rows.some(dryable)) return [];
  const soaked = (soak: 'overnight' | 'hot', name: string) => ({
    id: soak,
    name,
    now: asked.rows
      .filter(dryable)
      .every((read) => isDried(read) && methodOf(wayOf(read) ?? { from: '' }).soak === soak),
    dip: withRows(asked, dryable, (row, read) => {
      const dried = asDried(read, soak);
      if (!dried) return row;
      const same = dried.id === row.ingredientId;
      return withRaw(same ? row : withIngredient(row, dried.id, read.massG), dried.way);
    }),
  });
  const cannable = ({ ingredient }: ReadRow) => Boolean(ingredient?.cannedAs);
  const cans = asked.rows.filter(dryable).some(({ ingredient }) => ingredient?.cookedAs);
  const canned =
    cans || asked.rows.some(cannable)
      ? [
          {
            id: 'can',
            name: 'canned',
            now: cans,
            dip: withRows(asked, cannable, (row, { ingredient, massG }) =>
              withRaw(withIngredient(row, ingredient?.cannedAs ?? row.ingredientId, massG), {
                from: 'can',
              }),
            ),
          },
        ]
      : [];
  return [
    school(
      'pulses',
      'Where do the pulses come from?',
      'Dried and soaked taste most of themselves; a hot soak is ready the same day; cans are soonest and bring salt.',
      [soaked('overnight', 'soaked overnight'), soaked('hot', 'hot-soaked an hour'), ...canned],
    ),
  ];
}

/** A question of yes or no about how dried pulses are made ready. */
function yesNo(
  asked: Asked,
  picks: (read: ReadRow) => boolean,
  id: string,
  question: string,
  why: string,
  names: readonly [string, string],
  is: (way: RawWay) => boolean,
  change: (way: RawWay, yes: boolean) => RawWay,
): School[] {
  const rows = asked.rows.filter((read) => picks(read) && wayOf(read) !== null);
  if (rows.length === 0) return [];
  return [
    school(
      id,
      question,
      why,
      [true, false].map((yes) => ({
        id: yes ? 'yes' : 'no',
        name: yes ? names[0] : names[1],
        now: rows.every((read) => is(wayOf(read) ?? { from: '' }) === yes),
        dip: withRows(asked, picks, (row, read) => {
          const way = wayOf(read);
          return way ? withRaw(row, change(way, yes)) : row;
        }),
      })),
    ),
  ];
}

/** Questions about a dip's pulses: where from, soda, skins, salt in the pot. */
export function pulseSchools(asked: Asked): School[] {
  const skinned = (read: ReadRow) => isPulse(read) && /^(dried|can)$/.test(wayOf(read)?.from ?? '');
  return [
    ...kinds(asked),
    ...yesNo(
      asked,
      isDried,
      'soda',
      'Soda in the pot?',
      'A small dose softens skins and shortens the pot; too much tastes of soap.',
      ['a little', 'none'],
      (way) => methodOf(way).soda,
      (way, soda) => ({ ...way, soda }),
    ),
    ...yesNo(
      asked,
      skinned,
      'skins',
      'The skins?',
      'Rubbed off it is silkier, at the price of standing over a bowl.',
      ['rubbed off', 'left on'],
      (way) => way.skinsOff === true,
      ({ skinsOff: _old, ...way }, off) => (off ? { ...way, skinsOff: true } : way),
    ),
    ...yesNo(
      asked,
      (read) =>
        isPulse(read) &&
        read.ingredient !== null &&
        takesUp(read.ingredient, wayOf(read) ?? { from: '' }).pot,
      'pot-salt',
      'Salt in the pot?',
      'Salted through, and no harder for it; what they take up counts in the salt.',
      [`${potSaltG} g a litre`, 'none'],
      (way) => (way.saltG ?? 0) > 0,
      ({ saltG: _old, ...way }, salted) => (salted ? { ...way, saltG: potSaltG } : way),
    ),
  ];
}
