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

/** Debian packages that the tests use: the browser, the tools that read PDFs, and Redis for rooms on several processes. */
export function ensureChromium() {
  const has = (command) => spawnSync('sh', ['-c', `command -v ${command}`]).status === 0;
  const complete = () => chromiumPath() !== undefined && has('pdfinfo') && has('redis-server');
  if (complete()) return;
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
  console.error('Installing Chromium, the PDF tools and Redis …');
  apt(['update']);
  const packages = ['chromium', 'poppler-utils', 'redis-server'];
  const failed = apt(['install', '-y', '--no-install-recommends', ...packages]);
  if (failed !== 0 || !complete()) {
    console.error(
      `Not everything could be installed. Install the packages ${packages.join(', ')}, then run this again.`,
    );
    process.exit(1);
  }
}
