export * from './timeline';
export * from './check-pairs';
