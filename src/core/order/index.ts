export * from './timeline';
export * from './check-pairs';
export * from './room';
