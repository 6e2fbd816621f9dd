import { expose } from 'comlink';
import { z } from 'zod';
import { guardedBook } from './guardedBook';
import { openWorkerBook } from './workerBook';

// The Content-Security-Policy forbids eval; zod would probe for it.
z.config({ jitless: true });

expose(guardedBook(openWorkerBook(Date.now())));
