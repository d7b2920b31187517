/** The planner without a screen: reads an exported job file, prints {"now", "ways", "wayOut", "sure", "worthKnowing"}. */
import { planJobFile } from '../src/core/planner/headless';
import { runOnFile } from './run';

process.exitCode = runOnFile('plan', (text) => planJobFile(text, Date.now()));
