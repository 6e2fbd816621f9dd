export { makeDemo, DEMO_SEED } from './makeDemo';
