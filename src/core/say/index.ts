/** Reads a sentence of the trade into the fields of a job. */
export { editsOf, readSentence, type Ask, type Chip, type Raised, type Said } from './read';
