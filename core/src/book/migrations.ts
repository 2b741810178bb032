import type { TableName } from './book';
import { bookVersion } from './bookVersion';
import { defaultKit } from '../kitchen/kit';
import { type Run } from './run';
import { entriesOf } from './runEvents';

/** A record of some version, before it is checked. */
type Loose = Record<string, unknown>;
type Step = (record: Loose) => Loose;

/** One step between versions, either way, for the tables it changes. */
export interface Migration {
  name: string;
  /** The version it starts from; it leads to the next one. */
  from: number;
  up: Partial<Record<TableName, Step>>;
  down: Partial<Record<TableName, Step>>;
}

const listOf = (value: unknown): Loose[] => (Array.isArray(value) ? (value as Loose[]) : []);

/** Readings were looks at the spoon only; since version 3 they can be ring and press tests, and can be left out. */
const readingsUp: Step = (record) => ({
  ...record,
  readings: listOf(record['readings']).map(({ kind: _kind, word, ...rest }) => ({
    taken: { eye: word },
    ...rest,
    leftOut: false,
  })),
});

const readingsDown: Step = (record) => ({
  ...record,
  readings: listOf(record['readings']).flatMap(({ taken, leftOut: _out, ...rest }) => {
    const word = (taken as Loose | undefined)?.['eye'];
    return word === undefined ? [] : [{ kind: 'eye', word, ...rest }];
  }),
});

/** What a row took up while it was made ready is known since version 5. */
const rowsDown = (rows: unknown) =>
  listOf(rows).map(({ raw, ...row }) => {
    if (raw === undefined || raw === null) return raw === null ? { ...row, raw } : row;
    const { saltG: _s, stalkShare: _t, wet: _w, skinsOff: _o, ...way } = raw as Loose;
    return { ...row, raw: way };
  });

const outcomeDown: Step = ({ gates: _g, base: _b, atHand: _a, ...record }) => ({
  ...record,
  readings: listOf(record['readings']).map(({ after: _after, ...reading }) => reading),
  tastes: Object.fromEntries(
    Object.entries(record['tastes'] ?? {}).filter(([taste]) => !/^(lean|flat)$/.test(taste)),
  ),
});

const madeByNobody: Step = ({ madeBy: _madeBy, ...record }) => record;

const plainMethod: Step = (record) => {
  const { streamed: _s, minutes: _m, ...method } = (record['method'] ?? {}) as Loose;
  return record['method'] === undefined ? record : { ...record, method };
};

/** Blended at this, °C, stood in every record where nobody had said anything. */
const unsaidC = 32;

const unsaidWarmth: Step = (record) => {
  const method = record['method'] as Loose | undefined;
  if (method?.['blendC'] !== unsaidC) return record;
  const { blendC: _unsaid, ...rest } = method;
  return { ...record, method: rest };
};

const saidWarmth: Step = (record) =>
  record['method'] === undefined
    ? record
    : { ...record, method: { blendC: unsaidC, ...(record['method'] as Loose) } };

const withoutAtC = ({ atC: _atC, ...row }: Loose): Loose => row;

const rowsWithoutAtC: Step = (record) =>
  record['rows'] === undefined
    ? record
    : { ...record, rows: listOf(record['rows']).map(withoutAtC) };

const oldTastes = /^(salt|sour|garlic|bitter|lean|flat)$/;
const knownTastes = (marks: unknown) =>
  Object.fromEntries(Object.entries(marks ?? {}).filter(([taste]) => oldTastes.test(taste)));

/** Marks of tastes that version 10 did not know go; so does what was said of a run beside what went in. */
const tastesDown: Step = (record) => ({
  ...record,
  ...(record['tastes'] === undefined ? {} : { tastes: knownTastes(record['tastes']) }),
  ...(record['tastedAfter'] === undefined
    ? {}
    : { tastedAfter: knownTastes(record['tastedAfter']) }),
  ...(record['gates'] === undefined
    ? {}
    : {
        gates: listOf(record['gates']).map((gate) => ({
          ...gate,
          tastes: knownTastes(gate['tastes']),
        })),
      }),
});

/** Events as version 10 had them: the rest of an addition, once it went in, is an addition nobody planned. */
function eventsDown(events: unknown): Loose[] {
  const all = listOf(events);
  const went = new Map(all.filter(({ kind }) => kind === 'in').map((one) => [one['entry'], one]));
  const rest = new Set(all.flatMap(({ kind, entry }) => (kind === 'kept back' ? [entry] : [])));
  return all.flatMap(({ of: _of, instead: _instead, ...event }): Loose[] => {
    const { kind, entry } = event;
    if (kind === 'kept back') {
      const into = went.get(entry);
      if (!into) return [];
      const { amount, massG, cv, at } = into;
      const row = { ...(event['row'] as Loose), planned: null, amount, massG, cv };
      return [{ ...event, kind: 'added', row, at }];
    }
    const known = kind === 'in' || kind === 'left out' || kind === 'added';
    return known && !rest.has(entry) ? [event] : [];
  });
}

/** Steps in order. */
export const migrations: readonly Migration[] = [
  {
    name: 'one wanted body becomes a target for each temperature',
    from: 1,
    up: {
      dips: ({ targetBody, ...dip }) => {
        const pair = Array.isArray(targetBody) ? (targetBody as unknown[]) : null;
        const targets = pair
          ? { chilledBody: { low: pair[0] ?? null, high: pair[1] ?? null } }
          : {};
        return { ...dip, targets };
      },
    },
    down: {
      dips: ({ targets, ...dip }) => {
        const band = (targets as Record<string, { low: unknown; high: unknown }> | undefined)?.[
          'chilledBody'
        ];
        return { ...dip, targetBody: band ? [band.low, band.high] : null };
      },
    },
  },
  {
    name: 'readings by ring and press, and the kitchen’s kit',
    from: 2,
    up: {
      trials: readingsUp,
      runs: readingsUp,
      settings: (settings) => ({ ...settings, kit: defaultKit }),
    },
    down: {
      trials: readingsDown,
      runs: readingsDown,
      settings: ({ kit: _kit, ...settings }) => settings,
    },
  },
  {
    name: 'days are planned; rows can say how they are made ready',
    from: 3,
    up: {},
    down: {
      dips: (dip) => ({
        ...dip,
        rows: listOf(dip['rows']).map(({ raw: _raw, ...row }) => row),
      }),
    },
  },
  {
    name: 'what is taken up and left over; runs that are split, read on the way and tasted at the gate',
    from: 4,
    up: {},
    down: {
      dips: (dip) => ({ ...dip, rows: rowsDown(dip['rows']) }),
      trials: (trial) => ({
        ...outcomeDown(trial),
        rows: listOf(trial['rows']).map(({ raw: _raw, ...row }) => row),
      }),
      runs: (run) => ({
        ...outcomeDown(run),
        entries: listOf(run['entries']).map((entry) => {
          const { raw: _raw, ...planned } = entry['planned'] as Loose;
          return { ...entry, planned };
        }),
      }),
    },
  },
  {
    name: 'when a dip is tasted and how long it is kept; how additions are worked in; a bowl with targets of its own',
    from: 5,
    up: {},
    down: {
      dips: ({ tasting: _t, keepDays: _k, ...dip }) => ({
        ...dip,
        rows: listOf(dip['rows']).map(({ worked: _w, ...row }) => row),
      }),
      runs: ({ targets: _t, ...run }) => ({
        ...run,
        entries: listOf(run['entries']).map(({ worked: _w, ...entry }) => entry),
      }),
    },
  },
  {
    name: 'days know their time zone',
    from: 6,
    up: {},
    down: { plans: ({ zone: _z, ...plan }) => plan },
  },
  {
    name: 'what the cook meant by words that could be several foods',
    from: 7,
    up: {},
    down: { settings: ({ picked: _p, ...settings }) => settings },
  },
  {
    name: 'a run is what was planned and what happened; a method says whether oil was streamed and how long nuts were run; how long what is in a dip lets it be kept',
    from: 8,
    up: {
      runs: ({ entries, ...run }) => ({
        ...run,
        plan: listOf(entries).map(({ done: _d, skipped: _s, ...planned }) => planned),
        events: listOf(entries).flatMap(({ rowId, done, skipped }): Loose[] => {
          if (done) return [{ kind: 'in', entry: rowId, ...(done as Loose) }];
          return skipped ? [{ kind: 'left out', entry: rowId, at: null }] : [];
        }),
      }),
    },
    down: {
      larder: ({ keepsDays: _k, hazards, ...one }) => ({
        ...one,
        ...(Array.isArray(hazards)
          ? { hazards: hazards.filter((name) => name !== 'raw-in-oil' && name !== 'smoked-fish') }
          : {}),
      }),
      dips: plainMethod,
      trials: plainMethod,
      runs: ({ plan, events, ...run }) => ({
        ...plainMethod(run),
        // as sound as a record of this version is
        entries: entriesOf({ plan, events } as Pick<Run, 'plan' | 'events'>),
      }),
    },
  },
  {
    name: 'how warm things go in and come out is worked out, where nobody says',
    from: 9,
    up: { dips: unsaidWarmth, runs: unsaidWarmth },
    down: {
      larder: ({ stored: _stored, ...one }) => one,
      dips: (dip) => rowsWithoutAtC(saidWarmth(dip)),
      trials: (trial) => rowsWithoutAtC(saidWarmth(trial)),
      runs: (run) => {
        const rowWithout = (key: 'planned' | 'row') => (one: Loose) =>
          one[key] === undefined ? one : { ...one, [key]: withoutAtC(one[key] as Loose) };
        const { plan, events, tastedAfter: _then, ...rest } = saidWarmth(run);
        return {
          ...rest,
          ...(plan === undefined ? {} : { plan: listOf(plan).map(rowWithout('planned')) }),
          ...(events === undefined ? {} : { events: listOf(events).map(rowWithout('row')) }),
        };
      },
    },
  },
  {
    name: 'what happened at the bowl is kept whole, with reasons; what was expected stays as it was said; more tastes',
    from: 10,
    up: {},
    down: {
      trials: ({ made: _made, expected: _said, ...trial }) => tastesDown(trial),
      runs: (run) => ({
        ...tastesDown(run),
        ...(run['events'] === undefined ? {} : { events: eventsDown(run['events']) }),
      }),
    },
  },
  {
    name: 'swaps are kept, with why and how they were; what may not be swapped',
    from: 11,
    up: {},
    down: {
      dips: (dip) => ({
        ...dip,
        ...(dip['rows'] === undefined
          ? {}
          : { rows: listOf(dip['rows']).map(({ noSubstitute: _none, ...row }) => row) }),
      }),
    },
  },
  {
    name: 'what a variant has seen of its base, whether it follows it; sources; reasons in own words; seasons',
    from: 12,
    up: {},
    down: {
      dips: ({ seen: _seen, follows: _follows, source: _source, ...dip }) => dip,
      swaps: ({ whyWords: _words, ...swap }) => swap,
      larder: ({ season: _season, ...one }) => one,
    },
  },
  {
    name: 'rules that hold between rows; rows that are left open; how a base was made when its variant last saw it; batches, containers, prices; saturated fat and packs',
    from: 13,
    up: {},
    down: {
      dips: ({ rules: _rules, seenAs: _as, ...dip }) => ({
        ...dip,
        ...withoutOpen(dip, 'rows'),
        ...withoutOpen(dip, 'seen'),
      }),
      settings: ({ currency: _currency, ...settings }) => settings,
      larder: ({ saturatesG: _saturates, soldAs: _sold, ...one }) => one,
    },
  },
  {
    name: 'things made here go into dips, and so do dips; what was taken out of a pot',
    from: 14,
    up: {},
    down: {
      dips: ({ goesIn: _goes, ...dip }) => dip,
      settings: ({ rates: _rates, ownSheet: _sheet, ...settings }) => settings,
      batches: ({
        thing: _thing,
        workMin: _work,
        tastings: _times,
        cooledMin: _cooled,
        ...batch
      }) => ({
        ...batch,
        pots: listOf(batch['pots']).map(({ taken: _taken, ...pot }) => {
          const gone = pot['gone'] as Loose | null;
          return gone?.['how'] === 'used' ? { ...pot, gone: { ...gone, how: 'eaten' } } : pot;
        }),
      }),
    },
  },
  {
    name: 'moments of use, how long after the machine; any figure as a target; everything in at once',
    from: 15,
    up: {},
    down: {
      dips: ({ moments: _moments, servedAfterMin: _after, ...dip }) => {
        const seen = dip['seenAs'] as Loose | undefined;
        return {
          ...oneByOne(dip),
          ...withOldTargets(dip),
          ...(seen === undefined ? {} : { seenAs: { ...oneByOne(seen), ...withOldTargets(seen) } }),
        };
      },
      runs: (run) => ({ ...oneByOne(run), ...withOldTargets(run) }),
      trials: oneByOne,
    },
  },
  {
    name: 'tastings by several people, trials on purpose, and what is usual here',
    from: 16,
    up: {},
    down: {
      settings: ({ tasteSince: _since, tasteFades: _fades, ...settings }) => settings,
    },
  },
  {
    name: 'practice bowls, ladders of one thing, trials on purpose by days and as they were made; batches made again',
    from: 17,
    up: {},
    down: {
      designs: (design) => ({
        ...design,
        trials: listOf(design['trials']).map(({ day: _day, made: _made, ...trial }) => trial),
      }),
      batches: ({ again: _again, ...batch }) => batch,
    },
  },
  {
    name: 'pictures; where a book comes from and who changed what',
    from: 18,
    up: {},
    down: {},
  },
  {
    name: 'trials on purpose have several responses, and figures varied beside the mixture; bowls know who made them',
    from: 19,
    up: { designs: designUp },
    down: { designs: designDown, trials: madeByNobody, runs: madeByNobody },
  },
];

/** Until version 19 trials on purpose were marked by one thing, more of it being better; likings of tastings came to what was called so. */
function designUp(record: Loose): Loose {
  const { response: name, ...design } = record;
  const { cut, trials } = design;
  // what is none is left for the check, which says so
  if (typeof name !== 'string' || !Array.isArray(cut) || !Array.isArray(trials)) return record;
  const liking = name.trim().toLowerCase() === 'liking';
  const marked = ({ y, ...trial }: Loose) =>
    y === undefined ? trial : { ...trial, marks: y === null ? {} : { [name]: y } };
  return {
    ...design,
    responses: [{ name, goal: 'more', ...(liking ? { from: 'likings' } : {}) }],
    cut: cut.map((shares: unknown) => ({ shares })),
    trials: listOf(trials).map(marked),
  };
}

function designDown({ responses, varies: _varies, ...design }: Loose): Loose {
  const response = String(listOf(responses)[0]?.['name']);
  return {
    ...design,
    response,
    cut: listOf(design['cut']).map(({ shares }) => shares),
    trials: listOf(design['trials']).map(({ marks, levels: _levels, ...trial }) => ({
      ...trial,
      y: (marks as Loose)[response] ?? null,
    })),
  };
}

/** Until version 15 everything went in one after another. */
function oneByOne(record: Loose): Loose {
  const { atOnce: _atOnce, ...method } = (record['method'] ?? {}) as Loose;
  return record['method'] === undefined ? record : { ...record, method };
}

/** What could be aimed at until version 15. */
const oldTargets = /^(freshBody|chilledBody|saltG|acidG|garlicG|massG|volumeMl)$/;

/** The targets of a record that were known then; nothing where it has none. */
function withOldTargets(record: Loose): Loose {
  if (record['targets'] === undefined) return {};
  const known = Object.entries(record['targets'] as Loose).filter(([name]) =>
    oldTargets.test(name),
  );
  return { targets: Object.fromEntries(known) };
}

/** A list of rows of a dip without what they are open to; nothing where the dip has no such list. */
function withoutOpen(dip: Loose, list: 'rows' | 'seen'): Loose {
  if (dip[list] === undefined) return {};
  return { [list]: listOf(dip[list]).map(({ open: _open, ...row }) => row) };
}

/**
 * Brings a record from an older version to the present one.
 *
 * @param table where it belongs
 * @param record as stored
 * @param from its version, 1–bookVersion
 * @throws RangeError for a version no step starts from
 */
export function migrateRecord(table: TableName, record: Loose, from: number): Loose {
  let at = record;
  for (let version = from; version < bookVersion; version += 1) {
    const step = migrations.find((one) => one.from === version);
    if (!step) throw new RangeError(`there is no way on from version ${version}`);
    at = step.up[table]?.(at) ?? at;
  }
  return at;
}
