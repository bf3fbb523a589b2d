import { expect, test, type Page } from '@playwright/test';
import { accessible, answer, openDemo, saved } from './helpers';

const main = (page: Page) => page.getByRole('main');
const locks = (page: Page) => main(page).getByRole('list', { name: 'Every section now' });

/** Starts the service of the client in the chair, with a clock in hand. */
async function start(page: Page): Promise<void> {
	await page.clock.install();
	await openDemo(page);
	await page.goto('/visit/hesper-oake-today/chair');
	await main(page).getByRole('button', { name: 'Start' }).click();
	await expect(locks(page).getByRole('listitem')).toHaveCount(11);
}

test('section by section: one tap each, a late one moves the rest, a reload loses nothing', async ({
	page
}) => {
	await start(page);
	await expect(answer(page)).toContainText('Putting on nape');
	const nape = locks(page).getByRole('button', { name: /nape/ });
	await expect(nape).toContainText('being put on');
	await accessible(page);
	// Ten minutes where six were planned: what comes after is told so.
	await page.clock.fastForward('10:00');
	await expect(answer(page)).toContainText('to be on now');
	await main(page).getByRole('button', { name: 'nape is on' }).click();
	await expect(page.getByText('nape is on.')).toBeVisible();
	await expect(nape).toContainText('on');
	const putting = main(page).getByRole('region', { name: 'Putting on' });
	await expect(putting).toContainText('back 1');
	await expect(putting).toContainText('4 min later than planned');
	// A tap too many is taken back; Enter does the same as the bar.
	await page.keyboard.press('Enter');
	await expect(putting.getByRole('heading')).toHaveText('back 2');
	await page.keyboard.press('Control+z');
	await expect(putting.getByRole('heading')).toHaveText('back 1');
	// The page is killed and comes back nine minutes later.
	await saved(page);
	await page.clock.fastForward('09:00');
	await page.reload();
	await expect(putting.getByRole('heading')).toHaveText('back 1');
	await expect(putting).toContainText(/[67] min later than planned/);
	await expect(nape).toContainText(/1[0-9] ?min/);
	// Who does not want to tap lets the plan lead.
	await main(page).getByRole('switch', { name: 'Follow the plan untapped' }).click();
	await expect(putting.getByRole('heading')).not.toHaveText('back 1');
});

test('all on: what lies is watched, called when it is due, and stays as it was when it came off', async ({
	page
}) => {
	await start(page);
	for (let i = 0; i < 11; i++) {
		await page.clock.fastForward('04:00');
		await main(page)
			.getByRole('button', { name: / is on$/ })
			.click();
	}
	await expect(main(page).getByRole('region', { name: 'Putting on' })).toBeHidden();
	await expect(main(page).getByText(/^All on at 4\d(\.\d)? min/)).toBeVisible();
	await page.clock.fastForward('12:00');
	// Past its limit comes before what is only ready.
	await expect(answer(page)).toContainText(/Take .* off\s+now/);
	const nape = locks(page).getByRole('button', { name: /nape/ });
	await nape.click();
	const looked = main(page).getByRole('region', { name: 'The section that is looked at' });
	await expect(looked).toContainText('nape');
	await accessible(page);
	await looked.getByRole('button', { name: 'It is off' }).click();
	await expect(nape).toContainText('off');
	await nape.click();
	await expect(looked).toContainText(/when it came off, at \d+ min\./);
	const then = await looked.locator('p').first().innerText();
	await page.clock.fastForward('08:00');
	await expect(looked.locator('p').first()).toHaveText(then);
	await looked.getByRole('button', { name: 'It is not off' }).click();
	await expect(nape).toContainText('past its limit');
	// The clock is never blocked, and the rinse ends it.
	await main(page).getByRole('button', { name: 'Rinsed, go to Tone' }).click();
	await expect(page).toHaveURL(/tone$/);
});

test('on a phone the bar that is tapped is in sight, and nothing scrolls sideways', async ({
	page
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await start(page);
	const bar = main(page).getByRole('button', { name: 'nape is on' });
	const box = (await bar.boundingBox())!;
	expect(box.y + box.height).toBeLessThan(844 - 96);
	expect(box.height).toBeGreaterThanOrEqual(64);
	expect(
		await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
	).toBeLessThanOrEqual(0);
	await accessible(page);
});
