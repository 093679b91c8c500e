export * from './knee-hip';
