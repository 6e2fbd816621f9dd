import { provideChunk } from '@/shell/chunk';

// Each import stands alone: a literal path is what makes the bundler part it from the first screen.
provideChunk('charts', () => import('./charts'));
provideChunk('tables', () => import('./tables'));
provideChunk('forms', () => import('./forms'));
provideChunk('book', () => import('./book'));
provideChunk('dosing', () => import('./dosing'));
provideChunk('drag', () => import('./drag'));
provideChunk('practice', () => import('./practice'));
provideChunk('bench', () => import('./bench'));
provideChunk('read', () => import('./read'));
provideChunk('help', () => import('./help'));
provideChunk('keyed', () => import('./keyed'));
