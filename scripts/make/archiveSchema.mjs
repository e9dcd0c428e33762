import 'reflect-metadata';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ARCHIVE_SCHEMA } from '../../apps/server/dist/archive/archiveSchema.js';
import { root } from '../run/lib.mjs';

/** The schema of an archive as a file of the documents: npm run schemas; a test compares. */
writeFileSync(join(root, 'docs/archive.schema.json'), `${JSON.stringify(ARCHIVE_SCHEMA, null, 2)}\n`);
