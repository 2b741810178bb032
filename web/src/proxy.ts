import { type NextRequest, NextResponse } from 'next/server';
import { isAllowed } from './server/allowed';

/** Answers only who may ask; gives every page a nonce of its own and a policy that runs nothing else and reaches nothing outside the origin. */
export function proxy(request: NextRequest) {
  if (!isAllowed(request.headers, process.env['COBBET_HOSTS'])) {
    const message =
      'Cobbet answers only under its own name and to its own pages. README.md says how to let a kitchen’s tablets in.';
    return NextResponse.json({ error: { field: '', message } }, { status: 403 });
  }
  if (request.nextUrl.pathname.startsWith('/api/')) return NextResponse.next();
  const nonce = btoa(crypto.randomUUID());
  const dev = process.env.NODE_ENV === 'development';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'${dev ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' ${dev ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('Content-Security-Policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  return response;
}

export const config = {
  matcher: [
    {
      source:
        '/((?!_next/static|_next/image|sw.js|manifest.webmanifest|icon-|sample-book.json|icon.svg).*)',
    },
  ],
};
