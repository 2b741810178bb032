import type { Range } from '../../statistics/range';
import { bunched, leafRawYields } from '../rawYields/leafRawYields';
import type { Works } from '../route';
import { boil, left, trim, work } from './steps';

const wild = 'Wild greens: only with certain identity and from clean ground.';
const washed = { label: 'Wash in plenty of water, twice', handsOnMin: 3, handsOnMinPerKg: 10 };

/** What is not leaf is stalk. */
const stalksOf = ({ low, typical, high }: Range): Range => ({
  low: 1 - high,
  typical: 1 - typical,
  high: 1 - low,
});

const picked = Object.fromEntries(
  leafRawYields
    .filter(({ from }) => from === 'bunch')
    .map(({ to, ratio }) => [
      `${to}/bunch`,
      work(
        [
          washed,
          { label: 'Spin and pat dry, pick the leaves', handsOnMin: 2, handsOnMinPerKg: 50 },
        ],
        {
          leftovers: [
            left(
              'stalks',
              null,
              stalksOf(ratio),
              'g',
              2,
              'tender ones into the blend, up to a fifth; the rest to stock',
            ),
          ],
          cautions: to === 'dandelion-leaf' ? [wild] : [],
        },
      ),
    ]),
);

const squeezed = (cautions: string[] = []) =>
  work(
    [
      { label: 'Wash, twice', handsOnMin: 3, handsOnMinPerKg: 10 },
      boil(2, 'Blanch a minute or two'),
      {
        label: 'Into ice water, drain, squeeze hard, chop by knife',
        handsOnMin: 5,
        handsOnMinPerKg: 12,
      },
    ],
    { cautions },
  );

const blanched = work([
  washed,
  boil(1, 'Blanch for seconds'),
  { label: 'Into ice water, squeeze dry, chop by knife', handsOnMin: 5, handsOnMinPerKg: 12 },
]);

/** Ways to make leaves ready. */
export const leafRoutes: Works = {
  'spinach-cooked-squeezed/leaf': squeezed(),
  'nettle-blanched/leaf': squeezed([wild, 'Gloves until they are blanched.']),
  'carrot-tops-blanched/leaf': squeezed(),
  ...picked,
  'rosemary/sprigs': work([trim('Strip the leaves', 200)]),
  'thyme/sprigs': work([trim('Strip the leaves', 200)]),
  ...Object.fromEntries(bunched.map((to) => [`${to}/blanched`, blanched])),
};
