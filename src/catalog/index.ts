export { EXERCISES, LIBRARY } from './library';
export { LADDERS } from './ladders';
export { SPORTS } from './sports';
export { METHOD } from './method';
