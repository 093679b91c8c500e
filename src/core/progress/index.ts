export * from './exposure';
export * from './range';
export * from './change';
export * from './next-dose';
export * from './after-layoff';
