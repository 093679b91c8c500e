export * from './brief';
export * from './context';
export * from './judge-option';
export * from './solve-card';
export * from './assess-card';
export { hasKit } from './fits-slot';
export type { Swap } from './find-swaps';
