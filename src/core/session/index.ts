export * from './card';
