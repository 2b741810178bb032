import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import { unstampedLineage } from '@cobbet/core/book/unstampedLineage';
import { bookOf, dip, trial } from '../../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import type { KeptReading } from '@cobbet/core/readings/keptReading';
import type { Trial } from '@cobbet/core/book/trial';
import { calibrate } from '@cobbet/core/readings/calibrate';
import { closeBook, useBook } from '@/store/bookStore';
import { KitchenWords } from './KitchenWords';
import { TestGear } from './TestGear';
import { useResiduals } from './useResiduals';

let names = 0;
const row = { planned: null, amount: '', cv: 0.02, place: 'bowl' as const };
const read = (word: 'scoops' | 'spreads' | 'pours', takenAt: string): KeptReading => ({
  taken: { eye: word },
  atC: null,
  when: 'machine',
  takenAt,
  leftOut: false,
});
const made = (id: string, readings: KeptReading[]): Trial =>
  trial(id, 'a', {
    readings,
    rows: [
      { ...row, ingredientId: 'chickpeas-cooked', massG: 300 },
      { ...row, ingredientId: 'water', massG: 90 },
    ],
  });

beforeEach(async () => {
  await useBook.getState().open(`kit-${(names += 1)}`);
  const book = bookOf([dip('a')]);
  const lineage = unstampedLineage(book);
  await useBook.getState().replaceBook('Begin', { book, lineage, isOther: true });
});
afterEach(() => {
  cleanup();
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('readings against what was expected', () => {
  test('come the latest first, each held against all others', async () => {
    await useBook
      .getState()
      .act('Trials', () => [
        put('trials', made('1', [read('scoops', '2026-05-01T10:00:00.000Z')])),
        put('trials', made('2', [read('scoops', '2026-05-09T10:00:00.000Z')])),
        put('trials', made('3', [read('pours', '2026-05-05T10:00:00.000Z')])),
      ]);
    const { result } = renderHook(() => useResiduals('food-processor'));
    expect(renderHook(() => useResiduals('whisk')).result.current.all).toBe(0);
    expect(result.current.all).toBe(3);
    expect(result.current.shown.map(({ trial: { id } }) => id)).toEqual(['2', '3', '1']);
    const [second, odd] = result.current.shown;
    // the two that agree pull the expectation of the third up, it pulls theirs down
    expect(odd?.off ?? 0).toBeLessThan(-2);
    expect(second?.expected ?? NaN).toBeLessThan(odd?.expected ?? NaN);
  });
});

describe('in words', () => {
  const evidence = (difference: number, waterOutside: number, n: number) =>
    Array.from({ length: n }, () => ({
      formulaId: 'a',
      modelBody: 7,
      waterOutside,
      difference,
      variance: 0.05,
    }));

  test('which way the kitchen differs, by how much, how sure, and how many are left out', () => {
    render(<KitchenWords calibration={calibrate(evidence(-0.8, 1, 6))} readings={8} />);
    expect(screen.getByText(/^0\.4 looser, ± 0\.\d$/)).toBeTruthy();
    expect(screen.getByText(/^as the model says, ± 0\.5$/)).toBeTruthy();
    expect(screen.getByText(/6 readings teach, 2 left out/)).toBeTruthy();
  });

  test('one reading is one', () => {
    render(<KitchenWords calibration={calibrate(evidence(0.6, 0, 1))} readings={1} />);
    expect(screen.getByText(/1 reading teaches/)).toBeTruthy();
    expect(screen.getByText(/stiffer/)).toBeTruthy();
  });
});

describe('ring and press', () => {
  const ring = () => useBook.getState().book.settings.get('settings')?.kit.ring.ringMm;

  test('a size is kept when its field is left, one that can’t be is not', async () => {
    render(<TestGear />);
    const field = screen.getByLabelText('Ring, inside');
    fireEvent.change(field, { target: { value: '60' } });
    expect(ring()).toBe(50);
    fireEvent.blur(field);
    await waitFor(() => expect(ring()).toBe(60));
    fireEvent.change(field, { target: { value: '1' } });
    fireEvent.blur(field);
    expect(screen.getByText('Between 10 and 300 mm.')).toBeTruthy();
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(ring()).toBe(60);
  });
});
