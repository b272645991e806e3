import { Desk, closeBrowser } from './desk';
const desk = await Desk.withDemo('/lessons/fernhill-33/board');
const { page } = desk;
await page.getByLabel('Part of the lesson').selectOption({ label: 'Together: Write the missing /ā/ spelling' });
await page.getByRole('button', { name: 'The rule' }).click();
for (let i=0;i<5;i++) { await page.keyboard.press('PageDown'); }

await page.waitForTimeout(300);
await page.screenshot({ path: '/tmp/rule.png' });
await page.getByLabel('Play with its items').selectOption({ label: 'The vane' });
await page.getByRole('button', { name: 'Turn the vane' }).click();
await page.waitForTimeout(3200);
await page.getByRole('button', { name: 'Pen', exact: true }).click();
await page.getByRole('button', { name: 'Stamp: Well seen' }).click();
await page.mouse.click(200, 300);
await page.getByRole('button', { name: 'Stamp: Look again' }).click();
await page.getByRole('button', { name: 'Set it in the middle' }).click();
await page.screenshot({ path: '/tmp/vane.png' });
await closeBrowser();
