import { expect, test } from '@jest/globals';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useHeldWhilePressed } from './useHeldWhilePressed';

const Advice = ({ says }: { says: string }) => <p>{useHeldWhilePressed(says)}</p>;
const settled = () => act(() => new Promise((done) => setTimeout(done)));

test('what comes while something is pressed is shown once it is let go', async () => {
  const { rerender } = render(<Advice says="working" />);
  rerender(<Advice says="one spoon" />);
  expect(screen.getByText('one spoon')).toBeTruthy();
  fireEvent.pointerDown(document.body);
  rerender(<Advice says="two spoons" />);
  rerender(<Advice says="three spoons" />);
  expect(screen.getByText('one spoon')).toBeTruthy();
  fireEvent.pointerUp(document.body);
  // the click that belongs to the press still meets what it was meant for
  expect(screen.getByText('one spoon')).toBeTruthy();
  await settled();
  expect(screen.getByText('three spoons')).toBeTruthy();
});

test('a press that is called off lets it come too', async () => {
  const { rerender } = render(<Advice says="one spoon" />);
  fireEvent.pointerDown(document.body);
  rerender(<Advice says="two spoons" />);
  fireEvent.pointerCancel(document.body);
  await settled();
  expect(screen.getByText('two spoons')).toBeTruthy();
});
