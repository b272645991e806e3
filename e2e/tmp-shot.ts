import { Desk, closeBrowser } from './desk';
const desk = await Desk.withDemo('/lessons');
const { page } = desk;
page.on('console', (m) => m.type() === 'error' && console.log(m.text()));
await page.getByRole('link', { name: 'Long a in the storm log' }).click();
await page.getByRole('link', { name: 'Results' }).click();
await page.getByRole('button', { name: 'Rehearse with made-up answers' }).click();
await page.getByRole('heading', { name: 'What to teach next' }).waitFor();
await page.waitForTimeout(800);
await page.screenshot({ path: '/tmp/s1.png' });
await page.screenshot({ path: '/tmp/s2.png', fullPage: true });
await page
  .getByRole('button', { name: /^Make a practice: / })
  .first()
  .click();
await page.waitForTimeout(1500);
await page.screenshot({ path: '/tmp/s3.png' });
await closeBrowser();
