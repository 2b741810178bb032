import type { TableKind } from '@cobbet/core/carry/bookTable';

/** Tables as a cook calls them. */
export const tableNames: Readonly<Record<TableKind, string>> = {
  trials: 'Trials',
  readings: 'Readings',
  tastings: 'Tastings, every mark',
  larder: 'The larder',
  prices: 'Prices',
  stock: 'What is in the house',
};
