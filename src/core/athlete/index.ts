export * from './athlete-facts';
export * from './meets-gate';
