/** axe on a page: every violation as one readable line. */
import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from 'playwright-core';

/** A colour on its way to another has a contrast that nobody sees for long: what moves and ends is waited for. */
async function settled(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const ending = document
      .getAnimations()
      .filter((each) => each.effect?.getComputedTiming().endTime !== Infinity)
      .map((each) => each.finished.catch(() => undefined));
    await Promise.race([Promise.all(ending), new Promise((done) => setTimeout(done, 2000))]);
  });
}

export async function violations(page: Page, within?: string): Promise<string[]> {
  await settled(page);
  const builder = new AxeBuilder({ page });
  const result = await (within === undefined ? builder : builder.include(within))
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  return result.violations.map(
    ({ id, help, nodes }) =>
      `${id}: ${help} — ${nodes
        .slice(0, 3)
        .map((node) => node.target.join(' '))
        .join(' | ')}`,
  );
}

/** Fails with what axe found, and where. */
export async function expectNoViolations(page: Page, view: string): Promise<void> {
  const found = await violations(page);
  if (found.length > 0) throw new Error(`${view}: ${found.join('\n')}`);
}
