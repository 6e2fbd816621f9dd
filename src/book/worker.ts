import { expose } from 'comlink';
import { z } from 'zod';
import { guardedBook } from './guardedBook';
import { storageAhead } from './storageAhead';
import { openWorkerBook } from './workerBook';

// Each module runs when something of it is first used: storage opens while the schemas are made.
const storage = storageAhead();

// The Content-Security-Policy forbids eval; zod would probe for it.
z.config({ jitless: true });

expose(guardedBook(openWorkerBook(storage, Date.now())));
