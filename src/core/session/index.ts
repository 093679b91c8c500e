export * from './blocks';
export * from './card';
