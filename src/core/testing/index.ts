export * from './one-rep-max';
export * from './one-rep-max-summary';
export * from './percent-for';
export * from './jump-height';
export * from './known-tiers';
