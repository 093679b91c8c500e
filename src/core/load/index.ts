export * from './week-load';
