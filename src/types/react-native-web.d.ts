import 'react-native';

// What the web target understands beyond the phone's own props.
declare module 'react-native' {
  interface ViewProps {
    /** Becomes data- attributes: `noprint` keeps a part off the printed sheet, `printonly` off the screen. */
    dataSet?: Record<string, string>;
  }
}
