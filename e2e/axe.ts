/** axe on a page: every violation as one readable line. */
import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from 'playwright-core';

export async function violations(page: Page, within?: string): Promise<string[]> {
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
