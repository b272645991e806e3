import { readFileSync, readdirSync } from 'node:fs';
import { Desk, closeBrowser } from './desk';
const desk = await Desk.open({ width: 1560, height: 900 });
const css = readdirSync('build/client/assets').filter((f) => f.endsWith('.css')).map((f) => `<link rel=stylesheet href="/assets/${f}">`).join('');
let html = '';
await desk.page.route('**/looks.html', (route) => route.fulfill({ contentType: 'text/html', body: html }));
const only = process.env['ONLY']?.split(',');
for (const [name, per, cols] of [['young', 8, 4], ['exam', 8, 4], ['log', 8, 4]] as const) {
  let cells = JSON.parse(readFileSync(`/tmp/looks-${name}.json`, 'utf8')) as string[];
  if (only) cells = cells.filter((c) => only.some((o) => c.includes(`<figcaption>${o} `)));
  for (let at = 0; at * per < cells.length; at += 1) {
    html = `<!doctype html><meta charset=utf-8>${css}<style>figure{margin:0;container-type:inline-size;background:#ccc}figcaption{font:14px sans-serif}.paper-page{background:#fff}</style><div style="display:grid;grid-template-columns:repeat(${cols},1fr);gap:8px;padding:6px;background:#888">${cells.slice(at * per, (at + 1) * per).join('')}</div>`;
    await desk.page.goto('http://127.0.0.1:4396/looks.html');
    await desk.page.waitForTimeout(500);
    await desk.page.screenshot({ path: `/tmp/L-${name}-${at}.png`, fullPage: true });
  }
}
await desk.context.close(); await closeBrowser();
