export * from './brief';
export * from './context';
export * from './judge-option';
export * from './solve-card';
export * from './assess-card';
export { hasKit } from './options';
export type { Swap } from './find-swaps';
