/** What prices are in where nobody has said. */
export const usualCurrency = '€';

/** A sum as it is written: `€ 1.20`. */
export const money = (value: number, currency: string = usualCurrency): string =>
  `${currency} ${value.toFixed(2)}`;
