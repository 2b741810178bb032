import { type Row, type Tasting, tastingOf } from '../dip/dip';
import { partOf, type ReadRow } from '../dip/readRow';
import { fridgeDays, keptDays } from '../safety/fridgeDays';
import { fuzzyVolumesMl } from '../amounts/amount';
import { isWeighed } from '../amounts/isWeighed';
import { measure, nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import { printAmount, printGrams } from '../amounts/printAmount';
import { type Asked, type School, school, withRows } from './school';

const tastingNames: Record<Tasting, string> = {
  end: 'once, at the end',
  each: 'after each addition',
  cold: 'at the end and again cold',
};

function tasting({ dip }: Asked): School[] {
  return [
    school(
      'tasting',
      'When is it tasted?',
      'Once before the bowl is emptied, and once cold: cold tastes less salty and less sour, and garlic grows.',
      (['cold', 'end', 'each'] as const).map((id) => ({
        id,
        name: tastingNames[id],
        now: tastingOf(dip) === id,
        dip: { ...dip, tasting: id },
      })),
    ),
  ];
}

function goingIn({ dip, rows }: Asked): School[] {
  if (rows.filter(({ row, massG }) => row.place === 'bowl' && massG > 0).length < 3) return [];
  const { atOnce, ...method } = dip.method;
  return [
    school(
      'going-in',
      'How does it go in?',
      'One after another shows where it seizes and is corrected on the way; all at once is quicker, and the machine meets nothing but the whole.',
      [
        { id: 'steps', name: 'one after another', now: !atOnce, dip: { ...dip, method } },
        {
          id: 'at-once',
          name: 'everything at once, then run',
          now: atOnce === true,
          dip: { ...dip, method: { ...method, atOnce: true } },
        },
      ],
    ),
  ];
}

function keeping({ dip, rows }: Asked): School[] {
  const parts = rows.flatMap((read) => partOf(read) ?? []);
  const days = fridgeDays(dip.family, parts);
  const now = keptDays(dip, parts);
  const options = [
    { id: 'least', name: `${days.least} days`, keepDays: days.least },
    { id: 'usual', name: `${days.usual} days, the usual`, keepDays: days.usual },
    { id: 'most', name: `${days.most} days, the longest practised`, keepDays: days.most },
  ];
  return [
    school(
      'keeping',
      'How long is it kept?',
      `${days.usual} days at 4 °C or below is the cautious end for ${days.because}. Local codes come first; longer is for who has a licensed process.`,
      options
        .filter(({ keepDays, id }) => id === 'usual' || keepDays !== days.usual)
        .map(({ id, name, keepDays }) => ({
          id,
          name,
          now: now === keepDays,
          dip: { ...dip, keepDays },
        })),
    ),
  ];
}

/** By eye: what is poured in splashes and glugs, what is taken in pinches. */
function byEye({ ingredient, massG }: ReadRow): string | null {
  if (!ingredient) return null;
  const ml = massG / ingredient.densityGPerMl;
  const unit =
    ingredient.role === 'oil'
      ? 'glug'
      : ingredient.role === 'liquid' || ingredient.role === 'acid'
        ? 'splash'
        : ingredient.role === 'salt' || ingredient.role === 'spice'
          ? 'pinch'
          : null;
  if (!unit) return null;
  const times = Math.max(0.5, Math.round((2 * ml) / fuzzyVolumesMl[unit]) / 2);
  return printAmount({ kind: 'measured', terms: [measure(times, unit)] });
}

const fuzzy = new RegExp(`\\b(${Object.keys(fuzzyVolumesMl).join('|')})`);

function measuring(asked: Asked): School[] {
  const measured = (read: ReadRow) =>
    read.massG > 0 && read.ingredient !== null && read.fromRaw === null;
  const rows = asked.rows.filter(measured);
  if (rows.length === 0) return [];
  const kindOf = ({ row }: ReadRow) =>
    fuzzy.test(row.amount) ? 'eye' : isWeighed(row.amount) ? 'weighed' : 'spoons';
  const kinds = new Set(rows.map(kindOf));
  const allByEye =
    kinds.has('eye') && rows.every((read) => kindOf(read) === 'eye' || byEye(read) === null);
  const written = (amount: (read: ReadRow) => string | null) =>
    withRows(asked, measured, (row: Row, read) => ({ ...row, amount: amount(read) ?? row.amount }));
  const spooned = (read: ReadRow) =>
    kindOf(read) === 'spoons' || !read.ingredient
      ? null
      : nearestKitchenMeasure(read.massG, read.ingredient, asked.kitchen.measures).text;
  return [
    school(
      'measuring',
      'How are amounts measured?',
      'Each has its uncertainty: a scale is within a hundredth, a level spoon within a twelfth, a splash by eye within half.',
      [
        {
          id: 'weighed',
          name: 'weighed',
          now: kinds.size === 1 && kinds.has('weighed'),
          dip: written((read) => (kindOf(read) === 'weighed' ? null : printGrams(read.massG))),
        },
        {
          id: 'spoons',
          name: 'spoons and cups',
          now: !kinds.has('weighed') && !allByEye,
          dip: written(spooned),
        },
        {
          id: 'eye',
          name: 'splashes and pinches by eye',
          now: allByEye,
          dip: written((read) => (kindOf(read) === 'eye' ? null : (byEye(read) ?? spooned(read)))),
        },
      ],
    ),
  ];
}

/** Questions about habits: whether it goes in one by one, when it is tasted, how amounts are measured, how long it is kept. */
export function habitSchools(asked: Asked): School[] {
  if (asked.rows.length === 0) return [];
  return [...goingIn(asked), ...tasting(asked), ...measuring(asked), ...keeping(asked)];
}
