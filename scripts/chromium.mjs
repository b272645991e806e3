// Finds Debian's Chromium, and installs it where it is missing and may be.
import { spawnSync } from 'node:child_process';
import { run } from './run.mjs';

export function chromiumPath() {
  for (const name of ['chromium', 'chromium-browser', 'google-chrome']) {
    const found = spawnSync('sh', ['-c', `command -v ${name}`], { encoding: 'utf8' });
    if (found.status === 0) return found.stdout.trim();
  }
  return undefined;
}

/** Debian packages that the end-to-end tests use: the browser, and the tools that read PDFs. */
export function ensureChromium() {
  const hasPdfTools = spawnSync('sh', ['-c', 'command -v pdfinfo']).status === 0;
  if (chromiumPath() !== undefined && hasPdfTools) return;
  const root = process.getuid?.() === 0;
  const apt = (args) => {
    const command = root ? 'apt-get' : 'sudo';
    const rest = root ? args : ['-n', 'apt-get', ...args];
    return run(command, rest, {
      stdio: ['ignore', 'ignore', 'inherit'],
      tolerate: true,
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  };
  console.error('Installing Chromium and the PDF tools …');
  apt(['update']);
  const failed = apt(['install', '-y', '--no-install-recommends', 'chromium', 'poppler-utils']);
  if (failed !== 0 || chromiumPath() === undefined) {
    console.error(
      'Chromium could not be installed. Install the packages chromium and poppler-utils, then run this again.',
    );
    process.exit(1);
  }
}
