/** What a taster is asked about in three directions: one is too little, three is right, five too much. */
export const justRight = 3;

/** One taster's marks of one sample. */
export interface TasteAnswer {
  taster: string;
  sample: string;
  /** 1 dislike extremely – 9 like extremely. */
  liking?: number;
  /** Just-about-right marks by attribute, 1–5. */
  jar?: Readonly<Record<string, number>>;
  /** Words that were ticked. */
  words?: readonly string[];
}

/** Liking of the samples by tasters who marked every one of them: a row a taster, a column a sample. */
export function completeBlocks(
  samples: readonly string[],
  answers: readonly TasteAnswer[],
): number[][] {
  const byTaster = new Map<string, Map<string, number>>();
  for (const { taster, sample, liking } of answers) {
    if (liking === undefined) continue;
    const own = byTaster.get(taster) ?? new Map<string, number>();
    byTaster.set(taster, own.set(sample, liking));
  }
  return [...byTaster.values()].flatMap((own) => {
    const row = samples.flatMap((sample) => own.get(sample) ?? []);
    return row.length === samples.length ? [row] : [];
  });
}
