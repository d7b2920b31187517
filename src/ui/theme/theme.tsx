import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useWindowDimensions } from 'react-native';
import { createTheme, ThemeProvider } from '../kit';
import { CORNER, FONTS, PALETTES, STROKE, TARGET, WIDE_FROM, type Palette } from './tokens';

const PaletteContext = createContext<Palette>(PALETTES.daylight);

/** The colours of the theme in force. */
export const usePalette = (): Palette => useContext(PaletteContext);

/** True where rail, work and rooms stand side by side. */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE_FROM;

/** The component library in our colours, type and sizes. */
const dress = (palette: Palette, name: keyof typeof PALETTES) =>
  createTheme({
    mode: name === 'dark' ? 'dark' : 'light',
    lightColors: { primary: palette.act, background: palette.ground },
    darkColors: { primary: palette.act, background: palette.ground },
    components: {
      Text: { style: { fontFamily: FONTS.text, color: palette.ink } },
      Button: {
        buttonStyle: { minHeight: TARGET, borderRadius: CORNER, borderWidth: STROKE, paddingHorizontal: 14 },
        titleStyle: { fontFamily: FONTS.display, fontSize: 20 },
      },
    },
  });

/** Lays the theme over the app: our colours, and the component library dressed in them. */
export function Theme({ name, children }: { name: keyof typeof PALETTES; children: ReactNode }) {
  const palette = PALETTES[name];
  const elements = useMemo(() => dress(palette, name), [palette, name]);
  return (
    <PaletteContext.Provider value={palette}>
      <ThemeProvider theme={elements}>{children}</ThemeProvider>
    </PaletteContext.Provider>
  );
}
