export * from './stations';
export * from './set-parts';
