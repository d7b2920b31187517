/** How rods are kept: ovens, clocks, what a damp rod brings. This is what screens, workers and command line see of it. */
export { reminders, tinVerdict, type TinState } from './verdict';
