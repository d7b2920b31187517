/**
 * Everything that checks what comes from outside the running app: stored records, chosen files, tables, words off a rod. It carries the schema
 * library, the heaviest part of the app, so it is fetched beside the first page and from this one place only: fetched from
 * two, the bundler would put it into what every page loads first.
 */
export { readChemistryCsv } from '@core/formats/chemistryCsv';
export { writeCsv } from '@core/formats/csv';
export { readTinsCsv, writeTinsCsv } from '@core/rods/word';
export {
  readJobRecord,
  readKitRecord,
  readPage,
  readSetAside,
  readSettings,
  whyNotJob,
  whyNotKit,
  whyNotSettings,
} from './record';
export { decodeRod } from '@core/rods/word';
