/** A record or file of some version, before it is checked. */
type Loose = Record<string, unknown>;

/** One step between versions of the dip record, either way. */
export interface Migration {
  name: string;
  /** The version it starts from; it leads to the next one. */
  from: number;
  up(dip: Loose): Loose;
  down(dip: Loose): Loose;
}

/** Version of records and of the book file. */
export const bookVersion = 2;

/**
 * Steps in order. Version 1 had one wanted body for a dip, meant cold; since version 2 a dip has a band for every
 * target, warm and cold apart.
 */
export const migrations: readonly Migration[] = [
  {
    name: 'one wanted body becomes a target for each temperature',
    from: 1,
    up({ targetBody, ...dip }) {
      const pair = Array.isArray(targetBody) ? (targetBody as unknown[]) : null;
      const targets = pair ? { chilledBody: { low: pair[0] ?? null, high: pair[1] ?? null } } : {};
      return { ...dip, targets };
    },
    down({ targets, ...dip }) {
      const band = (targets as Record<string, { low: unknown; high: unknown }> | undefined)?.[
        'chilledBody'
      ];
      return { ...dip, targetBody: band ? [band.low, band.high] : null };
    },
  },
];

/**
 * Brings a dip record from an older version to the present one.
 *
 * @param dip as stored
 * @param from its version, 1–bookVersion
 * @throws RangeError for a version no step starts from
 */
export function migrateDip(dip: Loose, from: number): Loose {
  let record = dip;
  for (let version = from; version < bookVersion; version += 1) {
    const step = migrations.find((one) => one.from === version);
    if (!step) throw new RangeError(`there is no way on from version ${version}`);
    record = step.up(record);
  }
  return record;
}
