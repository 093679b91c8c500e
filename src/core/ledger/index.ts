export * from './knee-hip';
export * from './led-by';
export * from './read-ledger';
