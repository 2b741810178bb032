import { describe, expect, test } from '@jest/globals';
import { isAllowed } from './allowed';

const asked = (headers: Record<string, string>, more?: string) =>
  isAllowed(new Headers(headers), more);

describe('who is answered', () => {
  test.each([['localhost:3000'], ['127.0.0.1:3000'], ['[::1]:3000'], ['LOCALHOST']])(
    'this machine itself, as %s',
    (host) => {
      expect(asked({ host })).toBe(true);
      expect(asked({ host, origin: `http://${host}` })).toBe(true);
    },
  );

  test.each([
    ['a name made to point here', { host: 'rowing.example:3000' }],
    ['no name', {}],
    ['another page', { host: 'localhost:3000', origin: 'http://rowing.example' }],
    ['another port', { host: 'localhost:3000', origin: 'http://localhost:4000' }],
    ['a page without an origin', { host: 'localhost:3000', origin: 'null' }],
    ['a name that only begins like it', { host: 'localhost.rowing.example' }],
  ])('not %s', (_, headers) => expect(asked(headers as Record<string, string>)).toBe(false));

  test('names the kitchen has given it, and no others', () => {
    const more = 'weir-house.example, 192.168.1.20';
    expect(asked({ host: '192.168.1.20:3000' }, more)).toBe(true);
    expect(asked({ host: 'Weir-House.example' }, more)).toBe(true);
    expect(asked({ host: '192.168.1.21:3000' }, more)).toBe(false);
    expect(asked({ host: '' }, ' , ')).toBe(false);
  });
});
