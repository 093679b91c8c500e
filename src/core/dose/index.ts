export * from './dose';
export * from './loadable';
export * from './implement-load';
export * from './choose-dose';
export * from './prescribe-load';
export * from './check-percent';
export * from './hard-sets';
export * from './plate-change';
