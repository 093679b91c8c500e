export * from './dose-text';
