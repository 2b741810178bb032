import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import {
  discrimination,
  type Discrimination,
  type TestKind,
  testKinds,
} from '../taste/discrimination';
import type { TasteAnswer } from '../taste/panel';
import { fewWords, panelResult, type PanelResult, type Shift } from '../taste/panelResult';
import { leastShown, neededCorrect, tastersNeeded } from '../taste/panelSize';
import { servingPlan } from '../taste/servingOrders';

const most = { samples: 8, tasters: 200 } as const;

interface TasteRequest {
  samples: string[];
  answers: TasteAnswer[];
  tests: { kind: TestKind; n: number; correct: number }[];
}

const name = Joi.string().min(1).max(120);

const tasteSchema = Joi.object<TasteRequest>({
  samples: Joi.array().items(name).unique().max(most.samples).default([]),
  answers: Joi.array()
    .items(
      Joi.object({
        taster: name.required(),
        sample: name.required(),
        liking: Joi.number().integer().min(1).max(9),
        jar: Joi.object().pattern(name, Joi.number().integer().min(1).max(5)),
        words: Joi.array().items(name).max(40),
      }),
    )
    .max(most.samples * most.tasters)
    .default([]),
  tests: Joi.array()
    .items(
      Joi.object({
        kind: Joi.string()
          .valid(...testKinds)
          .required(),
        n: Joi.number().integer().min(1).max(10_000).required(),
        correct: Joi.number().integer().min(0).required(),
      }),
    )
    .max(40)
    .default([]),
}).required();

/** What a tasting says. */
export interface TasteAnswered extends Omit<PanelResult, 'friedman'> {
  /** Left out where there is nothing to compare. */
  friedman?: PanelResult['friedman'];
  tests: Discrimination[];
}

/**
 * What a panel's marks and tests say, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function tasteRequest(value: unknown): TasteAnswered {
  const { samples, answers, tests } = checked(tasteSchema, value);
  if (new Set(answers.map(({ taster }) => taster)).size > most.tasters) {
    throw new BadInput('answers', `More than ${most.tasters} tasters are no panel.`);
  }
  const seen = new Set<string>();
  answers.forEach(({ taster, sample }, i) => {
    if (!samples.includes(sample)) {
      throw new BadInput(`answers[${i}].sample`, `“${sample}” is none of the samples.`);
    }
    const key = `${taster}\n${sample}`;
    if (seen.has(key)) {
      throw new BadInput(`answers[${i}]`, `${taster} has marked ${sample} already.`);
    }
    seen.add(key);
  });
  tests.forEach(({ n, correct }, i) => {
    if (correct > n) {
      throw new BadInput(`tests[${i}].correct`, `That is more than the ${n} who were asked.`);
    }
  });
  const { friedman, ...result } = panelResult(samples, answers);
  const few = fewWords(new Set(answers.map(({ taster }) => taster)).size);
  const noted = ({ why, ...shift }: Shift) => ({
    ...shift,
    why: few === '' ? why : `${why}; ${few}`,
  });
  return {
    ...result,
    shifts: result.shifts.map(noted),
    ...(friedman ? { friedman } : {}),
    tests: tests.map(({ kind, n, correct }) => discrimination(kind, n, correct)),
  };
}

const planSchema = Joi.object<{ samples: number; tasters: number; seed: number; each?: number }>({
  samples: Joi.number().integer().min(1).max(most.samples).required(),
  tasters: Joi.number().integer().min(1).max(most.tasters).required(),
  each: Joi.number().integer().min(1).max(Joi.ref('samples')),
  seed: Joi.number().integer().min(0).max(2_147_483_647).default(1),
}).required();

/** Codes by sample, counted from one, and for each taster the codes in serving order. */
export interface TastePlanned {
  codes: Record<string, string>;
  orders: string[][];
  /** What so many tasters can show with each kind of question, at 5 % and four times in five. */
  shows: Record<TestKind, Shown>;
}

/** What a question can show. */
interface Shown {
  /** Right answers that are needed; null where so few can show nothing. */
  correct: number | null;
  /** Least share of people who must notice a difference for it to be found, 0–1. */
  noticing: number | null;
  /** Tasters it takes to find what half of the people notice. */
  tastersForHalf: number | null;
}

function shownBy(kind: TestKind, tasters: number): Shown {
  const noticing = leastShown(kind, tasters);
  return {
    correct: noticing === null ? null : neededCorrect(kind, tasters),
    noticing,
    tastersForHalf: tastersNeeded(kind, 0.5),
  };
}

/**
 * Codes and serving orders of a tasting, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function tastePlanRequest(value: unknown): TastePlanned {
  const { samples, tasters, seed, each } = checked(planSchema, value);
  const { codes, orders } = servingPlan(samples, tasters, seed, each);
  return {
    codes: Object.fromEntries(codes.map((code, i) => [String(i + 1), code])),
    orders: orders.map((order) => order.map((one) => codes[one] ?? '')),
    shows: {
      triangle: shownBy('triangle', tasters),
      paired: shownBy('paired', tasters),
      'paired-directed': shownBy('paired-directed', tasters),
    },
  };
}
