import { alone } from './shared';
import { openDemo, station } from './helpers';
alone('walk', async ({ page }) => {
	await page.clock.install({ time: new Date('2026-03-03T10:40:00Z') });
	await openDemo(page, '/visit/hesper-oake-today/send-off');
	const say = async (l: string) => console.log(l, (await page.locator('main header').first().innerText()).replace(/\n/g, ' | '));
	await page.getByRole('button', { name: 'Record the visit' }).click();
	await page.getByRole('button', { name: 'Back to the day' }).waitFor();
	await page.clock.fastForward(8 * 7 * 24 * 3600 * 1000);
	await page.goto('/clients/hesper-oake');
	await page.getByRole('button', { name: 'New visit' }).first().click();
	await page.waitForTimeout(1500);
	console.log(page.url());
	const id = page.url();
	const names = ['Read', 'Aim', 'Lift', 'Bowls', 'Tone'];
	for (const n of names) {
		await station(page, n);
		await page.waitForTimeout(3500);
		await say(n);
		await page.screenshot({ path: `/tmp/w/n-${n}.png` });
	}
});
