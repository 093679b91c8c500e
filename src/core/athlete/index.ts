export * from './athlete-facts';
export * from './is-enough';
export * from './know-athlete';
export * from './meets-gate';
export * from './side-difference';
export * from './trained-records';
