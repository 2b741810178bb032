import { changeIn } from '@cobbet/core/dip/nudges';
import { type Figures, targetFigure, wordFor } from '@cobbet/core/mix/figures';
import { isBody, type TargetName } from '@cobbet/core/mix/targets';
import type { Consequences, Proposal } from '@cobbet/core/proposal/proposal';
import { bodyFigure } from './bodyText';

/** A figure before a proposal is taken and after it, in words. */
export interface FigureChange {
  name: TargetName;
  label: string;
  from: string;
  to: string;
}

const labels: Record<TargetName, string> = {
  warmBody: 'in the machine',
  freshBody: 'fresh',
  pastaBody: 'on pasta',
  servedBody: 'at the table',
  chilledBody: 'chilled',
  saltG: 'salt',
  acidG: 'sour',
  garlicG: 'garlic',
  massG: 'makes',
  volumeMl: 'fills',
  fatG: 'fat',
  sugarsG: 'sweet',
  heat: 'heat',
  bitter: 'bitter',
  savoury: 'savour',
  costEur: 'costs',
};
const units: Record<TargetName, string> = {
  warmBody: '',
  freshBody: '',
  pastaBody: '',
  servedBody: '',
  chilledBody: '',
  saltG: ' g',
  acidG: ' g',
  garlicG: ' g',
  massG: ' g',
  volumeMl: ' ml',
  fatG: ' g',
  sugarsG: ' g',
  heat: '',
  bitter: '',
  savoury: '',
  costEur: ' per 100 g',
};
const decimals = (name: TargetName) => (name === 'massG' || name === 'volumeMl' ? 0 : 2);

function figureText(name: TargetName, figures: Figures): string {
  const value = targetFigure(name, figures);
  if (isBody(name)) return value === null ? 'crumbs' : bodyFigure(value);
  return (value ?? 0).toFixed(decimals(name));
}

function endText(name: TargetName, figures: Figures): string {
  const text = figureText(name, figures);
  const word = isBody(name) ? wordFor(targetFigure(name, figures)) : null;
  return word ? `${text}, ${word}` : `${text}${units[name]}`;
}

/** Figures of a proposal, before and after. */
export function figureChanges(
  { before, after }: Pick<Proposal, 'before' | 'after'>,
  names: readonly TargetName[],
): FigureChange[] {
  return names.map((name) => ({
    name,
    label: labels[name],
    from: figureText(name, before),
    to: endText(name, after),
  }));
}

/** Less than this moves nothing that can be tasted, g per 100 g. */
const leastMoved = 0.02;

/** Whether a proposal moves a figure so far that it is worth a word. */
export function moves(name: TargetName, { before, after }: Proposal): boolean {
  return Math.abs(changeIn(name, before, after) ?? 0) > leastMoved;
}

/** What a proposal brings along beside its figures, in words; empty where it is nothing. */
export function consequenceWords({
  allergensGained,
  allergensLost,
  dietsGained,
  dietsLost,
  dietsToCheck,
  keepDays,
  overfillMl,
}: Consequences): string[] {
  return [
    ...(allergensGained.length > 0 ? [`adds ${allergensGained.join(', ')}`] : []),
    ...(allergensLost.length > 0 ? [`no ${allergensLost.join(', ')} any more`] : []),
    ...dietsLost.map((diet) => `no longer ${diet}`),
    ...dietsToCheck.map((diet) => `${diet} only if the label says so`),
    ...dietsGained.map((diet) => `now ${diet}`),
    ...(keepDays.after !== keepDays.before
      ? [`keeps ${keepDays.after} days, not ${keepDays.before}`]
      : []),
    ...(overfillMl > 0.5 ? [`${overfillMl.toFixed(0)} ml more than the machine holds`] : []),
  ];
}

/** What it costs more or saves, in words. */
export function costWords({ costEur }: Consequences): string {
  if (Math.abs(costEur) < 0.005) return 'costs next to nothing';
  return costEur > 0 ? `€ ${costEur.toFixed(2)}` : `saves € ${(-costEur).toFixed(2)}`;
}
