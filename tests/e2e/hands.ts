/** What a parent's eyes and hands do on any sheet: read the title block, go by Tab, type, fill in a date. */
import { expect, type Page } from '@playwright/test';

/** The number in the title block. */
export async function revision(page: Page): Promise<number> {
  return Number(
    await page
      .getByLabel('Title block')
      .locator('dt', { hasText: 'Revision' })
      .locator('xpath=following-sibling::dd')
      .innerText(),
  );
}

/** Waits until the sheet shows this revision. */
export async function atRevision(page: Page, n: number): Promise<void> {
  await expect.poll(() => revision(page), { intervals: [50] }).toBe(n);
}

/** Goes to a control with Tab alone, as someone without a mouse does. */
export async function tabTo(
  page: Page,
  name: string | RegExp,
  role:
    'button' | 'link' | 'textbox' | 'checkbox' | 'radio' | 'spinbutton' | 'combobox' | 'gridcell' = 'button',
): Promise<void> {
  const target = page.getByRole(role, { name }).first();
  await expect(target).toBeVisible();
  for (let i = 0; i < 150; i++) {
    if (await target.evaluate((e) => e === document.activeElement || e.contains(document.activeElement)))
      return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never reaches ${role} “${String(name)}”`);
}

/** Tabs to a button or link and presses Enter. */
export async function enter(
  page: Page,
  name: string | RegExp,
  role: 'button' | 'link' = 'button',
): Promise<void> {
  await tabTo(page, name, role);
  await page.keyboard.press('Enter');
}

/** Tabs to a text field and types into it over what is there. */
export async function type(page: Page, label: string | RegExp, text: string): Promise<void> {
  await tabTo(page, label, 'textbox');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.press('Delete');
  await page.keyboard.insertText(text);
}

/** Types a date, day, month and year, into a date field. */
export async function typeDate(page: Page, label: string, date: string): Promise<void> {
  const [year, month, day] = date.split('-');
  const first = page.getByRole('group', { name: label }).getByRole('spinbutton').first();
  for (let i = 0; i < 150 && !(await first.evaluate((e) => e === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await expect(first).toBeFocused();
  await page.keyboard.type(`${day}${month}${year}`, { delay: 15 });
}
