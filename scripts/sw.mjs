/** Writes dist/sw.js: everything the app is made of is kept on the device after the first visit. */
import { generateSW } from 'workbox-build';

const { count, size, warnings } = await generateSW({
  globDirectory: 'dist',
  swDest: 'dist/sw.js',
  inlineWorkboxRuntime: true,
  sourcemap: false,
  globPatterns: ['**/*.{html,js,css,ttf,png,svg,webmanifest}'],
  // Fonts lie under dist/assets/node_modules, which the default would skip.
  globIgnores: ['**/*.map', 'sw.js'],
  maximumFileSizeToCacheInBytes: 8 << 20,
  dontCacheBustURLsMatching: /[.-][0-9a-f]{32}/,
  navigateFallback: '/index.html',
  navigateFallbackDenylist: [/^\/instruments/, /\/[^/?]+\.[^/]+$/, /^\/healthz/],
  cleanupOutdatedCaches: true,
  clientsClaim: true,
  skipWaiting: false,
});
process.stdout.write(`Offline copy: ${count} files, ${Math.round(size / 1024)} kB\n`);
if (warnings.length > 0) {
  process.stderr.write(`${warnings.join('\n')}\n`);
  process.exitCode = 1;
}
