import { expect, test } from '@jest/globals';
import { renderHook } from '@testing-library/react';
import { useSame } from './useSame';

test('a question that says the same stays the same object, and another does not', () => {
  const first = { parts: [{ massG: 80 }], machine: 'jug blender' };
  const { result, rerender } = renderHook(useSame, { initialProps: first });
  rerender({ parts: [{ massG: 80 }], machine: 'jug blender' });
  expect(result.current).toBe(first);
  const second = { parts: [{ massG: 81 }], machine: 'jug blender' };
  rerender(second);
  expect(result.current).toBe(second);
});
