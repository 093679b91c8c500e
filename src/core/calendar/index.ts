export * from './day';
export * from './match-tags';
export * from './own-calendar';
export * from './gym-days';
export * from './months';
export * from './read-day';
