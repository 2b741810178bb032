import type { TasteMarks } from '../readings/tastes';
import type { Band, Targets } from '../mix/targets';

/** Seasoning of the bowl now, g per 100 g. */
interface Seasoned {
  saltG: number;
  acidG: number;
  garlicG: number;
}

/** A step a mouth can tell, g per 100 g (judgement). */
const noticed = { saltG: 0.1, acidG: 0.05, garlicG: 0.15 } as const;
const figureOf = { salt: 'saltG', sour: 'acidG', garlic: 'garlicG' } as const;

/** A band moved to where the mouth wants it: above or below what is there now by what can be tasted. */
function moved(band: Band | undefined, now: number, by: number, verdict: 'short' | 'over'): Band {
  if (verdict === 'short') {
    // where a band was asked for and is met, the mouth moves within it
    const met = band && now >= (band.low ?? 0);
    const step = met ? by / 2 : by;
    const middle = met && band.low !== null && band.high !== null ? (band.low + band.high) / 2 : 0;
    const low = Math.max(band?.low ?? 0, now + step, middle);
    return { low, high: Math.max(band?.high ?? 0, low + step) };
  }
  const high = Math.min(band?.high ?? Infinity, Math.max(0, now - by));
  return { low: Math.min(band?.low ?? 0, Math.max(0, high - 2 * by)), high };
}

/**
 * Targets with the cook's tastes laid over them: what is short must rise by what can be tasted, what is over must fall,
 * what is right stays where it is. A flat bowl wants a little salt and sour; one too sharp a little less sour.
 *
 * @param now what is in the bowl
 */
export function tasteTargets(targets: Targets, tastes: TasteMarks, now: Seasoned): Targets {
  const wanted: Targets = { ...targets };
  for (const taste of ['salt', 'sour', 'garlic'] as const) {
    const verdict = tastes[taste];
    const name = figureOf[taste];
    if (verdict === 'short' || verdict === 'over') {
      wanted[name] = moved(wanted[name], now[name], noticed[name], verdict);
    } else if (verdict === 'right' && !wanted[name]) {
      const by = Math.max(noticed[name], 0.1 * now[name]);
      wanted[name] = { low: Math.max(0, now[name] - by), high: now[name] + by };
    }
  }
  if (tastes.flat === 'over') {
    if (!tastes.salt) wanted.saltG = moved(wanted.saltG, now.saltG, noticed.saltG / 2, 'short');
    if (!tastes.sour) wanted.acidG = moved(wanted.acidG, now.acidG, noticed.acidG, 'short');
  } else if (tastes.flat === 'short' && !tastes.sour) {
    wanted.acidG = moved(wanted.acidG, now.acidG, noticed.acidG, 'over');
  }
  return wanted;
}
