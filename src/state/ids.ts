import { customAlphabet } from 'nanoid/non-secure';

const LETTERS = '0123456789abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const LENGTH = 12;

/** An id for a job or an item: letters and digits, so that it can stand in an address and a file name. */
export const newId: () => string = customAlphabet(LETTERS, LENGTH);
