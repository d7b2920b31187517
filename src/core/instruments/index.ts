/** What instruments tell: heard, believed or not, and taken into a field. The stand-ins that speak for them are no part of the app and stand beside it. */
export * from './arcByAmps';
export * from './listen';
