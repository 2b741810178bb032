import { describe, expect, jest, test } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import { later } from './later';

const Cellar = ({ jars }: { jars: number }) => <p>{jars} jars</p>;

describe('a piece fetched when it is first shown', () => {
  test('is shown with what it is given, and at once the next time', async () => {
    const load = jest.fn(() => Promise.resolve(Cellar));
    const Piece = later(load);
    render(<Piece jars={3} />);
    expect(await screen.findByText('3 jars')).toBeTruthy();
    render(<Piece jars={4} />);
    expect(screen.getByText('4 jars')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });

  test('fetched ahead it stands at once', async () => {
    const Piece = later(() => Promise.resolve(Cellar));
    jest.useFakeTimers();
    Piece.ahead();
    // where nothing is known of a page's rest it waits a moment
    await jest.advanceTimersByTimeAsync(200);
    jest.useRealTimers();
    render(<Piece jars={5} />);
    expect(screen.getByText('5 jars')).toBeTruthy();
  });

  test('what was to be fetched ahead can be taken back', async () => {
    const load = jest.fn(() => Promise.resolve(Cellar));
    jest.useFakeTimers();
    later(load).ahead()();
    await jest.advanceTimersByTimeAsync(200);
    jest.useRealTimers();
    expect(load).not.toHaveBeenCalled();
  });

  test('says that it could not be fetched, and can be asked for again', async () => {
    const load = jest.fn<() => Promise<typeof Cellar>>();
    load.mockRejectedValueOnce(new Error('no network')).mockResolvedValue(Cellar);
    const Piece = later(load);
    render(<Piece jars={3} />);
    fireEvent.click(await screen.findByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('3 jars')).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
