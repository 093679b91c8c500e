export * from './day';
export * from './match-tags';
export * from './gym-days';
