// Cold transforms run inside the first test of a file.
jest.setTimeout(90_000);

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual('@react-native-async-storage/async-storage/jest/async-storage-mock'),
);
