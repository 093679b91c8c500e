export * from './words';
export * from './reasons';
export * from './issues';
export * from './changes';
