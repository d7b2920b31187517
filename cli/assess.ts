/** The core without a screen: reads an exported job file, prints {"rooms", "levers", "plan"}. */
import { assessJobFile } from '../src/core/plan/headless';
import { runOnFile } from './run';

process.exitCode = runOnFile('assess', (text) => assessJobFile(text, Date.now()));
