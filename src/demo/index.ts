export { makeDemo } from './makeDemo';
