import {
  massUnitsG,
  type Measure,
  metricVolumesMl,
  type Result,
  type Unreadable,
} from '../amounts/amount';
import { type MeasureSystem, systemVolumesMl, unsizedCanG } from '../amounts/measureSystem';
import { measuringCv } from '../amounts/measuringCv';
import { z90 } from '../statistics/spread';
import { parseAmount } from '../amounts/parseAmount';
import type { Range } from '../statistics/range';
import type { RawYield } from './rawYields/rawYield';
import { pieceWord } from '../amounts/printAmount';

/** A raw amount in g, with how far the raw mass itself may be off, as shares of it. */
export interface RawAmount {
  massG: number;
  spread: Range;
}

const sure: Range = { low: 1, typical: 1, high: 1 };

function pieceOf(measure: Measure, way: RawYield): Range | null {
  const { unit, piece = '', size } = measure;
  const words = Object.keys(way.pieceG);
  const [usual] = words;
  const word = unit === 'bunch' ? 'bunch' : unit === 'can' ? 'can' : piece;
  // a bulb of garlic is also called a head of it
  const named = word === 'head' && words.includes('bulb') ? 'bulb' : word;
  if (size !== undefined && way.pieceG[`${size} ${named}`]) {
    return way.pieceG[`${size} ${named}`] ?? null;
  }
  if (named === '' && usual !== undefined) return way.pieceG[usual] ?? null;
  return way.pieceG[named] ?? null;
}

function volumeMl(unit: Measure['unit'], system: MeasureSystem): number | null {
  if (unit in metricVolumesMl) return metricVolumesMl[unit as keyof typeof metricVolumesMl];
  const volumes = systemVolumesMl[system];
  return unit in volumes ? volumes[unit as keyof typeof volumes] : null;
}

function termG(
  measure: Measure,
  way: RawYield,
  system: MeasureSystem,
): { massG: number; spread: Range } | null {
  const { unit, value, packageSize } = measure;
  if (unit in massUnitsG) {
    return { massG: value * massUnitsG[unit as keyof typeof massUnitsG], spread: sure };
  }
  if (unit === 'can' && way.pieceG['can']) {
    const size =
      packageSize && packageSize.unit in massUnitsG
        ? packageSize.value * massUnitsG[packageSize.unit as keyof typeof massUnitsG]
        : unsizedCanG(system);
    return { massG: value * size, spread: sure };
  }
  const ml = volumeMl(unit, system);
  if (ml !== null && way.rawGPerMl !== undefined) {
    const off = Math.exp(z90 * measuringCv.cupOfPieces);
    return {
      massG: value * ml * way.rawGPerMl,
      spread: { low: 1 / off, typical: 1, high: off },
    };
  }
  if (unit !== 'piece' && unit !== 'bunch') return null;
  const piece = pieceOf(measure, way);
  if (!piece) return null;
  const spread = {
    low: piece.low / piece.typical,
    typical: 1,
    high: piece.high / piece.typical,
  };
  return { massG: value * piece.typical, spread };
}

/**
 * Reads an amount of a raw thing: by weight, or counted in the pieces it comes in.
 *
 * @param text such as `150 g`, `3 lemons`, `2 x 400 g cans`, `1 bunch`
 * @returns g with the spread of the pieces, or which part can't be read and what would do
 */
export function readRaw(
  text: string,
  way: RawYield,
  system: MeasureSystem,
): Result<RawAmount, Unreadable> {
  const words = Object.keys(way.pieceG).flatMap((one) => one.split(' '));
  const amount = parseAmount(text, words);
  if (!amount.ok) return amount;
  if (amount.value.kind === 'toTaste') {
    return { ok: false, error: { part: text, message: 'Say how much there is of it.' } };
  }
  let massG = 0;
  const spread = { low: 0, high: 0 };
  for (const term of amount.value.terms) {
    const read = termG(term, way, system);
    if (!read) {
      const pieces = Object.keys(way.pieceG);
      const ways =
        pieces.length > 0 ? `weigh it, or count ${pieceWord(pieces[0] ?? '', 2)}` : 'weigh it';
      return {
        ok: false,
        error: { part: text, message: `${way.raw} can't be measured so: ${ways}.` },
      };
    }
    massG += read.massG;
    spread.low += read.massG * read.spread.low;
    spread.high += read.massG * read.spread.high;
  }
  if (!(massG > 0)) {
    return { ok: false, error: { part: text, message: 'It must be more than nothing.' } };
  }
  return {
    ok: true,
    value: {
      massG,
      spread: { low: spread.low / massG, typical: 1, high: spread.high / massG },
    },
  };
}
