export * from './knee-hip';
export * from './led-by';
