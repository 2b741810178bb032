import type { Works } from './route';
import { aubergineRoutes } from './routes/aubergineRoutes';
import { dairyRoutes } from './routes/dairyRoutes';
import { fruitRoutes } from './routes/fruitRoutes';
import { leafRoutes } from './routes/leafRoutes';
import { nutRoutes } from './routes/nutRoutes';
import { rootRoutes } from './routes/rootRoutes';
import { vegetableRoutes } from './routes/vegetableRoutes';

/** What it takes to make everything but pulses ready. */
export const kitchenWork: Works = {
  ...fruitRoutes,
  ...aubergineRoutes,
  ...rootRoutes,
  ...vegetableRoutes,
  ...dairyRoutes,
  ...leafRoutes,
  ...nutRoutes,
};
