export * from './card';
export * from './athlete-line';
