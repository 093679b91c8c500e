export * from './exposure';
export * from './range';
export * from './change';
export * from './progress-case';
export * from './next-dose';
export * from './after-layoff';
