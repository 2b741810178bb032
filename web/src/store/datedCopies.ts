const dated = /^cobbet-book-(\d{4}-\d\d-\d\d)\.(?:json|zip)$/;
const dayMs = 86_400_000;

/** Of the last days each is kept, of the last weeks one each, of the last year's months one each. */
const kept = { days: 7, weeks: 5, months: 12 } as const;

/** What a copy of a day is called. */
export const copyName = (day: string, ending: string): string => `cobbet-book-${day}.${ending}`;

/**
 * Dated copies that are no longer needed: the latest of every recent day, week and month stays, and what is not a copy is left alone.
 *
 * @param names of the files in the folder
 * @param today local date
 */
export function copiesToDrop(names: readonly string[], today: string): string[] {
  const copies = names.flatMap((name) => {
    const [, day] = dated.exec(name) ?? [];
    return day === undefined ? [] : [{ name, day }];
  });
  const stays = new Set<string>();
  const keepOneEach = (spanOf: (day: string) => string, most: number) => {
    const latest = new Map<string, string>();
    for (const { day } of copies) {
      const span = spanOf(day);
      if (day > (latest.get(span) ?? '')) latest.set(span, day);
    }
    const spans = [...latest].sort(([a], [b]) => b.localeCompare(a)).slice(0, most);
    for (const [, day] of spans) stays.add(day);
  };
  const week = (day: string) =>
    String(Math.floor((Date.parse(`${day}T00:00Z`) / dayMs + 3) / 7)).padStart(8, '0');
  keepOneEach((day) => day, kept.days);
  keepOneEach(week, kept.weeks);
  keepOneEach((day) => day.slice(0, 7), kept.months);
  return copies.filter(({ day }) => !stays.has(day) && day < today).map(({ name }) => name);
}
