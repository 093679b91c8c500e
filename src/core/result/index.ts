export * from './result';
