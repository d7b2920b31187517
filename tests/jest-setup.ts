import 'fake-indexeddb/auto';

// Cold transforms run inside the first test of a file.
jest.setTimeout(90_000);
