export * from './athlete-facts';
export * from './is-enough';
export * from './meets-gate';
