import type { Route } from './route';
import { aubergineRoutes } from './routes/aubergineRoutes';
import { dairyRoutes } from './routes/dairyRoutes';
import { fruitRoutes } from './routes/fruitRoutes';
import { leafRoutes } from './routes/leafRoutes';
import { nutRoutes } from './routes/nutRoutes';
import { rootRoutes } from './routes/rootRoutes';
import { vegetableRoutes } from './routes/vegetableRoutes';

/** Ways to make everything but pulses ready; the first of a thing's ways is the usual one. */
export const kitchenRoutes: readonly Route[] = [
  ...fruitRoutes,
  ...aubergineRoutes,
  ...rootRoutes,
  ...vegetableRoutes,
  ...dairyRoutes,
  ...leafRoutes,
  ...nutRoutes,
];
