/** Chromium and its driver, installed from Debian's packages where they are missing. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

export function needBrowser() {
  if (existsSync('/usr/bin/chromium') && existsSync('/usr/bin/chromedriver')) return;
  process.stdout.write('Installing Chromium and ChromeDriver...\n');
  const apt = (args) =>
    spawnSync(
      process.getuid?.() === 0 ? 'apt-get' : 'sudo',
      [...(process.getuid?.() === 0 ? [] : ['apt-get']), ...args],
      {
        stdio: 'inherit',
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      },
    ).status;
  if (apt(['update', '-qq']) !== 0 || apt(['install', '-y', '-qq', 'chromium', 'chromium-driver']) !== 0) {
    process.stderr.write('Install the Debian packages chromium and chromium-driver, then run this again.\n');
    process.exit(1);
  }
}
