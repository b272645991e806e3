// npm run bench: sizes and speeds, as ratios where a ratio says more than milliseconds.
import { ensurePackages, bin, run } from './run.mjs';

ensurePackages();
const { prepare } = await import('./prepare.mjs');
prepare();
const [node, tsx] = bin('tsx/dist/cli.mjs');
process.exit(run(node, [tsx, 'scripts/bench.ts'], { tolerate: true }));
