/** Writes the demo jobs as the files an export would give: `npm run demo`. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeJobFile } from '../src/core/formats/write';
import { DEMO_JOBS } from '../src/demo/jobs';
import { DEMO_KIT } from '../src/demo/kit';

const folder = join(__dirname, '..', 'demo', 'jobs');
mkdirSync(folder, { recursive: true });
for (const job of DEMO_JOBS) writeFileSync(join(folder, `${job.id}.json`), writeJobFile(job, DEMO_KIT));
process.stdout.write(`${DEMO_JOBS.length} job files written to demo/jobs\n`);
