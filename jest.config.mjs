const swc = (react) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2023',
      parser: { syntax: 'typescript', tsx: true },
      ...(react ? { transform: { react: { runtime: 'automatic' } } } : {}),
    },
    module: { type: 'commonjs' },
  },
];

const shared = {
  transform: { '^.+\\.(ts|tsx|mjs)$': swc(true), '^.+/node_modules/.+\\.m?js$': swc(false) },
  moduleNameMapper: {
    '^@cobbet/core/(.*\\.json)$': '<rootDir>/core/src/$1',
    '^@cobbet/core/(.*)$': '<rootDir>/core/src/$1',
    // D3 publishes .mjs, which Jest never transforms; its UMD builds hold the same code
    '^(d3-[a-z-]+|internmap)$': '<rootDir>/node_modules/$1/dist/$1.js',
    '^@/(.*)$': '<rootDir>/web/src/$1',
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(comlink|ml-[a-z-]+|is-any-array|idb|zustand|nanoid)/)',
  ],
};

/** Core, samples, scripts and command line run in Node.js; the web application in jsdom. */
const config = {
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{core,cli,samples,scripts}/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'web',
      testEnvironment: 'jsdom',
      setupFiles: ['<rootDir>/web/test/setup.ts'],
      testMatch: ['<rootDir>/web/**/*.test.{ts,tsx}'],
    },
  ],
};

export default config;
