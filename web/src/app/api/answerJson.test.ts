/** @jest-environment node */
import { describe, expect, test } from '@jest/globals';
import { BadInput } from '@cobbet/core/book/fieldError';
import { POST as analyse } from './analyse/route';
import { answerJson } from './answerJson';
import { POST as land } from './land/route';
import { POST as reading } from './reading/route';

const request = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://localhost/api/analyse', { method: 'POST', body, headers });

async function told(response: Response) {
  const { error } = (await response.json()) as { error: { field: string; message: string } };
  return { status: response.status, ...error };
}

describe('over HTTP', () => {
  const parts = [
    { ingredient: 'tahini', amount: '1/3 cup' },
    { ingredient: 'water', amount: '60 g' },
  ];

  test('analyse answers 200 with the analysis', async () => {
    const response = await analyse(request(JSON.stringify({ parts })));
    expect(response.status).toBe(200);
    expect(await response.json()).toMatchObject({ allergens: ['sesame'] });
  });

  test('land answers 200 with a landing', async () => {
    const response = await land(
      request(JSON.stringify({ parts, target: { freshBody: [5.5, 6.5] } })),
    );
    expect(response.status).toBe(200);
    expect(await response.json()).toMatchObject({ feasible: true });
  });

  test('reading answers 200 with a body', async () => {
    const response = await reading(request('{"eye":"scoops"}'));
    expect(response.status).toBe(200);
    expect(await response.json()).toMatchObject({ body: 6.8, sd: 0.5 });
  });

  test('a wrong field is 400 and named', async () => {
    const response = await analyse(request(JSON.stringify({ parts, foo: 1 })));
    expect(await told(response)).toMatchObject({ status: 400, field: 'foo' });
  });

  test('no JSON is 400', async () => {
    expect(await told(await analyse(request('{')))).toMatchObject({ status: 400, field: '' });
    expect(await told(await analyse(request('')))).toMatchObject({ status: 400 });
  });

  test('over 1 MB is 413, whether it says so or not', async () => {
    const big = JSON.stringify({ parts, pad: 'x'.repeat(1_000_001) });
    expect(await told(await analyse(request(big)))).toMatchObject({ status: 413 });
    const lying = request('{}', { 'content-length': '2000000' });
    expect(await told(await analyse(lying))).toMatchObject({ status: 413 });
  });

  test('a fault inside is 500 with a sentence and no trace', async () => {
    const response = await answerJson(request('{}'), () =>
      Promise.reject(new Error('secret path')),
    );
    const { status, message } = await told(response);
    expect(status).toBe(500);
    expect(message).not.toContain('secret');
    const refused = await answerJson(request('{}'), () => Promise.reject(new BadInput('a', 'b')));
    expect(await told(refused)).toEqual({ status: 400, field: 'a', message: 'b' });
  });
});
