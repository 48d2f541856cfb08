const swc = (decorators) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', decorators },
      transform: decorators ? { legacyDecorator: true, decoratorMetadata: true } : {},
    },
    module: { type: 'es6' },
  },
];

const project = (displayName, roots, decorators = false) => ({
  displayName,
  roots,
  testMatch: ['**/*.test.ts'],
  testEnvironment: '<rootDir>/scripts/jest-environment.mjs',
  extensionsToTreatAsEsm: ['.ts'],
  transform: { '^.+\\.ts$': swc(decorators) },
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@yellowmist/(core|contract)$': '<rootDir>/$1/src/index.ts',
  },
});

export default {
  // A search for versions takes ten seconds alone, and a minute on a machine that is busy.
  testTimeout: 120_000,
  // The machine has nothing else to do meanwhile.
  maxWorkers: '100%',
  projects: [
    project('unit', ['<rootDir>/core/src', '<rootDir>/contract/src', '<rootDir>/web/src']),
    project('truth', ['<rootDir>/core/truth']),
    project('api', ['<rootDir>/server/test'], true),
  ],
};
