import nextJest from 'next/jest.js';

const withNext = nextJest({ dir: './' });

export default async function config() {
  const base = await withNext({
    testEnvironment: 'node',
    // A busy machine takes longer; what hangs is still told.
    testTimeout: 30_000,
    testMatch: [
      '<rootDir>/src/**/*.test.{ts,tsx}',
      '<rootDir>/demo/**/*.test.ts',
      '<rootDir>/attack/**/*.test.ts',
      // Small files under one load, where they were gathered for this run.
      ...(process.env.GATHERED ? ['<rootDir>/test-results/suites/*.test.ts'] : []),
    ],
    // A build beside the tests writes it anew.
    modulePathIgnorePatterns: ['<rootDir>/\\.next/'],
    moduleNameMapper: {
      '^@/(.*)$': '<rootDir>/src/$1',
      '^next/(navigation|link|dynamic)$': '<rootDir>/src/testing/next/$1',
    },
  })();
  // next/jest leaves packages that ship only modern modules alone; these need lowering for Jest.
  base.transformIgnorePatterns = [
    '/node_modules/(?!(uuid|@noble/hashes|unzipit|zod)/)',
    '^.+\\.module\\.(css|sass|scss)$',
  ];
  return base;
}
