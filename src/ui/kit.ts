// The one door to React Native Elements: deep imports, so that only what is used is bundled.
export { default as RneButton } from '@rneui/themed/dist/Button';
export { ThemeProvider, createTheme } from '@rneui/themed/dist/config';
