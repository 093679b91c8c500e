export * from './convert';
