import type { WorkedIn } from '@cobbet/core/dip/dip';

/** Ways of working something in, as they are called out. */
export const howWords: Record<WorkedIn['how'], string> = {
  pulse: 'Pulse',
  long: 'Run long',
  stream: 'Stream in, running',
  scrape: 'Scrape down, run',
  stir: 'By hand',
};
