// npm run -s core -- <function> '<json>': see docs/core.md.
import { ensurePackages, bin, run } from './run.mjs';

ensurePackages({ quiet: true });
const { prepare } = await import('./prepare.mjs');
prepare();
const [node, tsx] = bin('tsx/dist/cli.mjs');
process.exit(run(node, [tsx, 'scripts/core-cli.ts', ...process.argv.slice(2)], { tolerate: true }));
