/** A job judged without a screen, from its file. This is what the command line sees of it. */
export { assessJobFile } from './headless';
