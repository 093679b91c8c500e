export * from './change';
export * from './history';
export * from './next-dose';
export * from './progress-case';
export * from './range';
export * from './settle';
export { asksForTest } from './raise-by-response';
