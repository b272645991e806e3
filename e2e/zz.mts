import { closeBrowser, Desk } from './desk';
const desk = await Desk.open(); const { page } = desk;
await desk.go('/demo'); await page.waitForURL('**/words');
const shoot = async (n:string)=>{ await page.waitForTimeout(900); await page.screenshot({path:`/tmp/s-${n}.png`}); };
await desk.go('/words?word=tear'); await page.getByRole('dialog').getByText('Meaning').first().waitFor(); await shoot('card');
await desk.go('/words?sound=any&knows=any&syllables=any&opposites=1'); await shoot('opp');
await desk.go('/words?word=gun'); await page.getByRole('dialog').getByText('kept back').first().waitFor(); await page.getByText('kept back').scrollIntoViewIfNeeded(); await shoot('gun');
console.log(desk.faults); await closeBrowser();
